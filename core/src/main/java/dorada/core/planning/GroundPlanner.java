package dorada.core.planning;

import dorada.core.antenna.AirbandWhip;
import dorada.core.antenna.AirbandWhip.Counterpoise;
import dorada.core.antenna.AirbandWhip.Radials;
import dorada.core.antenna.AirbandWhip.Skin;
import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Plate;
import dorada.core.instrument.Span;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Bandwidth;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Conductor;
import dorada.core.wire.FarField;
import dorada.core.wire.FastSweep;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Optional;

/**
 * What a made ground plane does for a whip where the carrier offers none: a fabric or composite aircraft, a plastic roof.
 * Every variant is solved from its wires in free space.
 */
public final class GroundPlanner {

    private static final int POINTS = 161;
    /** Look this much wider than the band, as a share of it on either side. */
    private static final double BEYOND = 0.4;

    private static final int AZIMUTHS = 24;
    private static final int TRIMS = 3;
    private static final double TRIM_SHARE = 0.25;
    private static final double NEAR_ENOUGH = 0.004;
    /** A finer net than this share of a wavelength is solved as closed metal on such a grid. */
    private static final double FINEST_WAVES = 1.0 / 18;
    /** Wider openings than this are no ground any more; common practice, no source. */
    private static final double WIDEST_WAVES = 0.1;

    private static final double TAB_M = 0.06;

    private GroundPlanner() {}

    /** What the other half is made of. */
    public enum Metal {
        COPPER(8960, Conductor.COPPER),
        ALUMINIUM(2700, Conductor.ALUMINIUM),
        STAINLESS(7900, Conductor.STAINLESS_STEEL);

        private final double kgPerM3;
        private final Conductor conductor;

        /** Densities: CRC Handbook of Chemistry and Physics, from memory. */
        Metal(double kgPerM3, Conductor conductor) {
            this.kgPerM3 = kgPerM3;
            this.conductor = conductor;
        }
    }

    /** The other half of the whip. */
    public sealed interface Ground {}

    /** Nothing but the tab that carries it. */
    public record Tab() implements Ground {}

    /** Wires or strips; at least one. */
    public record RadialGround(List<AirbandWhip.Radial> radials, Metal metal) implements Ground {
        public RadialGround {
            radials = List.copyOf(radials);
            if (radials.isEmpty()) {
                throw new Refusal(Refused.NO_RADIALS);
            }
        }
    }

    /** A net with the whip in its middle; sizes in metres, the opening from wire to wire. */
    public record Mesh(double lengthM, double widthM, double openingM, double wireRadiusM, Metal metal)
            implements Ground {}

    /** Sheet or foil with the whip in its middle. */
    public record Sheet(double lengthM, double widthM, double thicknessM, Metal metal) implements Ground {}

    /**
     * @param lengthM of the whip
     * @param slopeDeg from the vertical, toward azimuth 0
     * @param radiusM of the whip
     */
    public record Element(double lengthM, double slopeDeg, double radiusM) {
        public Element {
            if (!(lengthM > 0) || !(radiusM > 0) || !(Math.abs(slopeDeg) < 80)) {
                throw new Refusal(Refused.NO_SUCH_WHIP);
            }
        }
    }

    /**
     * @param lengthM of the whip for which all this holds
     * @param sweep at the connector, somewhat wider than the band
     * @param dip deepest; empty where there is none
     * @param worstSwr within the band
     * @param worstHz where that is
     * @param holds true where the whole band is under the limit
     * @param bandwidth about the dip at the limit
     * @param horizonDbi gain of vertical polarisation toward the horizon in mid band, mean over all directions
     * @param weakestDbi in the weakest direction
     * @param weakestDeg which is there, from azimuth 0
     * @param massKg of the ground plane alone
     * @param areaM2 that it covers
     * @param unknowns that were solved for
     * @param solves frequencies that were solved
     */
    public record Outcome(
            double lengthM,
            Sweep sweep,
            Optional<Dip> dip,
            double worstSwr,
            double worstHz,
            boolean holds,
            Optional<Bandwidth> bandwidth,
            double horizonDbi,
            double weakestDbi,
            double weakestDeg,
            double massKg,
            double areaM2,
            int unknowns,
            int solves) {}

