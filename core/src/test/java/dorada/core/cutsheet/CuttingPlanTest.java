package dorada.core.cutsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.cutsheet.CuttingPlan.Bar;
import dorada.core.cutsheet.CuttingPlan.Cut;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CuttingPlanTest {

    private static Piece piece(int number, int count, double lengthM) {
        return Piece.of(number, CutWord.RADIAL.of(), count, lengthM, CutWord.WIRE.of());
    }

    @Test
    void piecesComeFromTheFewestMetresOfBar() {
        // By falling length 0.6 would go with nothing else and open a second long bar.
        CuttingPlan plan = CuttingPlan.of(
                List.of(piece(1, 1, 0.6), piece(2, 1, 0.5), piece(3, 1, 0.5), piece(4, 1, 0.4)),
                new double[] {1.0, 1.0, 3.0},
                0,
                0.02);
        assertThat(plan.missing()).isEmpty();
        assertThat(plan.bars()).hasSize(2).extracting(Bar::lengthM).containsOnly(1.0);
        assertThat(plan.wasteM()).isCloseTo(0, within(1e-9));
    }

    @Test
    void severalAntennasAreCutFromTheSameBars() {
        List<Piece> one = List.of(piece(1, 1, 0.5), piece(2, 4, 0.2));
        // 1.3 m each: alone one takes two bars of 0.9 m, two together take three.
        double[] bars = {0.9, 0.9, 0.9, 0.9};
        assertThat(CuttingPlan.of(one, bars, 0, 0.02).bars()).hasSize(2);
        CuttingPlan both =
                CuttingPlan.of(one.stream().map(p -> p.forAntennas(2)).toList(), bars, 0, 0.02);
        assertThat(both.missing()).isEmpty();
        assertThat(both.bars()).hasSize(3);
        assertThat(both.bars().stream().flatMap(b -> b.cuts().stream()).filter(c -> c.piece() == 2))
                .hasSize(8);
    }

    @Test
    void theSawTakesItsShare() {
        assertThat(CuttingPlan.of(List.of(piece(1, 2, 0.5)), new double[] {1.0}, 0.002, 0.02)
                        .missing())
                .hasSize(1);
        CuttingPlan plan = CuttingPlan.of(List.of(piece(1, 2, 0.499)), new double[] {1.0}, 0.002, 0.02);
        assertThat(plan.missing()).isEmpty();
        assertThat(plan.bars().get(0).leftM()).isCloseTo(0, within(1e-9));
    }

    @Test
    void whatIsTooLongIsNamedAndTheRestIsCut() {
        CuttingPlan plan = CuttingPlan.of(List.of(piece(1, 1, 2.0), piece(2, 1, 0.4)), new double[] {1.0}, 0, 0.02);
        assertThat(plan.missing()).extracting(Cut::piece).containsExactly(1);
        assertThat(plan.bars().get(0).cuts()).extracting(Cut::piece).containsExactly(2);
    }

    @Test
    void onlyWhatMayBeSplicedIsSpliced() {
        Piece wire = piece(1, 1, 2.5).spliceable();
        CuttingPlan plan = CuttingPlan.of(List.of(wire), new double[] {1.0, 1.0, 1.0}, 0, 0.02);
        assertThat(plan.missing()).isEmpty();
        List<Cut> parts = plan.bars().stream().flatMap(b -> b.cuts().stream()).toList();
        assertThat(parts).hasSize(3).allSatisfy(c -> assertThat(c.parts()).isEqualTo(3));
        // Two splices overlap by 2 cm each.
        assertThat(parts.stream().mapToDouble(Cut::lengthM).sum()).isCloseTo(2.54, within(1e-9));
        assertThat(CuttingPlan.of(List.of(piece(1, 1, 2.5)), new double[] {1.0, 1.0, 1.0}, 0, 0.02)
                        .missing())
                .hasSize(1);
    }

    @Test
    void whatIsCutFitsItsBarAndNothingIsLostOrDoubled() {
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            List<Piece> pieces = new ArrayList<>();
            int count = 0;
            for (int i = 1; i <= 1 + random.nextInt(5); i++) {
                int n = 1 + random.nextInt(4);
                count += n;
                pieces.add(piece(i, n, 0.1 + random.nextDouble()));
            }
            double[] stock = random.doubles(1 + random.nextInt(6), 0.3, 3).toArray();
            double kerf = random.nextInt(3) * 0.001;
            CuttingPlan plan = CuttingPlan.of(pieces, stock, kerf, 0.02);
            int cut = 0;
            for (Bar b : plan.bars()) {
                double used = b.cuts().stream().mapToDouble(Cut::lengthM).sum()
                        + (b.cuts().size() - 1) * kerf;
                assertThat(used).as("seed %d", seed).isLessThanOrEqualTo(b.lengthM() + 1e-9);
                cut += b.cuts().size();
            }
            assertThat(cut + plan.missing().size()).as("seed %d", seed).isEqualTo(count);
            assertThat(plan.bars().size()).isLessThanOrEqualTo(stock.length);
        }
    }

    /** Against every way of filling the bars, tried one by one: few enough pieces for that. */
    @Test
    void noOtherPlanTouchesLess() {
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            double[] lengths = random.doubles(5, 0.2, 1).toArray();
            double[] stock = random.doubles(3, 0.8, 2.5).toArray();
            List<Piece> pieces = new ArrayList<>();
            for (int i = 0; i < lengths.length; i++) {
                pieces.add(piece(i + 1, 1, lengths[i]));
            }
            CuttingPlan plan = CuttingPlan.of(pieces, stock, 0, 0.02);
            double touched = plan.bars().stream().mapToDouble(Bar::lengthM).sum();
            double[] best = {Double.MAX_VALUE, Double.MAX_VALUE};
            everyWay(lengths, stock, new int[lengths.length], 0, best);
            assertThat(plan.missing().size()).as("seed %d", seed).isEqualTo((int) best[0]);
            assertThat(touched).as("seed %d", seed).isCloseTo(best[1], within(1e-9));
        }
    }

    private static void everyWay(double[] lengths, double[] stock, int[] from, int i, double[] best) {
        if (i == from.length) {
            double missing = 0;
            double touched = 0;
            for (int b = 0; b < stock.length; b++) {
                double used = 0;
                for (int k = 0; k < from.length; k++) {
                    used += from[k] == b ? lengths[k] : 0;
                }
                if (used > stock[b]) {
                    return;
                }
                touched += used > 0 ? stock[b] : 0;
            }
            for (int f : from) {
                missing += f == stock.length ? 1 : 0;
            }
            if (missing < best[0] || missing == best[0] && touched < best[1]) {
                best[0] = missing;
                best[1] = touched;
            }
            return;
        }
        for (int b = 0; b <= stock.length; b++) {
            from[i] = b;
            everyWay(lengths, stock, from, i + 1, best);
        }
    }
}
