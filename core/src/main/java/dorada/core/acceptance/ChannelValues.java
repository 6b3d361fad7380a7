package dorada.core.acceptance;

import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.sweep.Sweep;
import java.util.Comparator;
import java.util.List;

/**
 * What a rule looks at: one value of each kind for every wanted channel, ascending in frequency. Filled anew for each place
 * to which a curve is moved, hence not immutable.
 */
public final class ChannelValues {

    private final double[] swr;
    private final double[] weight;
    private final int primary;
    private double primaryReactanceOhm = Double.NaN;

    /** @param channels at least one; where none is the main one, the middle one is */
    public ChannelValues(List<WantedChannel> channels) {
        List<WantedChannel> ascending = channels.stream()
                .sorted(Comparator.comparingDouble(WantedChannel::frequencyHz))
                .toList();
        int n = ascending.size();
        swr = new double[n];
        weight = ascending.stream().mapToDouble(WantedChannel::weight).toArray();
        int main = n / 2;
        for (int i = n - 1; i >= 0; i--) {
            main = ascending.get(i).primary() ? i : main;
        }
        primary = main;
    }

    /** @param hasPhase false where only |Γ| is known, and with it no reactance */
    public void set(int i, Reflection reflection, boolean hasPhase) {
        double re = reflection.re();
        double im = reflection.im();
        // Asked for millions of times, of magnitudes for which nothing overflows: a square root is far cheaper than
        // hypot.
        double magnitude = Math.sqrt(re * re + im * im);
        double x = hasPhase && i == primary
                ? reflection.impedance(Sweep.STANDARD_REFERENCE_OHM).reactanceOhm()
                : Double.NaN;
        set(i, magnitude, x);
    }

    /**
     * @param magnitude |Γ| re 50 Ω
     * @param xOhm reactance; NaN where it is not known
     */
    public void set(int i, double magnitude, double xOhm) {
        swr[i] = Swr.ofMagnitude(Math.min(1, magnitude));
        if (i == primary) {
            primaryReactanceOhm = xOhm;
        }
    }

    /** Nothing is known of channel {@code i}. */
    public void unknown(int i) {
        swr[i] = Double.POSITIVE_INFINITY;
        if (i == primary) {
            primaryReactanceOhm = Double.NaN;
        }
    }

    public int size() {
        return swr.length;
    }

    public double swr(int i) {
        return swr[i];
    }

    public double weight(int i) {
        return weight[i];
    }

    /** Index of the main channel. */
    public int primary() {
        return primary;
    }

    /** X at the main channel in ohms; NaN where the phase is not known. */
    public double primaryReactanceOhm() {
        return primaryReactanceOhm;
    }

    public double worstSwr() {
        double worst = 1;
        for (double s : swr) {
            worst = Math.max(worst, s);
        }
        return worst;
    }

    /** Worst SWR of all channels but the main one; 1 where there is no other. */
    public double worstOtherSwr() {
        double worst = 1;
        for (int i = 0; i < swr.length; i++) {
            worst = i == primary ? worst : Math.max(worst, swr[i]);
        }
        return worst;
    }
}
