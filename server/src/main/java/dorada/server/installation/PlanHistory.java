package dorada.server.installation;

import dorada.core.history.Happened;
import dorada.core.outcome.Outcome;
import dorada.server.history.Chronicle;
import dorada.server.history.Revisions;
import dorada.server.history.Revisions.Was;
import dorada.server.people.Person;
import dorada.server.radio.Radios;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was planned and changed of a plan, and the visits: opened, made ready for, signed off, cancelled. */
@Service
@Transactional(readOnly = true)
class PlanHistory implements Chronicle {

    private final InstallationRepository installations;
    private final Revisions revisions;
    private final Radios radios;

    PlanHistory(InstallationRepository installations, Revisions revisions, Radios radios) {
        this.installations = installations;
        this.revisions = revisions;
        this.radios = radios;
    }

    @Override
    public List<Happening> of(UUID id) {
        Optional<Installation> found = installations.findById(id);
        if (found.isEmpty()) {
            return List.of();
        }
        Installation installation = found.get();
        List<Happening> all = new ArrayList<>();
        all.add(new Happening(installation.createdAt(), by(installation.createdBy()), List.of(Happened.PLANNED.of())));
        addChanges(all, id);
        Map<UUID, List<Was<Visit>>> visits = revisions.ofInstallation(Visit.class, id).stream()
                .collect(Collectors.groupingBy(was -> was.row().id()));
        addCancelled(all, visits.values());
        installation.visits().forEach(v -> addVisit(all, v, visits.getOrDefault(v.id(), List.of())));
        return all;
    }

    private void addChanges(List<Happening> all, UUID id) {
        PlanChanges changes = new PlanChanges(radio -> radios.known(radio).map(Radios.Known::name));
        InstallationRequest before = null;
        for (Was<Installation> was : revisions.of(Installation.class, id)) {
            if (was.isRemoved()) {
                continue;
            }
            Installation row = was.row();
            InstallationRequest after = InstallationRequest.of(
                    row,
                    row.title(),
                    row.startLengthM().orElse(null),
                    row.radioId().orElse(null),
                    row.carriedBy());
            List<Outcome> says = before == null ? List.of() : changes.between(before, after);
            if (!says.isEmpty()) {
                all.add(new Happening(was.at(), was.by(), says));
            }
            before = after;
        }
    }

    private static void addCancelled(List<Happening> all, Collection<List<Was<Visit>>> visits) {
        visits.stream()
                .flatMap(List::stream)
                .filter(Was::isRemoved)
                .forEach(was -> all.add(new Happening(
                        was.at(),
                        was.by(),
                        List.of(Happened.VISIT_CANCELLED.of(
                                String.valueOf(was.row().number()),
                                words(was.row().purpose()))))));
    }

    private static void addVisit(List<Happening> all, Visit visit, List<Was<Visit>> were) {
        String number = String.valueOf(visit.number());
        if (visit.number() > 1) {
            List<Outcome> says = new ArrayList<>(List.of(Happened.VISIT_OPENED.of(number, words(visit.purpose()))));
            if (!visit.why().isEmpty()) {
                says.add(Happened.WHY.of(visit.why()));
            }
            all.add(new Happening(visit.openedAt(), by(visit.openedBy()), says));
        }
        List<Was<Visit>> answered = new ArrayList<>();
        for (Was<Visit> was : were) {
            Optional<Instant> earlier = answered.isEmpty()
                    ? Optional.empty()
                    : answered.get(answered.size() - 1).row().readyAt();
            if (was.row().readyAt().isPresent() && !was.row().readyAt().equals(earlier)) {
                answered.add(was);
            }
        }
        answered.forEach(was -> all.add(new Happening(
                was.row().readyAt().orElseThrow(),
                // What was answered last stands in the row itself, with who did.
                was.row().readyAt().equals(visit.readyAt()) ? by(visit.readyBy()) : was.by(),
                List.of(was.row().gotReady()))));
        visit.signOff().ifPresent(s -> all.add(new Happening(s.signedAt(), by(s.signedBy()), signedOff(s.terms()))));
    }

    private static List<Outcome> signedOff(SignOff.Terms terms) {
        String pass = String.valueOf(terms.passNumber());
        List<Outcome> says = new ArrayList<>(List.of(
                terms.reason() == null
                        ? Happened.SIGNED_OFF.of(pass)
                        : Happened.SIGNED_OFF_BY_JUDGEMENT.of(pass, terms.reason())));
        if (!terms.remark().isEmpty()) {
            says.add(Happened.NOTED.of(terms.remark()));
        }
        return says;
    }

    private static Outcome words(VisitPurpose purpose) {
        return new Outcome("visit." + purpose, Map.of());
    }

    private static Optional<String> by(Person person) {
        return Optional.ofNullable(person).map(Person::displayName);
    }
}
