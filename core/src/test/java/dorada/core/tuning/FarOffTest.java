package dorada.core.tuning;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.design.BeamDesign;
import dorada.core.design.Designs;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.simulation.StandIn;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Off its place a dip's depth says little of what it will be there: the length comes first, however strict the limit. */
class FarOffTest {

    private static final double LOW_HZ = 438.6e6;
    private static final double HIGH_HZ = 441.2e6;
    private static final double LIMIT_SWR = 1.3;
    private static final int MOST_PASSES = 8;

    /** How a job went: dips in Hz and the advice after each, and the worst SWR on the channels at its end. */
    private record Job(List<Double> dipsHz, List<TrimAdvice> advice, double worstSwr) {}

    /** A three-element beam, resonant some 8 % too low, tuned as advised. */
    private static Job tuned(long seed, Adjustment adjustment) {
        StandIn beam = Designs.ALL.of(BeamDesign.KIND).standIn(new double[] {(LOW_HZ + HIGH_HZ) / 2}, seed);
        TrimTask task = TrimTask.of(
                new UnderLimit(LIMIT_SWR),
                List.of(new WantedChannel("Link", LOW_HZ, true), new WantedChannel("Spare", HIGH_HZ, false)),
                adjustment,
                TrimPrior.of(BeamDesign.KIND));
        List<Pass> passes = new ArrayList<>();
        Job job = new Job(new ArrayList<>(), new ArrayList<>(), 0);
        double lengthM = beam.startLengthM();
        double changeM = 0;
        while (passes.size() < MOST_PASSES) {
            lengthM += changeM;
            double now = lengthM;
            Sweep sweep = new SimulatedAnalyser(
                            hz -> beam.sweep(now, 0, hz, Watch.NOBODY), new Random(31 * seed + passes.size()))
                    .sweep(new Span(380e6, 500e6), 401);
            passes.add(new Pass(changeM, sweep));
            TrimAdvice advice = new AntennaAdviser(BeamDesign.KIND, task).advise(passes);
            SweepAnalysis seen = new SweepAnalysis(sweep);
            job.dipsHz.add(seen.deepestDip().orElseThrow().frequencyHz());
            job.advice.add(advice);
            double worst = Math.max(
                    seen.readingAt(LOW_HZ).orElseThrow().swr(),
                    seen.readingAt(HIGH_HZ).orElseThrow().swr());
            job = new Job(job.dipsHz, job.advice, worst);
            if (!advice.isChange()) {
                break;
            }
            changeM = (advice.action() == TrimAdvice.Action.SHORTEN ? -1 : 1) * advice.amountM();
        }
        return job;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whatSlidesIsBroughtIntoItsPlaceFirst(long seed) {
        Job job = tuned(seed, new Adjustment.Slide(0.001));
        assertThat(job.advice.get(0).action()).isEqualTo(TrimAdvice.Action.SHORTEN);
        assertThat(job.dipsHz.get(job.dipsHz.size() - 1)).isBetween(0.99 * LOW_HZ, 1.01 * HIGH_HZ);
        assertThat(job.worstSwr).isLessThan(LIMIT_SWR + 0.2);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whatIsCutComesNearAndIsNeverCutTooShort(long seed) {
        Job job = tuned(seed, new Adjustment.OneWayCut(0.001));
        assertThat(job.advice.get(0).action()).isEqualTo(TrimAdvice.Action.SHORTEN);
        assertThat(job.dipsHz).allSatisfy(hz -> assertThat(hz).isLessThan(HIGH_HZ));
        assertThat(job.dipsHz.get(job.dipsHz.size() - 1)).isGreaterThan(0.98 * LOW_HZ);
        assertThat(job.worstSwr).isLessThan(2);
    }
}
