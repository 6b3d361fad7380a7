package dorada.core.line;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;

/**
 * A piece of transmission line. Loss per 100 m is k1·√f + k2·f with f in MHz: skin effect and dielectric. Source: D. M.
 * Pozar, Microwave Engineering, sections 2.1 and 2.7.
 *
 * @param lengthM as a rule measures it, in metres, 0 or more
 * @param velocityFactor above 0, at most 1
 * @param impedanceOhm characteristic impedance, taken as real, above 0
 * @param k1DbPer100mSqrtMHz 0 or more
 * @param k2DbPer100mMHz 0 or more
 */
public record Line(
        double lengthM, double velocityFactor, double impedanceOhm, double k1DbPer100mSqrtMHz, double k2DbPer100mMHz) {

    public Line {
        if (!(lengthM >= 0) || Double.isInfinite(lengthM)) {
            throw new Refusal(Refused.LENGTH_BELOW_0);
        }
        if (!(velocityFactor > 0 && velocityFactor <= 1)) {
            throw new Refusal(Refused.VELOCITY_FACTOR);
        }
        if (!(impedanceOhm > 0) || !(k1DbPer100mSqrtMHz >= 0) || !(k2DbPer100mMHz >= 0)) {
            throw new Refusal(Refused.A_LINE_NEEDS_AN_IMPEDANCE_ABOVE);
        }
    }

    /** Matched loss of the whole piece in dB, positive. */
    public double matchedLossDb(double frequencyHz) {
        double mhz = frequencyHz / 1e6;
        return (k1DbPer100mSqrtMHz * Math.sqrt(mhz) + k2DbPer100mMHz * mhz) * lengthM / 100;
    }

    /** Phase along the whole piece, one way, in radians. */
    public double phase(double frequencyHz) {
        return 2 * Math.PI * lengthM / (Wavelength.ofHz(frequencyHz) * velocityFactor);
    }

    /** What is seen through the line, toward the radio, of a load of reflection {@code load} against {@code referenceOhm}. */
    public Reflection towardRadio(Reflection load, double referenceOhm, double frequencyHz) {
        return through(load, referenceOhm, frequencyHz, 1);
    }

    /** The load whose reflection, seen through the line, is {@code seen}; noise grows with the line's loss. */
    public Reflection towardAntenna(Reflection seen, double referenceOhm, double frequencyHz) {
        return through(seen, referenceOhm, frequencyHz, -1);
    }

    private Reflection through(Reflection r, double referenceOhm, double frequencyHz, int way) {
        Reflection own = r.renormalised(referenceOhm, impedanceOhm);
        double size = Math.pow(10, -way * matchedLossDb(frequencyHz) / 10);
        double angle = -way * 2 * phase(frequencyHz);
        double c = size * Math.cos(angle);
        double s = size * Math.sin(angle);
        return new Reflection(own.re() * c - own.im() * s, own.re() * s + own.im() * c)
                .renormalised(impedanceOhm, referenceOhm);
    }
}
