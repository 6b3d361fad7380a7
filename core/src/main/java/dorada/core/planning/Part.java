package dorada.core.planning;

import dorada.core.outcome.OutcomeId;
import dorada.core.wire.Conductor;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * Metal to buy or cut: pieces that are alike.
 *
 * @param count how many
 * @param lengthM of each
 * @param diameterM of each
 * @param material of it
 * @param isTube true where it is a tube with a wall of 1 mm, false for rod and wire
 */
public record Part(int count, double lengthM, double diameterM, Material material, boolean isTube) {

    private static final double WALL_M = 0.001;
    private static final double ALIKE_M = 0.0005;

    /** Thicker than this, a rod would be a tube. */
    private static boolean isTube(Wire w) {
        return w.radiusM() > 3 * WALL_M;
    }

    /** Densities: CRC Handbook of Chemistry and Physics, from memory; a perfect conductor is taken for copper. */
    public enum Material implements OutcomeId {
        ALUMINIUM(2700),
        STAINLESS(7900),
        COPPER(8960);

        private final double kgPerM3;

        Material(double kgPerM3) {
            this.kgPerM3 = kgPerM3;
        }

        @Override
        public String area() {
            return "material";
        }

        static Material of(Conductor c) {
            return c.equals(Conductor.ALUMINIUM) ? ALUMINIUM : c.equals(Conductor.STAINLESS_STEEL) ? STAINLESS : COPPER;
        }
    }

    /** What {@code wires} are made of, the longest first. */
    static List<Part> of(List<Wire> wires) {
        List<Part> parts = new ArrayList<>();
        for (Wire w : wires) {
            Part one = new Part(1, w.lengthM(), 2 * w.radiusM(), Material.of(w.conductor()), isTube(w));
            int at = 0;
            while (at < parts.size() && !parts.get(at).isLike(one)) {
                at++;
            }
            if (at < parts.size()) {
                Part p = parts.get(at);
                parts.set(at, new Part(p.count + 1, p.lengthM, p.diameterM, p.material, p.isTube));
            } else {
                parts.add(one);
            }
        }
        parts.sort((a, b) -> Double.compare(b.lengthM, a.lengthM));
        return parts;
    }

    private boolean isLike(Part o) {
        return Math.abs(lengthM - o.lengthM) < ALIKE_M && diameterM == o.diameterM && material == o.material;
    }

    /** Of all {@code wires} together, without insulation. */
    static double massKg(List<Wire> wires) {
        return wires.stream()
                .mapToDouble(w -> {
                    double inner = isTube(w) ? w.radiusM() - WALL_M : 0;
                    double area = Math.PI * (w.radiusM() * w.radiusM() - inner * inner);
                    return area * w.lengthM() * Material.of(w.conductor()).kgPerM3;
                })
                .sum();
    }
}
