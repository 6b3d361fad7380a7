package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.BestOnMain;
import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.WantedChannel;
import dorada.core.line.Line;
import dorada.core.outcome.Outcome;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds the move of a match control that leaves the length the best chance. Each move is judged by the best that the length can
 * do after it: the curve keeps its shape, its bottom and its place change as is believed. No move is made that is expected to
 * leave the channels worse than they are, whatever the length could do about it afterwards.
 */
final class MatchMove {

    /**
     * @param metres outward; negative for inward
     * @param expected |Γ| after it where the rule judges; empty where the better way is not known yet
     */
    record Move(double metres, Optional<Sweep> expected, List<Outcome> reasons) {}

    /** Worth making for this share of (limit − 1). */
    private static final double WORTH = 0.05;

    /** Moves that are looked at either way. */
    private static final int MOVES = 12;

    /** Shortfall to spare that is worth moving for. */
    private static final double SPARE = 0.15;

    /** Of moves as good as each other the smaller one. */
    private static final double SLIGHTLY = 0.02;

    private final AcceptanceRule rule;
    private final List<WantedChannel> channels;
    private final MatchControl control;
    private final MatchBelief belief;
    private final Optional<Line> line;
    private final double safety;
    private final boolean oneWay;

    /**
     * @param line between the antenna and where the rule judges; empty for none
     * @param oneWay true where the length is cut, which only raises the dip
     */
    MatchMove(
            AcceptanceRule rule,
            List<WantedChannel> channels,
            MatchControl control,
            MatchBelief belief,
            Optional<Line> line,
            double safety,
            boolean oneWay) {
        // What a move does to X is not foreseen; the resonance is the length's business.
        this.rule = rule instanceof ResonanceFirst ? new BestOnMain(rule.limitSwr()) : rule;
        this.channels = channels;
        this.control = control;
        this.belief = belief;
        this.line = line;
        this.safety = safety;
        this.oneWay = oneWay;
    }

    /** Empty where no move is worth making. */
    Optional<Move> best(Sweep now, Dip dip) {
        Room room = control.room();
        double step = control.smallestStepM();
        double furthest = control.furthestStepM();
        double inward = Math.min(furthest, room.shortenM());
        double outward = Math.min(furthest, room.lengthenM());
        boolean roomIsOutward = room.lengthenM() >= room.shortenM();
        double stay = shortfallAfter(now, 0);
        double asItIs = windowAfter(now, 0).shortfall(1);
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double t = -inward; t <= outward + step / 2; t += Math.max(step, furthest / MOVES)) {
            double move = Math.rint(t / step) * step;
            double blindly = belief.isBlind() && move > 0 != roomIsOutward ? SLIGHTLY : 0;
            double score = Math.max(-SPARE, shortfallAfter(now, move)) + SLIGHTLY * Math.abs(move) / furthest + blindly;
            boolean worse = !belief.isBlind() && windowAfter(now, move).shortfall(1) > asItIs + Gates.NO_WORSE;
            if (score < least && !worse) {
                least = score;
                best = move;
            }
        }
        if (Math.abs(best) < step / 2 || least > stay - WORTH * (rule.limitSwr() - 1)) {
            return Optional.empty();
        }
        return Optional.of(new Move(
                best, belief.isBlind() ? Optional.empty() : Optional.of(expected(now, best)), reasons(dip, best)));
    }

    private Sweep expected(Sweep now, double move) {
        double square = belief.squareAfter(move) - belief.squareAfter(0);
        double factor = belief.dipFactor(move);
        double[] hz = new double[now.size()];
        double[] magnitude = new double[now.size()];
        for (int i = 0; i < hz.length; i++) {
            double at = now.frequencyHz(i) * factor;
            double rho = Math.sqrt(Math.max(0, Math.min(1, now.re(i) * now.re(i) + now.im(i) * now.im(i) + square)));
            hz[i] = at;
            magnitude[i] = line.map(l -> l.towardRadio(new Reflection(rho, 0), Sweep.STANDARD_REFERENCE_OHM, at))
                    .map(Reflection::magnitude)
                    .orElse(rho);
        }
        return Sweep.ofMagnitudes(hz, magnitude);
    }

    private double shortfallAfter(Sweep now, double move) {
        return windowAfter(now, move).leastShortfall(oneWay ? 1 : 0);
    }

    private RuleWindow windowAfter(Sweep now, double move) {
        RuleWindow.Curve curve =
                RuleWindow.Curve.shifted(now, belief.squareAfter(move) - belief.squareAfter(0), belief.dipFactor(move));
        return new RuleWindow(curve, line, rule, channels, safety, 1);
    }

    private List<Outcome> reasons(Dip dip, double move) {
        List<Outcome> reasons = new ArrayList<>();
        reasons.add(Reason.NO_LENGTH_THAT_IS_LEFT.of(
                dip.frequencyHz(), dip.reading().swr()));
        reasons.add(
                belief.isBlind()
                        ? Reason.WAY_NOT_KNOWN_YET.of()
                        : Reason.BOTTOM_AFTER_THE_MOVE.of(
                                Swr.ofMagnitude(Math.min(1, Math.sqrt(belief.squareAfter(move)))),
                                dip.frequencyHz() * belief.dipFactor(move)));
        reasons.add(Reason.MATCH_FIRST.of());
        return reasons;
    }
}
