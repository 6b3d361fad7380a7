package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.Span;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Decides too long or too short, and by how much.
 *
 * <p>Length goes with 1/f about the electrical length: a piece of k wavelengths with its dip at f₁ needs
 * k·c·(1/f₂ − 1/f₁) more to have it at f₂. Where f₂ should be follows from the acceptance rule: the measured curve is
 * moved along the frequency axis to where the rule's shortfall is least. A one-way cut takes off only what is surely
 * needed, two standard deviations short of the estimate.
 */
public final class TrimAdviser {

    private static final double CAUTIOUS_STEP = 0.015;
    private static final double CAUTIOUS_STEP_TWO_WAYS = 0.03;
    private static final double WIDER = 2.5;
    private static final int GRID = 400;
    private static final double DEVIATIONS = 2;

    private final AcceptanceRule rule;
    private final List<WantedChannel> channels;
    private final Adjustment adjustment;
    private final double waves;
    private final Span instrument;

    /**
     * @param rule what counts as good enough
     * @param channels the wanted channels, at least one
     * @param adjustment how the length is changed
     * @param waves electrical length of the adjusted piece in wavelengths, above 0
     * @param instrument what the instrument can sweep
     */
    public TrimAdviser(
            AcceptanceRule rule, List<WantedChannel> channels, Adjustment adjustment, double waves, Span instrument) {
        if (channels.isEmpty()) {
            throw new IllegalArgumentException("Advice needs at least one wanted channel.");
        }
        this.rule = rule;
        this.channels = channels.stream()
                .sorted(Comparator.comparingDouble(WantedChannel::frequencyHz))
                .toList();
        this.adjustment = adjustment;
        this.waves = waves;
        this.instrument = instrument;
    }

    /** Advice after all {@code passes}, oldest first, at least one. */
    public TrimAdvice advise(List<Pass> passes) {
        if (passes.isEmpty()) {
            throw new IllegalArgumentException("Advice needs at least one sweep.");
        }
        Pass last = passes.get(passes.size() - 1);
        SweepAnalysis now = new SweepAnalysis(last.sweep());
        if (now.isFlatAndLow()) {
            return findTheFault("The curve is flat and low over a very wide span. That is loss or a dummy load left in "
                    + "place, not an antenna.");
        }
        Optional<Dip> deepest = now.deepestDip();
        if (deepest.isEmpty()) {
            return findTheFault("This sweep has no dip at all: look at connector, feedline and ground before the saw.");
        }
        Dip dip = deepest.get();
        if (dip.atEdge()) {
            return dipBeyondTheSweep(now.sweep(), dip);
        }
        Sensitivity sensitivity = Sensitivity.of(passes, waves);
        if (!sensitivity.isBelievable()) {
            return findTheFault(
                    "The dip did not follow the recorded changes. Check what was recorded, the set screw and "
                            + "the connector before changing the length again.");
        }
        return dipInside(last, now, dip, sensitivity);
    }

    private TrimAdvice dipInside(Pass last, SweepAnalysis now, Dip dip, Sensitivity sensitivity) {
        double dipHz = dip.frequencyHz();
        double targetHz = targetHz(now.sweep(), dipHz);
        double needM =
                waves * Wavelength.SPEED_OF_LIGHT_M_PER_S * (1 / targetHz - 1 / dipHz) * sensitivity.setPerElectrical();
        boolean met = rule.judge(
                        last.isSwept()
                                ? ChannelReading.of(now, channels)
                                : ChannelReading.ofReadings(last.spots(), channels),
                        ReferencePlane.ANTENNA)
                .met();
        // A resonance judged by a few channels may lie elsewhere.
        double dipDoubtM = waves * Wavelength.ofHz(dipHz) / dipHz * last.dipDeviationHz() * sensitivity.setPerElectrical();
        double deviation = Math.hypot(needM * sensitivity.doubt(), dipDoubtM);
        List<String> reasons = new ArrayList<>();
        Fit fit = Math.abs(needM) < adjustment.smallestStepM() ? Fit.CENTRED : needM < 0 ? Fit.TOO_LONG : Fit.TOO_SHORT;
        reasons.add(String.format(
                Locale.ROOT,
                "The dip is at %.3f MHz; for this rule it belongs at %.3f MHz.",
                dipHz / 1e6,
                targetHz / 1e6));
        reasons.add(
                sensitivity.learnt()
                        ? "How far the dip moves is learnt from this antenna's own passes."
                        : "How far the dip moves is a first estimate from its electrical length; the next sweep will tell.");
        Optional<Double> best = worstWanted(now.sweep(), targetHz / dipHz);
        if (best.isPresent() && best.get() > rule.limitSwr()) {
            reasons.add(String.format(
                    Locale.ROOT,
                    "Even there the worst channel would be about %.2f: length alone will not meet the rule.",
                    best.get()));
        }
        Action action;
        double amountM = Math.abs(needM);
        if (met) {
            action = Action.STOP;
            best.ifPresent(swr -> reasons.add(
                    String.format(Locale.ROOT, "Another change could bring the worst channel to %.2f at best.", swr)));
            amountM = 0;
        } else if (fit == Fit.CENTRED) {
            action = Action.FIND_THE_FAULT;
            reasons.add(
                    "It is centred already. What is missing is match, not length: look at ground, base and feedline.");
            amountM = 0;
        } else if (adjustment instanceof Adjustment.OneWayCut && needM > 0) {
            action = Action.REPLACE_LONGER;
            reasons.add("A cut only shortens, so a longer piece is needed.");
        } else {
            action = needM < 0 ? Action.SHORTEN : Action.LENGTHEN;
            if (adjustment instanceof Adjustment.OneWayCut) {
                amountM = Math.max(amountM / 4, amountM - DEVIATIONS * deviation);
                reasons.add("Only what is surely needed comes off now; a cut cannot be undone.");
            }
            amountM = stepped(amountM);
        }
        double moved = sensitivity.movedHz(dipHz, waves, Math.signum(needM) * amountM);
        Sweep expected = amountM > 0 ? stretched(now.sweep(), moved / dipHz) : null;
        // Nobody works to better than half a step, however sure the estimate is.
        double doubt = Math.max(deviation, adjustment.smallestStepM() / 2);
        return new TrimAdvice(
                action,
                fit,
                amountM,
                Math.max(0, Math.abs(needM) - doubt),
                Math.abs(needM) + doubt,
                Optional.of(dipHz),
                Optional.of(targetHz),
                Optional.of(sensitivity.hzPerM(dipHz, waves)),
                sensitivity.learnt(),
                Optional.ofNullable(expected),
                expected == null ? List.of() : wantedIn(expected),
                Optional.empty(),
                reasons);
    }

