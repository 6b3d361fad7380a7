package dorada.core.tuning;

import dorada.core.rf.Wavelength;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What may be true of an antenna now: possible windows of the rule, dips and sensitivities with their probabilities; and what
 * each length of change would come to under all of them.
 */
final class LengthBelief {

    /**
     * One possibility.
     *
     * @param windowDipHz where the dip is of the curve that {@code window} was made of; the same shape elsewhere has the same
     *     window, moved
     */
    record Sample(double weight, RuleWindow window, double windowDipHz, double dipHz, double lengthRatio) {

        /** This curve is the window's own moved by so much already. */
        double moved() {
            return dipHz / windowDipHz;
        }
    }

    /** One first reading in so many is taken with somebody or something near, unnoticed; common practice, no source. */
    static final double SPOILT = 0.1;

    /** What that moves a dip by, as a share: solved, 0.1 to 1.5 % for the virtual installations. */
    static final double PLACE_SHIFT = 0.007;

    /** So many deviations away, a chance no longer counts. */
    private static final double FAR = 4.5;

    private final List<Sample> samples;
    private final double waves;
    private final double slack;
    private final double likeness;
    private final boolean placeIsInDoubt;

    /**
     * @param samples weights above 0; they are normalised here
     * @param slack how far beyond its best a possibility may be taken in which no length meets the rule, as a share
     * @param likeness standard deviation of what a change does against what a possibility says, relative: real antennas are not
     *     quite what explains their readings; 0 where their curve is known
     * @param placeIsInDoubt true where one reading is all there is: somebody or something near may have moved the dip
     */
    LengthBelief(List<Sample> samples, double waves, double slack, double likeness, boolean placeIsInDoubt) {
        this.likeness = likeness;
        this.placeIsInDoubt = placeIsInDoubt;
        double sum = samples.stream().mapToDouble(Sample::weight).sum();
        this.samples = samples.stream()
                .map(s -> new Sample(s.weight / sum, s.window, s.windowDipHz, s.dipHz, s.lengthRatio))
                .toList();
        this.waves = waves;
        this.slack = slack;
    }

    /** Probabilities after a change of {@code changeM}: that the rule is met, and that the change itself was too much. */
    record Outcome(double met, double tooFar) {}

    Outcome after(double changeM) {
        double met = 0;
        double tooFar = 0;
        for (Sample s : samples) {
            double x = factor(s, changeM) * s.moved();
            met += s.window.shortfall(x) <= 0 ? s.weight : 0;
            // What is too short already is not lost by this change.
            double end = end(s);
            if (s.moved() <= end) {
                double almost = beyond(end / x) - beyond(end / s.moved()) + moreThanThought(s, changeM, end);
                tooFar += s.weight * (x > end ? 1 : Math.min(1, almost));
            }
        }
        return new Outcome(met, tooFar);
    }

    /** Chance that surroundings move the dip up by more than {@code factor} once they are as they should be. */
    private double beyond(double factor) {
        return placeIsInDoubt ? SPOILT * tail(Math.log(factor) / PLACE_SHIFT) : 0;
    }

    /** Chance that a change does so much more than this possibility says that it is too much after all. */
    private double moreThanThought(Sample s, double changeM, double end) {
        double endM = waves * Wavelength.ofHz(s.dipHz) * (s.moved() / end - 1) * s.lengthRatio;
        return likeness > 0 && changeM < 0 ? tail((endM / changeM - 1) / likeness) : 0;
    }

