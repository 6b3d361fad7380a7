package dorada.server.demo;

import dorada.core.antenna.Carrier;
import dorada.core.format.FormatException;
import dorada.core.format.FrequencyUnit;
import dorada.core.format.NumberFormat;
import dorada.core.format.TouchstoneReader;
import dorada.core.format.TouchstoneWriter;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.Span;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.server.cutting.SavedSheets;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.installation.SignedPart;
import dorada.server.instrument.PracticeBench;
import dorada.server.lesson.LessonRequest;
import dorada.server.lesson.Lessons;
import dorada.server.people.PeopleService;
import dorada.server.people.Person;
import dorada.server.people.Role;
import dorada.server.radio.Radios;
import dorada.server.sweep.UploadedSweep;
import dorada.server.tuning.PassView;
import dorada.server.tuning.Recording;
import dorada.server.tuning.SignOffRequest;
import dorada.server.tuning.TuningService;
import dorada.server.tuning.VisitService;
import jakarta.persistence.EntityManager;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Fills the demo's own database once: the radio shop of the invented island Isla Candela. Every sweep comes from the
 * simulated antennas; every trim follows the adviser.
 */
@Component
class DemoData implements SmartInitializingSingleton {

    /** For the demo alone; a shop of its own never sees it. */
    static final String PASSWORD = "candela-demo";

    private static final int POINTS = 401;
    /** Number of a reading for which the simulated analyser is calibrated anew. */
    private static final int AS_FOUND = 100;

    private static final int MENDED_WITHIN_DAYS = 30;
    private static final int MOST_PASSES = 6;
    private static final Duration BETWEEN_PASSES = Duration.ofMinutes(14);

    private final PeopleService people;
    private final InstallationService installations;
    private final TuningService tuning;
    private final VisitService visits;
    private final PracticeBench bench;
    private final SavedSheets sheets;
    private final Radios radios;
    private final Lessons lessons;
    private final Clock shopClock;
    private final TransactionTemplate transactions;
    private final EntityManager entities;
    private final String token;

    DemoData(
            PeopleService people,
            InstallationService installations,
            TuningService tuning,
            VisitService visits,
            PracticeBench bench,
            SavedSheets sheets,
            Radios radios,
            Lessons lessons,
            Clock clock,
            TransactionTemplate transactions,
            EntityManager entities,
            @Value("${dorada.demo-token}") String token) {
        this.people = people;
        this.installations = installations;
        this.tuning = tuning;
        this.visits = visits;
        this.bench = bench;
        this.sheets = sheets;
        this.radios = radios;
        this.lessons = lessons;
        this.shopClock = clock;
        this.transactions = transactions;
        this.entities = entities;
        this.token = token;
    }

    /** Runs before the port is open: whoever is answered finds the demo complete. Only the demo has its clock. */
    @Override
    public void afterSingletonsInstantiated() {
        if (shopClock instanceof DemoClock clock) {
            transactions.executeWithoutResult(status -> fillOnce(clock));
        }
    }

    private void fillOnce(DemoClock clock) {
        if (people.isEmpty()) {
            clock.setBack(Duration.ofDays(60));
            people.add("marisol", "Marisol", Role.LEAD, PASSWORD);
            people.add("ines", "Inés", Role.TECHNICIAN, PASSWORD);
            people.add("bruno", "Bruno", Role.TECHNICIAN, PASSWORD);
            people.add("noa", "Noa", Role.TECHNICIAN, PASSWORD);
            Map<String, Person> byLogin =
                    people.all().stream().collect(Collectors.toMap(Person::login, Function.identity()));
            Map<String, Filled> byTitle = new HashMap<>();
            for (DemoInstallation demo : DemoInstallation.ALL) {
                byTitle.put(demo.request().title(), fill(demo, byLogin.get(demo.by()), clock));
                letGo();
            }
            for (DemoVisit visit : DemoVisit.ALL) {
                visit(visit, byTitle.get(visit.title()), byLogin.get(visit.by()), clock);
                letGo();
            }
            learn(byTitle, byLogin.get("bruno"), clock);
            clock.setBack(Duration.ofDays(2));
            sheets.keep(byLogin.get("bruno").id(), DemoSheets.LINK_BEAM);
            sheets.keep(byLogin.get("noa").id(), DemoSheets.POLE);
            for (DemoRadios demo : DemoRadios.ALL) {
                clock.setBack(Duration.ofHours(demo.hoursAgo()));
                UUID radio = radios.add(demo.radio()).id();
                if (demo.check() != null) {
                    radios.check(radio, demo.check(), byLogin.get(demo.by()).id());
                }
            }
            clock.setBack(Duration.ZERO);
        }
        if (!token.isBlank()) {
            Person lead = people.all().stream()
                    .filter(p -> p.role() == Role.LEAD)
                    .findFirst()
                    .orElseThrow();
            people.ensureToken(lead, "demo start", token);
        }
    }

    /** With each question Hibernate looks for changes in all that it holds: of what is finished it holds nothing. */
    private void letGo() {
        entities.flush();
        entities.clear();
    }

