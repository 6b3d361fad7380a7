package dorada.core.recheck;

import dorada.core.antenna.Carrier;
import java.util.Arrays;

/**
 * What may have happened to an antenna between two readings, as what it does to its curve: the whole curve moves along the
 * frequency axis, resistance comes into series, or loss comes into the line. The ranges and how common each is are common practice,
 * no source.
 */
enum Explanation {
    UNCHANGED(0.6, new Range(0, 0), false, new Range(0, 0), new Range(0, 0)),
    /** The piece is longer or shorter than it was; the curve keeps its shape. */
    SLIPPED(0.12, new Range(0.002, 0.07), true, new Range(0, 0), new Range(0, 0)),
    /** A coat of ice lengthens every wire and costs next to nothing. */
    ICE(0.05, new Range(-0.12, -0.002), false, new Range(0, 2), new Range(0, 0)),
    /** Water in the line or a connector is loss, and moves the dip a little down. */
    WATER(0.09, new Range(-0.02, 0), false, new Range(0, 0), new Range(0.1, 4)),
    /** A joint or a ground that has corroded is resistance in series. */
    CORROSION(0.08, new Range(-0.008, 0.008), false, new Range(2, 80), new Range(0, 0)),
    /** Something near it moves the dip and changes its depth either way. */
    SOMETHING_BESIDE(0.05, new Range(0.001, 0.025), true, new Range(-14, 14), new Range(0, 0)),
    /** None of these. */
    SOMETHING_ELSE(0.01, new Range(0, 0), false, new Range(0, 0), new Range(0, 0));

    /** Both ends of what is possible. */
    record Range(double low, double high) {

        /** Values from end to end, no farther apart than {@code step}, or the one that it is. */
        double[] values(double step) {
            if (low == high) {
                return new double[] {low};
            }
            int n = (int) Math.ceil((high - low) / step);
            double[] all = new double[n];
            for (int i = 0; i < n; i++) {
                all[i] = low + (high - low) * (i + 0.5) / n;
            }
            return all;
        }
    }

    /** Steps that the doubt of two sweeps is no finer than. */
    private static final double SHIFT_STEP = 0.0005;

    private static final double OHM_STEP = 3;
    private static final double DB_STEP = 0.2;

    private final double usual;
    private final Range shift;
    private final boolean eitherWay;
    private final Range resistanceOhm;
    private final Range lossDb;

    Explanation(double usual, Range shift, boolean eitherWay, Range resistanceOhm, Range lossDb) {
        this.usual = usual;
        this.shift = shift;
        this.eitherWay = eitherWay;
        this.resistanceOhm = resistanceOhm;
        this.lossDb = lossDb;
    }

    /** How often it is what happened, before anything is read; as shares of 1 over all of them. */
    double prior(Carrier carrier) {
        return weight(carrier)
                / Arrays.stream(values()).mapToDouble(e -> e.weight(carrier)).sum();
    }

    private double weight(Carrier carrier) {
        boolean indoors = carrier == Carrier.INDOOR || carrier == Carrier.HANDHELD;
        return switch (this) {
            case ICE -> indoors ? 0 : usual;
            // The body that holds it, and the things in an attic, come and go.
            case SOMETHING_BESIDE -> indoors ? 2 * usual : usual;
            default -> usual;
        };
    }

    /** Shares by which the dip may have moved, positive for up. */
    double[] shifts() {
        double[] up = shift.values(SHIFT_STEP);
        if (!eitherWay) {
            return up;
        }
        double[] both = new double[2 * up.length];
        for (int i = 0; i < up.length; i++) {
            both[i] = up[i];
            both[up.length + i] = -up[i];
        }
        return both;
    }

    /** Resistances that may have come into series with the feed, in ohms. */
    double[] resistancesOhm() {
        return resistanceOhm.values(OHM_STEP);
    }

    /** Losses, in dB for one way, that may have come into the line. */
    double[] lossesDb() {
        return lossDb.values(DB_STEP);
    }
}
