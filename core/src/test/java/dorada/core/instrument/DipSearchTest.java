package dorada.core.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.design.Designs;
import dorada.core.design.GroundPlaneDesign;
import dorada.core.simulation.StandIn;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Watch;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DipSearchTest {

    private static final Span LIMITS = new Span(1e6, 400e6);

    @Test
    void findsTheDipFromFarAwayInAFewLooks() {
        StandIn antenna = Designs.ALL.of(GroundPlaneDesign.KIND).standIn(156e6, 3);
        SimulatedAnalyser analyser =
                new SimulatedAnalyser(hz -> antenna.sweep(antenna.startLengthM(), hz, Watch.NOBODY), new Random(1));
        DipSearch look = DipSearch.begin(new Span(260e6, 280e6), LIMITS);
        assertThat(look.span()).isEqualTo(new Span(250e6, 290e6));
        int looks = 0;
        while (!look.found()) {
            look = DipSearch.after(new SweepAnalysis(analyser.sweep(look.span(), 201)), LIMITS);
            assertThat(++looks).isLessThan(7);
        }
        SweepAnalysis close = new SweepAnalysis(analyser.sweep(look.span(), 201));
        assertThat(close.deepestDip().orElseThrow().atEdge()).isFalse();
        assertThat(look.span().widthHz())
                .isCloseTo(0.12 * close.deepestDip().orElseThrow().frequencyHz(), within(3e6));
    }

    @Test
    void keepsInsideTheInstrument() {
        assertThat(DipSearch.begin(new Span(10e6, 390e6), LIMITS).span()).isEqualTo(LIMITS);
    }
}
