package dorada.benchmarks;

import dorada.core.calibration.Calibration;
import dorada.core.calibration.Standards;
import dorada.core.instrument.Span;
import dorada.core.line.EchoProfile;
import dorada.core.line.FaultLocator;
import dorada.core.line.Feedline;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.line.Window;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.hipparchus.complex.Complex;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The measuring heart: correction, a line taken off, distances; each also in the straightforward way with one complex object
 * for every number, as a library's user would write it down from the book.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
public class HeartBenchmark {

    private static final int POINTS = 401;
    private static final int LONG_POINTS = 10_001;

    private final Line line = Feedline.byId("rg-58").orElseThrow().line(4.2);
    private final Line longLine = Feedline.byId("rg-213").orElseThrow().line(20);
    private Standards.Truth read;
    private Calibration calibration;
    private Sweep raw;
    private Sweep longSweep;

    @Setup
    public void prepare() {
        double[] hz = new Span(136e6, 174e6).points(POINTS);
        read = new Standards.Truth(rawOf(hz, 1e9), rawOf(hz, 0), rawOf(hz, 50));
        calibration = Calibration.of(read, Standards.IDEAL);
        raw = rawOf(hz, -1);
        longSweep = antenna(new Span(10e6, 500e6).points(LONG_POINTS));
    }

    /** Raw reading of a resistance; below 0, of an antenna behind the line. */
    private Sweep rawOf(double[] hz, double ohm) {
        double[] re = new double[hz.length];
        double[] im = new double[hz.length];
        for (int i = 0; i < hz.length; i++) {
            Reflection g = ohm >= 0 ? Reflection.of(new Impedance(ohm, 0), 50) : behind(hz[i], line);
            re[i] = 0.06 + 0.9 * g.re();
            im[i] = 0.02 + 0.9 * g.im();
        }
        return new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM);
    }

    private static Reflection behind(double hz, Line through) {
        Impedance z = new Impedance(42, 42 * 9 * (hz / 156e6 - 156e6 / hz));
        return through.towardRadio(Reflection.of(z, 50), 50, hz);
    }

    private Sweep antenna(double[] hz) {
        Random random = new Random(2);
        double[] re = new double[hz.length];
        double[] im = new double[hz.length];
        for (int i = 0; i < hz.length; i++) {
            Reflection g = behind(hz[i], longLine);
            re[i] = g.re() + 0.001 * random.nextGaussian();
            im[i] = g.im() + 0.001 * random.nextGaussian();
        }
        return new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM);
    }

    /** 401 points corrected, the line taken off, analysed. */
    @Benchmark
    public Object correctRemoveAnalyse401() {
        Sweep atAntenna = ThroughLine.towardAntenna(calibration.correct(raw).sweep(), line);
        return new SweepAnalysis(atAntenna).dips();
    }

    /** The numbers of the same alone: three terms for each point, corrected, the line taken off. */
    @Benchmark
    public Object termsCorrectRemove401() {
        return ThroughLine.towardAntenna(
                Calibration.of(read, Standards.IDEAL).correct(raw).sweep(), line);
    }

    /** The same with complex objects, equation by equation. */
    @Benchmark
    public Object termsCorrectRemove401WithObjects() {
        Complex[] found = new Complex[POINTS];
        for (int i = 0; i < POINTS; i++) {
            Complex[] m = {at(read.open(), i), at(read.shorted(), i), at(read.load(), i)};
            Complex[] g = {Complex.ONE, Complex.MINUS_ONE, Complex.ZERO};
            // M = a + b·(ΓM) − cΓ by Cramer's rule.
            Complex u1 = g[0].multiply(m[0]).subtract(g[2].multiply(m[2]));
            Complex u2 = g[1].multiply(m[1]).subtract(g[2].multiply(m[2]));
            Complex g1 = g[0].subtract(g[2]);
            Complex g2 = g[1].subtract(g[2]);
            Complex m1 = m[0].subtract(m[2]);
            Complex m2 = m[1].subtract(m[2]);
            Complex d = g1.multiply(u2).subtract(u1.multiply(g2));
            Complex b = g1.multiply(m2).subtract(m1.multiply(g2)).divide(d);
            Complex c = u1.multiply(m2).subtract(m1.multiply(u2)).divide(d);
            Complex a = m[2].subtract(b.multiply(g[2]).multiply(m[2])).add(c.multiply(g[2]));
            Complex corrected =
                    at(raw, i).subtract(a).divide(b.multiply(at(raw, i)).subtract(c));
            double hz = raw.frequencyHz(i);
            Complex twice = new Complex(line.matchedLossDb(hz) * Math.log(10) / 10, 2 * line.phase(hz));
            Complex q = new Complex((50 - line.impedanceOhm()) / (50 + line.impedanceOhm()));
            Complex own = corrected.add(q).divide(corrected.multiply(q).add(1));
            Complex moved = own.multiply(twice.exp());
            found[i] = moved.subtract(q).divide(Complex.ONE.subtract(moved.multiply(q)));
        }
        return found;
    }

    private static Complex at(Sweep s, int i) {
        return new Complex(s.re(i), s.im(i));
    }

    /** 10,001 points to echoes and what they are. */
    @Benchmark
    public Object locate10001() {
        return new FaultLocator(longLine, Window.KAISER).locate(longSweep);
    }

    /** The transform alone. */
    @Benchmark
    public Object distances10001() {
        return EchoProfile.of(longSweep, longLine, Window.KAISER);
    }

    /** The transform with complex objects, halves of halves as every textbook has it. */
    @Benchmark
    public Object distances10001WithObjects() {
        int size = Integer.highestOneBit(2 * LONG_POINTS - 1) * 2;
        Complex[] data = new Complex[size];
        for (int i = 0; i < size; i++) {
            data[i] = Complex.ZERO;
        }
        for (int i = 0; i < LONG_POINTS; i++) {
            double x = 2.0 * i / (LONG_POINTS - 1) - 1;
            data[i] = at(longSweep, i).multiply(Math.pow(Math.cos(Math.PI * x / 2), 2));
        }
        Complex[] time = transformed(data);
        double[] magnitude = new double[size];
        for (int i = 0; i < size; i++) {
            magnitude[i] = time[i].divide((double) LONG_POINTS).norm();
        }
        return magnitude;
    }

    private static Complex[] transformed(Complex[] data) {
        int n = data.length;
        if (n == 1) {
            return data;
        }
        Complex[] even = new Complex[n / 2];
        Complex[] odd = new Complex[n / 2];
        for (int i = 0; i < n / 2; i++) {
            even[i] = data[2 * i];
            odd[i] = data[2 * i + 1];
        }
        even = transformed(even);
        odd = transformed(odd);
        Complex[] all = new Complex[n];
        for (int i = 0; i < n / 2; i++) {
            double turn = 2 * Math.PI * i / n;
            Complex turned = odd[i].multiply(new Complex(Math.cos(turn), Math.sin(turn)));
            all[i] = even[i].add(turned);
            all[i + n / 2] = even[i].subtract(turned);
        }
        return all;
    }
}
