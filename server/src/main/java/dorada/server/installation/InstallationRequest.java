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
 * @param carriedBy which vehicle, boat or mast, by its name in the catalogue; empty where nobody said, as the next four
 * @param antennaName which antenna, as it is bought
 * @param baseName what it is screwed or stuck onto
 * @param feedlineName which line of the shop's
 * @param adapterName what stands between connectors that do not fit
 */
public record InstallationRequest(
        @NotBlank(message = "{wrong.SHOP_NAME}") @Size(max = 160, message = "{wrong.LETTERS}")
        String title,

        @NotNull @Size(max = 160, message = "{wrong.LETTERS}")
        String customer,

        @NotNull(message = "{wrong.CARRIER}") Carrier carrier,

        @NotNull @Size(max = 600, message = "{wrong.LETTERS}")
        String carrierDetail,

        @NotNull(message = "{wrong.KIND}") AntennaKind antennaKind,

        @NotNull @Size(max = 600, message = "{wrong.LETTERS}")
        String antennaDetail,

        @NotNull boolean oneWay,

        @NotNull
        @DecimalMin(value = "0.0001", message = "{wrong.STEP}")
        @DecimalMax(value = "0.1", message = "{wrong.STEP}")
        double smallestStepM,

        @DecimalMin(value = "0.02", message = "{wrong.ELEMENT}") @DecimalMax(value = "20", message = "{wrong.ELEMENT}")
        Double startLengthM,

        @DecimalMin(value = "0.01", message = "{wrong.SHORTEST}")
        @DecimalMax(value = "20", message = "{wrong.SHORTEST}")
        Double shortestLengthM,

        @DecimalMin(value = "0.02", message = "{wrong.LONGEST}") @DecimalMax(value = "20", message = "{wrong.LONGEST}")
        Double longestLengthM,

        @NotNull
        @DecimalMin(value = "0.001", message = "{wrong.POWER}")
        @DecimalMax(value = "2000", message = "{wrong.POWER}")
        double ratedPowerW,

        @NotNull
        @DecimalMin(value = "1.05", message = "{wrong.CEILING}")
        @DecimalMax(value = "20", message = "{wrong.CEILING}")
        double swrCeiling,

        @NotNull(message = "{wrong.RULE}") RuleName ruleName,

        @NotNull
        @DecimalMin(value = "1.05", message = "{wrong.LIMIT}")
        @DecimalMax(value = "10", message = "{wrong.LIMIT}")
        double limitSwr,

        @NotNull(message = "{wrong.MEASURED_AT}") ReferencePlane measuredAt,

        @NotEmpty(message = "{wrong.CHANNEL}") @Size(max = 100, message = "{wrong.MANY}")
        List<@Valid Channel> channels,

        @Size(max = 6, message = "{wrong.MANY}") List<@Valid OtherRadio> otherRadios,

        String feedlineType,

        @DecimalMin(value = "0.05", message = "{wrong.FEEDLINE}")
        @DecimalMax(value = "1000", message = "{wrong.FEEDLINE}")
        Double feedlineLengthM,

        UUID radioId,

        @Size(max = 160, message = "{wrong.LETTERS}") String carriedBy,

        @Size(max = 160, message = "{wrong.LETTERS}") String antennaName,

        @Size(max = 160, message = "{wrong.LETTERS}") String baseName,

        @Size(max = 160, message = "{wrong.LETTERS}") String feedlineName,

        @Size(max = 160, message = "{wrong.LETTERS}") String adapterName) {

    /** What nobody named is named nothing: archives of before have no such names. */
    public InstallationRequest {
        carriedBy = named(carriedBy);
        antennaName = named(antennaName);
        baseName = named(baseName);
        feedlineName = named(feedlineName);
        adapterName = named(adapterName);
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
                i.baseName(),
                i.feedlineName(),
                i.adapterName());
    }
}
