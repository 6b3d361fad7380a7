package dorada.server.onair;

import dorada.server.onair.StationArchive.StationRecord;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The shop's stations in an archive; they belong to no installation. */
@Component
@Transactional
class StationArchive implements ShopPart<StationRecord> {

    private final StationRepository stations;

    StationArchive(StationRepository stations) {
        this.stations = stations;
    }

    record StationRecord(@NotNull UUID id, @NotNull @Valid StationRequest station) {}

    @Override
    public String name() {
        return "stations";
    }

    @Override
    public Class<StationRecord> type() {
        return StationRecord.class;
    }

    @Override
    public List<StationRecord> pack(Optional<UUID> installation) {
        return installation.isPresent()
                ? List.of()
                : stations.findByRemovedAtIsNullOrderByName().stream()
                        .map(s -> new StationRecord(s.id(), s.entered()))
                        .toList();
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return Stream.empty();
    }

    @Override
    public boolean restore(StationRecord r, ArchivedPeople people) {
        if (stations.existsById(r.id())
                || stations.findByNameIgnoreCaseAndRemovedAtIsNull(
                                r.station().name().strip())
                        .isPresent()) {
            return false;
        }
        stations.saveAndFlush(new Station(r.id()).set(r.station()));
        return true;
    }
}
