package dorada.server.onair;

import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.Removable;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
import dorada.server.table.DoubleView;
import dorada.server.table.TakenInView;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's stations: named, removed and put back. */
@Service
@Transactional
public class Stations implements Shelf {

    private final StationRepository stations;
    private final PeopleService people;
    private final Clock clock;

    Stations(StationRepository stations, PeopleService people, Clock clock) {
        this.stations = stations;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<Station> all() {
        return stations.findByRemovedAtIsNullOrderByName();
    }

    Station add(StationRequest request) {
        requireFree(request, null);
        return stations.saveAndFlush(new Station(UUID.randomUUID()).set(request));
    }

    Station change(UUID id, StationRequest request) {
        Station station = byId(id);
        if (station.version() != request.version()) {
            throw UserProblem.stale(station.entered(), request);
        }
        requireFree(request, id);
        return stations.saveAndFlush(station.set(request));
    }

    private void requireFree(StationRequest request, UUID own) {
        stations.findByNameIgnoreCaseAndRemovedAtIsNull(request.name().strip())
                .filter(s -> !s.id().equals(own))
                .ifPresent(s -> {
                    throw UserProblem.atField("name", Refused.STATION_NAME_TAKEN.of(s.name()));
                });
    }

    /** Two entries of one station: {@code id} is removed, and {@code into} has what only the other knew. Calls stay as they were logged. */
    Station merge(UUID id, UUID into, UUID by) {
        Station one = there(id);
        Station stays = there(into);
        if (id.equals(into)) {
            throw UserProblem.atField("into", Refused.ITSELF.of());
        }
        one.remove(people.byId(by), clock.instant());
        return stations.saveAndFlush(stays.set(stays.entered().orElse(one.entered())));
    }

    private Station there(UUID id) {
        return stations.findById(id)
                .filter(s -> s.removedAt().isEmpty())
                .orElseThrow(() -> UserProblem.notFound(Missing.STATION));
    }

    @Transactional(readOnly = true)
    Optional<StationRequest> named(String name) {
        return stations.findByNameIgnoreCaseAndRemovedAtIsNull(name).map(Station::entered);
    }

    @Transactional(readOnly = true)
    List<DoubleView> doubles() {
        return DoubleView.of(stations.findByRemovedAtIsNullOrderByName(), Station::name, Station::id);
    }

    /** Adds what is not known by its name, and enters anew what is; nothing is taken away. */
    TakenInView takeIn(List<StationRequest> table) {
        return TakenInView.of(
                table,
                r -> stations.findByNameIgnoreCaseAndRemovedAtIsNull(r.name().strip()),
                Station::entered,
                (there, r) -> stations.saveAndFlush(
                        there.orElseGet(() -> new Station(UUID.randomUUID())).set(r)));
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    private Station byId(UUID id) {
        return stations.findById(id).orElseThrow(() -> UserProblem.notFound(Missing.STATION));
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.STATION;
    }

    @Override
    public List<Station> removed() {
        return stations.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<Station> find(UUID id) {
        return stations.findById(id);
    }

    @Override
    public boolean isNameTaken(Removable thing) {
        return stations.findByNameIgnoreCaseAndRemovedAtIsNull(thing.name()).isPresent();
    }
}
