package dorada.core.sweep;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.List;
import java.util.Optional;

/** What a trace shows, whatever it is wanted for. */
public enum TraceSays implements OutcomeId {
    FLAT_AND_LOW,
    NO_DIP,
    DIP_BEYOND("edgeHz"),
    DIP("dipHz", "dipSwr"),
    DIP_UNDER("dipHz", "dipSwr", "widthLimitSwr", "widthRoughHz"),
    /** Where the sweep ends before the curve is above that limit. */
    DIP_UNDER_MORE("dipHz", "dipSwr", "widthLimitSwr", "widthRoughHz");

    /** The SWR at which a width is usually named; common practice, no source. */
    private static final double WIDTH_SWR = 2;

    private final List<String> takes;

    TraceSays(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "trace";
    }

    @Override
    public List<String> takes() {
        return takes;
    }

    /** The most that {@code analysis} supports in one sentence. */
    public static Outcome of(SweepAnalysis analysis) {
        if (analysis.isFlatAndLow()) {
            return FLAT_AND_LOW.of();
        }
        Optional<Dip> found = analysis.deepestDip();
        if (found.isEmpty()) {
            return NO_DIP.of();
        }
        Dip dip = found.get();
        if (dip.atEdge()) {
            return DIP_BEYOND.of(dip.frequencyHz());
        }
        double swr = dip.reading().swr();
        return analysis.bandwidth(WIDTH_SWR)
                .map(b -> (b.lowOpen() || b.highOpen() ? DIP_UNDER_MORE : DIP_UNDER)
                        .of(dip.frequencyHz(), swr, WIDTH_SWR, b.highHz() - b.lowHz()))
                .orElseGet(() -> DIP.of(dip.frequencyHz(), swr));
    }
}
