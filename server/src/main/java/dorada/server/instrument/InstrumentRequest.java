package dorada.server.instrument;

import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.server.problem.UserProblem;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;

/**
 * @param version of the one that is changed; 0 for a new one
 * @param driver how it is talked to; over the network where absent
 * @param host name or number on the network
 * @param serialPort of this machine
 * @param baud bits a second on it
 * @param lowestHz lowest, {@code highestHz} highest frequency and {@code mostPoints} points of a sweep: all three, or none where
 *     nobody knows them
 */
record InstrumentRequest(
        @NotNull long version,

        @NotBlank(message = "{wrong.NAME}") @Size(max = 80, message = "{wrong.LETTERS}")
        String name,

        @Size(max = 30, message = "{wrong.NO_SUCH_DRIVER}") String driver,

        @Size(max = 120, message = "{wrong.LETTERS}") String host,
        Integer port,
        @Size(max = 120, message = "{wrong.LETTERS}") String serialPort,
        Integer baud,
        Double lowestHz,
        Double highestHz,
        Integer mostPoints,
        @NotNull(message = "{wrong.COMMAND_TEXTS}") CommandProfile profile) {

    /** The same under the driver that it means. */
    InstrumentRequest by(AnalyserDriver chosen) {
        return new InstrumentRequest(
                version, name, chosen.id(), host, port, serialPort, baud, lowestHz, highestHz, mostPoints, profile);
    }

    AnalyserDriver.Place place() {
        return new AnalyserDriver.Place(
                host == null ? "" : host.strip(),
                port == null ? 0 : port,
                serialPort == null ? "" : serialPort.strip(),
                baud == null ? 0 : baud);
    }

    /** @throws UserProblem where some are missing or the wrong way round */
    Optional<AnalyserLimits> limits() {
        if (lowestHz == null && highestHz == null && mostPoints == null) {
            return Optional.empty();
        }
        if (lowestHz == null || highestHz == null || mostPoints == null) {
            throw UserProblem.atField(
                    lowestHz == null ? "lowestHz" : highestHz == null ? "highestHz" : "mostPoints",
                    Refused.ALL_THREE_LIMITS.of());
        }
        if (!(lowestHz > 0) || !(highestHz > lowestHz) || highestHz.isInfinite()) {
            throw UserProblem.atField("highestHz", Refused.COVERS_NOTHING.of());
        }
        if (mostPoints < 2) {
            throw UserProblem.atField("mostPoints", Refused.TWO_POINTS.of());
        }
        return Optional.of(new AnalyserLimits(new Span(lowestHz, highestHz), mostPoints));
    }
}
