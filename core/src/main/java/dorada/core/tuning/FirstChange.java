package dorada.core.tuning;

import java.util.List;
import java.util.Locale;

/**
 * How much of the need is changed at first. Near its place, and where the kind says how far it moves, a change goes all the way;
 * from far off, or where the kind is in doubt, a first change is a part of the need, and what this antenna shows of itself decides
 * the rest.
 *
 * @param mostM no more than this at once; infinite where the first change may go all the way
 * @param because why, in words; "" where there is no limit
 */
record FirstChange(double mostM, String because) {

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
    private static final FirstChange ALL = new FirstChange(Double.POSITIVE_INFINITY, "");

    static FirstChange of(TrimTask task, Standing s, List<Pass> passes) {
        boolean first = passes.stream().skip(1).allMatch(p -> p.changeM() == 0);
        double needM = Math.abs(s.sideM());
        double off = Math.abs(Math.log(s.targetHz() / s.dipHz()));
        boolean kindIsInDoubt = Gates.anotherKindInDoubt(task);
        double mostM = Double.POSITIVE_INFINITY;
        String because = "";
        if (first && (off > FAR || kindIsInDoubt)) {
            mostM = Math.min(PART * needM, MOST_OF_THE_PIECE * task.pieceM());
            because = kindIsInDoubt
                    ? "length and kind do not quite fit, and how far this one moves is not known yet"
                    : "it is far off, and how far this one moves is not known yet";
        }
        if (!s.last().isSwept() && s.last().spots().size() <= FEW_READINGS) {
            double before = Math.abs(passes.get(passes.size() - 1).changeM());
            double dareM = Math.max(DARE * task.prior().waves() * s.wavelengthM(), TWICE * before);
            if (dareM < mostM && dareM < needM) {
                mostM = dareM;
                because = "one or two readings leave much open: this is a step to learn from";
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

    List<String> reasons(Standing s) {
        return because.isEmpty() || Math.abs(s.needM()) <= mostM
                ? List.of()
                : List.of(String.format(
                        Locale.ROOT,
                        "The whole need is about %.0f mm, give or take %.0f; a part of it now, for %s.",
                        Math.abs(s.needM()) * 1000,
                        s.doubtM() * 1000,
                        because));
    }
}
