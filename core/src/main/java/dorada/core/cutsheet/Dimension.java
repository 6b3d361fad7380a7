package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.OptionalDouble;

/**
 * One dimension of an antenna.
 *
 * @param id short name
 * @param mark its letter in the drawing
 * @param title what it is
 * @param quantity what it is a number of
 * @param rule by the rule of the trade or a formula; empty where there is none
 * @param start where the solver begins, and what is drawn before it has answered: the rule where there is one
 * @param source of the rule, or who else decides
 * @param toleranceShare how exact it must be, as a share of itself
 * @param isTuned true where the antenna is tuned with it
 */
public record Dimension(
        String id,
        String mark,
        Outcome title,
        Quantity quantity,
        OptionalDouble rule,
        double start,
        Outcome source,
        double toleranceShare,
        boolean isTuned) {

    /** A quarter of a per cent of a resonant length moves the dip by as much. */
    private static final double CLOSE = 0.0025;

    private static final double COARSE = 0.02;

    /** Tuned with, and said by a rule. */
    public static Dimension tuned(String id, String mark, Outcome title, double ruleM, Outcome source) {
        return new Dimension(id, mark, title, Quantity.LENGTH, OptionalDouble.of(ruleM), ruleM, source, CLOSE, true);
    }

    /** Follows a rule and is left there. */
    public static Dimension byRule(String id, String mark, Outcome title, double ruleM, Outcome source) {
        return new Dimension(id, mark, title, Quantity.LENGTH, OptionalDouble.of(ruleM), ruleM, source, COARSE, false);
    }

    /** Chosen by the person. */
    public static Dimension given(String id, String mark, Outcome title, double valueM) {
        return byRule(id, mark, title, valueM, Say.AS_YOU_GAVE_IT.of());
    }

    /** No rule: only the solver knows. */
    public static Dimension solved(String id, String mark, Outcome title, Quantity quantity, double start) {
        return new Dimension(id, mark, title, quantity, OptionalDouble.empty(), start, Say.NO_RULE.of(), COARSE, true);
    }

    public Dimension as(Quantity other) {
        return new Dimension(id, mark, title, other, rule, start, source, toleranceShare, isTuned);
    }

    public Dimension within(double share) {
        return new Dimension(id, mark, title, quantity, rule, start, source, share, isTuned);
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        AS_YOU_GAVE_IT,
        NO_RULE;

        @Override
        public String area() {
            return "cut.dimension";
        }
    }
}
