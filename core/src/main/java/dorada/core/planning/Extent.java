package dorada.core.planning;

/** How much of a large roof is solved: metal a wavelength away hardly moves the impedance, but shapes the pattern. */
public enum Extent {
    TUNING(0.4),
    SWEEP(0.75),
    PATTERN(Double.POSITIVE_INFINITY);

    private final double waves;

    Extent(double waves) {
        this.waves = waves;
    }

    double waves() {
        return waves;
    }
}
