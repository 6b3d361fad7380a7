package dorada.benchmarks;

import dorada.core.antenna.Carrier;
import dorada.core.design.Designs;
import dorada.core.planning.AntennaChoice;
import dorada.core.planning.GroundPlanner;
import dorada.core.planning.GroundPlanner.Element;
import dorada.core.planning.GroundPlanner.Metal;
import dorada.core.planning.GroundPlanner.Outcome;
import dorada.core.planning.GroundPlanner.Sheet;
import dorada.core.planning.Need;
import dorada.core.planning.Need.Aim;
import dorada.core.planning.Need.Band;
import dorada.core.planning.Need.Room;
import dorada.core.planning.Need.Stock;
import dorada.core.planning.Need.Surface;
import dorada.core.wire.Watch;
import java.util.List;
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

/** What somebody waits for while planning. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class PlanningBenchmark {

    private final Need need = new Need(
            Carrier.VEHICLE,
            Surface.metal(1.4, 1.2, 0, 0),
            Room.OPEN,
            1.9,
            0,
            List.of(),
            new Band(153e6, 159e6, 2),
            Aim.LOCAL,
            Stock.USUAL);

    @Benchmark
    public List<AntennaChoice.Assessment> rankCandidates() {
        return AntennaChoice.rank(Designs.ALL.candidates(), need);
    }

    /** A sheet of 1.4 × 1.3 m below an airband whip: more than 400 unknowns, the whole band of 19 MHz and beyond. */
    @Benchmark
    public Outcome groundPlaneVariant() {
        return GroundPlanner.solve(
                new Element(0.56, 15, 0.004),
                new Sheet(1.4, 1.3, 0.0005, Metal.ALUMINIUM),
                118e6,
                136.975e6,
                2.5,
                Watch.NOBODY);
    }
}
