package dorada.server.sweep;

import dorada.core.sweep.Reading;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;

/**
 * Values at one frequency; one that is infinite or not measured is absent. {@code lowSwr} and {@code highSwr} bound a reading
 * with a doubt worth naming. {@code outside}: beyond the sweep.
 */
public record ReadingView(
        @NotNull double frequencyHz,
        Double swr,
        Double returnLossDb,
        Double resistanceOhm,
        Double reactanceOhm,
        Double lowSwr,
        Double highSwr,
        @NotNull boolean outside) {

    public static ReadingView of(double frequencyHz, Optional<Reading> reading) {
        return reading.map(ReadingView::of)
                .orElse(new ReadingView(frequencyHz, null, null, null, null, null, null, true));
    }

    public static ReadingView of(Reading r) {
        return new ReadingView(
                r.frequencyHz(),
                finite(r.swr()),
                finite(r.returnLossDb()),
                r.impedance().map(z -> finite(z.resistanceOhm())).orElse(null),
                r.impedance().map(z -> finite(z.reactanceOhm())).orElse(null),
                r.lowSwr() < r.highSwr() ? finite(r.lowSwr()) : null,
                r.lowSwr() < r.highSwr() ? finite(r.highSwr()) : null,
                false);
    }

    /** The value, or null for one that JSON leaves out. */
    public static Double finite(double value) {
        return Double.isFinite(value) ? value : null;
    }
}