    /** Whole steps, at least one: a smaller change cannot be made by hand. */
    private double stepped(double amountM) {
        double step = adjustment.smallestStepM();
        double steps = adjustment instanceof Adjustment.OneWayCut
                ? Math.floor(amountM / step + 1e-9)
                : Math.rint(amountM / step);
        return Math.max(1, steps) * step;
    }

    private TrimAdvice dipBeyondTheSweep(Sweep sweep, Dip dip) {
        boolean below = dip.frequencyHz() == sweep.startHz();
        double lowest = channels.get(0).frequencyHz();
        double highest = channels.get(channels.size() - 1).frequencyHz();
        // The side is certain only where the whole band lies on the inner side of the edge.
        Fit fit = below && lowest >= sweep.startHz()
                ? Fit.TOO_LONG
                : !below && highest <= sweep.stopHz() ? Fit.TOO_SHORT : Fit.UNKNOWN;
        Span span = new Span(sweep.startHz(), sweep.stopHz());
        Span wider =
                new Span(Math.min(span.startHz(), lowest), Math.max(span.stopHz(), highest)).widened(WIDER, instrument);
        boolean canSweepWider = below ? wider.startHz() < span.startHz() : wider.stopHz() > span.stopHz();
        boolean oneWay = adjustment instanceof Adjustment.OneWayCut;
        double stepM = fit == Fit.UNKNOWN
                ? 0
                : stepped(
                        (oneWay ? CAUTIOUS_STEP : CAUTIOUS_STEP_TWO_WAYS) * waves * Wavelength.ofHz(dip.frequencyHz()));
        List<String> reasons = new ArrayList<>();
        reasons.add(
                below
                        ? "The curve is still falling at the low end of the sweep: the dip lies below it."
                        : "The curve is still falling at the high end of the sweep: the dip lies above it.");
        if (fit == Fit.UNKNOWN) {
            reasons.add("The sweep does not reach the band, so the side is not certain.");
        }
        Action change = fit == Fit.TOO_LONG
                ? Action.SHORTEN
                : fit == Fit.TOO_SHORT && !oneWay
                        ? Action.LENGTHEN
                        : fit == Fit.TOO_SHORT ? Action.REPLACE_LONGER : Action.FIND_THE_FAULT;
        if (canSweepWider) {
            reasons.add("Sweep wider to find it before changing anything.");
        } else if (stepM > 0) {
            reasons.add("The instrument cannot sweep wider, so take one cautious step and sweep again.");
        }
        return new TrimAdvice(
                canSweepWider ? Action.SWEEP_WIDER : change,
                fit,
                stepM,
                stepM,
                stepM,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                List.of(),
                canSweepWider ? Optional.of(wider) : Optional.empty(),
                reasons);
    }

    private static TrimAdvice findTheFault(String reason) {
        return new TrimAdvice(
                Action.FIND_THE_FAULT,
                Fit.UNKNOWN,
                0,
                0,
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of(reason));
    }

    /** Where the dip does best for this rule; the middle of the band where the sweep is too narrow to tell. */
    private double targetHz(Sweep sweep, double dipHz) {
        double lowest = channels.get(0).frequencyHz();
        double highest = channels.get(channels.size() - 1).frequencyHz();
        double middle = Math.sqrt(lowest * highest);
        double from = Math.min(lowest, dipHz) * 0.98;
        double to = Math.max(highest, dipHz) * 1.02;
        double[] weights = channels.stream().mapToDouble(WantedChannel::weight).toArray();
        double best = middle;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= GRID; i++) {
            double candidate = from + (to - from) * i / GRID;
            double[] swr = swrs(sweep, candidate / dipHz);
            double misfit = swr.length == channels.size() ? rule.misfit(swr, weights) : Double.POSITIVE_INFINITY;
            if (misfit < least) {
                least = misfit;
                best = candidate;
            }
        }
        return best;
    }

    private double[] swrs(Sweep sweep, double stretch) {
        return channels.stream()
                .map(c -> sweep.at(c.frequencyHz() / stretch))
                .flatMap(Optional::stream)
                .mapToDouble(r -> r.swr())
                .toArray();
    }

    private Optional<Double> worstWanted(Sweep sweep, double stretch) {
        double[] swr = swrs(sweep, stretch);
        return swr.length == channels.size()
                ? Optional.of(java.util.Arrays.stream(swr).max().orElseThrow())
                : Optional.empty();
    }

    private static Sweep stretched(Sweep sweep, double factor) {
        return sweep.movedInFrequency(hz -> hz * factor);
    }

    private List<Reading> wantedIn(Sweep sweep) {
        SweepAnalysis analysis = new SweepAnalysis(sweep);
        return channels.stream()
                .map(c -> analysis.readingAt(c.frequencyHz()))
                .flatMap(Optional::stream)
                .toList();
    }
}
