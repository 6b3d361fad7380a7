package dorada.core.simulation;

import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.WireAntenna;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Shape;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Watch;
import java.util.Random;
import java.util.function.DoubleFunction;

/**
 * An antenna to practise on where none is at hand: wires that are solved, with a starting length, cut long as people do.
 *
 * @param antenna from its settings, in metres, to dimensions
 * @param startLengthM its adjustable length before the first change, in metres
 */
public record StandIn(Built antenna, double startLengthM) {

    /** From settings to dimensions. */
    @FunctionalInterface
    public interface Built {

        /**
         * @param lengthM the adjustable length
         * @param secondM metres by which a second piece was lengthened or moved outward; 0 where there is none
         */
        WireAntenna of(double lengthM, double secondM);
    }

    public StandIn(DoubleFunction<WireAntenna> antenna, double startLengthM) {
        this((l, second) -> antenna.apply(l), startLengthM);
    }

    /**
     * What base, coil and surroundings hide, which differs from one antenna to the next as it does from vehicle to vehicle. The
     * same seed gives the same antenna.
     */
    public static final class Chance {
        private final Random random;
        private final double wave;
        private final double hidden;
        private final double allowance;

        /** @param frequencyHz for which the antenna is made, somewhat too long */
        public Chance(double frequencyHz, long seed) {
            random = new Random(seed);
            wave = Wavelength.ofHz(frequencyHz);
            hidden = between(-0.006, 0.006) * wave;
            allowance = between(1.03, 1.07);
        }

        public double waveM() {
            return wave;
        }

        /** What counts as length but is not part of the length that one measures. */
        public double hiddenM() {
            return hidden;
        }

        /** How many times too long one begins. */
        public double allowance() {
            return allowance;
        }

        public double between(double low, double high) {
            return low + (high - low) * random.nextDouble();
        }
    }

    /**
     * As its cut sheet comes out at {@code frequencyHz}, then too long.
     *
     * @param piece the dimension that it is tuned with
     * @param hiddenM what counts as length but is not part of the length that one measures
     * @param allowance how many times too long it begins
     */
    public static StandIn ofSheet(CutKind sheet, double frequencyHz, String piece, double hiddenM, double allowance) {
        return ofSheet(sheet, frequencyHz, piece, hiddenM, allowance, piece, 0);
    }

    /** The same with a {@code second} piece that sits {@code off} metres too far outward. */
    public static StandIn ofSheet(
            CutKind sheet,
            double frequencyHz,
            String piece,
            double hiddenM,
            double allowance,
            String second,
            double off) {
        Inputs in = Inputs.usual(sheet, Math.min(Math.max(frequencyHz, sheet.lowestHz()), sheet.highestHz()));
        Shape shape = sheet.solve(in, Watch.NOBODY).shape();
        Assembly solved = sheet.assembly(in, shape).orElseThrow();
        return new StandIn(
                (l, moved) -> () -> sheet.assembly(
                                in,
                                shape.with(second, shape.get(second) + off + moved)
                                        .with(piece, l + hiddenM))
                        .orElseThrow()
                        .behindNetworksOf(solved),
                allowance * shape.get(piece));
    }

    /**
     * The reflection at the antenna's connector, free of any instrument's error.
     *
     * @param lengthM the adjustable length as a rule measures it, in metres
     * @param frequenciesHz ascending, in Hz
     * @throws IllegalArgumentException where that length makes no antenna
     */
    public Sweep sweep(double lengthM, double[] frequenciesHz, Watch watch) {
        return sweep(lengthM, 0, frequenciesHz, watch);
    }

    /** @param secondM metres by which a second piece was lengthened or moved outward */
    public Sweep sweep(double lengthM, double secondM, double[] frequenciesHz, Watch watch) {
        if (!(lengthM > 0)) {
            throw new IllegalArgumentException("An element must be longer than 0 m, not " + lengthM + ".");
        }
        return AntennaSweep.of(antenna.of(lengthM, secondM).assemble(), frequenciesHz, watch)
                .sweep();
    }
}
