package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.BandPiece;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.List;
import java.util.Locale;

/**
 * An antenna whose two bands have a piece each and are tuned one after the other: the upper band first, for its piece moves the
 * lower one too; then the lower one, which leaves the upper nearly alone.
 */
public final class StagedAdviser {

    private final TrimAdviser upper;
    private final TrimAdviser lower;
    private final List<WantedChannel> upperBand;
    private final List<WantedChannel> lowerBand;
    private final String upperPiece;
    private final String lowerPiece;

    /**
     * @param bands two bands, ascending
     * @param upperPiece what the upper band is tuned with; the first piece of every pass
     * @param lowerPiece what the lower band is tuned with; the second piece of every pass
     */
    public StagedAdviser(
            AcceptanceRule rule,
            List<List<WantedChannel>> bands,
            Adjustment adjustment,
            BandPiece upperPiece,
            BandPiece lowerPiece) {
        lowerBand = bands.get(0);
        upperBand = bands.get(1);
        upper = new TrimAdviser(TrimTask.of(rule, upperBand, adjustment, TrimPrior.of(upperPiece)));
        lower = new TrimAdviser(TrimTask.of(rule, lowerBand, adjustment, TrimPrior.of(lowerPiece)));
        this.upperPiece = upperPiece.name();
        this.lowerPiece = lowerPiece.name();
    }

    /**
     * Advice after all {@code passes}, oldest first, at least one, each swept over both bands or over the one that was worked
     * on.
     */
    public TrimAdvice advise(List<Pass> passes) {
        List<Pass> above = Pass.near(passes, upperBand, false);
        if (above.isEmpty()) {
            return lowerStage(passes, "The upper band was not swept. ");
        }
        TrimAdvice first = upper.advise(above);
        if (first.action() != Action.STOP) {
            return first.because(String.format(
                    Locale.ROOT, "First the upper band, with the %s: it moves the lower one too.", upperPiece));
        }
        return lowerStage(passes, "The upper band is done. ");
    }

    private TrimAdvice lowerStage(List<Pass> passes, String begin) {
        List<Pass> below = Pass.near(passes, lowerBand, true);
        if (below.isEmpty()) {
            return upper.advise(Pass.near(passes, upperBand, false)).because("Now sweep the lower band.");
        }
        TrimAdvice then = lower.advise(below);
        return then.because(begin + String.format(Locale.ROOT, "The lower one is tuned with the %s.", lowerPiece))
                .ofSecond();
    }
}
