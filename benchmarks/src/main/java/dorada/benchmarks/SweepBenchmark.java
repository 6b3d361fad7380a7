package dorada.benchmarks;

import dorada.core.design.Designs;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.format.FormatException;
import dorada.core.format.FrequencyUnit;
import dorada.core.format.NumberFormat;
import dorada.core.format.SweepFile;
import dorada.core.format.TouchstoneReader;
import dorada.core.format.TouchstoneWriter;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.simulation.StandIn;
import dorada.core.sweep.Bandwidth;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Watch;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
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
import org.openjdk.jmh.infra.Blackhole;

/** What a technician waits for: reading a file and analysing a sweep. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 8, time = 1)
public class SweepBenchmark {

    private static final double[] SWR_LIMITS = {1.5, 2, 2.5, 3};

    private Sweep sweep;
    private Sweep noise;
    private Sweep noiseTenfold;
    private byte[] file;

    /** A noisy sweep of 1,001 points and a file of 10,001 points. */
    @Setup
    public void prepare() throws IOException {
        sweep = sweepOf(1001);
        noise = noise(10_000);
        noiseTenfold = noise(100_000);
        StringBuilder text = new StringBuilder();
        new TouchstoneWriter(FrequencyUnit.MHZ, NumberFormat.MA).write(longSweep(), List.of("benchmark"), text);
        file = text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static Sweep sweepOf(int points) {
        StandIn antenna = Designs.ALL.of(QuarterWaveDesign.KIND).standIn(156e6, 1);
        return new SimulatedAnalyser(hz -> antenna.sweep(antenna.startLengthM(), hz, Watch.NOBODY), new Random(1))
                .sweep(new Span(136e6, 174e6), points);
    }

    /** Longer than the simulated analyser measures at once: its sweep, read between its points. */
    private static Sweep longSweep() {
        int n = 10_001;
        Sweep measured = sweepOf(1001);
        double[] hz = new double[n];
        double[] re = new double[n];
        double[] im = new double[n];
        for (int i = 0; i < n; i++) {
            hz[i] = measured.startHz() + (measured.stopHz() - measured.startHz()) * i / n;
            re[i] = measured.at(hz[i]).orElseThrow().re();
            im[i] = measured.at(hz[i]).orElseThrow().im();
        }
        return new Sweep(hz, re, im, measured.referenceOhm());
    }

    /** Dips, resonances, four bandwidths and three channels of 1,001 points. */
    @Benchmark
    public void analyse1001Points(Blackhole hole) {
        SweepAnalysis analysis = new SweepAnalysis(sweep);
        hole.consume(analysis.dips());
        hole.consume(analysis.resonancesHz());
        for (double limit : SWR_LIMITS) {
            Optional<Bandwidth> width = analysis.bandwidth(limit);
            hole.consume(width);
        }
        hole.consume(analysis.readingAt(153.05e6));
        hole.consume(analysis.readingAt(157.45e6));
        hole.consume(analysis.readingAt(161.9e6));
    }

    /** Noise, of which every third point is a minimum, sinking slowly: the worst for whatever walks outward. */
    private static Sweep noise(int points) {
        Random random = new Random(2);
        double[] hz = new double[points];
        double[] re = new double[points];
        for (int i = 0; i < points; i++) {
            hz[i] = 100e6 + 1000.0 * i;
            re[i] = 0.9 - 0.5 * i / points - 0.2 * random.nextDouble();
        }
        return new Sweep(hz, re, new double[points], 50);
    }

    /** 10,000 points of noise. */
    @Benchmark
    public List<Dip> analyseNoise() {
        return new SweepAnalysis(noise).dips();
    }

    /** 100,000 of them, as a file may bring. */
    @Benchmark
    public List<Dip> analyseNoiseTenfold() {
        return new SweepAnalysis(noiseTenfold).dips();
    }

    /** A Touchstone file of 10,001 points. */
    @Benchmark
    public SweepFile parse10001Points() throws IOException, FormatException {
        return TouchstoneReader.read(new ByteArrayInputStream(file));
    }
}
