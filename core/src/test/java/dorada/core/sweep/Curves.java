package dorada.core.sweep;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import java.util.function.DoubleFunction;

/** Curves with known answers, for tests. */
public final class Curves {

    private Curves() {}

    /** R + j2QR·(f/f₀ − f₀/f)/2: a series resonance at {@code f0Hz}. */
    public static Impedance seriesResonance(double hz, double f0Hz, double resistanceOhm, double q) {
        return new Impedance(resistanceOhm, resistanceOhm * q * (hz / f0Hz - f0Hz / hz));
    }

    public static Sweep of(double startHz, double stopHz, int points, DoubleFunction<Impedance> z) {
        double[] hz = new double[points];
        double[] re = new double[points];
        double[] im = new double[points];
        for (int i = 0; i < points; i++) {
            hz[i] = startHz + (stopHz - startHz) * i / (points - 1);
            Reflection r = Reflection.of(z.apply(hz[i]), 50);
            re[i] = r.re();
            im[i] = r.im();
        }
        return new Sweep(hz, re, im, 50);
    }

    public static Sweep resonance(double startHz, double stopHz, int points, double f0Hz, double ohm, double q) {
        return of(startHz, stopHz, points, hz -> seriesResonance(hz, f0Hz, ohm, q));
    }
}
