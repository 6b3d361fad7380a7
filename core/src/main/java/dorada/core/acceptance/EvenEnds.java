package dorada.core.acceptance;

import java.util.Arrays;

/**
 * SWR at the lowest and the highest channel equal within 0.2, and every channel at or under 2.0: usual for CB (common
 * practice, no source).
 */
public record EvenEnds() implements AcceptanceRule {

    public static final double EVEN_WITHIN = 0.2;
    public static final double LIMIT_SWR = 2.0;

    @Override
    public String words() {
        return "both ends of the band even within 0.2 and every channel at 2.0 or less";
    }

    @Override
    public double limitSwr() {
        return LIMIT_SWR;
    }

    @Override
    public double shortfall(double[] swr) {
        double worst = Arrays.stream(swr).max().orElse(Double.POSITIVE_INFINITY);
        return Math.max(unevenness(swr) - EVEN_WITHIN, worst - LIMIT_SWR);
    }

    /** Difference between the two end channels. */
    static double unevenness(double[] swr) {
        double difference = Math.abs(swr[0] - swr[swr.length - 1]);
        return Double.isNaN(difference) ? Double.POSITIVE_INFINITY : difference;
    }
}
