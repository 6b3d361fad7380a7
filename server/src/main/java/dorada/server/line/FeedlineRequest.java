package dorada.server.line;

import dorada.core.line.Line;
import dorada.server.problem.UserProblem;
import jakarta.validation.constraints.NotNull;

/**
 * A feedline as a request describes it: loss per 100 m = k1·√f + k2·f, f in MHz.
 *
 * @param lengthM 0 for "not known" where faults are searched for
 * @param impedanceOhm 50 where absent
 * @param k1DbPer100mSqrtMHz 0 where absent
 * @param k2DbPer100mMHz 0 where absent
 */
public record FeedlineRequest(
        @NotNull Double lengthM,
        @NotNull Double velocityFactor,
        Double impedanceOhm,
        Double k1DbPer100mSqrtMHz,
        Double k2DbPer100mMHz) {

    /** @throws UserProblem at {@code field} where it is missing or no line */
    static Line line(FeedlineRequest request, String field) {
        if (request == null || request.lengthM == null || request.velocityFactor == null) {
            throw UserProblem.atField(field, "A line needs lengthM and velocityFactor.");
        }
        try {
            return new Line(
                    request.lengthM,
                    request.velocityFactor,
                    request.impedanceOhm == null ? 50 : request.impedanceOhm,
                    request.k1DbPer100mSqrtMHz == null ? 0 : request.k1DbPer100mSqrtMHz,
                    request.k2DbPer100mMHz == null ? 0 : request.k2DbPer100mMHz);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField(field, e);
        }
    }

    /** This line; see {@link #line}. */
    public Line line(String field) {
        return line(this, field);
    }
}
