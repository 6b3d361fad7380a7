package dorada.server.instrument;

import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.server.problem.UserProblem;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/**
 * What is to be swept, again and again.
 *
 * @param hold true to rest on the last sweep
 * @param find true to look for the dip: wide first, then narrow about it
 * @param calibrationId a calibration of the shop that corrects raw sweeps; absent for the instrument's own correction
 * @param installationId the installation whose rule judges each sweep; absent for none
 */
record LiveRequest(
        @NotNull String instrument,
        @NotNull double startHz,
        @NotNull double stopHz,
        @NotNull int points,
        @NotNull int averages,
        @NotNull boolean hold,
        @NotNull boolean find,
        UUID calibrationId,
        UUID installationId) {

    private static final int MOST_AVERAGES = 64;

    Span span() {
        try {
            return new Span(startHz, stopHz);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("startHz", e);
        }
    }

    LiveRequest checked() {
        span();
        if (points < 2 || points > AnalyserLimits.MOST_POINTS) {
            throw UserProblem.atField("points", Refused.POINTS.of(AnalyserLimits.MOST_POINTS));
        }
        if (averages < 1 || averages > MOST_AVERAGES) {
            throw UserProblem.atField("averages", Refused.AVERAGES.of(MOST_AVERAGES));
        }
        return this;
    }

    /** The same on another span; {@code looking} while the dip is not found yet. */
    LiveRequest on(Span other, boolean looking) {
        return new LiveRequest(
                instrument,
                other.startHz(),
                other.stopHz(),
                points,
                averages,
                hold,
                looking,
                calibrationId,
                installationId);
    }
}