    /**
     * @param lowHz of the band
     * @param highHz of the band
     * @param limitSwr that must not be exceeded within it
     * @throws IllegalArgumentException where the variant makes no sense, with the reason
     * @throws dorada.core.wire.WireException where the wires can't be solved honestly
     * @throws java.util.concurrent.CancellationException where the watch ends it
     */
    public static Outcome solve(
            Element element, Ground ground, double lowHz, double highHz, double limitSwr, Watch watch) {
        Assembly antenna = antenna(element, ground, lowHz, highHz);
        Span seen = seen(lowHz, highHz);
        FastSweep fast = AntennaSweep.of(antenna, seen.points(POINTS), watch.part(0, 0.85));
        SweepAnalysis analysis = new SweepAnalysis(fast.sweep());
        double worst = 0;
        double worstHz = lowHz;
        for (double hz : new Span(lowHz, highHz).points(POINTS)) {
            double swr = analysis.readingAt(hz).orElseThrow().swr();
            if (swr > worst) {
                worst = swr;
                worstHz = hz;
            }
        }
        Solver solver = new Solver(antenna.structure(), List.of(antenna.feed()), seen.stopHz());
        Horizon horizon =
                Horizon.of(solver.at((lowHz + highHz) / 2, watch.part(0.85, 1)).farField());
        return new Outcome(
                element.lengthM,
                fast.sweep(),
                analysis.deepestDip(),
                worst,
                worstHz,
                worst <= limitSwr,
                analysis.bandwidth(limitSwr),
                horizon.meanDbi,
                horizon.weakestDbi,
                horizon.weakestDeg,
                massKg(ground),
                areaM2(ground),
                solver.unknowns(),
                fast.solves() + 1);
    }

    /** Finds what is wrong before anything long begins; throws as {@link #solve} does. */
    public static void check(Element element, Ground ground, double lowHz, double highHz) {
        Assembly antenna = antenna(element, ground, lowHz, highHz);
        new Solver(
                antenna.structure(),
                List.of(antenna.feed()),
                seen(lowHz, highHz).stopHz());
    }

    /**
     * The same with the whip trimmed until its dip lies in mid band, as it would be in the end: each variant at its best.
     *
     * @return the outcome at the trimmed length; at the given one where no dip is in reach
     */
    public static Outcome trimmed(
            Element element, Ground ground, double lowHz, double highHz, double limitSwr, Watch watch) {
        double wanted = (lowHz + highHz) / 2;
        Element now = element;
        for (int i = 0; i < TRIMS; i++) {
            Assembly antenna = antenna(now, ground, lowHz, highHz);
            FastSweep fast = AntennaSweep.of(
                    antenna, seen(lowHz, highHz).points(POINTS), watch.part(i * TRIM_SHARE, (i + 1) * TRIM_SHARE));
            Optional<Dip> dip = new SweepAnalysis(fast.sweep()).deepestDip();
            if (dip.isEmpty() || Math.abs(dip.get().frequencyHz() / wanted - 1) < NEAR_ENOUGH) {
                break;
            }
            now = new Element(now.lengthM * dip.get().frequencyHz() / wanted, now.slopeDeg, now.radiusM);
        }
        return solve(now, ground, lowHz, highHz, limitSwr, watch.part(TRIMS * TRIM_SHARE, 1));
    }

    private static Span seen(double lowHz, double highHz) {
        if (!(lowHz > 0) || !(highHz > lowHz)) {
            throw new Refusal(Refused.BAND_WITHOUT_ENDS);
        }
        double beyond = Math.min(lowHz / 2, Math.max((highHz - lowHz) * BEYOND, 0.05 * lowHz));
        return new Span(lowHz - beyond, highHz + beyond);
    }

