package dorada.core.format;

import java.util.Locale;
import java.util.Optional;

/** The frequency units of the Touchstone option line. */
public enum FrequencyUnit {
    HZ("Hz", 1),
    KHZ("kHz", 1e3),
    MHZ("MHz", 1e6),
    GHZ("GHz", 1e9);

    private final String text;
    private final double hertz;

    FrequencyUnit(String text, double hertz) {
        this.text = text;
        this.hertz = hertz;
    }

    public String text() {
        return text;
    }

    public double hertz() {
        return hertz;
    }

    static Optional<FrequencyUnit> parse(String word) {
        for (FrequencyUnit unit : values()) {
            if (unit.name().equals(word.toUpperCase(Locale.ROOT))) {
                return Optional.of(unit);
            }
        }
        return Optional.empty();
    }
}
