package dorada.server.instrument;

import dorada.core.instrument.scpi.CommandProfile;
import dorada.server.instrument.InstrumentArchive.InstrumentRecord;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The shop's instruments in an archive; they belong to no installation. */
@Component
class InstrumentArchive implements ShopPart<InstrumentRecord> {

    private final InstrumentRepository instruments;

    private final Drivers drivers;
    private final JsonMapper json;

    InstrumentArchive(InstrumentRepository instruments, Drivers drivers, JsonMapper json) {
        this.instruments = instruments;
        this.drivers = drivers;
        this.json = json;
    }

    /**
     * @param driver absent in archives from before there were others: the network
     * @param profile the command texts, as JSON
     */
    record InstrumentRecord(
            @NotNull UUID id,
            @NotBlank @Size(max = 80) String name,
            @Size(max = 30) String driver,
            @NotNull @Size(max = 120) String host,
            @Min(0) @Max(65535) int port,
            @Size(max = 120) String serialPort,
            Integer baud,
            Double lowestHz,
            Double highestHz,
            Integer mostPoints,
            @NotBlank @Size(max = 4000) String profile) {}

    private InstrumentRecord record(Instrument i) {
        InstrumentRequest r = i.entered(null);
        return new InstrumentRecord(
                i.id(),
                r.name(),
                r.driver(),
                r.host(),
                r.port(),
                r.serialPort(),
                r.baud(),
                r.lowestHz(),
                r.highestHz(),
                r.mostPoints(),
                i.profile());
    }

    @Override
    public String name() {
        return "instruments";
    }

    @Override
    public Class<InstrumentRecord> type() {
        return InstrumentRecord.class;
    }

    @Override
    public List<InstrumentRecord> pack(Optional<UUID> installation) {
        return installation.isPresent()
                ? List.of()
                : instruments.findByRemovedAtIsNullOrderByName().stream()
                        .map(this::record)
                        .toList();
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return Stream.empty();
    }

    @Override
    public boolean restore(InstrumentRecord r, ArchivedPeople people) {
        if (instruments.existsById(r.id())
                || instruments.findByNameIgnoreCaseAndRemovedAtIsNull(r.name()).isPresent()) {
            return false;
        }
        InstrumentRequest entered = new InstrumentRequest(
                0,
                r.name(),
                r.driver(),
                r.host(),
                r.port(),
                r.serialPort(),
                r.baud(),
                r.lowestHz(),
                r.highestHz(),
                r.mostPoints(),
                json.readValue(r.profile(), CommandProfile.class));
        instruments.saveAndFlush(new Instrument(r.id()).set(drivers.checked(entered), r.profile()));
        return true;
    }
}
