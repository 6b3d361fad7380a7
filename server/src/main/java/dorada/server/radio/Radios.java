package dorada.server.radio;

import dorada.core.outcome.Outcome;
import dorada.core.radio.BenchVerdict;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.Removable;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
import dorada.server.table.DoubleView;
import dorada.server.table.TakenInView;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's radios: named, checked on the bench, removed and put back. */
@Service
@Transactional
public class Radios implements Shelf {

    private final RadioRepository radios;
    private final RadioCheckRepository checks;
    private final PeopleService people;
    private final Clock clock;
    private final List<NamesRadios> naming;

    Radios(
            RadioRepository radios,
            RadioCheckRepository checks,
            PeopleService people,
            Clock clock,
            List<NamesRadios> naming) {
        this.naming = naming;
        this.radios = radios;
        this.checks = checks;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<RadioView> all() {
        List<Radio> all = radios.findByRemovedAtIsNullOrderByName();
        Map<UUID, RadioCheck> newest = new HashMap<>();
        checks.findByRadioIdInOrderByCheckedAt(all.stream().map(Radio::id).toList()).stream()
                .filter(c -> c.takenBackAt().isEmpty())
                .forEach(c -> newest.put(c.radio().id(), c));
        return all.stream()
                .map(r -> RadioView.of(
                        r,
                        Optional.ofNullable(newest.get(r.id()))
                                .map(RadioCheckView::of)
                                .orElse(null)))
                .toList();
    }

    public RadioView add(RadioRequest request) {
        requireFree(request, null);
        return RadioView.of(radios.saveAndFlush(new Radio(UUID.randomUUID()).set(request)), null);
    }

    /**
     * What is known of a radio.
     *
     * @param check verdict of its newest check; empty where there is none
     */
    public record Known(String name, Optional<Check> check) {}

    public record Check(Outcome verdict, boolean isFit, Instant at, String by) {}

    /** Empty for a radio that the shop does not have. */
    @Transactional(readOnly = true)
    public Optional<Known> known(UUID id) {
        return radios.findById(id)
                .map(r -> new Known(
                        r.name(),
                        checks.findByRadioIdOrderByCheckedAtDesc(id).stream()
                                .filter(c -> c.takenBackAt().isEmpty())
                                .findFirst()
                                .map(c -> new Check(
                                        c.read().verdict().verdict().of(),
                                        c.read().verdict().verdict() == BenchVerdict.Verdict.FIT,
                                        c.checkedAt(),
                                        c.checkedBy().displayName()))));
    }

    RadioView change(UUID id, RadioRequest request) {
        Radio radio = byId(id);
        if (radio.version() != request.version()) {
            throw UserProblem.stale(RadioView.of(radio, null), request);
        }
        requireFree(request, id);
        return RadioView.of(radios.saveAndFlush(radio.set(request)), null);
    }

    private void requireFree(RadioRequest request, UUID own) {
        radios.findByNameIgnoreCaseAndRemovedAtIsNull(request.name().strip())
                .filter(r -> !r.id().equals(own))
                .ifPresent(r -> {
                    throw UserProblem.atField("name", Refused.NAME_TAKEN.of(r.name()));
                });
    }

    /**
     * Two entries of one radio: {@code id} is removed, and its checks and what named it are of {@code into}.
     *
     * @return on how many installations that was
     */
    int merge(UUID id, UUID into, UUID by) {
        Radio one = there(id);
        Radio stays = there(into);
        if (id.equals(into)) {
            throw UserProblem.atField("into", Refused.ITSELF.of());
        }
        RadioRequest now = stays.entered();
        if (now.note().isEmpty()) {
            stays.set(new RadioRequest(now.version(), now.name(), now.ratedPowerW(), now.swrCeiling(), one.note()));
        }
        checks.findByRadioId(id).forEach(c -> c.isOf(stays));
        one.remove(people.byId(by), clock.instant());
        return naming.stream().mapToInt(n -> n.nameRadio(id, into)).sum();
    }

    private Radio there(UUID id) {
        return radios.findById(id)
                .filter(r -> r.removedAt().isEmpty())
                .orElseThrow(() -> UserProblem.notFound(Missing.RADIO));
    }

    @Transactional(readOnly = true)
    List<RadioRequest> entered() {
        return radios.findByRemovedAtIsNullOrderByName().stream()
                .map(Radio::entered)
                .toList();
    }

    @Transactional(readOnly = true)
    Optional<RadioRequest> named(String name) {
        return radios.findByNameIgnoreCaseAndRemovedAtIsNull(name).map(Radio::entered);
    }

    @Transactional(readOnly = true)
    List<DoubleView> doubles() {
        return DoubleView.of(radios.findByRemovedAtIsNullOrderByName(), Radio::name, Radio::id);
    }

    /** Adds what is not known by its name, and enters anew what is; nothing is taken away. */
    TakenInView takeIn(List<RadioRequest> table) {
        return TakenInView.of(
                table,
                r -> radios.findByNameIgnoreCaseAndRemovedAtIsNull(r.name().strip()),
                Radio::entered,
                (there, r) -> radios.saveAndFlush(
                        there.orElseGet(() -> new Radio(UUID.randomUUID())).set(r)));
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Transactional(readOnly = true)
    List<RadioCheckView> checks(UUID id) {
        byId(id);
        return checks.findByRadioIdOrderByCheckedAtDesc(id).stream()
                .map(RadioCheckView::of)
                .toList();
    }

    public RadioCheckView check(UUID id, BenchCheckRequest read, UUID by) {
        read.verdict();
        return RadioCheckView.of(
                checks.save(new RadioCheck(UUID.randomUUID(), byId(id), read, people.byId(by), clock.instant())));
    }

    RadioCheckView takeBack(UUID id, UUID checkId, UUID by) {
        RadioCheck check =
                checks.findByIdAndRadioId(checkId, id).orElseThrow(() -> UserProblem.notFound(Missing.BENCH_CHECK));
        check.takeBack(people.byId(by), clock.instant());
        return RadioCheckView.of(check);
    }

    private Radio byId(UUID id) {
        return radios.findById(id).orElseThrow(() -> UserProblem.notFound(Missing.RADIO));
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.RADIO;
    }

    @Override
    public List<Radio> removed() {
        return radios.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<Radio> find(UUID id) {
        return radios.findById(id);
    }

    @Override
    public boolean isNameTaken(Removable thing) {
        return radios.findByNameIgnoreCaseAndRemovedAtIsNull(thing.name()).isPresent();
    }
}
