package dorada.core.recheck;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.outcome.Outcome;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Reading;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Cause;
import dorada.core.tuning.Check;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Pass;
import dorada.core.tuning.Symptom;
import dorada.core.tuning.Unlike;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * An antenna held against what it was when it was signed off.
 *
 * <p>Every {@link Explanation} turns the signed-off reading into what it would be now; how well that fits what was read, over all
 * that the explanation leaves open, times how common it is, is its probability (Bayes' theorem; the likelihood is a normal one with
 * the doubts of both readings).
 *
 * @param finding what it comes to
 * @param unchanged probability that nothing has changed; never 0 and never 1
 * @param thenDipHz where the dip was, nowDipHz where it is; empty where a reading does not show it
 * @param dipDoubtHz standard deviation of the shift between the two; 0 where both were swept
 * @param channels every wanted channel that both say something of
 * @param causes what may have done it, likeliest first; empty where it is unchanged
 * @param otherwise circumstances of one reading and not of the other, which may explain a change by themselves
 */
public record Recheck(
        Finding finding,
        double unchanged,
        Optional<Double> thenDipHz,
        Optional<Double> nowDipHz,
        double dipDoubtHz,
        List<ChannelDrift> channels,
        List<Likely> causes,
        List<Circumstance> otherwise) {

    /** Readings that leave a dip open by more than this share of its frequency say nothing of where it is. */
    private static final double OPEN_SHARE = 0.02;

    /** No probability is stated as 0 or 1. */
    private static final double LEAST = 0.001;

    /** It is called changed only where that is more likely than this. */
    private static final double CHANGED = 0.9;

    /** A cause that is less likely is not named. */
    private static final double NAMED = 0.05;

    /** As a share of all that may have changed it, loss is likely from here on. */
    private static final double LIKELY = 0.3;

    /** What the worst channel may lose, in |Γ|, and the dip move, as a share, and stay: common practice, no source. */
    private static final double STAYS_GAMMA = 0.06;

    private static final double STAYS_SHARE = 0.004;

    /** Residual directivity of two good calibrations leaves no more; common practice, no source. */
    private static final double MOST_TOLD_DB = 35;

    /** Less than this comes back on average: a good antenna does not become better by itself. */
    private static final double BETTER = -0.015;

    public Recheck {
        channels = List.copyOf(channels);
        causes = List.copyOf(causes);
        otherwise = List.copyOf(otherwise);
    }

    /** A cause with its probability. */
    public record Likely(Cause cause, double probability) {}

    /** One wanted channel, then and now; the change of return loss in dB is positive where less comes back now. */
    public record ChannelDrift(WantedChannel channel, Reading then, Reading now) {

        /** In dB; a match that is better than calibrations can tell apart is as good as that. */
        public double returnLossChangeDb() {
            return Math.min(MOST_TOLD_DB, now.returnLossDb()) - Math.min(MOST_TOLD_DB, then.returnLossDb());
        }
    }

    /**
     * @param channels those wanted
     * @param carrier what it is fitted to
     * @param isMet whether the rule is met now
     * @param phaseIsTheAntennas true where both were read at the antenna, or with the line taken off
     * @return empty where the two say nothing of the same frequencies
     */
    public static Optional<Recheck> of(
            Pass then,
            Pass now,
            List<WantedChannel> channels,
            Carrier carrier,
            boolean isMet,
            boolean phaseIsTheAntennas) {
        ReadingPair pair = new ReadingPair(then, now, phaseIsTheAntennas);
        if (pair.isEmpty()) {
            return Optional.empty();
        }
        Map<Explanation, ReadingPair.Fit> fits = new EnumMap<>(Explanation.class);
        for (Explanation e : Explanation.values()) {
            if (e.prior(carrier) > 0) {
                pair.fit(e).ifPresent(f -> fits.put(e, f));
            }
        }
        Map<Explanation, Double> all = probabilities(fits, carrier);
        double unchanged = all.get(Explanation.UNCHANGED);
        boolean isChanged = unchanged < 1 - CHANGED;
        double shift = fits.get(best(all)).shift();
        List<ChannelDrift> drifts = drifts(then, now, channels);
        Finding finding = !isChanged
                ? Finding.UNCHANGED
                : pair.meanChange() < BETTER && isLoss(all)
                        ? Finding.SUSPICIOUSLY_BETTER
                        : isMet && Math.abs(shift) < STAYS_SHARE && worst(drifts) < STAYS_GAMMA
                                ? Finding.WATCH
                                : Finding.CHANGED;
        return Optional.of(new Recheck(
                finding,
                Math.max(LEAST, Math.min(1 - LEAST, unchanged)),
                dip(then),
                dip(now),
                Math.hypot(then.dipDeviationHz(), now.dipDeviationHz()),
                drifts,
                isChanged ? causes(all, fits, carrier) : List.of(),
                Unlike.between(then.circumstances(), now.circumstances())
                        .map(Unlike::all)
                        .orElse(List.of())));
    }

    /** By how much the dip moved, positive for up; empty where the readings leave that open by more than what stays. */
    public Optional<Double> movedHz() {
        return thenDipHz.flatMap(
                then -> nowDipHz.map(now -> now - then).filter(moved -> dipDoubtHz <= STAYS_SHARE * then));
    }

    private static Map<Explanation, Double> probabilities(Map<Explanation, ReadingPair.Fit> fits, Carrier carrier) {
        double most = fits.values().stream()
                .mapToDouble(ReadingPair.Fit::evidence)
                .max()
                .orElseThrow();
        Map<Explanation, Double> all = new EnumMap<>(Explanation.class);
        fits.forEach((e, f) -> all.put(e, e.prior(carrier) * Math.exp(f.evidence() - most)));
        double sum = all.values().stream().mapToDouble(Double::doubleValue).sum();
        all.replaceAll((e, p) -> p / sum);
        return all;
    }

    private static Explanation best(Map<Explanation, Double> all) {
        return all.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }

    private static boolean isLoss(Map<Explanation, Double> all) {
        return all.get(Explanation.WATER) > LIKELY * (1 - all.get(Explanation.UNCHANGED));
    }

    /** Greatest rise of |Γ| on any channel that both read. */
    private static double worst(List<ChannelDrift> drifts) {
        return drifts.stream()
                .mapToDouble(d ->
                        d.now.reflection().magnitude() - d.then.reflection().magnitude())
                .max()
                .orElse(0);
    }

    private static List<ChannelDrift> drifts(Pass then, Pass now, List<WantedChannel> channels) {
        List<ChannelReading> before = readings(then, channels);
        List<ChannelReading> after = readings(now, channels);
        List<ChannelDrift> drifts = new ArrayList<>();
        for (int i = 0; i < before.size(); i++) {
            Optional<Reading> b = before.get(i).reading();
            Optional<Reading> a = after.get(i).reading();
            if (a.isPresent() && b.isPresent()) {
                drifts.add(new ChannelDrift(before.get(i).channel(), b.get(), a.get()));
            }
        }
        return drifts;
    }

    private static List<ChannelReading> readings(Pass pass, List<WantedChannel> channels) {
        return pass.isSwept()
                ? ChannelReading.of(new SweepAnalysis(pass.sweep()), channels)
                : ChannelReading.ofReadings(pass.spots(), channels);
    }

    /** As swept, or by the curve that explains a few readings, inside the band or beside it, where they leave little open. */
    private static Optional<Double> dip(Pass pass) {
        return new SweepAnalysis(pass.sweep())
                .deepestDip()
                .filter(d -> !d.atEdge())
                .map(Dip::frequencyHz)
                .filter(hz -> pass.dipDeviationHz() <= OPEN_SHARE * hz);
    }

    private static List<Likely> causes(
            Map<Explanation, Double> all, Map<Explanation, ReadingPair.Fit> fits, Carrier carrier) {
        double changed = 1 - all.get(Explanation.UNCHANGED);
        return all.entrySet().stream()
                .filter(e -> e.getKey() != Explanation.UNCHANGED)
                .map(e -> new Likely(
                        cause(e.getKey(), fits.get(e.getKey()), carrier),
                        Math.max(LEAST, Math.min(1 - LEAST, e.getValue() / changed))))
                .filter(l -> l.probability() >= NAMED)
                .sorted(Comparator.comparingDouble(Likely::probability).reversed())
                .toList();
    }

    private static Cause cause(Explanation e, ReadingPair.Fit f, Carrier carrier) {
        return switch (e) {
            case SLIPPED ->
                new Cause(
                        carrier == Carrier.PORTABLE ? Cause.Id.SET_UP_OTHERWISE : Cause.Id.SLIPPED_JOINT,
                        moved(f),
                        carrier == Carrier.PORTABLE ? Check.SET_UP_AS_SIGNED_OFF : Check.DEPTH_MARK_AND_SIGN_OFF);
            case ICE -> new Cause(Cause.Id.ICE, moved(f), Check.THAW_AND_READ);
            case WATER ->
                new Cause(
                        carrier == Carrier.AIRCRAFT ? Cause.Id.WATER_IN_THE_STRUCTURE : Cause.Id.WATER_IN_THE_LINE,
                        Symptom.LOSS_CAME_IN.of(f.lossDb()),
                        carrier == Carrier.AIRCRAFT ? Check.LICENSED_STAFF : Check.DRY_AND_OPEN);
            case CORROSION ->
                new Cause(
                        carrier == Carrier.AIRCRAFT ? Cause.Id.LOOSE_BOND : Cause.Id.CORRODED_GROUND,
                        Symptom.RESISTANCE_CAME_IN.of(f.resistanceOhm()),
                        carrier == Carrier.AIRCRAFT ? Check.LICENSED_STAFF : Check.CLEAN_THE_MOUNT);
            case SOMETHING_BESIDE ->
                switch (carrier) {
                    case VEHICLE -> new Cause(Cause.Id.SOMETHING_ON_THE_ROOF, moved(f), Check.TAKE_IT_OFF_THE_ROOF);
                    case HANDHELD -> new Cause(Cause.Id.HELD_OTHERWISE, moved(f), Check.HOLD_AS_SIGNED_OFF);
                    case AIRCRAFT -> new Cause(Cause.Id.AIRCRAFT_SURROUNDINGS, moved(f), Check.INTO_THE_OPEN);
                    case MAST -> new Cause(Cause.Id.MAST_SURROUNDINGS, moved(f), Check.FIELD_GLASSES);
                    case INDOOR -> new Cause(Cause.Id.SOMETHING_PUT_BESIDE_IT, moved(f), Check.CLEAR_EACH_WIRE);
                    case PORTABLE -> new Cause(Cause.Id.SOMETHING_NEW_BESIDE_IT, moved(f), Check.CLEAR_AND_READ);
                };
            case UNCHANGED, SOMETHING_ELSE ->
                new Cause(Cause.Id.NOT_THIS_ANTENNA, Symptom.READS_OTHERWISE.of(), Check.FOLLOW_THE_LINE);
        };
    }

    private static Outcome moved(ReadingPair.Fit f) {
        return (f.shift() < 0 ? Symptom.DIP_MOVED_DOWN : Symptom.DIP_MOVED_UP).of(Math.abs(f.shift()));
    }
}
