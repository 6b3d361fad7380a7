package dorada.benchmarks;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutSheet;
import dorada.core.cutsheet.CutSheet.Uses;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Solved;
import dorada.core.design.Designs;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What somebody waits for at a cut sheet. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class CuttingBenchmark {

    private final CutKind beam = Designs.ALL.sheet("beam").orElseThrow();
    private final CutKind ribbon = Designs.ALL.sheet("ribbon-j-pole").orElseThrow();
    private final Inputs six = Inputs.of(beam, 446e6, Map.of(), Map.of("elements", "6", "drive", "direct"));
    private final Inputs two = Inputs.of(ribbon, 146e6, Map.of(), Map.of("bands", "two", "where", "tube"));

    /** All sixteen sheets by rule, with their drawings. */
    @Benchmark
    public List<Drawing> everySheetByRule() {
        return Designs.ALL.sheets().stream()
                .map(k -> {
                    Inputs in = Inputs.usual(k, Math.max(k.lowestHz(), Math.min(k.highestHz(), 146e6)));
                    return k.drawing(
                            in, CutSheet.of(k, in, Optional.empty(), Uses.BEST).shape());
                })
                .toList();
    }

    /** Looked for without a table: the longest search of a beam. */
    @Benchmark
    public Solved beamOfSixDirect() {
        return beam.solve(six, Watch.NOBODY);
    }

    /** Two bands in a tube: the longest match. */
    @Benchmark
    public Solved ribbonForTwoBands() {
        return ribbon.solve(two, Watch.NOBODY);
    }
}
