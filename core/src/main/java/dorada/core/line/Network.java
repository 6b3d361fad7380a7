package dorada.core.line;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;

/** A small two-port between a load and what looks at it. */
public sealed interface Network {

    double REFERENCE_OHM = 50;

    /** The impedance seen through this network with {@code load} behind it. */
    Impedance seen(Impedance load, double frequencyHz);

    /** An ideal transformer: 4 for a 4:1, which makes 200 Ω look like 50 Ω; 1 for a current balun. */
    record Transformer(double ratio) implements Network {
        @Override
        public Impedance seen(Impedance load, double frequencyHz) {
            return load.times(1 / ratio);
        }
    }

    /** A coil in series. */
    record SeriesCoil(double henry, double q) implements Network {
        @Override
        public Impedance seen(Impedance load, double frequencyHz) {
            double x = 2 * Math.PI * frequencyHz * henry;
            return load.plus(new Impedance(x / q, x));
        }
    }

    /** A capacitor in series. */
    record SeriesCapacitor(double farad) implements Network {
        @Override
        public Impedance seen(Impedance load, double frequencyHz) {
            return load.plus(new Impedance(0, -1 / (2 * Math.PI * frequencyHz * farad)));
        }
    }

    /** A capacitor across. */
    record ShuntCapacitor(double farad) implements Network {
        @Override
        public Impedance seen(Impedance load, double frequencyHz) {
            return load.shuntedBy(-1 / (2 * Math.PI * frequencyHz * farad));
        }
    }

    /** A coil, or hairpin, across. */
    record ShuntCoil(double henry) implements Network {
        @Override
        public Impedance seen(Impedance load, double frequencyHz) {
            return load.shuntedBy(2 * Math.PI * frequencyHz * henry);
        }
    }

    /** A piece of line between, as a quarter-wave matching section. */
    record Section(Line line) implements Network {
        @Override
        public Impedance seen(Impedance load, double frequencyHz) {
            return line.towardRadio(Reflection.of(load, REFERENCE_OHM), REFERENCE_OHM, frequencyHz)
                    .impedance(REFERENCE_OHM);
        }
    }

    /** A piece of line across, open or shorted at its far end. */
    record Stub(Line line, boolean shorted) implements Network {
        @Override
        public Impedance seen(Impedance load, double frequencyHz) {
            Reflection end = new Reflection(shorted ? -1 : 1, 0);
            Impedance stub =
                    line.towardRadio(end, line.impedanceOhm(), frequencyHz).impedance(line.impedanceOhm());
            return load.parallel(stub);
        }
    }
}
