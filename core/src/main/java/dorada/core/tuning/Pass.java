package dorada.core.tuning;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.instrument.SpotReading;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * One turn of the loop: what was changed since the pass before, and what was measured after it.
 *
 * @param changeM metres added to the length since the pass before, negative when shortened; 0 for the baseline
 * @param secondChangeM metres by which a second piece, such as a tap, was lengthened or moved outward since then; 0 for none
 * @param sweep the sweep taken then; for a few readings, the curve that explains them best
 * @param dipDeviationHz standard deviation of where that curve has its dip; 0 for a sweep, whose points show it
 * @param spots the readings at single channels; empty for a sweep
 * @param circumstances what was not as it should be
 * @param pieces what was changed by {@code changeM}; empty for what is usual with the kind
 * @param lookedOver true where somebody has looked for a fault since the pass before, and found or mended it: what was read
 *     before is of another state
 */
public record Pass(
        double changeM,
        double secondChangeM,
        Sweep sweep,
        double dipDeviationHz,
        List<Reading> spots,
        Set<Circumstance> circumstances,
        Optional<Pieces> pieces,
        boolean lookedOver) {

    /** As far as this beside a band a dip may still be its own, as a ratio. */
    private static final double ABOUT = 1.35;

    public Pass {
        spots = List.copyOf(spots);
        circumstances = Set.copyOf(circumstances);
    }

    /** A pass that was swept. */
    public Pass(double changeM, Sweep sweep) {
        this(changeM, 0, sweep, 0, List.of(), Set.of(), Optional.empty(), false);
    }

    /** A pass read at a few channels; empty where nothing was read. One channel alone leaves the side open. */
    public static Optional<Pass> ofSpots(double changeM, List<SpotReading> read) {
        return ResonanceEstimate.of(read).map(e -> ofSpots(changeM, read, e));
    }

    /** The same where it is known already what {@code read} says. */
    public static Pass ofSpots(double changeM, List<SpotReading> read, ResonanceEstimate says) {
        return new Pass(
                changeM,
                0,
                says.curve(),
                says.deviationHz(),
                // The same readings give the same answer in whatever order they were typed.
                read.stream()
                        .sorted(Comparator.comparingDouble(SpotReading::frequencyHz))
                        .map(SpotReading::reading)
                        .toList(),
                Set.of(),
                Optional.empty(),
                false);
    }

    /** The same reading after other changes. */
    public Pass after(double newChangeM, double newSecondChangeM) {
        return new Pass(newChangeM, newSecondChangeM, sweep, dipDeviationHz, spots, circumstances, pieces, lookedOver);
    }

    /** The same after a change of {@code other} pieces. */
    public Pass changing(Optional<Pieces> other) {
        return new Pass(changeM, secondChangeM, sweep, dipDeviationHz, spots, circumstances, other, lookedOver);
    }

    /** The same, taken after somebody has looked for a fault. */
    public Pass afterALook(boolean looked) {
        return new Pass(changeM, secondChangeM, sweep, dipDeviationHz, spots, circumstances, pieces, looked);
    }

    /** The same reading under {@code other} circumstances. */
    public Pass under(Set<Circumstance> other) {
        return new Pass(changeM, secondChangeM, sweep, dipDeviationHz, spots, other, pieces, lookedOver);
    }

    /** The same reading with {@code others} left out of account. */
    Pass without(Collection<Circumstance> others) {
        Set<Circumstance> left = new HashSet<>(circumstances);
        left.removeAll(others);
        return under(left);
    }

    /** The same reading with the circumstances that are a fault on {@code carrier}; with all where nobody said what it is. */
    Pass onlyWhatMattersOn(Optional<Carrier> carrier) {
        return without(circumstances.stream()
                .filter(c -> carrier.isPresent() && !c.mattersOn(carrier.get()))
                .toList());
    }

    /** The circumstances with {@code effect}, in the order in which people ask. */
    List<Circumstance> circumstances(Circumstance.Effect effect) {
        return circumstances.stream().filter(c -> c.effect() == effect).sorted().toList();
    }

    /** Whether it says something of {@code channel} itself. */
    boolean reads(WantedChannel channel) {
        return isSwept()
                ? sweep.covers(channel.frequencyHz())
                : ChannelReading.ofReadings(spots, List.of(channel))
                        .get(0)
                        .reading()
                        .isPresent();
    }

    /** Whether it says something of {@code band}: a sweep of all of it, or a reading on one of its channels. */
    boolean readsBand(List<WantedChannel> band) {
        return isSwept() ? band.stream().allMatch(this::reads) : band.stream().anyMatch(this::reads);
    }

    /** Whether this reads, untouched and by the same means, what {@code before} did not. */
    boolean completes(Pass before) {
        return isUnchanged()
                && !isSwept()
                && !before.isSwept()
                && !lookedOver
                && circumstances.equals(before.circumstances)
                && spots.stream()
                        .noneMatch(r -> before.spots.stream().anyMatch(b -> b.frequencyHz() == r.frequencyHz()));
    }

    /** This pass with what {@code more} read besides. */
    Pass with(Pass more) {
        List<Reading> all = Stream.concat(spots.stream(), more.spots.stream())
                .sorted(Comparator.comparingDouble(Reading::frequencyHz))
                .toList();
        ResonanceEstimate e = ResonanceEstimate.ofReadings(all);
        return new Pass(changeM, secondChangeM, e.curve(), e.deviationHz(), all, circumstances, pieces, lookedOver);
    }

    /**
     * What of this pass is about {@code band}, so that the dips of others are not taken for its own; empty where it was not swept
     * there.
     */
    Optional<Pass> about(List<WantedChannel> band) {
        double low = band.get(0).frequencyHz() / ABOUT;
        double high = band.get(band.size() - 1).frequencyHz() * ABOUT;
        int from = 0;
        int to = sweep.size();
        while (from < to && sweep.frequencyHz(from) < low) {
            from++;
        }
        while (to > from && sweep.frequencyHz(to - 1) > high) {
            to--;
        }
        if (to - from < 2) {
            return Optional.empty();
        }
        List<Reading> own = spots.stream()
                .filter(r -> r.frequencyHz() >= low && r.frequencyHz() <= high)
                .toList();
        return !spots.isEmpty() && own.isEmpty()
                ? Optional.empty()
                : Optional.of(new Pass(
                        changeM,
                        secondChangeM,
                        sweep.part(from, to),
                        dipDeviationHz,
                        own,
                        circumstances,
                        pieces,
                        lookedOver));
    }

    /**
     * Those of {@code passes} that were swept about {@code band}; changes of those left out are kept.
     *
     * @param second true in the light of the second piece: its changes become those of the length, the length's those of another
     */
    static List<Pass> near(List<Pass> passes, List<WantedChannel> band, boolean second) {
        List<Pass> near = new ArrayList<>();
        double own = 0;
        double other = 0;
        boolean looked = false;
        for (Pass p : passes) {
            own += second ? p.secondChangeM() : p.changeM();
            other += second ? p.changeM() : p.secondChangeM();
            looked |= p.lookedOver();
            Optional<Pass> about = p.about(band);
            if (about.isPresent()) {
                near.add(about.get().after(own, other).afterALook(looked));
                own = 0;
                other = 0;
                looked = false;
            }
        }
        return near;
    }

    /** Whether the same antenna was read twice with nothing changed, so that whoever stood near has been seen. */
    static boolean isMeasuredTwice(List<Pass> passes) {
        for (int i = 1; i < passes.size(); i++) {
            Pass before = passes.get(i - 1);
            // A sweep that did not reach the dip was only looking for it.
            boolean reached = !before.isSwept()
                    || new SweepAnalysis(before.sweep)
                            .deepestDip()
                            .filter(d -> !d.atEdge())
                            .isPresent();
            if (reached && passes.get(i).isUnchanged()) {
                return true;
            }
        }
        return false;
    }

    /** Whether all that is known was read before the first change, and once: surroundings may have moved the dip, unnoticed. */
    static boolean isPlaceInDoubt(List<Pass> passes) {
        return passes.stream().allMatch(Pass::isUnchanged) && !isMeasuredTwice(passes);
    }

    boolean isUnchanged() {
        return changeM == 0 && secondChangeM == 0;
    }

    boolean hasPhase() {
        return isSwept() && sweep.hasPhase();
    }

    /** True where it was swept. */
    public boolean isSwept() {
        return spots.isEmpty();
    }
}
