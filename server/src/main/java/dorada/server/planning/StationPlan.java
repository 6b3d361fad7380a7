package dorada.server.planning;

import dorada.core.antenna.Carrier;
import dorada.core.line.Feedline;
import dorada.core.planning.Exposure.GroundReflection;
import dorada.core.planning.PowerChain;
import dorada.core.planning.PowerChain.Antenna;
import dorada.core.planning.PowerChain.Fixed;
import dorada.core.planning.PowerChain.Part;
import dorada.core.planning.PowerChain.Place;
import dorada.core.planning.PowerChain.Run;
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
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/**
 * Up to four ways to build a station, where it stands and whom it must reach.
 *
 * @param alternatives the first is what the others are held against
 * @param ownHeightM of the antenna above the ground around, for the horizon
 * @param largestM largest dimension of the antenna
 * @param totalHeightM of everything that could fall or touch, from its foot; 0 for none
 * @param duty share of the time that is transmitted, 0 to 1
 * @param ground what its reflection adds at people's places
 * @param carrier what the antenna is fitted to; absent where nobody says
 * @param atBody true for a handheld or a set worn on the body
 */
@Embeddable
record StationPlan(
        @NotNull
        @DecimalMin(value = "1e6", message = "{wrong.FREQUENCY}")
        @DecimalMax(value = "1e9", message = "{wrong.FREQUENCY}")
        Double frequencyHz,

        @NotNull
        @Valid
        @Size(min = 1, max = 4, message = "{wrong.HOW_MANY}")
        @ElementCollection(fetch = FetchType.EAGER)
        @Fetch(FetchMode.SELECT)
        @BatchSize(size = 100)
        @CollectionTable(name = "plan_way", joinColumns = @JoinColumn(name = "plan_id"))
        @OrderColumn(name = "position")
        List<Way> alternatives,

        @NotNull
        @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
        @DecimalMax(value = "12000", message = "{wrong.MOST_M}")
        Double ownHeightM,

        @NotNull @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
        Double largestM,

        @NotNull @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
        Double totalHeightM,

        @NotNull @DecimalMin(value = "0", message = "{wrong.DUTY}") @DecimalMax(value = "1", message = "{wrong.DUTY}")
        Double duty,

        @NotNull @Enumerated(EnumType.STRING) @Column(name = "reflection", length = 20)
        GroundReflection ground,

        @NotNull Boolean atBody,

        @Enumerated(EnumType.STRING) @Column(name = "station_carrier", length = 30)
        Carrier carrier,

        @NotNull
        @Valid
        @Size(max = 20, message = "{wrong.MANY}")
        @ElementCollection(fetch = FetchType.EAGER)
        @Fetch(FetchMode.SELECT)
        @BatchSize(size = 100)
        @CollectionTable(name = "plan_station", joinColumns = @JoinColumn(name = "plan_id"))
        @OrderColumn(name = "position")
        List<Station> stations) {

    /**
     * One way to build it.
     *
     * @param jumper type of the short line at the radio; empty for none
     * @param tunerLossDb of a tuner at the radio; absent without one
     * @param meterLossDb of a meter in the line; 0 for none
     * @param line type of the feedline
     * @param connectors how many
     * @param connectorLossDb of each; absent for the usual
     * @param swr of the antenna, at the antenna
     * @param gainDbi of the antenna in the wanted direction
     */
    @Embeddable
    record Way(
            @NotBlank(message = "{wrong.NAME}") @Size(max = 60, message = "{wrong.LETTERS}")
            String name,

            @NotNull
            @DecimalMin(value = "0.001", message = "{wrong.POWER}")
            @DecimalMax(value = "5000", message = "{wrong.POWER}")
            double ratedW,

            @NotNull
            @DecimalMin(value = "1.01", message = "{wrong.CEILING}")
            @DecimalMax(value = "100", message = "{wrong.CEILING}")
            double ceilingSwr,

            @NotNull String jumper,

            @NotNull @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
            double jumperM,

            @NotNull @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
            double meterLossDb,

            @NotNull String line,

            @NotNull
            @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
            @DecimalMax(value = "1000", message = "{wrong.MOST_M}")
            double lineM,

            @NotNull @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
            int connectors,

            @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
            Double connectorLossDb,

            @NotNull
            @DecimalMin(value = "1", message = "{wrong.SWR}")
            @DecimalMax(value = "1000", message = "{wrong.MOST_SWR}")
            double swr,

            @NotNull
            @DecimalMin(value = "-40", message = "{wrong.GAIN}")
            @DecimalMax(value = "30", message = "{wrong.GAIN}")
            double gainDbi,

            @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
            @DecimalMax(value = "20", message = "{wrong.MOST_DB}")
            Double tunerLossDb) {

        PowerChain chain(int index) {
            List<Part> parts = new ArrayList<>();
            if (!jumper.isEmpty() && jumperM > 0) {
                parts.add(new Run(Place.JUMPER, type(jumper, index, "jumper").line(jumperM)));
            }
            if (meterLossDb > 0) {
                parts.add(new Fixed(Place.METER, meterLossDb));
            }
            if (lineM > 0) {
                parts.add(new Run(Place.LINE, type(line, index, "line").line(lineM)));
            }
            double eachDb = connectorLossDb == null ? PowerChain.CONNECTOR_DB : connectorLossDb;
            if (connectors > 0 && eachDb > 0) {
                parts.add(new Fixed(Place.CONNECTORS, connectors * eachDb));
            }
            return new PowerChain(
                    ratedW,
                    ceilingSwr,
                    parts,
                    Antenna.ofSwr(swr, gainDbi),
                    tunerLossDb == null ? OptionalDouble.empty() : OptionalDouble.of(tunerLossDb));
        }

        private static Feedline type(String id, int index, String field) {
            return Feedline.byId(id)
                    .orElseThrow(() ->
                            UserProblem.atField("alternatives[" + index + "]." + field, Refused.NO_SUCH_LINE.of(id)));
        }
    }

    /** @param neededDbm what its receiver needs */
    @Embeddable
    record Station(
            @NotBlank(message = "{wrong.NAME}") @Size(max = 60, message = "{wrong.LETTERS}")
            String name,

            @NotNull @DecimalMin(value = "1", message = "{wrong.DISTANCE}")
            double distanceM,

            @NotNull @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
            double heightM,

            @NotNull double gainDbi,
            @NotNull double neededDbm) {}
}
