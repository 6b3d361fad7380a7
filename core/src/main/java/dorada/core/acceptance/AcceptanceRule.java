package dorada.core.acceptance;

import dorada.core.outcome.Outcome;
import java.util.List;
import java.util.Optional;

/**
 * What "good enough" means for one installation. Chosen per installation, named in every verdict.
 *
 * <p>Sealed, so that each use of a rule finds out at compile time what a new school of thought needs.
 */
public sealed interface AcceptanceRule permits UnderLimit, EvenEnds, BestOnMain, ResonanceFirst, Relaxed {

    /** The rule itself with its limits, as it stands in a verdict. */
    Outcome outcome();

    /** The SWR that no channel may exceed under this rule. */
    double limitSwr();

    /** The highest SWR on {@code channel}, where a rule makes a difference between channels. */
    default double limitSwr(WantedChannel channel) {
        return limitSwr();
    }

    /** How far from this rule the channels are: 0 or less when it is met, growing with the distance from it. */
    double shortfall(ChannelValues at);

    /**
     * What a compromise makes least: {@link #shortfall}, with channels of greater weight drawn nearer to the dip where the
     * rule leaves a choice. The trim adviser moves the curve to where this is least.
     */
    default double misfit(ChannelValues at) {
        return shortfall(at);
    }

    /** What the SWR of no channel shows and still is against this rule, empty for nothing. */
    default Optional<Outcome> openPoint(ChannelValues at) {
        return Optional.empty();
    }

    /** Judges the readings {@code measured}, in any order. */
    default Verdict judge(List<ChannelReading> measured, ReferencePlane plane) {
        return Verdict.of(this, measured, plane);
    }
}
