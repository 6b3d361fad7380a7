package dorada.core.wire;

import org.hipparchus.complex.Complex;

/** A vector of complex numbers in two primitive arrays. */
final class ComplexVector {

    final double[] re;
    final double[] im;

    ComplexVector(int n) {
        this(new double[n], new double[n]);
    }

    ComplexVector(double[] re, double[] im) {
        this.re = re;
        this.im = im;
    }

    static ComplexVector ofReal(double[] values) {
        return new ComplexVector(values.clone(), new double[values.length]);
    }

    ComplexVector copy() {
        return new ComplexVector(re.clone(), im.clone());
    }

    int size() {
        return re.length;
    }

    /** The length by Euclid. */
    double norm() {
        double sum = 0;
        for (int i = 0; i < re.length; i++) {
            sum += re[i] * re[i] + im[i] * im[i];
        }
        return Math.sqrt(sum);
    }

    /** Adds {@code factor} times {@code other}. */
    void add(ComplexVector other, Complex factor) {
        double a = factor.getReal();
        double b = factor.getImaginary();
        for (int i = 0; i < re.length; i++) {
            re[i] += a * other.re[i] - b * other.im[i];
            im[i] += a * other.im[i] + b * other.re[i];
        }
    }

    /** This vector less {@code other}. */
    ComplexVector minus(ComplexVector other) {
        ComplexVector out = copy();
        for (int i = 0; i < re.length; i++) {
            out.re[i] -= other.re[i];
            out.im[i] -= other.im[i];
        }
        return out;
    }
}
