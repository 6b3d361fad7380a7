package dorada.server.calibration;

import dorada.core.calibration.Standards;
import dorada.server.problem.UserProblem;
import jakarta.validation.constraints.NotNull;

/** What open, short and load really are. */
record StandardsRequest(
        @NotNull double openOffsetM,
        @NotNull double openFarad,
        @NotNull double shortOffsetM,
        @NotNull double shortHenry,
        @NotNull double loadOhm) {

    Standards standards() {
        try {
            return new Standards(openOffsetM, openFarad, shortOffsetM, shortHenry, loadOhm);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("standards", e);
        }
    }

    static StandardsRequest of(Standards s) {
        return new StandardsRequest(s.openOffsetM(), s.openFarad(), s.shortOffsetM(), s.shortHenry(), s.loadOhm());
    }
}
