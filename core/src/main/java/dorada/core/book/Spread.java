package dorada.core.book;

import java.util.Arrays;
import java.util.Optional;

/**
 * Where most of some numbers lie.
 *
 * @param median half of them lie below it
 * @param low a quarter lies below it
 * @param high a quarter lies above it
 * @param highest a tenth lies above it; of a few it is nearly the highest
 */
public record Spread(double median, double low, double high, double highest) {

    private static final double NEARLY_ALL = 0.9;

    /** Empty for no number; quartiles by linear interpolation between the ordered ones (Hyndman and Fan 1996, definition 7). */
    public static Optional<Spread> of(double... values) {
        double[] ascending = Arrays.stream(values).sorted().toArray();
        return ascending.length == 0
                ? Optional.empty()
                : Optional.of(new Spread(
                        quantile(ascending, 0.5),
                        quantile(ascending, 0.25),
                        quantile(ascending, 0.75),
                        quantile(ascending, NEARLY_ALL)));
    }

    private static double quantile(double[] ascending, double share) {
        double at = share * (ascending.length - 1);
        int below = (int) at;
        int above = Math.min(below + 1, ascending.length - 1);
        return ascending[below] + (at - below) * (ascending[above] - ascending[below]);
    }
}
