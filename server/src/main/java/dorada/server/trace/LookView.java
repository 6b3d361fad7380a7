package dorada.server.trace;

import dorada.core.line.EchoProfile;
import dorada.core.line.LineEffect;
import dorada.server.line.FaultView;
import dorada.server.sweep.AnalysisView;
import dorada.server.sweep.ReadingView;
import dorada.server.sweep.TraceData;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A trace looked at in every way that it allows.
 *
 * @param says what it shows, in one sentence
 * @param trace after port extension and line
 * @param metHz the wanted frequencies that it reaches and that keep to the limit
 * @param noise standard deviation of |Γ| from point to point; absent for short sweeps
 * @param lineEffects one per wanted channel that the sweep reaches, where a line was named
 * @param doubts what a person must know about what was done to it
 * @param faults absent where no line was named or the phase is not known
 * @param profile echoes over distance; absent like {@code faults}
 */
record LookView(
        @NotNull OutcomeView says,
        @NotNull TraceData trace,
        @NotNull AnalysisView analysis,
        @NotNull double[] metHz,
        Double noise,
        @NotNull List<EffectView> lineEffects,
        @NotNull List<OutcomeView> doubts,
        FaultView faults,
        ProfileView profile) {

    record EffectView(
            @NotNull double frequencyHz,
            Double swrAtAntenna,
            Double swrAtRadio,
            @NotNull double matchedLossDb,
            Double totalLossDb,
            @NotNull OutcomeView says) {

        static EffectView of(LineEffect e) {
            return new EffectView(
                    e.frequencyHz(),
                    ReadingView.finite(e.swrAtAntenna()),
                    ReadingView.finite(e.swrAtRadio()),
                    e.matchedLossDb(),
                    ReadingView.finite(e.totalLossDb()),
                    OutcomeView.of(e.says()));
        }
    }

    /** @param returnLossDb of the echoes, the line's loss given back */
    record ProfileView(@NotNull double[] distanceM, @NotNull double[] returnLossDb) {

        private static final int MOST_DRAWN = 1500;

        /** Up to {@code farthestM}, thinned to what a picture shows, the strongest echo of each stretch kept. */
        static ProfileView of(EchoProfile profile, double farthestM) {
            int bins = 1;
            while (bins < profile.size() && profile.distanceM(bins) <= farthestM) {
                bins++;
            }
            int drawn = Math.min(MOST_DRAWN, bins);
            double[] d = new double[drawn];
            double[] rl = new double[drawn];
            for (int k = 0; k < drawn; k++) {
                int from = (int) ((long) bins * k / drawn);
                int to = Math.max(from + 1, (int) ((long) bins * (k + 1) / drawn));
                int strongest = from;
                for (int i = from; i < to; i++) {
                    strongest = profile.magnitude(i) > profile.magnitude(strongest) ? i : strongest;
                }
                d[k] = profile.distanceM(strongest);
                rl[k] = profile.returnLossDb(strongest);
            }
            return new ProfileView(d, rl);
        }
    }
}
