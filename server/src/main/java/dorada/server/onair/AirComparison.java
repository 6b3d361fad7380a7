package dorada.server.onair;

import dorada.core.onair.FairComparison;
import dorada.core.onair.FairComparison.Heard;
import dorada.server.people.Person;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** Several antennas heard one after the other under the same circumstances. */
@Entity
class AirComparison {

    /** Clips nearer than this are alike: as near as the estimate is. */
    private static final double CLIP_TIE_DB = 1;

    @Id
    private UUID id;

    private UUID installationId;
    private String place;

    @Column(name = "power_w")
    private double powerW;

    private double frequencyHz;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "begun_by")
    private Person begunBy;

    private Instant begunAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "air_trial", joinColumns = @JoinColumn(name = "comparison_id"))
    @OrderColumn(name = "number")
    private List<AirTrial> trials = new ArrayList<>();

    protected AirComparison() {}

    AirComparison(
            UUID id, UUID installationId, ComparisonRequest request, List<AirTrial> trials, Person by, Instant at) {
        this.id = id;
        this.installationId = installationId;
        this.place = request.place().strip();
        this.powerW = request.powerW();
        this.frequencyHz = request.frequencyHz();
        this.trials.addAll(trials);
        this.begunBy = by;
        this.begunAt = at;
    }

    /** By clips where every trial that was done has one that tells, else by the reports. */
    boolean isByClips() {
        List<AirTrial> done = trials.stream()
                .filter(t -> t.report().isPresent() || t.hasClip())
                .toList();
        return !done.isEmpty() && done.stream().allMatch(t -> t.clipDb().isPresent());
    }

    FairComparison result() {
        boolean byClips = isByClips();
        List<Heard> heard = new ArrayList<>();
        for (AirTrial t : trials) {
            if (byClips && t.clipDb().isPresent()) {
                heard.add(new Heard(t.round(), t.antenna(), t.clipDb().getAsDouble()));
            } else if (!byClips && t.report().isPresent()) {
                heard.add(new Heard(t.round(), t.antenna(), t.report().get().score()));
            }
        }
        return FairComparison.of(heard, byClips ? CLIP_TIE_DB : 0);
    }

    UUID installationId() {
        return installationId;
    }

    UUID id() {
        return id;
    }

    String place() {
        return place;
    }

    double powerW() {
        return powerW;
    }

    double frequencyHz() {
        return frequencyHz;
    }

    List<AirTrial> trials() {
        return trials;
    }

    Person begunBy() {
        return begunBy;
    }

    Instant begunAt() {
        return begunAt;
    }
}
