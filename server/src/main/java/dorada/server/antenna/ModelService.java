package dorada.server.antenna;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.wire.FarField;
import dorada.core.wire.FastSweep;
import dorada.core.wire.Point;
import dorada.core.wire.Solution;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import dorada.core.wire.WireException;
import dorada.server.antenna.ModelAnswer.Current;
import dorada.server.antenna.ModelAnswer.Cut;
import dorada.server.antenna.ModelAnswer.ModelPoint;
import dorada.server.antenna.ModelAnswer.Pattern;
import dorada.server.problem.UserProblem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Solves the geometry of a request. */
@Service
class ModelService {

    /** So many frequencies or fewer are solved one by one. */
    private static final int ONE_BY_ONE = 10;

    private static final double AZIMUTH_STEP = 15;
    private static final double ELEVATION_STEP = 2;
    private static final double NOTHING_DBI = -99;

    /** Checks everything that can be checked without solving. */
    Solver prepared(ModelRequest request) {
        double topHz = request.topHz();
        try {
            return new Solver(request.structure(), List.of(request.port()), topHz);
        } catch (WireException e) {
            throw UserProblem.atWire(e);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("wires", e);
        }
    }

    /** @throws java.util.concurrent.CancellationException where the watch ends it */
    ModelAnswer solve(ModelRequest request, Solver solver, Watch watch) {
        long begun = System.nanoTime();
        double[] hz = Arrays.stream(request.frequenciesHz()).sorted().distinct().toArray();
        double lookHz = request.pattern() == null
                ? hz[hz.length / 2]
                : request.pattern().frequencyHz();
        Solution look = solver.at(lookHz, watch.part(0, 0.1));
        AtomicInteger solves = new AtomicInteger(1);
        // The frequency of the pattern is often one of the others.
        BiFunction<Double, Watch, Impedance> solved = (f, part) -> {
            if (f == lookHz) {
                return look.impedance();
            }
            solves.incrementAndGet();
            return solver.at(f, part).impedance();
        };
        Map<Double, Impedance> found = new TreeMap<>();
        Watch rest = watch.part(0.1, 0.95);
        if (hz.length <= ONE_BY_ONE) {
            for (int i = 0; i < hz.length; i++) {
                Watch part = rest.part((double) i / hz.length, (i + 1.0) / hz.length);
                found.put(hz[i], solved.apply(hz[i], part));
            }
        } else {
            Watch goOn = share -> watch.goOn(0);
            FastSweep sweep =
                    FastSweep.of(hz, f -> Reflection.of(solved.apply(f, goOn), Sweep.STANDARD_REFERENCE_OHM), rest);
            for (int i = 0; i < hz.length; i++) {
                found.put(hz[i], sweep.sweep().reflection(i).impedance(Sweep.STANDARD_REFERENCE_OHM));
            }
        }
        FarField far = look.farField();
        return new ModelAnswer(
                Arrays.stream(request.frequenciesHz())
                        .mapToObj(f -> new ModelPoint(
                                f, found.get(f).resistanceOhm(), found.get(f).reactanceOhm()))
                        .toList(),
                solver.unknowns(),
                solves.get(),
                (System.nanoTime() - begun) / 1e6,
                far.averageGain(),
                currents(look),
                request.pattern() == null ? null : pattern(far, "perfect".equals(request.ground())));
    }

    private static List<Current> currents(Solution solution) {
        Solution.SegmentCurrent[] all = solution.segmentCurrents();
        double largest = Arrays.stream(all)
                .mapToDouble(c -> Math.max(c.fromAmpere(), c.toAmpere()))
                .max()
                .orElse(1);
        return Arrays.stream(all)
                .map(c -> new Current(c.wire(), array(c.from()), array(c.to()), new double[] {
                    c.fromAmpere() / largest, c.toAmpere() / largest
                }))
                .toList();
    }

    private static double[] array(Point p) {
        return new double[] {p.x(), p.y(), p.z()};
    }

    private static Pattern pattern(FarField far, boolean grounded) {
        double low = grounded ? 0 : -90;
        double[] elevations = IntStream.rangeClosed(0, (int) ((90 - low) / ELEVATION_STEP))
                .mapToDouble(i -> low + i * ELEVATION_STEP)
                .toArray();
        List<Cut> cuts = new ArrayList<>();
        for (double azimuth = 0; azimuth < 360; azimuth += AZIMUTH_STEP) {
            double a = azimuth;
            cuts.add(new Cut(
                    azimuth,
                    elevations,
                    Arrays.stream(elevations)
                            .parallel()
                            .map(e -> Math.max(NOTHING_DBI, far.gainDbi(a, e)))
                            .toArray()));
        }
        return new Pattern(far.maxGainDbi(), cuts);
    }
}
