package dorada.core.acceptance;

import java.util.List;

/**
 * What "good enough" means for one installation. Chosen per installation, named in every verdict.
 *
 * <p>Sealed, so that each use of a rule finds out at compile time what a new school of thought needs.
 */
public sealed interface AcceptanceRule permits UnderLimit, EvenEnds {

    /** The rule in words, as it stands in a sentence: "under 2.0 on every channel". */
    String words();

    /** The SWR that no channel may exceed under this rule. */
    double limitSwr();

    /**
     * How bad a set of SWRs is under this rule: 0 or less when it is met, growing with the distance from it. The trim
     * adviser moves the curve to where this is least.
     *
     * @param swr one per wanted channel, ascending in frequency, at least one; infinite is allowed
     */
    double shortfall(double[] swr);

    /**
     * What a compromise makes least: {@link #shortfall}, with channels of greater weight drawn nearer to the dip where the
     * rule leaves a choice.
     *
     * @param weight one per channel, above 0
     */
    default double misfit(double[] swr, double[] weight) {
        return shortfall(swr);
    }

    /** Judges the readings {@code measured}, in any order. */
    default Verdict judge(List<ChannelReading> measured, ReferencePlane plane) {
        return Verdict.of(this, measured, plane);
    }
}
