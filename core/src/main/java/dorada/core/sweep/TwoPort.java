package dorada.core.sweep;

import java.util.Locale;

/**
 * What an adapter between instrument and antenna does, as its own file tells: what each end reflects with 50 Ω at the other, and
 * what goes through there and back. All re 50 Ω over the same frequencies.
 *
 * @param s11 reflection of the end toward the instrument
 * @param s22 reflection of the end toward the antenna
 * @param across S₁₂·S₂₁
 */
public record TwoPort(Sweep s11, Sweep s22, Sweep across) {

    /** Less than this of the power there and back, and nothing is known of what lies behind: 40 dB. */
    private static final double LEAST_ACROSS = 0.01;

    /** @throws IllegalArgumentException where the three are not over the same frequencies, or nothing goes through */
    public TwoPort {
        if (!s11.hasFrequenciesOf(s22) || !s11.hasFrequenciesOf(across)) {
            throw new IllegalArgumentException("All of an adapter's values belong to the same frequencies.");
        }
        for (int i = 0; i < across.size(); i++) {
            if (across.magnitude(i) < LEAST_ACROSS) {
                throw new IllegalArgumentException(String.format(
                        Locale.ROOT,
                        "At %.3f MHz next to nothing goes through this adapter: is it a two-port file of a through?",
                        across.frequencyHz(i) / 1e6));
            }
        }
    }

    /**
     * {@code seen} as it would be without the adapter: Γ = (M − S₁₁)/(S₁₂S₂₁ + S₂₂·(M − S₁₁)). Source: D. M. Pozar, Microwave
     * Engineering, section 4.3, solved for the load.
     *
     * @throws IllegalStateException where {@code seen} has no phase
     * @throws IllegalArgumentException where it reaches beyond the adapter's span, which is never continued
     */
    public Sweep removedFrom(Sweep seen) {
        seen.requirePhase("freed of an adapter");
        if (seen.startHz() < s11.startHz() || seen.stopHz() > s11.stopHz()) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "The adapter is known from %.3f to %.3f MHz, the sweep goes from %.3f to %.3f MHz.",
                    s11.startHz() / 1e6,
                    s11.stopHz() / 1e6,
                    seen.startHz() / 1e6,
                    seen.stopHz() / 1e6));
        }
        Sweep a = s11.atPointsOf(seen);
        Sweep b = s22.atPointsOf(seen);
        Sweep t = across.atPointsOf(seen);
        double[] re = new double[seen.size()];
        double[] im = new double[seen.size()];
        for (int i = 0; i < re.length; i++) {
            double mr = seen.re(i) - a.re(i);
            double mi = seen.im(i) - a.im(i);
            double dr = t.re(i) + b.re(i) * mr - b.im(i) * mi;
            double di = t.im(i) + b.re(i) * mi + b.im(i) * mr;
            double inverse = 1 / (dr * dr + di * di);
            re[i] = (mr * dr + mi * di) * inverse;
            im[i] = (mi * dr - mr * di) * inverse;
        }
        return seen.withReflections(re, im);
    }
}
