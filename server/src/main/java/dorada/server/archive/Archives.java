package dorada.server.archive;

import dorada.server.history.HappeningRecord;
import dorada.server.history.Histories;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationRecord;
import dorada.server.installation.InstallationService;
import dorada.server.installation.VisitRecord;
import dorada.server.people.PeopleService;
import dorada.server.people.Person;
import dorada.server.problem.UserProblem;
import dorada.server.problem.WrongValues;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import dorada.server.tuning.PassArchive;
import dorada.server.tuning.PassRecord;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Valid;
import jakarta.validation.Validator;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Writes archives and reads them; one installation is in memory at a time. What is here already is never altered. */
@Service
public class Archives {

    static final String FORMAT = "dorada-archive";
    static final int VERSION = 2;

    private static final String MANIFEST = "archive.json";
    private static final String INSTALLATION = "installation.json";

    /** No file of an archive is longer; a zip can claim to unpack to anything. */
    private static final int MOST_BYTES = 16 << 20;

    private final InstallationService installations;
    private final PassArchive passes;
    private final Histories histories;
    private final PeopleService people;
    private final List<ShopPart<?>> parts;
    private final JsonMapper json;
    private final Validator validator;
    private final WrongValues wrongValues;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Archives(
            InstallationService installations,
            PassArchive passes,
            Histories histories,
            PeopleService people,
            List<ShopPart<?>> parts,
            JsonMapper json,
            Validator validator,
            WrongValues wrongValues,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.installations = installations;
        this.passes = passes;
        this.histories = histories;
        this.people = people;
        this.parts = parts;
        this.json = json;
        this.validator = validator;
        this.wrongValues = wrongValues;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /** Somebody who is named in an archive; no password, no role. */
    record ArchivedPerson(
            @NotBlank @Size(max = 60) String login,
            @NotBlank @Size(max = 120) String displayName) {

        static ArchivedPerson of(Person p) {
            return new ArchivedPerson(p.login(), p.displayName());
        }
    }

    /** @param folders of the installations, in the order in which they are read back */
    record Manifest(
            @NotBlank String format,
            int version,
            @NotNull Instant madeAt,
            @NotNull List<@Valid ArchivedPerson> people,
            @NotNull List<String> folders) {}

    /**
     * An installation with its passes.
     *
     * @param happened its history, the oldest first; absent in archives from before it came along
     */
    record ArchivedInstallation(
            @NotNull @Valid InstallationRecord installation,
            @NotNull List<@Valid PassRecord> passes,
            @Size(max = 100_000) List<@Valid @NotNull HappeningRecord> happened) {

        /** No shop has one visit or pass twice, nor two of one number or of one request: it was written by hand. */
        private boolean namesOneTwice() {
            return isTwice(installation.visits(), VisitRecord::id)
                    || isTwice(passes, PassRecord::id)
                    || isTwice(passes, PassRecord::number)
                    || isTwice(passes, PassRecord::requestKey);
        }

        private static <T> boolean isTwice(List<T> all, Function<T, ?> what) {
            Set<Object> seen = new HashSet<>();
            return all.stream().map(what).filter(Objects::nonNull).anyMatch(one -> !seen.add(one));
        }
    }

    /**
     * What reading an archive did.
     *
     * @param left installations that went on differently here and there, by their number in the archive; nothing of them was read
     */
    public record ReadArchiveView(
            @NotNull int installations,
            @NotNull int passes,
            @NotNull int others,
            @NotNull int alreadyHere,
            @NotNull List<String> left) {}

    /** Installation {@code only}, or the whole shop. */
    void write(Optional<UUID> only, OutputStream out) throws IOException {
        List<UUID> ids = only.map(List::of).orElseGet(installations::allIds);
        Map<String, ArchivedPerson> named = new TreeMap<>();
        List<String> folders = new ArrayList<>();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (UUID id : ids) {
                folders.add(write(installations.byId(id), zip, named));
            }
            for (ShopPart<?> part : parts) {
                part.people(only).map(ArchivedPerson::of).forEach(p -> named.put(p.login(), p));
                put(zip, part.name() + ".json", json.writeValueAsBytes(part.pack(only)));
            }
            put(
                    zip,
                    MANIFEST,
                    json.writeValueAsBytes(
                            new Manifest(FORMAT, VERSION, clock.instant(), List.copyOf(named.values()), folders)));
        }
    }

    private String write(Installation installation, ZipOutputStream zip, Map<String, ArchivedPerson> named)
            throws IOException {
        String folder = "installations/" + installation.shopNumber() + "/";
        List<PassRecord> records = new ArrayList<>();
        for (UUID id : passes.ids(installation.id())) {
            PassArchive.Packed packed = passes.pack(id, records.size() + 1);
            for (Map.Entry<String, byte[]> file : packed.files().entrySet()) {
                put(zip, folder + file.getKey(), file.getValue());
            }
            records.add(packed.pass());
        }
        InstallationRecord record = InstallationRecord.of(installation);
        ArchivedInstallation archived = new ArchivedInstallation(record, records, histories.pack(installation.id()));
        logins(archived).forEach(login -> named.put(login, ArchivedPerson.of(people.loadPerson(login))));
        put(zip, folder + INSTALLATION, json.writeValueAsBytes(archived));
        return folder;
    }

