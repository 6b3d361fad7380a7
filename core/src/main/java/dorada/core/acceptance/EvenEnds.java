package dorada.core.acceptance;

import java.util.Locale;

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
    public double shortfall(ChannelValues at) {
        return Math.max(unevenness(at) - EVEN_WITHIN, at.worstSwr() - LIMIT_SWR);
    }

    @Override
    public String openPoint(ChannelValues at) {
        double uneven = unevenness(at);
        return uneven > EVEN_WITHIN ? String.format(Locale.ROOT, "The ends of the band differ by %.2f.", uneven) : "";
    }

    /** Difference between the two end channels. */
    private static double unevenness(ChannelValues at) {
        double difference = Math.abs(at.swr(0) - at.swr(at.size() - 1));
        return Double.isNaN(difference) ? Double.POSITIVE_INFINITY : difference;
    }
}
