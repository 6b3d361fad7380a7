package dorada.core.tuning;

import dorada.core.outcome.Outcome;
import java.util.List;
import java.util.Optional;

/**
 * How much of the need is changed at first. Near its place, and where the kind says how far it moves, a change goes all the way;
 * from far off, or where the kind is in doubt, a first change is a part of the need, and what this antenna shows of itself decides
 * the rest.
 *
 * @param mostM no more than this at once; infinite where the first change may go all the way
 * @param because why; empty where there is no limit
 */
record FirstChange(double mostM, Optional<Reason> because) {

    /** Beyond this share of frequency the kind's sensitivity is stretched too far; common practice, no source. */
    static final double FAR = 0.08;

    /** Of the need, from far off. */
    private static final double PART = 0.5;

    /** Of the piece, from far off. */
    static final double MOST_OF_THE_PIECE = 0.2;

    /** Of the electrical length, where two readings are all there is: what a hand would dare. */
    private static final double DARE = 0.006;

    private static final double TWICE = 2;

    private static final int FEW_READINGS = 2;
    private static final FirstChange ALL = new FirstChange(Double.POSITIVE_INFINITY, Optional.empty());

    static FirstChange of(TrimTask task, Standing s, List<Pass> passes) {
        boolean first = passes.stream().skip(1).allMatch(p -> p.changeM() == 0);
        double needM = Math.abs(s.sideM());
        double off = Math.abs(Math.log(s.targetHz() / s.dipHz()));
        boolean kindIsInDoubt = Gates.anotherKindInDoubt(task);
        double mostM = Double.POSITIVE_INFINITY;
        Optional<Reason> because = Optional.empty();
        if (first && (off > FAR || kindIsInDoubt)) {
            mostM = Math.min(PART * needM, MOST_OF_THE_PIECE * task.pieceM());
            because = kindIsInDoubt ? Optional.of(Reason.KIND_IN_DOUBT) : Optional.of(Reason.FAR_OFF);
        }
        if (!s.last().isSwept() && s.last().spots().size() <= FEW_READINGS) {
            double before = Math.abs(passes.get(passes.size() - 1).changeM());
            double dareM = Math.max(DARE * task.prior().waves() * s.wavelengthM(), TWICE * before);
            if (dareM < mostM && dareM < needM) {
                mostM = dareM;
                because = Optional.of(Reason.FEW_READINGS);
            }
        }
        return because.isEmpty()
                ? ALL
                : new FirstChange(Math.max(task.adjustment().smallestStepM(), mostM), because);
    }

    /** {@code cut} or the part of it that comes off at first. */
    ChangeChoice.Cut limited(ChangeChoice.Cut cut, Standing s) {
        return cut.lengthM() <= mostM ? cut : s.cutOf(s.choice().steppedDown(mostM));
    }

    /** The same for what slides. */
    double limited(double changeM) {
        return Math.signum(changeM) * Math.min(Math.abs(changeM), mostM);
    }

    List<Outcome> reasons(Standing s) {
        return because.isEmpty() || Math.abs(s.needM()) <= mostM
                ? List.of()
                : List.of(Reason.FIRST_A_PART.of(Math.abs(s.needM()), s.doubtM(), because.get()));
    }
}
