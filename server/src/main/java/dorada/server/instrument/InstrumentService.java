package dorada.server.instrument;

import dorada.core.calibration.Calibration;
import dorada.core.instrument.Analyser;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.core.instrument.scpi.InstrumentException;
import dorada.core.outcome.Refusal;
import dorada.core.simulation.StandInAnalyser;
import dorada.core.sweep.Sweep;
import dorada.server.calibration.Calibrations;
import dorada.server.people.PeopleService;
import dorada.server.people.Role;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.Removable;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
import dorada.server.table.DoubleView;
import dorada.server.table.TakenInView;
import java.time.Clock;
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

    private static final int LONGEST_PROFILE = 4000;

    private final InstrumentRepository instruments;
    private final PracticeStand stand;
    private final InventedReadings invented;
    private final JsonMapper json;
    private final PeopleService people;
    private final Clock clock;
    private final Drivers drivers;
    private final Calibrations calibrations;

    InstrumentService(
            InstrumentRepository instruments,
            PracticeStand stand,
            InventedReadings invented,
            JsonMapper json,
            PeopleService people,
            Clock clock,
            Drivers drivers,
            Calibrations calibrations) {
        this.drivers = drivers;
        this.calibrations = calibrations;
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
        AnalyserDriver.Place place = standInPlace();
        InstrumentRequest itself = new InstrumentRequest(
                0,
                "Stand-in analyser (practice)",
                ScpiOverTcp.ID,
                place.host(),
                place.port(),
                null,
                null,
                StandInAnalyser.LIMITS.span().startHz(),
                StandInAnalyser.LIMITS.span().stopHz(),
                StandInAnalyser.LIMITS.mostPoints(),
                CommandProfile.STAND_IN);
        return InstrumentView.of(STAND_IN, itself, drivers.byId(ScpiOverTcp.ID), true, invented.areRecorded());
    }

    private AnalyserDriver.Place standInPlace() {
        return new AnalyserDriver.Place("127.0.0.1", stand.port(), "", 0);
    }

    private InstrumentView view(Instrument i) {
        AnalyserDriver.Place place = i.place();
        return InstrumentView.of(
                i.id().toString(),
                entered(i),
                drivers.byId(i.driver()),
                false,
                invented.areRecorded() || !invented.areOf(place.host(), place.port()));
    }

    private InstrumentRequest entered(Instrument i) {
        return i.entered(texts(i));
    }

    private CommandProfile texts(Instrument i) {
        return json.readValue(i.profile(), CommandProfile.class);
    }

    InstrumentView add(InstrumentRequest request) {
        return save(new Instrument(UUID.randomUUID()), request);
    }

    InstrumentView change(UUID id, InstrumentRequest request) {
        Instrument i = byId(id);
        if (i.version() != request.version()) {
            throw UserProblem.stale(view(i), request);
        }
        return save(i, request);
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.INSTRUMENT;
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
                    throw UserProblem.atField("name", Refused.NAME_TAKEN.of(other.name()));
                });
        if (i.name() != null) {
            calibrations.nameInstrument(i.name(), r.name().strip());
        }
        return view(kept(i, r));
    }

    private Instrument kept(Instrument i, InstrumentRequest r) {
        String texts = json.writeValueAsString(r.profile());
        if (texts.length() > LONGEST_PROFILE) {
            throw UserProblem.atField("profile", Refused.COMMANDS_TOO_LONG.of());
        }
        return instruments.saveAndFlush(i.set(drivers.checked(r), texts));
    }

    /**
     * Two entries of one instrument: {@code id} is removed, and the calibrations that were made with it name {@code into}.
     *
     * @return how many those were
     */
    int merge(UUID id, UUID into, UUID by) {
        Instrument one = byId(id);
        Instrument stays = byId(into);
        if (id.equals(into)) {
            throw UserProblem.atField("into", Refused.ITSELF.of());
        }
        one.remove(people.byId(by), clock.instant());
        return calibrations.nameInstrument(one.name(), stays.name());
    }

    /** Of all but the stand-in. */
    @Transactional(readOnly = true)
    List<InstrumentRequest> entered() {
        return instruments.findByRemovedAtIsNullOrderByName().stream()
                .map(this::entered)
                .toList();
    }

    @Transactional(readOnly = true)
    Optional<InstrumentRequest> named(String name) {
        return instruments.findByNameIgnoreCaseAndRemovedAtIsNull(name).map(this::entered);
    }

    @Transactional(readOnly = true)
    List<DoubleView> doubles() {
        return DoubleView.of(instruments.findByRemovedAtIsNullOrderByName(), Instrument::name, Instrument::id);
    }

    /** Adds what is not known by its name, and enters anew what is; nothing is taken away. */
    TakenInView takeIn(List<InstrumentRequest> table) {
        return TakenInView.of(
                table,
                r -> instruments.findByNameIgnoreCaseAndRemovedAtIsNull(r.name().strip()),
                this::entered,
                (there, r) -> kept(there.orElseGet(() -> new Instrument(UUID.randomUUID())), r));
    }

    private Instrument byId(UUID id) {
        return instruments
                .findById(id)
                .filter(i -> i.removedAt().isEmpty())
                .orElseThrow(() -> UserProblem.notFound(Missing.INSTRUMENT));
    }

    InstrumentView requireKnown(String id) {
        if (id == null || id.isBlank()) {
            throw UserProblem.atField("instrument", Refused.WHICH.of());
        }
        return STAND_IN.equals(id) && stand.port() > 0 ? standIn() : view(byId(number(id)));
    }

    /** @throws UserProblem where what it sweeps may not be recorded in an installation */
    public void requireRecorded(String id) {
        if (!requireKnown(id).recorded()) {
            invented.require();
        }
    }

    /** A conversation with the instrument; the caller closes it. */
    Analyser open(String id) {
        if (requireKnown(id).standIn()) {
            return drivers.byId(ScpiOverTcp.ID).open(standInPlace(), CommandProfile.STAND_IN, StandInAnalyser.LIMITS);
        }
        Instrument i = byId(number(id));
        return drivers.byId(i.driver()).open(i.place(), texts(i), limitsOf(i));
    }

    private static AnalyserLimits limitsOf(Instrument i) {
        return i.limits().orElse(AnalyserLimits.NOT_STATED);
    }

    /** What instrument {@code id} can sweep. */
    @Transactional(readOnly = true)
    AnalyserLimits limits(String id) {
        return requireKnown(id).standIn() ? StandInAnalyser.LIMITS : limitsOf(byId(number(id)));
    }

    private static UUID number(String id) {
        try {
            return UUID.fromString(id);
        } catch (IllegalArgumentException e) {
            throw UserProblem.notFound(Missing.INSTRUMENT);
        }
    }

    /** Who the instrument says it is. */
    String identity(String id) {
        try (Analyser driver = open(id)) {
            return driver.identity();
        } catch (InstrumentException e) {
            throw UserProblem.atField("instrument", e);
        }
    }

    /**
     * One sweep of instrument {@code id}, corrected by {@code with}, or by the instrument itself where that is empty.
     */
    public Calibration.Corrected sweep(String id, Span span, int points, Optional<Calibration> with) {
        try (Analyser driver = open(id)) {
            return sweep(driver, span, points, 1, with, () -> true);
        } catch (InstrumentException e) {
            throw UserProblem.atField("instrument", e);
        } catch (Refusal e) {
            throw UserProblem.atField("calibrationId", e);
        }
    }

    static Calibration.Corrected sweep(
            Analyser driver, Span span, int points, int averages, Optional<Calibration> with, BooleanSupplier goOn) {
        return with.isPresent()
                ? with.get().correct(driver.rawSweep(span, points, averages, goOn))
                : new Calibration.Corrected(driver.sweep(span, points, averages, goOn), List.of());
    }

    /** One sweep without the instrument's own correction. */
    Sweep rawSweep(String id, Span span, int points, int averages) {
        try (Analyser driver = open(id)) {
            return driver.rawSweep(span, points, averages, () -> true);
        } catch (InstrumentException e) {
            throw UserProblem.atField("instrument", e);
        }
    }
}
