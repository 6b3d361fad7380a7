package dorada.server.sweep;

import dorada.core.sweep.Reading;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;

/** Values at one frequency; one that is infinite or not measured is absent. {@code outside}: beyond the sweep. */
public record ReadingView(
        @NotNull double frequencyHz,
        Double swr,
        Double returnLossDb,
        Double resistanceOhm,
        Double reactanceOhm,
        @NotNull boolean outside) {

    public static ReadingView of(double frequencyHz, Optional<Reading> reading) {
        return reading.map(ReadingView::of).orElse(new ReadingView(frequencyHz, null, null, null, null, true));
    }

    public static ReadingView of(Reading r) {
        return new ReadingView(
                r.frequencyHz(),
                finite(r.swr()),
                finite(r.returnLossDb()),
                finite(r.impedance().resistanceOhm()),
                finite(r.impedance().reactanceOhm()),
                false);
    }

    /** The value, or null for one that JSON leaves out. */
    public static Double finite(double value) {
        return Double.isFinite(value) ? value : null;
    }
}
