package dorada.server.planning;

import dorada.core.antenna.Carrier;
import dorada.core.planning.Need;
import dorada.core.planning.Need.Aim;
import dorada.core.planning.Need.Band;
import dorada.core.planning.Need.Material;
import dorada.core.planning.Need.Neighbour;
import dorada.core.planning.Need.Polarisation;
import dorada.core.planning.Need.Room;
import dorada.core.planning.Need.Stock;
import dorada.core.planning.Need.Surface;
import dorada.core.planning.Need.Target;
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
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/**
 * What an antenna is wanted for, and on what.
 *
 * @param material of the surface at the mount
 * @param roofLengthM of a metal surface, forward; 0 without
 * @param alongM place of the mount from the surface's centre
 * @param roomLengthM indoors; absent or 0 for the open
 * @param clearanceM highest that the tip may reach; 0 for no limit
 * @param near what stands near the mount
 * @param target absent: all round
 * @param polarisation absent: vertical
 * @param bearingDeg toward one station, from true north
 * @param rodRadiusM of rods at hand; absent or 0 for what is usual
 * @param holesM from hole to hole of a found boom
 */
@Embeddable
record NeedRequest(
        @NotNull @Enumerated(EnumType.STRING) @Column(length = 30)
        Carrier carrier,

        @NotNull @Enumerated(EnumType.STRING) @Column(length = 30)
        Material material,

        @NotNull Double roofLengthM,
        @NotNull Double roofWidthM,
        @NotNull Double alongM,
        @NotNull Double acrossM,
        Double roomLengthM,
        Double roomHeightM,
        @NotNull Double mountHeightM,
        @NotNull Double clearanceM,

        @Size(max = 8, message = "{wrong.MANY}")
        @ElementCollection(fetch = FetchType.EAGER)
        @Fetch(FetchMode.SELECT)
        @BatchSize(size = 100)
        @CollectionTable(name = "plan_neighbour", joinColumns = @JoinColumn(name = "plan_id"))
        @OrderColumn(name = "position")
        List<@Valid NearRequest> near,

        @NotNull Double lowHz,
        @NotNull Double highHz,
        @NotNull Double limitSwr,
        @Enumerated(EnumType.STRING) @Column(length = 30) Target target,

        @Enumerated(EnumType.STRING) @Column(length = 30) Polarisation polarisation,

        Double bearingDeg,
        Double rodRadiusM,
        Double wireRadiusM,
        Double insulationM,
        Double holesM) {

    /**
     * @param alongM from the mount, forward
     * @param acrossM from the mount, to the left
     * @param fromM lower end above the mount
     * @param toM upper end
     * @param radiusM of a tube as thick
     */
    @Embeddable
    record NearRequest(
            @NotBlank @Size(max = 60) String name,
            @NotNull double alongM,
            @NotNull double acrossM,
            @NotNull double fromM,
            @NotNull double toM,
            @NotNull double radiusM) {}

    Need need() {
        if (material == null || carrier == null) {
            throw UserProblem.atField("need", Refused.WHERE_AND_OF_WHAT.of());
        }
        try {
            return new Need(
                    carrier,
                    new Surface(material, roofLengthM, roofWidthM, alongM, acrossM),
                    new Room(orZero(roomLengthM), orZero(roomHeightM)),
                    mountHeightM,
                    clearanceM,
                    near == null
                            ? List.of()
                            : near.stream()
                                    .map(n -> new Neighbour(n.name, n.alongM, n.acrossM, n.fromM, n.toM, n.radiusM))
                                    .toList(),
                    new Band(lowHz, highHz, limitSwr),
                    new Aim(
                            target == null ? Target.ALL_ROUND : target,
                            polarisation == null ? Polarisation.VERTICAL : polarisation,
                            orZero(bearingDeg)),
                    new Stock(orZero(rodRadiusM), orZero(wireRadiusM), orZero(insulationM), orZero(holesM)));
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("need", e);
        }
    }

    private static double orZero(Double value) {
        return value == null ? 0 : value;
    }
}
