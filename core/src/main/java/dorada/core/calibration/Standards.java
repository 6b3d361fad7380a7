package dorada.core.calibration;

import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Sweep;

/**
 * What the open, the short and the load of a set really are, re 50 Ω at the reference plane.
 *
 * <p>An open has a fringing capacitance at its end and a short an inductance; each may sit behind a short lossless line of
 * air. Source: the usual description of standards by offset, capacitance and resistance; D. M. Pozar, Microwave
 * Engineering, section 2.3, for the reflection of each.
 *
 * @param openOffsetM length of air line before the open's end, in metres, 0 or more
 * @param openFarad fringing capacitance of the open, 0 or more
 * @param shortOffsetM length of air line before the short, in metres, 0 or more
 * @param shortHenry inductance of the short, 0 or more
 * @param loadOhm resistance of the load, above 0
 */
public record Standards(double openOffsetM, double openFarad, double shortOffsetM, double shortHenry, double loadOhm) {

    /** +1, −1 and 0. */
    public static final Standards IDEAL = new Standards(0, 0, 0, 0, Sweep.STANDARD_REFERENCE_OHM);

    private static final double LONGEST_OFFSET_M = 0.5;

    /** @throws IllegalArgumentException naming the value that no standard has */
    public Standards {
        if (!(openOffsetM >= 0 && openOffsetM <= LONGEST_OFFSET_M)
                || !(shortOffsetM >= 0 && shortOffsetM <= LONGEST_OFFSET_M)) {
            throw new IllegalArgumentException("A standard's offset lies between 0 and 500 mm.");
        }
        if (!(openFarad >= 0 && openFarad < 1e-10) || !(shortHenry >= 0 && shortHenry < 1e-6)) {
            throw new IllegalArgumentException("Fringing is 0 to 100 pF for an open and 0 to 1 µH for a short.");
        }
        if (!(loadOhm > 0) || Double.isInfinite(loadOhm)) {
            throw new IllegalArgumentException("A load's resistance must be above 0 Ω, not " + loadOhm + ".");
        }
    }

    public Reflection open(double frequencyHz) {
        double b = 2 * Math.PI * frequencyHz * openFarad * Sweep.STANDARD_REFERENCE_OHM;
        return behind(openOffsetM, -2 * Math.atan(b), frequencyHz);
    }

    public Reflection shorted(double frequencyHz) {
        double x = 2 * Math.PI * frequencyHz * shortHenry / Sweep.STANDARD_REFERENCE_OHM;
        return behind(shortOffsetM, Math.PI - 2 * Math.atan(x), frequencyHz);
    }

    public Reflection load() {
        double r = Sweep.STANDARD_REFERENCE_OHM;
        return new Reflection((loadOhm - r) / (loadOhm + r), 0);
    }

    private static Reflection behind(double offsetM, double angle, double frequencyHz) {
        double seen = offsetM == 0 ? angle : angle - 4 * Math.PI * offsetM / Wavelength.ofHz(frequencyHz);
        return new Reflection(Math.cos(seen), Math.sin(seen));
    }

    /** The three as sweeps over {@code frequencyHz}. */
    public Truth at(double[] frequencyHz) {
        int n = frequencyHz.length;
        double[][] parts = new double[6][n];
        Reflection load = load();
        // Without offset and fringing they are the same at every frequency.
        boolean ideal = openOffsetM == 0 && openFarad == 0 && shortOffsetM == 0 && shortHenry == 0;
        Reflection o = open(frequencyHz[0]);
        Reflection s = shorted(frequencyHz[0]);
        for (int i = 0; i < n; i++) {
            o = ideal ? o : open(frequencyHz[i]);
            s = ideal ? s : shorted(frequencyHz[i]);
            parts[0][i] = o.re();
            parts[1][i] = o.im();
            parts[2][i] = s.re();
            parts[3][i] = s.im();
            parts[4][i] = load.re();
            parts[5][i] = load.im();
        }
        double ohm = Sweep.STANDARD_REFERENCE_OHM;
        return new Truth(
                new Sweep(frequencyHz, parts[0], parts[1], ohm),
                new Sweep(frequencyHz, parts[2], parts[3], ohm),
                new Sweep(frequencyHz, parts[4], parts[5], ohm));
    }

    /** Reflections of the three over the same frequencies: what they are, or what was read of them. */
    public record Truth(Sweep open, Sweep shorted, Sweep load) {

        /** @throws IllegalArgumentException where the three are not over the same frequencies or lack their phase */
        public Truth {
            double[] hz = open.frequenciesHz();
            if (!java.util.Arrays.equals(hz, shorted.frequenciesHz())
                    || !java.util.Arrays.equals(hz, load.frequenciesHz())) {
                throw new IllegalArgumentException(
                        "Open, short and load must be swept over the same frequencies with the same number of points.");
            }
            if (!open.hasPhase() || !shorted.hasPhase() || !load.hasPhase()) {
                throw new IllegalArgumentException(
                        "A calibration needs complex readings; SWR or return loss alone have no phase.");
            }
        }
    }
}
