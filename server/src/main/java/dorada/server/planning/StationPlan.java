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
        @DecimalMin(value = "1e6", message = "A frequency lies between 1 and 1000 MHz.")
        @DecimalMax(value = "1e9", message = "A frequency lies between 1 and 1000 MHz.")
        Double frequencyHz,

        @NotNull
        @Valid
        @Size(min = 1, max = 4, message = "One to four ways can be compared.")
        @ElementCollection(fetch = FetchType.EAGER)
        @Fetch(FetchMode.SELECT)
        @BatchSize(size = 100)
        @CollectionTable(name = "plan_way", joinColumns = @JoinColumn(name = "plan_id"))
        @OrderColumn(name = "position")
        List<Way> alternatives,

        @NotNull
        @DecimalMin(value = "0", message = "A height is 0 m or more.")
        @DecimalMax(value = "12000", message = "At most 12 km, please.")
        Double ownHeightM,

        @NotNull @DecimalMin(value = "0", message = "A size is 0 m or more.")
        Double largestM,

        @NotNull @DecimalMin(value = "0", message = "A height is 0 m or more.")
        Double totalHeightM,

        @NotNull
        @DecimalMin(value = "0", message = "The duty lies between 0 and 1.")
        @DecimalMax(value = "1", message = "The duty lies between 0 and 1.")
        Double duty,

        @NotNull @Enumerated(EnumType.STRING) @Column(name = "reflection", length = 20)
        GroundReflection ground,

        @NotNull Boolean atBody,

        @Enumerated(EnumType.STRING) @Column(name = "station_carrier", length = 30)
        Carrier carrier,

        @NotNull
        @Valid
        @Size(max = 20, message = "At most 20 stations, please.")
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
            @NotBlank(message = "Each way needs a name.") @Size(max = 60, message = "At most 60 letters, please.")
            String name,

            @NotNull
            @DecimalMin(value = "0.001", message = "The radio's power is at least 1 mW.")
            @DecimalMax(value = "5000", message = "At most 5 kW, please.")
            double ratedW,

            @NotNull
            @DecimalMin(value = "1.01", message = "A radio is rated for an SWR above 1.")
            @DecimalMax(value = "100", message = "At most 100, please.")
            double ceilingSwr,

            @NotNull String jumper,

            @NotNull @DecimalMin(value = "0", message = "A length is 0 m or more.")
            double jumperM,

            @NotNull @DecimalMin(value = "0", message = "A loss is 0 dB or more.")
            double meterLossDb,

            @NotNull String line,

            @NotNull
            @DecimalMin(value = "0", message = "A length is 0 m or more.")
            @DecimalMax(value = "1000", message = "At most 1 km, please.")
            double lineM,

            @NotNull @DecimalMin(value = "0", message = "0 connectors or more.")
            int connectors,

            @DecimalMin(value = "0", message = "A loss is 0 dB or more.")
            Double connectorLossDb,

            @NotNull
            @DecimalMin(value = "1", message = "An SWR is 1 or more.")
            @DecimalMax(value = "1000", message = "At most 1000, please.")
            double swr,

            @NotNull
            @DecimalMin(value = "-40", message = "A gain lies between -40 and 30 dBi.")
            @DecimalMax(value = "30", message = "A gain lies between -40 and 30 dBi.")
            double gainDbi,

            @DecimalMin(value = "0", message = "A loss is 0 dB or more.")
            @DecimalMax(value = "20", message = "At most 20 dB, please.")
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
                    .orElseThrow(() -> UserProblem.atField(
                            "alternatives[" + index + "]." + field, "There is no line of type \"" + id + "\"."));
        }
    }

    /** @param neededDbm what its receiver needs */
    @Embeddable
    record Station(
            @NotBlank(message = "Each station needs a name.") @Size(max = 60, message = "At most 60 letters, please.")
            String name,

            @NotNull @DecimalMin(value = "1", message = "A distance is 1 m or more.")
            double distanceM,

            @NotNull @DecimalMin(value = "0", message = "A height is 0 m or more.")
            double heightM,

            @NotNull double gainDbi,
            @NotNull double neededDbm) {}
}