    /** Chance of a normal deviate beyond {@code z} of 0 or more. Zelen and Severo, in Abramowitz and Stegun 26.2.17. */
    private static double tail(double z) {
        if (z > FAR) {
            return 0;
        }
        double t = 1 / (1 + 0.2316419 * z);
        double sum = t * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI) * sum;
    }

    /** Where too much begins; a rule that no length meets has nothing to lose there but a little of its best. */
    private double end(Sample s) {
        return s.window.bestShortfall() > 0
                ? Math.max(s.window.best() * (1 + slack), s.window.hopelessHigh())
                : s.window.high();
    }

    /** f after / f before: the electrical length, k wavelengths at the dip, changes by changeM / (set per electrical). */
    private double factor(Sample s, double changeM) {
        double electrical = waves * Wavelength.ofHz(s.dipHz);
        double after = electrical + changeM / s.lengthRatio;
        return after > 0 ? electrical / after : Double.POSITIVE_INFINITY;
    }

    /** As far beside its best place, as a ratio, a curve that no length would match is in the right place. */
    private static final double IN_PLACE = 1.015;

    /** Where the best length would take away less than this share of what is missing, length is not what is missing. */
    private static final double HELPS_LITTLE = 0.25;

    /** More than so much of (limit − 1) is too bad to make a difference, and so much to spare is enough. */
    private static final double WORST = 4;

    private static final double ENOUGH = 0.3;

    /**
     * How likely it is too long, too short, as long as it should be within {@code stepM}, or not to be helped by length at all.
     *
     * @param hopelessBy a rule that is missed by more even at the best length is missed for another reason
     */
    Map<Hypothesis, Double> shares(double stepM, double hopelessBy) {
        Map<Hypothesis, Double> shares = new EnumMap<>(Hypothesis.class);
        for (Sample s : samples) {
            double need = needOf(s);
            boolean inPlace = Math.abs(Math.log(s.moved() / s.window.best())) < Math.log(IN_PLACE);
            double shortNow = s.window.shortfall(s.moved());
            boolean helpsLittle = shortNow - s.window.bestShortfall() < HELPS_LITTLE * shortNow;
            boolean poor = s.window.bestShortfall() > hopelessBy && s.window.bottomSwr() > Diagnosis.HAS_ITS_GROUND_SWR;
            Hypothesis h = (inPlace || helpsLittle) && poor
                    ? s.window.isWide() ? Hypothesis.NO_GROUND_PLANE : Hypothesis.POOR_MATCH
                    : need < -stepM ? Hypothesis.TOO_LONG : need > stepM ? Hypothesis.TOO_SHORT : Hypothesis.CENTRED;
            shares.merge(h, s.weight, Double::sum);
        }
        return shares;
    }

    /** |Γ| to be expected at each channel, ascending, after a change of {@code changeM}: the mean over what is possible. */
    double[] expectedMagnitudes(double changeM) {
        double[] sum = new double[0];
        for (Sample s : samples) {
            double[] at = s.window.magnitudes(factor(s, changeM) * s.moved());
            sum = sum.length == 0 ? new double[at.length] : sum;
            for (int i = 0; i < at.length; i++) {
                sum[i] += s.weight * at[i];
            }
        }
        return sum;
    }

    /** What the rule is expected to lack after a change of {@code changeM}, with as much to spare as is worth having. */
    double expectedMiss(double changeM, double limitSwr) {
        double sum = 0;
        for (Sample s : samples) {
            double shortfall = s.window.shortfall(factor(s, changeM) * s.moved()) / (limitSwr - 1);
            sum += s.weight * Math.min(WORST, Math.max(-ENOUGH, shortfall));
        }
        return sum;
    }

    /** Median of where the dip is, and half the width of its middle 68 %, in Hz. */
    double[] dip() {
        List<double[]> all = new ArrayList<>();
        for (Sample s : samples) {
            all.add(new double[] {s.dipHz, s.weight});
        }
        all.sort(Comparator.comparingDouble(m -> m[0]));
        return new double[] {quantile(all, 0.5), (quantile(all, 0.84) - quantile(all, 0.16)) / 2};
    }

    private double needOf(Sample s) {
        double electrical = waves * Wavelength.ofHz(s.dipHz);
        return electrical * (s.moved() / s.window.best() - 1) * s.lengthRatio;
    }

    /** Median of the change that puts the curve where the rule is met best, and half the width of its middle 68 %, in metres. */
    double[] need() {
        List<double[]> all = new ArrayList<>();
        for (Sample s : samples) {
            all.add(new double[] {needOf(s), s.weight});
        }
        all.sort(Comparator.comparingDouble(m -> m[0]));
        return new double[] {quantile(all, 0.5), (quantile(all, 0.84) - quantile(all, 0.16)) / 2};
    }

    private static double quantile(List<double[]> ascending, double share) {
        double sum = 0;
        for (double[] m : ascending) {
            sum += m[1];
            if (sum >= share) {
                return m[0];
            }
        }
        return ascending.get(ascending.size() - 1)[0];
    }

    /** Points and weights for a normal deviate with somewhat heavier tails, in standard deviations. */
    static List<double[]> deviates() {
        List<double[]> all = new ArrayList<>();
        for (double z = -4; z <= 4.001; z += 0.4) {
            all.add(new double[] {z, 0.97 * Math.exp(-z * z / 2) + 0.03 / 3 * Math.exp(-z * z / 18)});
        }
        return all;
    }
}
