package dorada.server.planning;

import dorada.core.planning.GroundPlanner.Metal;
import dorada.server.problem.UserProblem;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/**
 * A whip over a band, and the grounds that are compared under it.
 *
 * @param slopeDeg from the vertical
 * @param trimmed true where the whip is trimmed on each ground
 * @param chosen which of {@code grounds} is looked at, counted from 0
 * @param radials of all grounds, each with the place of its own
 */
@Embeddable
record GroundPlan(
        @NotNull @Column(name = "ground_low_hz") Double lowHz,
        @NotNull @Column(name = "ground_high_hz") Double highHz,
        @NotNull @Column(name = "ground_limit_swr") Double limitSwr,
        @NotNull Double whipM,
        @NotNull Double slopeDeg,
        @NotNull Double whipRadiusM,
        @NotNull @Column(name = "is_trimmed") Boolean trimmed,

        @NotNull @Min(0) @Max(20) @Column(name = "ground_chosen")
        Integer chosen,

        @NotNull
        @Size(max = 20, message = "{wrong.MANY}")
        @ElementCollection(fetch = FetchType.EAGER)
        @Fetch(FetchMode.SELECT)
        @BatchSize(size = 100)
        @CollectionTable(name = "plan_ground", joinColumns = @JoinColumn(name = "plan_id"))
        @OrderColumn(name = "position")
        List<@Valid PlannedGround> grounds,

        @NotNull
        @Size(max = 400, message = "{wrong.MANY}")
        @ElementCollection(fetch = FetchType.EAGER)
        @Fetch(FetchMode.SELECT)
        @BatchSize(size = 100)
        @CollectionTable(name = "plan_radial", joinColumns = @JoinColumn(name = "plan_id"))
        @OrderColumn(name = "position")
        List<@Valid PlannedRadial> radials) {

    /** @throws UserProblem where a radial, or what is looked at, is of a ground that is not there */
    void requireItsGrounds() {
        if (chosen >= Math.max(1, grounds.size())) {
            throw UserProblem.atField("ground.chosen", Refused.NO_SUCH_GROUND.of(chosen + 1));
        }
        if (radials.stream().anyMatch(r -> r.ground >= grounds.size())) {
            throw UserProblem.atField("ground.radials", Refused.RADIAL_OF_NO_GROUND.of());
        }
    }

    /** A ground; its sizes as in {@link GroundRequest}. */
    @Embeddable
    record PlannedGround(
            @NotBlank @Size(max = 60) String name,

            @NotNull @Enumerated(EnumType.STRING) @Column(length = 20)
            GroundRequest.Kind kind,

            @NotNull double lengthM,
            @NotNull double widthM,
            @NotNull double openingM,

            @NotNull @Enumerated(EnumType.STRING) @Column(length = 20)
            Metal metal) {}

    /** @param ground place of the one that it belongs to */
    @Embeddable
    record PlannedRadial(
            @NotNull @Min(0) @Max(20) int ground,
            @NotNull double azimuthDeg,
            @NotNull double lengthM,
            @NotNull double droopDeg,
            @NotNull double radiusM) {}
}
