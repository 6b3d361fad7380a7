package dorada.core.simulation;

import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.Interpreter;
import dorada.core.instrument.scpi.ScpiException;
import dorada.core.sweep.Sweep;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.stream.Collectors;
import org.hipparchus.complex.Complex;

/**
 * An analyser that stands in for a real one, for one conversation: it sweeps what is on the bench.
 *
 * <p>Its raw readings carry the three error terms of a one-port, M = D + T·Γ/(1 − S·Γ) (source: D. Rytting, Network analyzer
 * error models and calibration methods, 1998; from memory), and noise that averaging lowers. As a dealer would hand it over
 * it corrects itself, up to a small residue; {@code SENSe:CORRection:STATe OFF} gives the raw readings.
 */
public final class StandInAnalyser extends Interpreter {

    /** What it covers. */
    public static final AnalyserLimits LIMITS = new AnalyserLimits(new Span(1e6, 1e9), 801);

    public static final int FEWEST_POINTS = 2;

    private static final int MOST_AVERAGES = 64;
    private static final int MEASURING = 16;
    private static final double SECONDS_PER_POINT = 0.0006;
    private static final double NOISE = 0.0012;
    private static final double RESIDUE = 0.004;

    private final Bench bench;
    private final Random random;
    private double startHz = 140e6;
    private double stopHz = 170e6;
    private int points = 201;
    private int averages = 1;
    private boolean averaging = true;
    private boolean corrected = true;
    private CompletableFuture<Sweep> running = CompletableFuture.completedFuture(null);
    private volatile boolean stop;

    /** @param random for noise */
    public StandInAnalyser(Bench bench, Random random) {
        this.bench = bench;
        this.random = random;
        on("*IDN?", 0, 0, a -> "Dorada,stand-in analyser,0,0.1");
        on("*RST", 0, 0, a -> reset());
        on("*OPC", 0, 0, a -> {
            finish();
            operationComplete();
            return "";
        });
        on("*OPC?", 0, 0, a -> {
            finish();
            return "1";
        });
        on("*WAI", 0, 0, a -> {
            finish();
            return "";
        });
        setUpSweep();
        setUpBench();
    }

    private void setUpSweep() {
        double low = LIMITS.span().startHz();
        double high = LIMITS.span().stopHz();
        on("[SENSe:]FREQuency:STARt", 1, 1, a -> done(() -> startHz = a.hertz(0, low, high)));
        on("[SENSe:]FREQuency:STARt?", 0, 0, a -> number(startHz));
        on("[SENSe:]FREQuency:STOP", 1, 1, a -> done(() -> stopHz = a.hertz(0, low, high)));
        on("[SENSe:]FREQuency:STOP?", 0, 0, a -> number(stopHz));
        on("[SENSe:]FREQuency:CENTer", 1, 1, a -> done(() -> centred(a.hertz(0, low, high), stopHz - startHz)));
        on("[SENSe:]FREQuency:CENTer?", 0, 0, a -> number((startHz + stopHz) / 2));
        on(
                "[SENSe:]FREQuency:SPAN",
                1,
                1,
                a -> done(() -> centred((startHz + stopHz) / 2, a.hertz(0, 1e3, high - low))));
        on("[SENSe:]FREQuency:SPAN?", 0, 0, a -> number(stopHz - startHz));
        on("[SENSe:]SWEep:POINts", 1, 1, a -> done(() -> points = a.whole(0, FEWEST_POINTS, LIMITS.mostPoints())));
        on("[SENSe:]SWEep:POINts?", 0, 0, a -> Integer.toString(points));
        on("[SENSe:]SWEep:TIME?", 0, 0, a -> number(points * SECONDS_PER_POINT * sweeps()));
        on("[SENSe:]AVERage:COUNt", 1, 1, a -> done(() -> averages = a.whole(0, 1, MOST_AVERAGES)));
        on("[SENSe:]AVERage:COUNt?", 0, 0, a -> Integer.toString(averages));
        on("[SENSe:]AVERage[:STATe]", 1, 1, a -> done(() -> averaging = a.onOff(0)));
        on("[SENSe:]AVERage[:STATe]?", 0, 0, a -> averaging ? "1" : "0");
        on("[SENSe:]CORRection[:STATe]", 1, 1, a -> done(() -> corrected = a.onOff(0)));
        on("[SENSe:]CORRection[:STATe]?", 0, 0, a -> corrected ? "1" : "0");
        on("INITiate[:IMMediate]", 0, 0, a -> begin());
        on("ABORt", 0, 0, a -> abort());
        on("STATus:OPERation:CONDition?", 0, 0, a -> running.isDone() ? "0" : Integer.toString(MEASURING));
        on("FORMat[:DATA]", 1, 1, a -> {
            if (!a.is(0, "ASCii")) {
                throw ScpiException.illegalValue();
            }
            return "";
        });
        on("FORMat[:DATA]?", 0, 0, a -> "ASC");
        on("TRACe[:DATA]?", 1, 1, a -> {
            if (a.is(0, "REFLection")) {
                return reflections(result());
            }
            if (a.is(0, "FREQuency")) {
                return frequencies(result());
            }
            throw ScpiException.illegalValue();
        });
    }

