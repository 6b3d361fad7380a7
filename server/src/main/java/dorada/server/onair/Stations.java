package dorada.server.onair;

import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.Removable;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
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
