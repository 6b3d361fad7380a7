package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.BandPiece;
import dorada.core.antenna.PieceId;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.List;
import java.util.Optional;

/**
 * An antenna whose two bands have a piece each and are tuned one after the other: the upper band first, for its piece moves the
 * lower one too; then the stub between the two, which must hold the upper band while the wire above it is cut; then the lower
 * one, which leaves the upper nearly alone.
 */
public final class StagedAdviser {

    /**
     * A stub holds the upper band where a cut of the wire above it, in wavelengths, moves the dip by less than this share of it.
     * Solved for a ribbon J-pole on 2 m and 70 cm: up to 0.05 with the right stub, 0.2 and more with one that is 10 mm off.
     */
    private static final double LEAKS = 0.12;

    /** Less than this share is within what a reading repeats. */
    private static final double LEAST_MOVE = 0.004;

    private final TrimAdviser upper;
    private final TrimAdviser lower;
    private final List<WantedChannel> upperBand;
    private final List<WantedChannel> lowerBand;
    private final PieceId upperPiece;
    private final PieceId lowerPiece;

    /**
     * @param task for both bands together
     * @param upperPiece what the upper band is tuned with; the first piece of every pass
     * @param lowerPiece what the lower band is tuned with; the second piece of every pass
     */
    public StagedAdviser(TrimTask task, BandPiece upperPiece, BandPiece lowerPiece) {
        List<List<WantedChannel>> bands = WantedChannel.bands(task.channels());
        lowerBand = bands.get(0);
        upperBand = bands.get(1);
        upper = new TrimAdviser(
                task.forBand(upperBand, TrimPrior.of(upperPiece)).within(task.room()));
        lower = new TrimAdviser(task.forBand(lowerBand, TrimPrior.of(lowerPiece)));
        this.upperPiece = upperPiece.id();
        this.lowerPiece = lowerPiece.id();
    }

    /**
     * Advice after all {@code passes}, oldest first, at least one, each swept over both bands or over the one that was worked
     * on.
     */
    public TrimAdvice advise(List<Pass> passes) {
        List<Pass> above = Pass.near(passes, upperBand, false);
        if (above.isEmpty()) {
            return unread(upperBand);
        }
        if (Pass.near(passes, lowerBand, true).isEmpty()) {
            return unread(lowerBand);
        }
        Optional<Cause> leak = leak(passes);
        if (leak.isPresent()) {
            return TrimAdvice.findTheFault(
                    List.of(leak.get()), Hypotheses.mostly(Hypothesis.ANOTHER_KIND, 0.8, Hypothesis.NOT_FOLLOWING));
        }
        TrimAdvice first = upper.advise(above);
        if (first.action() != Action.STOP) {
            return first.because(Reason.UPPER_BAND_FIRST.of(upperPiece));
        }
        return lowerStage(passes);
    }

    /** A stub that does not hold the upper band, seen from the last cut of the wire above it; empty where it holds. */
    private Optional<Cause> leak(List<Pass> passes) {
        if (passes.size() < 2) {
            return Optional.empty();
        }
        Pass before = passes.get(passes.size() - 2);
        Pass now = passes.get(passes.size() - 1);
        double cutM = now.secondChangeM();
        Optional<Double> from = upperDipHz(before);
        Optional<Double> to = upperDipHz(now);
        if (cutM == 0
                || now.changeM() != 0
                || !before.circumstances().equals(now.circumstances())
                || from.isEmpty()
                || to.isEmpty()) {
            return Optional.empty();
        }
        double moved = Math.abs(to.get() / from.get() - 1);
        double cutWaves = Math.abs(cutM) / Wavelength.ofHz(to.get());
        return moved < LEAST_MOVE || moved < LEAKS * cutWaves
                ? Optional.empty()
                : Optional.of(new Cause(
                        Cause.Id.STUB_OFF,
                        Symptom.UPPER_DIP_MOVED.of(Math.abs(cutM), Math.abs(to.get() - from.get())),
                        Check.LOOK_AT_THE_STUB));
    }

    private Optional<Double> upperDipHz(Pass pass) {
        return pass.isSwept()
                ? pass.about(upperBand)
                        .flatMap(p -> new SweepAnalysis(p.sweep()).deepestDip())
                        .filter(d -> !d.atEdge())
                        .map(Dip::frequencyHz)
                : Optional.empty();
    }

    /** A cut for one band moves the other: it is read first. */
    private static TrimAdvice unread(List<WantedChannel> band) {
        return TrimAdvice.withoutDip(
                Action.READ_THE_OTHER_BAND,
                TrimAdvice.Fit.UNKNOWN,
                0,
                List.of(Reason.BAND_UNREAD.of(band.get(0).frequencyHz())),
                List.of(),
                Hypotheses.mostly(Hypothesis.UNREAD, 0.9, Hypothesis.CENTRED));
    }

    private TrimAdvice lowerStage(List<Pass> passes) {
        List<Pass> below = Pass.near(passes, lowerBand, true);
        boolean isBegun = passes.stream().anyMatch(p -> p.secondChangeM() != 0);
        TrimAdvice then = lower.advise(below);
        if (!isBegun && then.action() != Action.STOP) {
            then = then.because(Reason.STUB_FIRST.of());
        }
        return then.because(Reason.LOWER_BAND_NOW.of(lowerPiece)).ofSecond();
    }
}
