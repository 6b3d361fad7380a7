package dorada.server.tuning;

import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.sweep.Trace;
import java.util.Optional;

/**
 * What lists show of a pass.
 *
 * @param dipHz null where none was found
 * @param worstSwr infinite where a wanted channel was not read
 */
public record InBrief(boolean met, double worstSwr, Double dipHz, boolean dipAtEdge, Trace outline) {

    /** Of a small picture. */
    private static final int OUTLINE_POINTS = 60;

    static InBrief of(Judgement j) {
        Optional<Dip> dip = j.analysis().flatMap(SweepAnalysis::deepestDip);
        return new InBrief(
                j.verdict().met(),
                j.verdict().worstSwr(),
                dip.map(Dip::frequencyHz).orElse(null),
                dip.map(Dip::atEdge).orElse(false),
                j.analysis()
                        .map(a -> Trace.of(a.sweep()).outline(OUTLINE_POINTS))
                        .orElse(new Trace(new double[0], new double[0])));
    }
}
