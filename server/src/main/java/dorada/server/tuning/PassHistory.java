package dorada.server.tuning;

import dorada.core.history.Happened;
import dorada.core.outcome.Outcome;
import dorada.server.history.Chronicle;
import dorada.server.history.Revisions;
import dorada.server.history.Revisions.Was;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Passes: recorded, taken back, put back. */
@Service
@Transactional(readOnly = true)
class PassHistory implements Chronicle {

    private final TuningPassRepository passes;
    private final Revisions revisions;

    private final PassPhotoRepository photos;

    PassHistory(TuningPassRepository passes, PassPhotoRepository photos, Revisions revisions) {
        this.photos = photos;
        this.passes = passes;
        this.revisions = revisions;
    }

    @Override
    public List<Happening> of(UUID installation) {
        Map<UUID, List<Was<TuningPass>>> were = revisions.ofInstallation(TuningPass.class, installation).stream()
                .collect(Collectors.groupingBy(was -> was.row().id()));
        List<Happening> all = new ArrayList<>();
        for (TuningPass pass : passes.findByInstallationIdOrderByRecordedAt(installation)) {
            List<Was<TuningPass>> ofIt = were.getOrDefault(pass.id(), List.of());
            all.add(new Happening(
                    pass.recordedAt(),
                    Optional.of(pass.recordedBy().displayName()),
                    recorded(pass, firstNumber(ofIt))));
            for (int i = 1; i < ofIt.size(); i++) {
                Was<TuningPass> was = ofIt.get(i);
                int before = ofIt.get(i - 1).row().number();
                int after = was.row().number();
                if (before > 0 != after > 0) {
                    Outcome says = before > 0
                            ? Happened.PASS_TAKEN_BACK.of(String.valueOf(before))
                            : Happened.PASS_PUT_BACK.of(String.valueOf(after));
                    all.add(new Happening(was.at(), was.by(), List.of(says)));
                }
            }
        }
        photos.keptOf(installation)
                .forEach(k -> all.add(new Happening(
                        k.at(),
                        Optional.ofNullable(k.by()),
                        List.of(
                                k.number() > 0
                                        ? Happened.PHOTO_KEPT.of(String.valueOf(k.number()))
                                        : Happened.PHOTO_KEPT_OF_ANY.of()))));
        return all;
    }

    /** Under which it was recorded; empty where it was taken back before this was kept. */
    private static Optional<Integer> firstNumber(List<Was<TuningPass>> were) {
        return were.stream().findFirst().map(w -> w.row().number()).filter(n -> n > 0);
    }

    private static List<Outcome> recorded(TuningPass pass, Optional<Integer> number) {
        List<Outcome> says = new ArrayList<>();
        change(pass.changeM(), Happened.SHORTENED, Happened.LENGTHENED).ifPresent(says::add);
        change(pass.secondChangeM(), Happened.SECOND_IN, Happened.SECOND_OUT).ifPresent(says::add);
        boolean isUnchanged = says.isEmpty();
        says.add(number.map(n -> recorded(pass, String.valueOf(n), isUnchanged)).orElseGet(Happened.READ_ANY::of));
        if (!pass.note().isEmpty()) {
            says.add(Happened.NOTED.of(pass.note()));
        }
        return says;
    }

    private static Optional<Outcome> change(double metres, Happened less, Happened more) {
        return metres == 0 ? Optional.empty() : Optional.of((metres < 0 ? less : more).of(Math.abs(metres)));
    }

    private static Outcome recorded(TuningPass pass, String number, boolean isUnchanged) {
        if (pass.isOldAntenna()) {
            return Happened.READ_OLD.of(number);
        }
        if (pass.runName().isPresent()) {
            return Happened.READ_BUILD.of(number, pass.runName().get());
        }
        if (pass.isFinalSweep()) {
            return Happened.READ_FINAL.of(number);
        }
        return (isUnchanged ? Happened.READ : Happened.READ_AFTER_A_CHANGE).of(number);
    }
}
