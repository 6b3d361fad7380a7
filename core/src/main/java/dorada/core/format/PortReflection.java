package dorada.core.format;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import org.hipparchus.complex.Complex;

/**
 * Turns the numbers of one Touchstone line into the reflection of one port.
 *
 * <p>For a two-port the matrix is turned as a whole: Z and Y into S, and S against other resistances into S against
 * {@value Sweep#STANDARD_REFERENCE_OHM} Ω at both ports, since what a port reflects depends on what ends the other. Version 1
 * normalises Z and Y to the reference, version 2 writes ohms and siemens. Source of the matrices: K. Kurokawa, IEEE Trans.
 * MTT 13 (1965) 194, for real references.
 */
final class PortReflection {

    /** Instead of a port: S₁₂·S₂₁, what goes there and back. */
    static final int ACROSS = 0;

    private final TouchstoneHead head;
    private final int ports;
    private final int port;

    PortReflection(TouchstoneHead head, int ports, int port) {
        this.head = head;
        this.ports = ports;
        this.port = port;
    }

    /** True for S parameters of two ports, both against the standard reference. */
    static boolean isPlain(TouchstoneHead head, int ports) {
        return ports == 2
                && head.parameter() == 'S'
                && head.referenceOhm(1) == Sweep.STANDARD_REFERENCE_OHM
                && head.referenceOhm(2) == Sweep.STANDARD_REFERENCE_OHM;
    }

    /** The reference of the reflections that {@link #of} returns, in ohms. */
    double referenceOhm() {
        return ports == 1 ? head.referenceOhm(1) : Sweep.STANDARD_REFERENCE_OHM;
    }

    /** @param numbers a line: frequency, then pairs */
    Reflection of(double[] numbers, int line) throws FormatException {
        try {
            return ports == 1 ? ofOnePort(pair(numbers, 0)) : ofTwoPort(numbers);
        } catch (IllegalArgumentException e) {
            throw new FormatException(line, Malformed.THIS_VALUE_CANNOT_BE_TURNED_INTO.of());
        }
    }

    private Reflection ofOnePort(Reflection value) {
        double ohm = head.isVersion2() ? head.referenceOhm(1) : 1;
        return switch (head.parameter()) {
            case 'Z' -> mobius(value.re() / ohm, value.im() / ohm, 1);
            case 'Y' -> mobius(value.re() * ohm, value.im() * ohm, -1);
            default -> value;
        };
    }

    /** (v − 1)/(v + 1), or its negative. */
    private static Reflection mobius(double re, double im, int sign) {
        double d = (re + 1) * (re + 1) + im * im;
        return new Reflection(sign * ((re - 1) * (re + 1) + im * im) / d, sign * 2 * im / d);
    }

    private Reflection ofTwoPort(double[] numbers) {
        boolean full = head.matrix() == TouchstoneHead.Matrix.FULL;
        Reflection own = pair(numbers, 0);
        Reflection other = pair(numbers, full ? 3 : 2);
        Reflection a = pair(numbers, 1);
        Reflection b = full ? pair(numbers, 2) : a;
        if (port == ACROSS) {
            return new Reflection(a.re() * b.re() - a.im() * b.im(), a.re() * b.im() + a.im() * b.re());
        }
        if (port == 2) {
            Reflection swap = own;
            own = other;
            other = swap;
        }
        double toOwn = head.referenceOhm(port);
        double toOther = head.referenceOhm(3 - port);
        boolean standard = toOwn == Sweep.STANDARD_REFERENCE_OHM && toOther == Sweep.STANDARD_REFERENCE_OHM;
        if (head.parameter() == 'S' && standard) {
            return own;
        }
        Complex p = complex(own);
        Complex q = complex(other);
        Complex across = complex(a).multiply(complex(b));
        Complex found = switch (head.parameter()) {
            case 'Z' -> fromZ(p, q, across, unitOhm(toOwn), unitOhm(toOther), unitOhm(toOwn) * unitOhm(toOther));
            case 'Y' -> fromY(p, q, across, unitOhm(toOwn), unitOhm(toOther), unitOhm(toOwn) * unitOhm(toOther));
            default -> renormalised(p, q, across, toOwn, toOther);
        };
        return new Reflection(found.getReal(), found.getImaginary());
    }

    /** What one unit of the file's Z is in ohms (and of its Y in siemens, inverted). */
    private double unitOhm(double referenceOhm) {
        return head.isVersion2() ? 1 : referenceOhm;
    }

    /** S₁₁ re 50 Ω; {@code across} = Z₁₂·Z₂₁; the factors bring each to ohms. */
    private static Complex fromZ(Complex z11, Complex z22, Complex across, double u1, double u2, double u12) {
        double r = Sweep.STANDARD_REFERENCE_OHM;
        Complex a = z11.multiply(u1);
        Complex b = z22.multiply(u2);
        Complex c = across.multiply(u12);
        return a.subtract(r)
                .multiply(b.add(r))
                .subtract(c)
                .divide(a.add(r).multiply(b.add(r)).subtract(c));
    }

    /** S₁₁ re 50 Ω; {@code across} = Y₁₂·Y₂₁. */
    private static Complex fromY(Complex y11, Complex y22, Complex across, double u1, double u2, double u12) {
        double r = Sweep.STANDARD_REFERENCE_OHM;
        Complex a = y11.multiply(r / u1);
        Complex b = y22.multiply(r / u2);
        Complex c = across.multiply(r * r / u12);
        Complex one = Complex.ONE;
        return one.subtract(a)
                .multiply(one.add(b))
                .add(c)
                .divide(one.add(a).multiply(one.add(b)).subtract(c));
    }

    /** S₁₁ re 50 Ω at both ports, from S against two other resistances; {@code across} = S₁₂·S₂₁. */
    private static Complex renormalised(Complex s11, Complex s22, Complex across, double r1, double r2) {
        double r = Sweep.STANDARD_REFERENCE_OHM;
        double q1 = (r - r1) / (r + r1);
        double q2 = (r - r2) / (r + r2);
        Complex behind = Complex.ONE.subtract(s22.multiply(q2));
        Complex d = Complex.ONE.subtract(s11.multiply(q1)).multiply(behind).subtract(across.multiply(q1 * q2));
        return s11.subtract(q1).multiply(behind).add(across.multiply(q2)).divide(d);
    }

    private Reflection pair(double[] numbers, int i) {
        return head.format().read(numbers[1 + 2 * i], numbers[2 + 2 * i]);
    }

    private static Complex complex(Reflection r) {
        return new Complex(r.re(), r.im());
    }
}
