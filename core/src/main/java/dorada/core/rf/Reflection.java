package dorada.core.rf;

/**
 * Complex voltage reflection coefficient Γ (dimensionless) at one frequency, against a stated reference resistance.
 *
 * <p>Γ = (Z − Z₀) / (Z + Z₀). Source: D. M. Pozar, Microwave Engineering, section 2.3.
 *
 * @param re real part
 * @param im imaginary part
 */
public record Reflection(double re, double im) {

    /** A perfect match. */
    public static final Reflection NONE = new Reflection(0, 0);

    public Reflection {
        if (!Double.isFinite(re) || !Double.isFinite(im)) {
            throw new IllegalArgumentException(
                    "A reflection coefficient must be finite, not " + re + " + j" + im + ".");
        }
    }

    /** From magnitude (0 or more) and angle in degrees. */
    public static Reflection polar(double magnitude, double angleDeg) {
        double angle = Math.toRadians(angleDeg);
        return new Reflection(magnitude * Math.cos(angle), magnitude * Math.sin(angle));
    }

    /**
     * From an impedance in ohms against {@code referenceOhm} (positive).
     *
     * @throws IllegalArgumentException where Z = −Z₀, which reflects without limit
     */
    public static Reflection of(Impedance z, double referenceOhm) {
        requireReference(referenceOhm);
        double a = z.resistanceOhm() - referenceOhm;
        double c = z.resistanceOhm() + referenceOhm;
        double x = z.reactanceOhm();
        double d = c * c + x * x;
        return new Reflection((a * c + x * x) / d, (x * c - a * x) / d);
    }

    /** |Γ|. */
    public double magnitude() {
        return Math.hypot(re, im);
    }

    /** Angle of Γ in degrees, −180 to 180. */
    public double angleDeg() {
        return Math.toDegrees(Math.atan2(im, re));
    }

    /** Standing wave ratio, 1 or more; infinite where everything (or more) is reflected. */
    public double swr() {
        return Swr.ofMagnitude(magnitude());
    }

    /** Return loss in dB, positive for a passive load; infinite for a perfect match. */
    public double returnLossDb() {
        return Swr.returnLossDb(magnitude());
    }

    /** Impedance in ohms for this Γ against {@code referenceOhm}; both parts infinite at Γ = 1 (open circuit). */
    public Impedance impedance(double referenceOhm) {
        requireReference(referenceOhm);
        double a = 1 - re;
        double d = a * a + im * im;
        if (d == 0) {
            return new Impedance(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
        }
        return new Impedance(referenceOhm * (1 - re * re - im * im) / d, referenceOhm * 2 * im / d);
    }

    /** The same load described against another reference resistance: Γ' = (Γ + q)/(1 + qΓ), q = (Z₀ − Z₀')/(Z₀ + Z₀'). */
    public Reflection renormalised(double fromOhm, double toOhm) {
        requireReference(fromOhm);
        requireReference(toOhm);
        if (fromOhm == toOhm) {
            return this;
        }
        double q = (fromOhm - toOhm) / (fromOhm + toOhm);
        double nRe = re + q;
        double dRe = 1 + q * re;
        double dIm = q * im;
        double d = dRe * dRe + dIm * dIm;
        return new Reflection((nRe * dRe + im * dIm) / d, (im * dRe - nRe * dIm) / d);
    }

    private static void requireReference(double ohm) {
        if (!(ohm > 0) || Double.isInfinite(ohm)) {
            throw new IllegalArgumentException("A reference resistance must be above 0 Ω, not " + ohm + ".");
        }
    }
}