    private static Collection<String> logins(ArchivedInstallation a) {
        TreeSet<String> logins = new TreeSet<>(a.installation().logins());
        a.passes().forEach(p -> logins.add(p.recordedBy()));
        return logins;
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }

    /** Reads {@code file}: each installation whole or not at all, twice the same once. */
    ReadArchiveView read(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            Manifest manifest = read(zip, MANIFEST, Manifest.class);
            if (!FORMAT.equals(manifest.format()) || manifest.version() < 1 || manifest.version() > VERSION) {
                throw UserProblem.atField("file", Refused.OTHER_VERSION.of(manifest.version(), VERSION));
            }
            Map<String, ArchivedPerson> named =
                    manifest.people().stream().collect(Collectors.toMap(ArchivedPerson::login, p -> p, (a, b) -> a));
            ArchivedPeople who = login -> {
                ArchivedPerson p = named.get(login);
                if (p == null) {
                    throw UserProblem.atField("file", Refused.WHO_IS.of(login));
                }
                return people.namedInArchive(p.login(), p.displayName());
            };
            int made = 0;
            int recorded = 0;
            int here = 0;
            List<String> left = new ArrayList<>();
            for (String folder : manifest.folders()) {
                ArchivedInstallation a = read(zip, folder + INSTALLATION, ArchivedInstallation.class);
                boolean isNew = !installations.isKnown(a.installation().id());
                Optional<Added> added = transaction.execute(t -> {
                    Optional<Added> all = restore(a, isNew, who, n -> bytes(zip, folder + n));
                    if (all.isEmpty()) {
                        t.setRollbackOnly();
                    }
                    return all;
                });
                made += isNew && added.isPresent() ? 1 : 0;
                recorded += added.map(Added::passes).orElse(0);
                here += !isNew && added.filter(Added::isNothing).isPresent() ? 1 : 0;
                if (added.isEmpty()) {
                    left.add(Installation.shopNumber(a.installation().shopNumber()));
                }
            }
            int others = 0;
            for (ShopPart<?> part : parts) {
                others += restore(zip, part, who);
            }
            return new ReadArchiveView(made, recorded, others, here, left);
        } catch (ZipException e) {
            throw UserProblem.inFile(0, "This is no archive: " + e.getMessage() + ".");
        }
    }

    private record Added(int visits, int passes) {

        boolean isNothing() {
            return visits == 0 && passes == 0;
        }
    }

    /**
     * Empty where what is here and what is archived went on differently, or what is archived is of another one here, or there twice.
     */
    private Optional<Added> restore(
            ArchivedInstallation a, boolean isNew, ArchivedPeople who, PassArchive.Files files) {
        UUID id = a.installation().id();
        if (a.namesOneTwice() || installations.hasVisitsOfAnother(a.installation())) {
            return Optional.empty();
        }
        Optional<Integer> visits = Optional.of(0);
        if (isNew) {
            installations.restore(a.installation(), who);
        } else {
            visits = installations.goOn(a.installation(), who);
        }
        Optional<Added> added =
                visits.flatMap(v -> passes.restore(id, a.passes(), who, files).map(p -> new Added(v, p)));
        if (added.isPresent() && a.happened() != null) {
            histories.restore(id, a.happened(), isNew);
        }
        return added;
    }

    private <R extends Record> int restore(ZipFile zip, ShopPart<R> part, ArchivedPeople who) {
        String name = part.name() + ".json";
        if (zip.getEntry(name) == null) {
            return 0;
        }
        List<R> all;
        try {
            all = json.readerForListOf(part.type()).readValue(bytes(zip, name));
        } catch (JacksonException e) {
            throw unreadable(name, e);
        }
        int added = 0;
        for (R one : all) {
            added += Boolean.TRUE.equals(transaction.execute(t -> part.restore(valid(name, one), who))) ? 1 : 0;
        }
        return added;
    }

    private <T> T read(ZipFile zip, String name, Class<T> type) {
        try {
            return valid(name, json.readValue(bytes(zip, name), type));
        } catch (JacksonException e) {
            throw unreadable(name, e);
        }
    }

    private static UserProblem unreadable(String name, JacksonException e) {
        return UserProblem.inFile(
                e.getLocation() == null ? 0 : e.getLocation().getLineNr(),
                name + " in the archive could not be read: " + e.getOriginalMessage());
    }

    private <T> T valid(String name, T value) {
        Optional<ConstraintViolation<T>> wrong =
                validator.validate(value).stream().findFirst();
        if (wrong.isPresent()) {
            throw UserProblem.inFile(
                    0,
                    name + " in the archive: " + wrong.get().getPropertyPath() + ": "
                            + wrongValues.sentence(wrong.get()));
        }
        return value;
    }

    private static byte[] bytes(ZipFile zip, String name) {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw UserProblem.atField("file", Refused.PART_MISSING.of(name));
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes(MOST_BYTES + 1);
            if (bytes.length > MOST_BYTES) {
                throw UserProblem.atField("file", Refused.PART_TOO_LARGE.of(name));
            }
            return bytes;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