    /** What masts by the sea have taught. */
    private void learn(Map<String, Filled> byTitle, Person by, DemoClock clock) {
        Filled mast = byTitle.values().stream()
                .filter(f -> f.demo().request().carrier() == Carrier.MAST)
                .min(Comparator.comparing(f -> f.demo().request().title()))
                .orElseThrow();
        clock.setBack(Duration.ofDays(3));
        lessons.add(
                new LessonRequest(
                        UUID.randomUUID(),
                        0,
                        "Salt water creeps under tape: self-amalgamating tape over the upper connector first, the other over it.",
                        null,
                        Carrier.MAST,
                        "",
                        "",
                        mast.id()),
                by.id());
    }

    /** @param changedM by how much it was lengthened until it was signed off */
    private record Filled(DemoInstallation demo, UUID id, double changedM) {}

    private void visit(DemoVisit visit, Filled there, Person by, DemoClock clock) {
        Installation made = installations.byId(there.id());
        clock.setBack(Duration.ofHours(visit.hoursAgo()));
        visits.openVisit(made.id(), visit.purpose(), visit.why(), by.id());
        if (Double.isNaN(visit.slippedM())) {
            return;
        }
        clock.setBack(Duration.ofHours(visit.hoursAgo()).minus(BETWEEN_PASSES));
        Span span = there.demo().span(made.middleHz());
        Recording asFound = recording(0, "As found, nothing touched.", false);
        PassView found = visit.slippedM() == 0
                ? tuning.measure(made.id(), asFound, span, POINTS, by.id())
                : importFile(
                        made,
                        bench.sweep(made, there.changedM() + visit.slippedM(), 0, AS_FOUND, span, POINTS),
                        "mast-recheck.s1p",
                        asFound,
                        by);
        if (!visit.remark().isEmpty()) {
            visits.signOff(made.id(), SignOffRequest.of(made.version(), found.number(), visit.remark(), null), by.id());
        }
    }

    private Filled fill(DemoInstallation demo, Person by, DemoClock clock) {
        Duration back = Duration.ofHours(demo.hoursAgo());
        clock.setBack(back);
        Installation made = installations.create(demo.request(), by.id(), demo.seed());
        Span span = demo.span(made.middleHz());
        double changeM = 0;
        double changedM = 0;
        PassView last = null;
        int most = demo.stage() == DemoInstallation.Stage.TUNED
                ? MOST_PASSES
                : demo.stage().passes();
        for (int n = 0; n < most; n++) {
            back = back.minus(BETWEEN_PASSES);
            clock.setBack(back);
            last = n == 0 && demo.baselineFromFile()
                    ? importFile(
                            made,
                            bench.sweep(made, 0, 0, 1, span, POINTS),
                            "mast-baseline.s1p",
                            recording(0, "From the yard analyser's memory; calibrated inside the instrument.", false),
                            by)
                    : tuning.measure(made.id(), recording(changeM, demo.note(n), false), span, POINTS, by.id());
            changedM += changeM;
            Action action = last.advice().action();
            if (action != Action.SHORTEN && action != Action.LENGTHEN && action != Action.MEASURE_AGAIN) {
                break;
            }
            changeM = switch (action) {
                case SHORTEN -> -last.advice().amountM();
                case MEASURE_AGAIN -> 0;
                default -> last.advice().amountM();
            };
        }
        // Nobody signs what is not met without saying why.
        boolean may = last != null && (last.verdict().met() || !demo.reason().isEmpty());
        if (may && !demo.remark().isEmpty()) {
            clock.setBack(back.minus(BETWEEN_PASSES));
            last = tuning.measure(
                    made.id(), recording(0, "Tightened, sealed, tip cap on.", true), span, POINTS, by.id());
            String reason = demo.reason().isEmpty() ? null : demo.reason();
            boolean isLimited = reason != null;
            visits.signOff(
                    made.id(),
                    new SignOffRequest(
                            made.version(),
                            last.number(),
                            demo.remark(),
                            reason,
                            isLimited ? last.transmit().powerW() / 2 : null,
                            isLimited ? LocalDate.now(clock).plusDays(MENDED_WITHIN_DAYS) : null,
                            isLimited ? by.displayName() : null,
                            null,
                            List.of(
                                    new SignedPart("Adjusted piece", last.lengthM(), "filed mark at its socket"),
                                    new SignedPart("Lock nut", null, "torqued, sealed"))),
                    by.id());
        }
        return new Filled(demo, made.id(), changedM);
    }

    private static Recording recording(double changeM, String note, boolean isFinal) {
        return new Recording(
                UUID.randomUUID(),
                changeM,
                note,
                ReadingKind.DECLARED_ANALYSER,
                "calibrated in the instrument that morning, 130 to 180 MHz",
                null,
                null,
                null,
                null,
                isFinal,
                null,
                null,
                null,
                null);
    }

    private PassView importFile(Installation made, Sweep sweep, String name, Recording as, Person by) {
        try {
            StringBuilder text = new StringBuilder();
            new TouchstoneWriter(FrequencyUnit.MHZ, NumberFormat.MA)
                    .write(sweep, List.of("yard analyser, calibrated inside"), text);
            byte[] bytes = text.toString().getBytes(StandardCharsets.UTF_8);
            return tuning.importFile(
                    made.id(),
                    as,
                    new UploadedSweep(name, bytes, TouchstoneReader.read(new ByteArrayInputStream(bytes))),
                    by.id());
        } catch (IOException | FormatException e) {
            throw new IllegalStateException(e);
        }
    }
}
