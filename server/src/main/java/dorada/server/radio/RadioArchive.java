package dorada.server.radio;

import dorada.server.people.Person;
import dorada.server.radio.RadioArchive.RadioRecord;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The shop's radios with their bench checks in an archive; they belong to no installation. */
@Component
@Transactional
class RadioArchive implements ShopPart<RadioRecord> {

    private final RadioRepository radios;
    private final RadioCheckRepository checks;

    RadioArchive(RadioRepository radios, RadioCheckRepository checks) {
        this.radios = radios;
        this.checks = checks;
    }

    /**
     * @param by a login
     * @param takenBackBy a login; absent where it counts
     */
    record CheckRecord(
            @NotNull UUID id,
            @NotNull @Valid BenchCheckRequest read,
            @NotBlank String by,
            @NotNull Instant at,
            String takenBackBy,
            Instant takenBackAt) {}

    record RadioRecord(
            @NotNull UUID id,
            @NotNull @Valid RadioRequest radio,
            @NotNull @Size(max = 10_000) List<@Valid CheckRecord> checks) {}

    @Override
    public String name() {
        return "radios";
    }

    @Override
    public Class<RadioRecord> type() {
        return RadioRecord.class;
    }

    private List<Radio> of(Optional<UUID> installation) {
        return installation.isPresent() ? List.of() : radios.findByRemovedAtIsNullOrderByName();
    }

    @Override
    @Transactional(readOnly = true)
    public List<RadioRecord> pack(Optional<UUID> installation) {
        return of(installation).stream()
                .map(r -> new RadioRecord(
                        r.id(),
                        new RadioRequest(0, r.name(), r.ratedPowerW(), r.swrCeiling(), r.note()),
                        checks.findByRadioIdOrderByCheckedAtDesc(r.id()).stream()
                                .map(c -> new CheckRecord(
                                        c.id(),
                                        c.read(),
                                        c.checkedBy().login(),
                                        c.checkedAt(),
                                        c.takenBackBy().map(Person::login).orElse(null),
                                        c.takenBackAt().orElse(null)))
                                .toList()))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public Stream<Person> people(Optional<UUID> installation) {
        return of(installation).stream()
                .flatMap(r -> checks.findByRadioIdOrderByCheckedAtDesc(r.id()).stream())
                .flatMap(c -> Stream.concat(Stream.of(c.checkedBy()), c.takenBackBy().stream()))
                .toList()
                .stream();
    }

    /** A radio that is here already is given the checks that are not. */
    @Override
    public boolean restore(RadioRecord r, ArchivedPeople people) {
        Optional<Radio> known = radios.findById(r.id());
        if (known.isEmpty()
                && radios.findByNameIgnoreCaseAndRemovedAtIsNull(
                                r.radio().name().strip())
                        .isPresent()) {
            return false;
        }
        Radio radio = known.orElseGet(() -> radios.saveAndFlush(new Radio(r.id()).set(r.radio())));
        boolean isNew = known.isEmpty();
        for (CheckRecord c : r.checks()) {
            if (!checks.existsById(c.id())) {
                RadioCheck check = new RadioCheck(c.id(), radio, c.read(), people.byLogin(c.by()), c.at());
                if (c.takenBackBy() != null && c.takenBackAt() != null) {
                    check.takeBack(people.byLogin(c.takenBackBy()), c.takenBackAt());
                }
                checks.save(check);
                isNew = true;
            }
        }
        return isNew;
    }
}
