package dorada.core.tuning;

import dorada.core.rf.Wavelength;
import dorada.core.sweep.SweepAnalysis;
import java.util.List;

/**
 * How the set length of one antenna turns into its electrical length.
 *
 * <p>A resonant piece has the electrical length k·λ at its dip, k being 0.25 for a quarter-wave. One metre of set length
 * changes it by 1/{@code setPerElectrical} metres. Without passes that tell, the two are taken as equal with a doubt of a
 * fifth either way; with them the ratio is a least-squares slope over all passes.
 *
 * @param setPerElectrical metres of set length per metre of electrical length
 * @param doubt standard deviation of that ratio, relative
 * @param learnt true where it comes from passes
 */
record Sensitivity(double setPerElectrical, double doubt, boolean learnt) {

    private static final Sensitivity PRIOR = new Sensitivity(1, 0.2, false);

    /** Even a clean measurement leaves this much: the tape measure and the tightening. */
    private static final double LEAST_DOUBT = 0.06;

    /** A ratio outside these bounds is not an antenna being trimmed. */
    private static final double LEAST_BELIEVABLE = 0.25;

    private static final double MOST_BELIEVABLE = 4;

    static Sensitivity of(List<Pass> passes, double waves) {
        double sumLL = 0;
        double sumLE = 0;
        double sumEE = 0;
        double doubtOfE = 0;
        double length = 0;
        double meanL = 0;
        double meanE = 0;
        int n = 0;
        double[] lengths = new double[passes.size()];
        double[] electrical = new double[passes.size()];
        for (Pass pass : passes) {
            length += pass.changeM();
            var dip = new SweepAnalysis(pass.sweep()).deepestDip().filter(d -> !d.atEdge());
            if (dip.isPresent()) {
                double hz = dip.get().frequencyHz();
                lengths[n] = length;
                electrical[n] = waves * Wavelength.ofHz(hz);
                meanL += length;
                meanE += electrical[n];
                double stepHz = (pass.sweep().stopHz() - pass.sweep().startHz())
                        / Math.max(1, pass.sweep().size() - 1);
                doubtOfE = Math.max(doubtOfE, electrical[n] * Math.max(pass.dipDeviationHz(), Math.max(stepHz / 4, hz * 3e-4)) / hz);
                n++;
            }
        }
        if (n < 2) {
            return PRIOR;
        }
        meanL /= n;
        meanE /= n;
        for (int i = 0; i < n; i++) {
            double dl = lengths[i] - meanL;
            double de = electrical[i] - meanE;
            sumLL += dl * dl;
            sumLE += dl * de;
            sumEE += de * de;
        }
        // Passes that moved by less than the doubt of the dip teach nothing.
        if (sumLL == 0 || Math.sqrt(sumEE) < 2 * doubtOfE) {
            return PRIOR;
        }
        double ratio = sumLL / sumLE;
        return new Sensitivity(ratio, Math.max(LEAST_DOUBT, doubtOfE / Math.sqrt(sumEE)), true);
    }

    /** False where the passes contradict what a change of length does. */
    boolean isBelievable() {
        return setPerElectrical >= LEAST_BELIEVABLE && setPerElectrical <= MOST_BELIEVABLE;
    }

    /** Hz by which the dip moves per metre of set length, at {@code dipHz}; negative. */
    double hzPerM(double dipHz, double waves) {
        return -dipHz / (waves * Wavelength.ofHz(dipHz) * setPerElectrical);
    }

    /** Where a dip at {@code dipHz} goes when the length is changed: along 1/f, so that a large change stays above 0 Hz. */
    double movedHz(double dipHz, double waves, double changeM) {
        double electricalM = waves * Wavelength.ofHz(dipHz) + changeM / setPerElectrical;
        return electricalM > 0 ? waves * Wavelength.SPEED_OF_LIGHT_M_PER_S / electricalM : dipHz;
    }
}
