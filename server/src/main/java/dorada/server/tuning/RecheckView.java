package dorada.server.tuning;

import dorada.core.recheck.Finding;
import dorada.core.recheck.Recheck;
import dorada.server.sweep.ReadingView;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * What became of an antenna since it was signed off.
 *
 * @param visit on which it was read again
 * @param thenPass the one that the sign-off rests on; nowPass the one that was held against it
 * @param unchanged chance that nothing has changed; never 0 and never 1
 * @param thenDipHz absent where a reading shows none; likewise nowDipHz
 * @param causes what may have done it, likeliest first; empty where it is unchanged
 * @param otherwise circumstances of one reading and not of the other
 */
record RecheckView(
        @NotNull int visit,
        @NotNull int thenPass,
        @NotNull int nowPass,
        @NotNull Finding id,
        @NotNull OutcomeView finding,
        @NotNull double unchanged,
        Double thenDipHz,
        Double nowDipHz,
        @NotNull double dipDoubtHz,
        @NotNull List<ChannelDriftView> channels,
        @NotNull List<LikelyView> causes,
        @NotNull List<PassView.CircumstanceView> otherwise) {

    /**
     * One wanted channel then and now.
     *
     * @param returnLossChangeDb positive where less comes back now; absent where it is not finite
     */
    record ChannelDriftView(
            @NotNull String name,
            @NotNull double frequencyHz,
            Double thenSwr,
            Double nowSwr,
            Double returnLossChangeDb) {}

    /** A cause and how probable it is among all that may have changed it. */
    record LikelyView(
            @NotNull PassView.CauseView cause, @NotNull double probability) {}

    static RecheckView of(Rechecks.Found f) {
        Recheck r = f.recheck();
        return new RecheckView(
                f.visit().number(),
                f.then().number(),
                f.now().number(),
                r.finding(),
                OutcomeView.phrase(r.finding()),
                r.unchanged(),
                r.thenDipHz().orElse(null),
                r.nowDipHz().orElse(null),
                r.dipDoubtHz(),
                r.channels().stream()
                        .map(c -> new ChannelDriftView(
                                c.channel().name(),
                                c.channel().frequencyHz(),
                                ReadingView.finite(c.then().swr()),
                                ReadingView.finite(c.now().swr()),
                                ReadingView.finite(c.returnLossChangeDb())))
                        .toList(),
                r.causes().stream()
                        .map(l -> new LikelyView(PassView.CauseView.of(l.cause()), l.probability()))
                        .toList(),
                r.otherwise().stream().map(PassView.CircumstanceView::of).toList());
    }
}
