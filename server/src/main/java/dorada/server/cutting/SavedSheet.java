package dorada.server.cutting;

import dorada.server.installation.Installation;
import dorada.server.people.Person;
import dorada.server.removed.Removable;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.hibernate.Length;

/** A sheet that the shop keeps: what was asked, what is done, and what was really cut. */
@Entity
@Table(name = "cut_sheet")
public class SavedSheet extends Removable {

    @Id
    private UUID id;

    private String name;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "installation_id")
    private Installation installation;

    private String kind;

    @Column(length = Length.LONG32)
    private String body;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "cut_sheet_done", joinColumns = @JoinColumn(name = "sheet_id"))
    @Column(name = "step")
    private Set<String> done = new TreeSet<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "cut_sheet_cut", joinColumns = @JoinColumn(name = "sheet_id"))
    @OrderColumn(name = "position")
    private List<ReallyCut> cuts = new ArrayList<>();

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "changed_by")
    private Person changedBy;

    private Instant changedAt;

    @Version
    private long version;

    /** How long a piece really came out. */
    @Embeddable
    public record ReallyCut(
            @NotNull int piece,
            @NotNull @Column(name = "length_m") double lengthM) {}

    protected SavedSheet() {}

    static SavedSheet create() {
        SavedSheet sheet = new SavedSheet();
        sheet.id = UUID.randomUUID();
        return sheet;
    }

    /** As it was when it was archived. */
    static SavedSheet restored(SheetArchive.SheetRecord r, Optional<Installation> of, Person by) {
        SavedSheet sheet = new SavedSheet();
        sheet.id = r.id();
        sheet.name = r.name();
        sheet.installation = of.orElse(null);
        sheet.kind = r.kind();
        sheet.body = r.body();
        sheet.done.addAll(r.done());
        sheet.cuts.addAll(r.cuts());
        sheet.changedBy = by;
        sheet.changedAt = r.changedAt();
        return sheet;
    }

    final SavedSheet fill(SavedSheetController.SavedSheetRequest r, Optional<Installation> of, Person by, Instant at) {
        name = r.name().strip();
        installation = of.orElse(null);
        kind = r.sheet().kind();
        body = r.body();
        done.clear();
        done.addAll(r.done());
        cuts.clear();
        cuts.addAll(r.cuts());
        changedBy = by;
        changedAt = at;
        return this;
    }

    @Override
    public UUID id() {
        return id;
    }

    @Override
    public String name() {
        return name;
    }

    Optional<Installation> installation() {
        return Optional.ofNullable(installation);
    }

    String kind() {
        return kind;
    }

    String body() {
        return body;
    }

    Set<String> done() {
        return done;
    }

    List<ReallyCut> cuts() {
        return cuts;
    }

    Person changer() {
        return changedBy;
    }

    String changedBy() {
        return changedBy.displayName();
    }

    Instant changedAt() {
        return changedAt;
    }

    long version() {
        return version;
    }
}