    /** Not part of any standard: what lies on the bench, so that practice can be scripted. */
    private void setUpBench() {
        on(
                "BENCh:CATalog?",
                0,
                0,
                a -> bench.all().stream().map(VirtualInstallation::id).collect(Collectors.joining(",")));
        on("BENCh:INSTallation", 1, 1, a -> {
            VirtualInstallation v = bench.called(a.word(0)).orElseThrow(ScpiException::illegalValue);
            return put(
                    v, v.startM(), Set.of(), Bench.AtPort.ANTENNA, bench.state().atRadio());
        });
        on("BENCh:INSTallation?", 0, 0, a -> bench.state().installation().id());
        on("BENCh:SETTing", 2, 2, a -> {
            Bench.State s = bench.state();
            double[] settings = s.settingsM();
            int i = a.whole(0, 1, settings.length) - 1;
            Control c = s.installation().controls().get(i);
            settings[i] = a.metres(1, c.lowM(), c.highM());
            return put(s.installation(), settings, s.conditions(), s.atPort(), s.atRadio());
        });
        on("BENCh:SETTing?", 1, 1, a -> {
            double[] settings = bench.state().settingsM();
            return number(settings[a.whole(0, 1, settings.length) - 1]);
        });
        on("BENCh:CONDition", 2, 2, a -> {
            Bench.State s = bench.state();
            EnumSet<Condition> now = EnumSet.noneOf(Condition.class);
            now.addAll(s.conditions());
            Condition c = condition(a.word(0));
            if (a.onOff(1)) {
                now.add(c);
            } else {
                now.remove(c);
            }
            return put(s.installation(), s.settingsM(), now, s.atPort(), s.atRadio());
        });
        on("BENCh:PORT", 1, 1, a -> {
            Bench.State s = bench.state();
            Bench.AtPort at = a.is(0, "ANTenna")
                    ? Bench.AtPort.ANTENNA
                    : a.is(0, "OPEN")
                            ? Bench.AtPort.OPEN
                            : a.is(0, "SHORt") ? Bench.AtPort.SHORT : a.is(0, "LOAD") ? Bench.AtPort.LOAD : null;
            if (at == null) {
                throw ScpiException.illegalValue();
            }
            return put(s.installation(), s.settingsM(), s.conditions(), at, s.atRadio());
        });
        on("BENCh:PORT?", 0, 0, a -> bench.state().atPort().name());
    }

