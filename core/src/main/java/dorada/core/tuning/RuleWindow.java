package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.WantedChannel;
import dorada.core.rf.Swr;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Where along the frequency axis a curve would have to lie for a rule to be met: the curve is moved by a factor x = f after / f
 * before, and the rule's shortfall is worked out for each of a grid of factors.
 */
final class RuleWindow {

    private static final int STEPS = 321;
    private static final double LOWEST = Math.log(0.8);
    private static final double HIGHEST = Math.log(1.25);

    private final double[] shortfall = new double[STEPS];
    private final double[] misfit = new double[STEPS];
    private final double[] worst = new double[STEPS];
    private int best;
    private int low;
    private int high;

    /**
     * @param magnitude |Γ| over frequency where the rule judges, NaN where it is not known
     * @param channels ascending
     * @param safety share of (limit − 1) that must be to spare at the window's ends
     */
    RuleWindow(DoubleUnaryOperator magnitude, AcceptanceRule rule, List<WantedChannel> channels, double safety) {
        int n = channels.size();
        double[] hz = channels.stream().mapToDouble(WantedChannel::frequencyHz).toArray();
        double[] weights = channels.stream().mapToDouble(WantedChannel::weight).toArray();
        double[] swr = new double[n];
        best = -1;
        for (int i = 0; i < STEPS; i++) {
            double x = factor(i);
            boolean known = true;
            double top = 1;
            for (int c = 0; c < n; c++) {
                double rho = magnitude.applyAsDouble(hz[c] / x);
                known = known && !Double.isNaN(rho);
                swr[c] = known ? Swr.ofMagnitude(Math.min(1, rho)) : Double.POSITIVE_INFINITY;
                top = Math.max(top, swr[c]);
            }
            shortfall[i] = known ? rule.shortfall(swr) : Double.POSITIVE_INFINITY;
            misfit[i] = known ? rule.misfit(swr, weights) : Double.POSITIVE_INFINITY;
            worst[i] = top;
            if (known && (best < 0 || misfit[i] < misfit[best])) {
                best = i;
            }
        }
        double spare = -safety * (rule.limitSwr() - 1);
        low = best;
        high = best;
        while (isKnown() && low > 0 && shortfall[low - 1] <= spare) {
            low--;
        }
        while (isKnown() && high < STEPS - 1 && shortfall[high + 1] <= spare) {
            high++;
        }
    }

    private static double factor(int i) {
        return Math.exp(LOWEST + (HIGHEST - LOWEST) * i / (STEPS - 1));
    }

    private static int index(double x) {
        return (int) Math.round((Math.log(x) - LOWEST) / (HIGHEST - LOWEST) * (STEPS - 1));
    }

    /** False where the curve reaches the channels by no factor of the grid. */
    boolean isKnown() {
        return best >= 0;
    }

    double best() {
        return factor(best);
    }

    /** The last factor at which the rule is still met with the safety asked for; the best one where it never is. */
    double high() {
        return factor(high);
    }

    double low() {
        return factor(low);
    }

    /** Worst SWR of the channels at the best factor. */
    double bestSwr() {
        return worst[best];
    }

    /** Shortfall at the best factor: 0 or less where length alone can meet the rule. */
    double bestShortfall() {
        return shortfall[best];
    }

    /** Rule's shortfall at factor {@code x}, infinite beyond the grid. */
    double shortfall(double x) {
        int i = index(x);
        return i < 0 || i >= STEPS ? Double.POSITIVE_INFINITY : shortfall[i];
    }
}
