package dorada.core.acceptance;

import dorada.core.rf.Swr;

/**
 * Whether, and with how much power, one may transmit into the worst channel's SWR.
 *
 * <p>Up to the radio's own ceiling full power; above it no more reflected watts than full power would give at the
 * ceiling; from 3 upward not at all, unless the radio's stated ceiling is higher, and then only reduced as if the
 * ceiling were 3. Common practice, no source.
 *
 * @param allowed false where nobody should transmit
 * @param powerW highest power in watts; 0 where not allowed
 * @param reduced true where the power is below the radio's rated power
 */
public record TransmitLimit(boolean allowed, double powerW, boolean reduced) {

    /** From here on nobody transmits into an antenna without the radio maker's word for it. */
    public static final double DO_NOT_TRANSMIT_SWR = 3;

    /**
     * @param worstSwr highest SWR on any channel, 1 or more, may be infinite
     * @param ceilingSwr highest SWR that the radio is rated for at full power, above 1
     * @param ratedW rated power in watts, above 0
     */
    public static TransmitLimit of(double worstSwr, double ceilingSwr, double ratedW) {
        // As it is shown: what reads 3.00 is 3.
        double worst = Double.isFinite(worstSwr) ? Math.round(worstSwr * 100) / 100.0 : worstSwr;
        if (worst >= DO_NOT_TRANSMIT_SWR) {
            return worst < ceilingSwr
                    ? reducedTo(Swr.reducedPowerW(ratedW, DO_NOT_TRANSMIT_SWR, worst), ratedW)
                    : new TransmitLimit(false, 0, true);
        }
        return worst <= ceilingSwr
                ? new TransmitLimit(true, ratedW, false)
                : reducedTo(Swr.reducedPowerW(ratedW, ceilingSwr, worst), ratedW);
    }

    private static TransmitLimit reducedTo(double powerW, double ratedW) {
        return new TransmitLimit(true, powerW, powerW < ratedW);
    }
}
