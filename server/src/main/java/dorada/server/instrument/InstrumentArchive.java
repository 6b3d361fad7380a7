package dorada.server.instrument;

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

/** The shop's instruments in an archive; they belong to no installation. */
@Component
class InstrumentArchive implements ShopPart<InstrumentRecord> {

    private final InstrumentRepository instruments;

    InstrumentArchive(InstrumentRepository instruments) {
        this.instruments = instruments;
    }

    /** @param profile the command texts, as JSON */
    record InstrumentRecord(
            @NotNull UUID id,
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 120) String host,
            @Min(1) @Max(65535) int port,
            @NotBlank @Size(max = 4000) String profile) {}

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
                        .map(i -> new InstrumentRecord(i.id(), i.name(), i.host(), i.port(), i.profile()))
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
        Instrument instrument = new Instrument(r.id());
        instrument.set(r.name(), r.host(), r.port(), r.profile());
        instruments.saveAndFlush(instrument);
        return true;
    }
}
