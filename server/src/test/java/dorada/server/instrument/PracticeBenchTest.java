package dorada.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.instrument.Span;
import dorada.core.line.Line;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.server.installation.Installation;
import dorada.server.installation.PracticeAntenna;
import dorada.server.problem.UserProblem;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PracticeBenchTest {

    private static final Span SPAN = new Span(135e6, 180e6);

    private final PracticeBench bench = new PracticeBench();
    private final Installation installation = mock();

    @BeforeEach
    void aWhipFor155MHz() {
        startsAt(null);
        when(installation.standInSeed()).thenReturn(7L);
        when(installation.feedline()).thenReturn(Optional.empty());
    }

    private void startsAt(Double lengthM) {
        when(installation.practiceAntenna())
                .thenReturn(new PracticeAntenna(QuarterWaveDesign.KIND, new double[] {155e6}, lengthM));
    }

    private double dipHz(double changedM, int pass) {
        Sweep sweep = bench.sweep(installation, changedM, 0, pass, SPAN, 401);
        return new SweepAnalysis(sweep).deepestDip().orElseThrow().frequencyHz();
    }

    @Test
    void theRecordedChangesMoveTheDip() {
        assertThat(dipHz(-0.010, 2)).isGreaterThan(dipHz(0, 1) + 2e6);
    }

    @Test
    void theMeasuredLengthIsTheOneThatItStartsFrom() {
        startsAt(0.42);
        double shorter = dipHz(0, 1);
        startsAt(0.50);
        assertThat(shorter).isGreaterThan(dipHz(0, 1) + 10e6);
    }

    @Test
    void theSamePassIsTheSameSweepAndTheNextHasNoiseOfItsOwn() {
        assertThat(bench.sweep(installation, 0, 0, 1, SPAN, 51))
                .isEqualTo(bench.sweep(installation, 0, 0, 1, SPAN, 51));
        assertThat(bench.sweep(installation, 0, 0, 1, SPAN, 51))
                .isNotEqualTo(bench.sweep(installation, 0, 0, 2, SPAN, 51));
    }

    @Test
    void nothingIsLeftOfAnAntennaCutTooFar() {
        assertThatThrownBy(() -> dipHz(-0.6, 2))
                .isInstanceOf(UserProblem.class)
                .hasMessageContaining("nothing of the antenna");
    }

    @Test
    void aSpanBeyondTheInstrumentIsSaidAtTheField() {
        assertThatThrownBy(() -> bench.sweep(installation, 0, 0, 1, new Span(1e5, 2e6), 51))
                .isInstanceOf(UserProblem.class)
                .hasMessageContaining("covers 1 MHz to 1000 MHz");
    }

    /** 0.6 dB of line each way hides a part of what comes back. */
    @Test
    void atTheRadioEndAKnownLineLiesBetween() {
        Sweep bare = bench.sweep(installation, 0, 0, 1, SPAN, 51);
        when(installation.feedline()).thenReturn(Optional.of(new Line(4, 0.66, 50, 1.2, 0)));
        when(installation.measuredAt()).thenReturn(ReferencePlane.RADIO);
        Sweep atRadio = bench.sweep(installation, 0, 0, 1, SPAN, 51);
        assertThat(atRadio.magnitude(0)).isLessThan(0.97 * bare.magnitude(0));
        when(installation.measuredAt()).thenReturn(ReferencePlane.ANTENNA);
        assertThat(bench.sweep(installation, 0, 0, 1, SPAN, 51)).isEqualTo(bare);
    }
}
