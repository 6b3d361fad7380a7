package dorada.server.installation;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.line.Feedline;
import dorada.server.problem.UserProblem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;

/**
 * What a person fills in for an installation; SI units.
 *
 * @param radioId of the shop's radios; absent where nobody said which
 * @param carriedBy which vehicle, boat or mast, by its name in the catalogue; empty where nobody said, as the next two
 * @param antennaName which antenna, as it is bought
 * @param baseName what it is screwed or stuck onto
 */
public record InstallationRequest(
        @NotBlank(message = "Please give it a name that the shop will recognise.")
        @Size(max = 160, message = "At most 160 letters, please.")
        String title,

        @NotNull @Size(max = 160, message = "At most 160 letters, please.")
        String customer,

        @NotNull(message = "Please choose what it is fitted to.")
        Carrier carrier,

        @NotNull @Size(max = 600, message = "At most 600 letters, please.")
        String carrierDetail,

        @NotNull(message = "Please choose the kind of antenna.")
        AntennaKind antennaKind,

        @NotNull @Size(max = 600, message = "At most 600 letters, please.")
        String antennaDetail,

        @NotNull boolean oneWay,

        @NotNull
        @DecimalMin(value = "0.0001", message = "The smallest step is at least 0.1 mm.")
        @DecimalMax(value = "0.1", message = "The smallest step is at most 100 mm.")
        double smallestStepM,

        @DecimalMin(value = "0.02", message = "An element is at least 20 mm long.")
        @DecimalMax(value = "20", message = "An element is at most 20 m long.")
        Double startLengthM,

        @DecimalMin(value = "0.01", message = "The shortest is at least 10 mm.")
        @DecimalMax(value = "20", message = "The shortest is at most 20 m.")
        Double shortestLengthM,

        @DecimalMin(value = "0.02", message = "The longest is at least 20 mm.")
        @DecimalMax(value = "20", message = "The longest is at most 20 m.")
        Double longestLengthM,

        @NotNull
        @DecimalMin(value = "0.001", message = "Rated power lies between 1 mW and 2 kW.")
        @DecimalMax(value = "2000", message = "Rated power lies between 1 mW and 2 kW.")
        double ratedPowerW,

        @NotNull
        @DecimalMin(value = "1.05", message = "The radio's SWR ceiling lies between 1.05 and 20.")
        @DecimalMax(value = "20", message = "The radio's SWR ceiling lies between 1.05 and 20.")
        double swrCeiling,

        @NotNull(message = "Please choose an acceptance rule.")
        RuleName ruleName,

        @NotNull
        @DecimalMin(value = "1.05", message = "The limit lies between 1.05 and 10.")
        @DecimalMax(value = "10", message = "The limit lies between 1.05 and 10.")
        double limitSwr,

        @NotNull(message = "Please say where you measure.") ReferencePlane measuredAt,

        @NotEmpty(message = "Please add at least one channel.")
        @Size(max = 100, message = "At most 100 channels, please.")
        List<@Valid Channel> channels,

        @Size(max = 6, message = "At most six more radios, please.")
        List<@Valid OtherRadio> otherRadios,

        String feedlineType,

        @DecimalMin(value = "0.05", message = "A feedline is at least 5 cm long.")
        @DecimalMax(value = "1000", message = "A feedline is at most 1 km long.")
        Double feedlineLengthM,

        UUID radioId,

        @Size(max = 160, message = "At most 160 letters, please.")
        String carriedBy,

        @Size(max = 160, message = "At most 160 letters, please.")
        String antennaName,

        @Size(max = 160, message = "At most 160 letters, please.")
        String baseName) {

    /** What nobody named is named nothing: archives of before have no such names. */
    public InstallationRequest {
        carriedBy = named(carriedBy);
        antennaName = named(antennaName);
        baseName = named(baseName);
    }

    private static String named(String name) {
        return name == null ? "" : name.strip();
    }

    /** @throws UserProblem where half of a feedline is given, or none of the catalogue */
    void requireFeedline() {
        if (feedlineType != null && Feedline.byId(feedlineType).isEmpty()) {
            throw UserProblem.atField("feedlineType", Refused.NO_SUCH_FEEDLINE.of(feedlineType));
        }
        if (feedlineType != null && feedlineLengthM == null) {
            throw UserProblem.atField("feedlineLengthM", Refused.FEEDLINE_LENGTH.of());
        }
    }

    /** Further radios; a channel that names another than these is refused with its place. */
    List<OtherRadio> radios() {
        List<OtherRadio> others = otherRadios == null ? List.of() : otherRadios;
        for (int i = 0; i < channels.size(); i++) {
            String radio = channels.get(i).radio();
            if (!radio.isEmpty()
                    && others.stream().noneMatch(o -> o.name().strip().equals(radio))) {
                throw UserProblem.atField("channels[" + i + "].radio", Refused.NO_SUCH_RADIO.of(radio));
            }
        }
        return others;
    }

    /** The plan of {@code i} for another carrier of the same kind, whose antenna nobody has measured yet, nor its radio. */
    static InstallationRequest likeBut(Installation i, String title) {
        return of(i, title, null, null, "");
    }

    /** The plan of {@code i} as a person would fill it in, with what is each carrier's own. */
    static InstallationRequest of(Installation i, String title, Double startLengthM, UUID radioId, String carriedBy) {
        return new InstallationRequest(
                title,
                i.customer(),
                i.carrier(),
                i.carrierDetail(),
                i.antennaKind(),
                i.antennaDetail(),
                i.isOneWay(),
                i.smallestStepM(),
                startLengthM,
                i.setLength().shortestM().orElse(null),
                i.setLength().longestM().orElse(null),
                i.ratedPowerW(),
                i.swrCeiling(),
                i.ruleName(),
                i.limitSwr(),
                i.measuredAt(),
                i.channels(),
                i.otherRadios(),
                i.feedlineType(),
                i.feedlineLengthM(),
                radioId,
                carriedBy,
                i.antennaName(),
                i.baseName());
    }
}
