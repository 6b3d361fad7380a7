package dorada.benchmarks;

import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.MatchControl;
import dorada.core.tuning.Pass;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimAdviser;
import dorada.core.tuning.TrimPrior;
import dorada.core.tuning.TrimTask;
import java.util.List;
import java.util.Optional;
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

/** Advice after three passes: by sweeps, by a meter, and where a match must be moved. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class AdviceBenchmark {

    private static final int POINTS = 401;
    private static final double[] DIPS = {146e6, 148.5e6, 150.4e6};
    private static final double[] CHANGES = {0, -0.008, -0.006};

    private final List<WantedChannel> channels = List.of(
            new WantedChannel("low", 152e6, false),
            new WantedChannel("middle", 155e6, true),
            new WantedChannel("high", 158e6, false));
    private final TrimAdviser cut = new TrimAdviser(
            TrimTask.of(new UnderLimit(1.7), channels, new Adjustment.OneWayCut(0.001), TrimPrior.ofWaves(0.25)));
    private final TrimAdviser match = new TrimAdviser(
            TrimTask.of(new UnderLimit(1.5), channels, new Adjustment.OneWayCut(0.001), TrimPrior.ofWaves(0.25))
                    .matchedBy(Optional.of(new MatchControl(0.001, 0.03, 11, 0, 0.7, 1.25, Room.ANY))));
    private List<Pass> swept;
    private List<Pass> read;
    private List<Pass> poor;

    @Setup
    public void prepare() {
        swept = List.of(pass(0, 46), pass(1, 46), pass(2, 46));
        poor = List.of(pass(0, 20), pass(1, 20), pass(2, 20));
        read = List.of(spots(0), spots(1), spots(2));
    }

    private static Reflection at(double hz, double dipHz, double ohm) {
        return Reflection.of(new Impedance(ohm, ohm * 9 * (hz / dipHz - dipHz / hz)), 50);
    }

    private static Pass pass(int i, double ohm) {
        double[] hz = new double[POINTS];
        double[] re = new double[POINTS];
        double[] im = new double[POINTS];
        for (int k = 0; k < POINTS; k++) {
            hz[k] = 135e6 + 40e6 * k / (POINTS - 1);
            Reflection g = at(hz[k], DIPS[i], ohm);
            re[k] = g.re();
            im[k] = g.im();
        }
        return new Pass(CHANGES[i], new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM));
    }

    private Pass spots(int i) {
        return Pass.ofSpots(
                        CHANGES[i],
                        channels.stream()
                                .map(c -> SpotReading.ofSwr(
                                        ReadingKind.INLINE_METER,
                                        c.frequencyHz(),
                                        at(c.frequencyHz(), DIPS[i], 46).swr()))
                                .toList())
                .orElseThrow();
    }

    @Benchmark
    public Object adviceBySweeps() {
        return cut.advise(swept);
    }

    @Benchmark
    public Object adviceByMeter() {
        return cut.advise(read);
    }

    @Benchmark
    public Object adviceOnAMatch() {
        return match.advise(poor);
    }
}