    private static Assembly antenna(Element element, Ground ground, double lowHz, double highHz) {
        Counterpoise counterpoise = counterpoise(ground, seen(lowHz, highHz).stopHz());
        return new AirbandWhip(
                        element.lengthM, element.slopeDeg, element.radiusM, counterpoise, Conductor.STAINLESS_STEEL)
                .assemble();
    }

    /** Gain of vertical polarisation toward the horizon. */
    private record Horizon(double meanDbi, double weakestDbi, double weakestDeg) {
        static Horizon of(FarField far) {
            double sum = 0;
            double weakest = Double.POSITIVE_INFINITY;
            double weakestDeg = 0;
            for (int i = 0; i < AZIMUTHS; i++) {
                double azimuth = 360.0 * i / AZIMUTHS;
                double gain = far.verticalGain(azimuth, 0);
                sum += gain;
                if (gain < weakest) {
                    weakest = gain;
                    weakestDeg = azimuth;
                }
            }
            return new Horizon(10 * Math.log10(sum / AZIMUTHS), 10 * Math.log10(weakest), weakestDeg);
        }
    }

    private static Counterpoise counterpoise(Ground ground, double topHz) {
        double finest = FINEST_WAVES * Wavelength.ofHz(topHz);
        if (ground instanceof RadialGround s) {
            return new Radials(s.radials, s.metal.conductor);
        }
        if (ground instanceof Mesh m) {
            double widest = WIDEST_WAVES * Wavelength.ofHz(topHz);
            if (m.openingM > widest * 1.15) {
                throw new Refusal(Refused.MESH_TOO_WIDE.of(m.openingM, widest));
            }
            return m.openingM < finest
                    ? new Skin(Plate.sheet(m.lengthM, m.widthM, finest))
                    : new Skin(new Plate(m.lengthM, m.widthM, m.openingM, m.wireRadiusM));
        }
        if (ground instanceof Sheet s) {
            return new Skin(Plate.sheet(s.lengthM, s.widthM, finest));
        }
        return Radials.even(4, TAB_M, 0.004);
    }

    /** Of the ground plane alone: wire by wire, or sheet by its thickness. */
    static double massKg(Ground ground) {
        if (ground instanceof RadialGround s) {
            return s.radials.stream()
                    .mapToDouble(r -> r.lengthM() * Math.PI * r.radiusM() * r.radiusM() * s.metal.kgPerM3)
                    .sum();
        }
        if (ground instanceof Mesh m) {
            double wireM = m.widthM * (Math.round(m.lengthM / m.openingM) + 1)
                    + m.lengthM * (Math.round(m.widthM / m.openingM) + 1);
            return wireM * Math.PI * m.wireRadiusM * m.wireRadiusM * m.metal.kgPerM3;
        }
        return ground instanceof Sheet s ? s.lengthM * s.widthM * s.thicknessM * s.metal.kgPerM3 : 0;
    }

    /** The rectangle about what lies flat. */
    static double areaM2(Ground ground) {
        if (ground instanceof RadialGround s) {
            double[] box = new double[4];
            for (AirbandWhip.Radial r : s.radials) {
                double out = r.lengthM() * Math.cos(Math.toRadians(r.droopDeg()));
                double x = out * Math.cos(Math.toRadians(r.azimuthDeg()));
                double y = out * Math.sin(Math.toRadians(r.azimuthDeg()));
                box[0] = Math.min(box[0], x);
                box[1] = Math.max(box[1], x);
                box[2] = Math.min(box[2], y);
                box[3] = Math.max(box[3], y);
            }
            return (box[1] - box[0]) * (box[3] - box[2]);
        }
        if (ground instanceof Mesh m) {
            return m.lengthM * m.widthM;
        }
        return ground instanceof Sheet s ? s.lengthM * s.widthM : 0;
    }
}
