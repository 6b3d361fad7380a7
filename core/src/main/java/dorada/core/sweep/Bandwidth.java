package dorada.core.sweep;

/**
 * The span about the deepest dip in which the SWR stays at or under a limit.
 *
 * @param swrLimit the limit, above 1
 * @param lowHz lower end in Hz; the sweep's first frequency where {@code lowOpen}
 * @param highHz upper end in Hz; the sweep's last frequency where {@code highOpen}
 * @param lowOpen the sweep stops before the curve rises to the limit below the dip
 * @param highOpen the sweep stops before the curve rises to the limit above the dip
 */
public record Bandwidth(double swrLimit, double lowHz, double highHz, boolean lowOpen, boolean highOpen) {

    public double widthHz() {
        return highHz - lowHz;
    }
}