    private static Condition condition(String word) {
        try {
            return Condition.valueOf(word.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw ScpiException.illegalValue();
        }
    }

    private String put(
            VirtualInstallation v, double[] settings, Set<Condition> conditions, Bench.AtPort at, boolean atRadio) {
        try {
            bench.set(new Bench.State(v, settings, conditions, at, atRadio));
            return "";
        } catch (IllegalArgumentException e) {
            throw ScpiException.settingsConflict("not on this installation");
        }
    }

    private static String done(Runnable setting) {
        setting.run();
        return "";
    }

    private void centred(double centre, double span) {
        startHz = Math.max(LIMITS.span().startHz(), centre - span / 2);
        stopHz = Math.min(LIMITS.span().stopHz(), centre + span / 2);
    }

    private int sweeps() {
        return averaging ? averages : 1;
    }

    private String reset() {
        abort();
        startHz = 140e6;
        stopHz = 170e6;
        points = 201;
        averages = 1;
        averaging = true;
        corrected = true;
        return "";
    }

    private String begin() {
        if (!(stopHz > startHz)) {
            throw ScpiException.settingsConflict("stop must be above start");
        }
        if (!running.isDone()) {
            throw ScpiException.settingsConflict("a sweep is running");
        }
        stop = false;
        double[] hz = new double[points];
        for (int i = 0; i < points; i++) {
            hz[i] = startHz + (stopHz - startHz) * i / (points - 1);
        }
        int count = sweeps();
        boolean internal = corrected;
        running = CompletableFuture.supplyAsync(() -> measure(hz, count, internal));
        return "";
    }

    private String abort() {
        stop = true;
        try {
            running.join();
        } catch (CompletionException | CancellationException e) {
            // It was to end.
        }
        running = CompletableFuture.completedFuture(null);
        return "";
    }

    private void finish() {
        try {
            running.join();
        } catch (CompletionException e) {
            throw ScpiException.execution("the antenna could not be computed");
        }
    }

    private Sweep result() {
        finish();
        Sweep sweep = running.join();
        if (sweep == null) {
            throw ScpiException.noData();
        }
        return sweep;
    }

    private Sweep measure(double[] hz, int count, boolean internal) {
        long begun = System.nanoTime();
        Sweep truth = bench.connected(share -> !stop).reflection(hz);
        double[] re = new double[hz.length];
        double[] im = new double[hz.length];
        double noise = NOISE / Math.sqrt(count);
        for (int i = 0; i < hz.length; i++) {
            Complex gamma = new Complex(truth.re(i), truth.im(i));
            Complex read = internal ? gamma.add(Complex.I.multiply(RESIDUE)) : raw(gamma, hz[i]);
            synchronized (random) {
                re[i] = read.getReal() + noise * random.nextGaussian();
                im[i] = read.getImaginary() + noise * random.nextGaussian();
            }
        }
        // A sweep takes its time, as a real one does.
        long until = begun + (long) (hz.length * SECONDS_PER_POINT * count * 1e9);
        while (!stop && System.nanoTime() < until) {
            try {
                Thread.sleep(5);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                stop = true;
            }
        }
        if (stop) {
            throw new CancellationException("aborted");
        }
        return new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM);
    }

    /** What the bridge shows before any correction: directivity, tracking through its cable, source match. */
    static Complex raw(Complex gamma, double hz) {
        double mhz = hz / 1e6;
        Complex directivity = polar(0.06 + 0.00008 * mhz, -0.9 * mhz);
        Complex tracking = polar(0.93 - 0.0001 * mhz, -0.42 * mhz);
        Complex sourceMatch = polar(0.11, 40 - 0.55 * mhz);
        return directivity.add(tracking.multiply(gamma).divide(Complex.ONE.subtract(sourceMatch.multiply(gamma))));
    }

    private static Complex polar(double size, double degrees) {
        double angle = Math.toRadians(degrees);
        return new Complex(size * Math.cos(angle), size * Math.sin(angle));
    }

    private static String reflections(Sweep s) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < s.size(); i++) {
            out.append(i == 0 ? "" : ",").append(number(s.re(i))).append(',').append(number(s.im(i)));
        }
        return out.toString();
    }

    private static String frequencies(Sweep s) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < s.size(); i++) {
            out.append(i == 0 ? "" : ",").append(number(s.frequencyHz(i)));
        }
        return out.toString();
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.9E", value);
    }
}
