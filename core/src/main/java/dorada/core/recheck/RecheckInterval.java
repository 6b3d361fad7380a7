package dorada.core.recheck;

import dorada.core.antenna.Carrier;

/** When an antenna is looked at again, by what it is fitted to and what was found last (common practice, no source). */
public final class RecheckInterval {

    /** A recheck is due so many days before its day, so that it can be arranged. */
    public static final int AHEAD_DAYS = 45;

    private static final int LEAST_MONTHS = 1;

    private RecheckInterval() {}

    /** Months after it was signed off. */
    public static int months(Carrier carrier) {
        return switch (carrier) {
            case AIRCRAFT, VEHICLE, MAST -> 12;
            case PORTABLE, HANDHELD -> 6;
            case INDOOR -> 24;
        };
    }

    /** Months after a recheck with this finding: what has begun to drift is seen sooner. */
    public static int monthsAfter(Carrier carrier, Finding finding) {
        int usual = months(carrier);
        return switch (finding) {
            case UNCHANGED -> usual;
            case WATCH -> Math.max(LEAST_MONTHS, usual / 2);
            case CHANGED, SUSPICIOUSLY_BETTER -> Math.max(LEAST_MONTHS, usual / 4);
        };
    }
}
