package dorada.server.tuning;

import dorada.core.acceptance.OldAndNew;
import dorada.core.acceptance.Verdict;
import dorada.core.tuning.Unlike;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the antenna that stays is worth against the one that was there before. */
@Service
@Transactional(readOnly = true)
class OldAntennas {

    private final TuningPassRepository passes;
    private final InstallationService installations;

    OldAntennas(TuningPassRepository passes, InstallationService installations) {
        this.passes = passes;
        this.installations = installations;
    }

    /**
     * The newest reading of each.
     *
     * @param unlike where both were not read alike
     */
    record Compared(TuningPass before, TuningPass now, OldAndNew channels, Optional<Unlike> unlike) {}

    /** Empty until both were read. */
    Optional<Compared> compared(UUID installationId) {
        Installation installation = installations.byId(installationId);
        List<TuningPass> all = passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0);
        return TuningPass.oldOf(all)
                .flatMap(before -> TuningPass.newestOf(all)
                        .map(now -> new Compared(
                                before,
                                now,
                                OldAndNew.of(verdict(before, installation), verdict(now, installation)),
                                Unlike.between(before.circumstances(), now.circumstances()))));
    }

    private static Verdict verdict(TuningPass pass, Installation installation) {
        return Judgement.of(pass, installation, Optional.empty()).verdict();
    }
}
