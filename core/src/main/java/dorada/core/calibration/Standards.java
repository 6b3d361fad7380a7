package dorada.core.calibration;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Sweep;
import java.util.Arrays;

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
            throw new Refusal(Refused.A_STANDARDS_OFFSET_LIES_BETWEEN_0);
        }
        if (!(openFarad >= 0 && openFarad < 1e-10) || !(shortHenry >= 0 && shortHenry < 1e-6)) {
            throw new Refusal(Refused.FRINGING_IS_0_TO_100_PF);
        }
        if (!(loadOhm > 0) || Double.isInfinite(loadOhm)) {
            throw new Refusal(Refused.LOADS_RESISTANCE);
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

    /** The three as sweeps re 50 Ω over the frequencies of {@code read}. */
    public Truth at(Sweep read) {
        int n = read.size();
        double[] openRe = new double[n];
        double[] openIm = new double[n];
        double[] shortRe = new double[n];
        double[] shortIm = new double[n];
        double[] loadRe = new double[n];
        Arrays.fill(loadRe, load().re());
        // Without offset and fringing they are the same at every frequency.
        boolean ideal = openOffsetM == 0 && openFarad == 0 && shortOffsetM == 0 && shortHenry == 0;
        Reflection o = open(read.frequencyHz(0));
        Reflection s = shorted(read.frequencyHz(0));
        for (int i = 0; i < n; i++) {
            o = ideal ? o : open(read.frequencyHz(i));
            s = ideal ? s : shorted(read.frequencyHz(i));
            openRe[i] = o.re();
            openIm[i] = o.im();
            shortRe[i] = s.re();
            shortIm[i] = s.im();
        }
        return new Truth(
                read.withReflections(openRe, openIm),
                read.withReflections(shortRe, shortIm),
                read.withReflections(loadRe, new double[n]));
    }

    /** Reflections of the three over the same frequencies: what they are, or what was read of them. */
    public record Truth(Sweep open, Sweep shorted, Sweep load) {

        /** @throws IllegalArgumentException where the three are not over the same frequencies or lack their phase */
        public Truth {
            if (!open.hasFrequenciesOf(shorted) || !open.hasFrequenciesOf(load)) {
                throw new Refusal(Refused.OPEN);
            }
            if (!open.hasPhase() || !shorted.hasPhase() || !load.hasPhase()) {
                throw new Refusal(Refused.A_CALIBRATION_NEEDS_COMPLEX_READINGS);
            }
        }
    }
}
