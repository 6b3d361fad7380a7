package dorada.server.instrument;

import dorada.core.calibration.Calibration;
import dorada.core.calibration.CalibrationException;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.core.instrument.scpi.InstrumentException;
import dorada.core.instrument.scpi.ScpiAnalyser;
import dorada.core.sweep.Sweep;
import dorada.server.people.PeopleService;
import dorada.server.people.Role;
import dorada.server.problem.JobException;
import dorada.server.removed.Removable;
import dorada.server.removed.Shelf;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The analysers that this shop can sweep: the stand-in, and those on its network. */
@Service
@Transactional
public class InstrumentService implements Shelf {

    static final String STAND_IN = "stand-in";

    private static final Duration LONGEST_SWEEP = Duration.ofMinutes(2);
    private static final int LONGEST_PROFILE = 4000;

    private final InstrumentRepository instruments;
    private final PracticeStand stand;
    private final InventedReadings invented;
    private final JsonMapper json;
    private final PeopleService people;
    private final Clock clock;

    InstrumentService(
            InstrumentRepository instruments,
            PracticeStand stand,
            InventedReadings invented,
            JsonMapper json,
            PeopleService people,
            Clock clock) {
        this.invented = invented;
        this.people = people;
        this.clock = clock;
        this.instruments = instruments;
        this.stand = stand;
        this.json = json;
    }

    @Transactional(readOnly = true)
    List<InstrumentView> all() {
        List<InstrumentView> all = new ArrayList<>();
        if (stand.port() > 0) {
            all.add(standIn());
        }
        instruments.findByRemovedAtIsNullOrderByName().forEach(i -> all.add(view(i)));
        return all;
    }

    private InstrumentView standIn() {
        return new InstrumentView(
                STAND_IN,
                0,
                "Stand-in analyser (practice)",
                "127.0.0.1",
                stand.port(),
                CommandProfile.STAND_IN,
                true,
                invented.areRecorded());
    }

    private InstrumentView view(Instrument i) {
        return new InstrumentView(
                i.id().toString(),
                i.version(),
                i.name(),
                i.host(),
                i.port(),
                json.readValue(i.profile(), CommandProfile.class),
                false,
                invented.areRecorded() || !invented.areOf(i.host(), i.port()));
    }

    InstrumentView add(InstrumentRequest request) {
        return save(new Instrument(UUID.randomUUID()), request);
    }

    InstrumentView change(UUID id, InstrumentRequest request) {
        Instrument i = byId(id);
        if (i.version() != request.version()) {
            throw JobException.stale(view(i), request);
        }
        return save(i, request);
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Override
    public String kind() {
        return "instrument";
    }

    @Override
    public Role least() {
        return Role.LEAD;
    }

    @Override
    public List<Instrument> removed() {
        return instruments.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<Instrument> find(UUID id) {
        return instruments.findById(id);
    }

    @Override
    public boolean isNameTaken(Removable thing) {
        return instruments.findByNameIgnoreCaseAndRemovedAtIsNull(thing.name()).isPresent();
    }

    private InstrumentView save(Instrument i, InstrumentRequest r) {
        instruments
                .findByNameIgnoreCaseAndRemovedAtIsNull(r.name().strip())
                .filter(other -> !other.id().equals(i.id()))
                .ifPresent(other -> {
                    throw JobException.atField("name", "There is an instrument \"" + other.name() + "\" already.");
                });
        String profile = json.writeValueAsString(r.profile());
        if (profile.length() > LONGEST_PROFILE) {
            throw JobException.atField("profile", "The command texts are too long.");
        }
        i.set(r.name().strip(), r.host().strip(), r.port(), profile);
        return view(instruments.saveAndFlush(i));
    }

    private Instrument byId(UUID id) {
        return instruments
                .findById(id)
                .filter(i -> i.removedAt().isEmpty())
                .orElseThrow(() -> JobException.notFound("instrument"));
    }

    InstrumentView requireKnown(String id) {
        if (id == null || id.isBlank()) {
            throw JobException.atField("instrument", "Which instrument is to sweep?");
        }
        return STAND_IN.equals(id) && stand.port() > 0 ? standIn() : view(byId(number(id)));
    }

    /** @throws JobException where what it sweeps may not be recorded in an installation */
    public void requireRecorded(String id) {
        if (!requireKnown(id).recorded()) {
            invented.require();
        }
    }

    /** A driver for the instrument; the caller closes it. */
    ScpiAnalyser driver(String id) {
        InstrumentView i = requireKnown(id);
        return new ScpiAnalyser(() -> new SocketTransport(i.host(), i.port()), i.profile(), LONGEST_SWEEP);
    }

    private static UUID number(String id) {
        try {
            return UUID.fromString(id);
        } catch (IllegalArgumentException e) {
            throw JobException.notFound("instrument");
        }
    }

    /** Who the instrument says it is. */
    String identity(String id) {
        try (ScpiAnalyser driver = driver(id)) {
            return driver.identity();
        } catch (InstrumentException e) {
            throw JobException.atField("host", e.getMessage());
        }
    }

    /**
     * One sweep of instrument {@code id}, corrected by {@code with}, or by the instrument itself where that is empty.
     */
    public Calibration.Corrected sweep(String id, Span span, int points, Optional<Calibration> with) {
        try (ScpiAnalyser driver = driver(id)) {
            return sweep(driver, span, points, 1, with, () -> true);
        } catch (InstrumentException e) {
            throw JobException.atField("instrument", e.getMessage());
        } catch (CalibrationException e) {
            throw JobException.atField("calibrationId", e.getMessage());
        }
    }

    static Calibration.Corrected sweep(
            ScpiAnalyser driver,
            Span span,
            int points,
            int averages,
            Optional<Calibration> with,
            BooleanSupplier goOn) {
        return with.isPresent()
                ? with.get().correct(driver.rawSweep(span, points, averages, goOn))
                : new Calibration.Corrected(driver.sweep(span, points, averages, goOn), List.of());
    }

    /** One sweep without the instrument's own correction. */
    Sweep rawSweep(String id, Span span, int points, int averages) {
        try (ScpiAnalyser driver = driver(id)) {
            return driver.rawSweep(span, points, averages, () -> true);
        } catch (InstrumentException e) {
            throw JobException.atField("instrument", e.getMessage());
        }
    }
}
