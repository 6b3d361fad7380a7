package dorada.core.instrument;

import dorada.core.rf.Reflection;

/**
 * A stand-in for a radio on the bench.
 *
 * @param powerW into a matched load
 * @param errorPpm of its reference, in millionths
 * @param spuriousDbc strongest spurious emission against the carrier, in dB, below 0
 * @param ceilingSwr above which it folds its power back
 */
public record BenchRadio(double powerW, double errorPpm, double spuriousDbc, double ceilingSwr) {

    /** Carrier frequency in Hz where {@code channelHz} is dialled. */
    public double carrierHz(double channelHz) {
        return channelHz * (1 + errorPpm * 1e-6);
    }

    /** Watts of the strongest spurious emission: −60 dBc is one millionth of the carrier. */
    public double spuriousW(Reflection load) {
        return forwardW(load) * Math.pow(10, spuriousDbc / 10);
    }

    /** Forward watts into {@code load}: above the ceiling, no more reflected watts than at the ceiling. */
    public double forwardW(Reflection load) {
        double ceiling = (ceilingSwr - 1) / (ceilingSwr + 1);
        double rho = load.magnitude();
        return rho <= ceiling ? powerW : powerW * ceiling * ceiling / (rho * rho);
    }
}
