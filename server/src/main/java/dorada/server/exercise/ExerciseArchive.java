package dorada.server.exercise;

import dorada.core.design.Designs;
import dorada.server.exercise.ExerciseRun.ExerciseRecord;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Component;

/** Everybody's exercises in an archive of the shop; none belongs to an installation. */
@Component
class ExerciseArchive implements ShopPart<ExerciseRecord> {

    private final ExerciseRunRepository runs;

    ExerciseArchive(ExerciseRunRepository runs) {
        this.runs = runs;
    }

    @Override
    public String name() {
        return "exercises";
    }

    @Override
    public Class<ExerciseRecord> type() {
        return ExerciseRecord.class;
    }

    private Stream<ExerciseRun> of(Optional<UUID> installation) {
        return installation.isPresent() ? Stream.empty() : runs.findAll(Sort.by("begunAt", "id")).stream();
    }

    @Override
    public List<ExerciseRecord> pack(Optional<UUID> installation) {
        return of(installation).map(ExerciseRun::record).toList();
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return of(installation).map(ExerciseRun::begunBy);
    }

    /** False also for one on an antenna that is not known here. */
    @Override
    public boolean restore(ExerciseRecord r, ArchivedPeople people) {
        if (runs.existsById(r.id()) || Designs.ALL.installation(r.on()).isEmpty()) {
            return false;
        }
        runs.saveAndFlush(new ExerciseRun(r, people.byLogin(r.begunBy())));
        return true;
    }
}
