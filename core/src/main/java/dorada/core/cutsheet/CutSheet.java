package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A sheet that somebody can take to the saw.
 *
 * @param kind what is made
 * @param inputs what was asked for, complete
 * @param lines every dimension: by rule, as solved, and as it is used
 * @param uses which of both is used
 * @param why in a sentence
 * @param shape as used
 * @param pieces with what is left on
 * @param solved what the solver found; empty before, or where there is nothing to solve
 */
public record CutSheet(
        CutKind kind,
        Inputs inputs,
        List<Line> lines,
        Uses uses,
        Outcome why,
        Shape shape,
        List<Piece> pieces,
        Optional<Solved> solved) {

    /** Left on where the wires were solved, and where only a rule speaks: common practice, no source. */
    private static final double TRIM_SOLVED = 0.02;

    private static final double TRIM_BY_RULE = 0.03;

    private static final double MOST_TRIM = 0.1;

    public CutSheet {
        lines = List.copyOf(lines);
        pieces = List.copyOf(pieces);
    }

    /** Whose answer is taken. */
    public enum Uses {
        /** The sheet decides. */
        BEST,
        RULE,
        SOLVER
    }

    /** A dimension with both answers. */
    public record Line(Dimension dimension, OptionalDouble solved, double used) {

        /** By how much the solver's is more than the rule's; empty where one of both is missing. */
        public OptionalDouble difference() {
            return solved.isPresent() && dimension.rule().isPresent()
                    ? OptionalDouble.of(solved.getAsDouble() - dimension.rule().getAsDouble())
                    : OptionalDouble.empty();
        }
    }

    /**
     * @param wanted whose answer to take
     * @throws InputException where the solver's is wanted and there is none
     */
    public static CutSheet of(CutKind kind, Inputs in, Optional<Solved> solved, Uses wanted) {
        List<Dimension> dimensions = kind.dimensions(in);
        boolean isMeasured = in.has(Shortening.FROM, Shortening.MEASURED);
        boolean hasGoal = !(kind.goal(in) instanceof Goal.None);
        Uses uses =
                wanted == Uses.RULE || solved.isEmpty() || wanted == Uses.BEST && isMeasured ? Uses.RULE : Uses.SOLVER;
        Outcome why;
        if (!hasGoal) {
            why = kind.unsolved();
        } else if (wanted == Uses.RULE) {
            why = Say.THE_RULES.of();
        } else if (solved.isEmpty()) {
            why = Say.THE_RULES_UNTIL.of();
        } else if (uses == Uses.RULE) {
            why = Say.THE_RULES_WITH.of();
        } else {
            why = Say.THE_SOLVERS.of();
        }
        Shape byRule = Shape.start(dimensions);
        // What no rule tells is the solver's in any case.
        Shape shape = byRule;
        for (Dimension d : dimensions) {
            if (solved.isPresent() && (uses == Uses.SOLVER || d.rule().isEmpty())) {
                shape = shape.with(d.id(), solved.get().shape().get(d.id()));
            }
        }
        Shape used = shape;
        List<Line> lines = dimensions.stream()
                .map(d -> new Line(
                        d,
                        solved.isPresent()
                                ? OptionalDouble.of(solved.get().shape().get(d.id()))
                                : OptionalDouble.empty(),
                        used.get(d.id())))
                .toList();
        // What only a rule tells may be off by the kind's doubt, and too long can be cut.
        double share = uses == Uses.SOLVER
                ? TRIM_SOLVED
                : Math.max(TRIM_BY_RULE, Math.min(MOST_TRIM, solved.isPresent() ? 0 : kind.doubt()));
        List<Piece> pieces = kind.pieces(in, used).stream()
                .map(p -> p.dimension().isEmpty() ? p : p.longer(trimM(p, lines, share)))
                .toList();
        return new CutSheet(kind, in, lines, uses, why, used, pieces, solved);
    }

    /**
     * The tuned dimension as it begins when a piece came out {@code cutM} long; empty where this piece tunes nothing.
     * Halves and arms count singly.
     */
    public OptionalDouble startM(Piece piece, double cutM) {
        if (piece.dimension().isEmpty()) {
            return OptionalDouble.empty();
        }
        double outside = piece.count() == 1 ? shape.get(piece.dimension()) - piece.finishedM() : 0;
        return OptionalDouble.of(cutM - piece.extraM() + outside);
    }

    /** A share of it; and where the other answer is longer, up to that. */
    private static double trimM(Piece p, List<Line> lines, double share) {
        double other = lines.stream()
                .filter(l -> l.dimension().id().equals(p.dimension()))
                .flatMap(l -> l.solved().stream()
                        .boxed()
                        .map(s -> Math.max(s, l.dimension().rule().orElse(s)) - l.used()))
                .mapToDouble(d -> d)
                .max()
                .orElse(0);
        return Math.max(share * p.finishedM(), Math.min(other, MOST_TRIM * p.finishedM()));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        THE_RULES,
        THE_RULES_UNTIL,
        THE_RULES_WITH,
        THE_SOLVERS;

        @Override
        public String area() {
            return "cut.cutSheet";
        }
    }
}
