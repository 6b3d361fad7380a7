package dorada.server.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.Verdict;
import dorada.core.acceptance.WantedChannel;
import dorada.core.sweep.SweepAnalysis;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.instrument.LiveJudge;
import dorada.server.sweep.ReadingView;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The rules of installations, for the sweeps that are watched. */
@Component
class LiveVerdicts implements LiveJudge {

    private final InstallationService installations;

    LiveVerdicts(InstallationService installations) {
        this.installations = installations;
    }

    @Override
    @Transactional(readOnly = true)
    public Function<SweepAnalysis, LiveVerdict> judgeFor(UUID installationId) {
        Installation installation = installations.byId(installationId);
        AcceptanceRule rule = installation.rule();
        List<WantedChannel> channels = installation.wantedChannels();
        ReferencePlane plane = installation.measuredAt();
        return analysis -> view(rule.judge(ChannelReading.of(analysis, channels), plane));
    }

    private static LiveVerdict view(Verdict verdict) {
        return new LiveVerdict(
                verdict.met(),
                Words.ENGLISH.sentences(verdict.outcomes()),
                OutcomeView.of(verdict.outcomes()),
                verdict.channels().stream()
                        .map(c -> new LiveChannel(
                                c.measured().channel().name(),
                                ReadingView.of(
                                        c.measured().channel().frequencyHz(),
                                        c.measured().reading()),
                                c.met()))
                        .toList());
    }
}
