package dorada.core.sweep;

import dorada.core.outcome.Refusal;

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

    /** @throws Refusal where the three are not over the same frequencies, or nothing goes through */
    public TwoPort {
        if (!s11.hasFrequenciesOf(s22) || !s11.hasFrequenciesOf(across)) {
            throw new Refusal(Refused.ALL_OF_AN_ADAPTERS_VALUES_BELONG);
        }
        for (int i = 0; i < across.size(); i++) {
            if (across.magnitude(i) < LEAST_ACROSS) {
                throw new Refusal(Refused.NO_THROUGH.of(across.frequencyHz(i)));
            }
        }
    }

    /**
     * {@code seen} as it would be without the adapter: Γ = (M − S₁₁)/(S₁₂S₂₁ + S₂₂·(M − S₁₁)). Source: D. M. Pozar, Microwave
     * Engineering, section 4.3, solved for the load.
     *
     * @throws Refusal where {@code seen} has no phase, or where it reaches beyond the adapter's span, which is never continued
     */
    public Sweep removedFrom(Sweep seen) {
        seen.requirePhase(NeedsPhase.FREED_OF_AN_ADAPTER);
        if (seen.startHz() < s11.startHz() || seen.stopHz() > s11.stopHz()) {
            throw new Refusal(
                    Refused.BEYOND_THE_ADAPTER.of(s11.startHz(), s11.stopHz(), seen.startHz(), seen.stopHz()));
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
