package dorada.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.design.Designs;
import dorada.core.rf.Swr;
import dorada.core.simulation.MeterBench.Carrier;
import dorada.core.simulation.MeterBench.Reading;
import dorada.core.simulation.MeterBench.Settings;
import dorada.core.wire.Watch;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Radio and meters in the line of the practice bench: a needle set right shows what the solver says, set wrong it misleads. */
class MeterBenchTest {

    private static final double CHANNEL_HZ = 155e6;

    private final Bench bench = new Bench(Designs.ALL.installations().get(0), new Random(1));
    private final MeterBench meters = new MeterBench(bench, new Random(2));

    private static Settings settings(double hz, double powerW, Optional<Carrier> setFor, double plugW) {
        return new Settings(hz, powerW, 3, 100, setFor, plugW, 100e6, 250e6);
    }

    private Reading readSet(double hz, double powerW, double plugW) {
        Carrier carrier = meters.carrier(settings(hz, powerW, Optional.empty(), plugW));
        return meters.read(settings(hz, powerW, Optional.of(carrier), plugW));
    }

    private void screwOn(Bench.AtPort what) {
        Bench.State s = bench.state();
        bench.set(new Bench.State(s.installation(), s.settingsM(), Set.of(), what, true));
    }

    @Test
    void aNeedleSetForTheChannelShowsTheSolversSwr() {
        for (double hz : new double[] {150e6, CHANNEL_HZ, 162e6}) {
            double rho = bench.connected(Watch.NOBODY)
                    .reflection(new double[] {hz})
                    .reflection(0)
                    .magnitude();
            double shown = readSet(hz, 25, 25).meterSwr().orElseThrow();
            // Marks are a tenth apart up to 2, and wider above.
            assertThat(Swr.magnitude(shown)).isCloseTo(rho, within(0.06));
        }
    }

    @Test
    void aNeedleSetAtAnotherPowerOrNeverMisleadsOrRefuses() {
        assertThat(meters.read(settings(CHANNEL_HZ, 25, Optional.empty(), 25)).meterTrouble())
                .hasValueSatisfying(t -> assertThat(t.id()).endsWith("NEEDLE_NOT_SET"));
        double honest = readSet(150e6, 25, 25).meterSwr().orElseThrow();
        Reading careless = meters.read(settings(150e6, 5, Optional.of(new Carrier(150e6, 25)), 25));
        assertThat(careless.meterSwr().orElseThrow()).isLessThan(honest);
    }

    @Test
    void aDummyLoadProvesTheRadio() {
        screwOn(Bench.AtPort.LOAD);
        Reading load = readSet(CHANNEL_HZ, 25, 25);
        assertThat(load.meterSwr()).contains(1.0);
        assertThat(load.foldedBack()).isFalse();
        assertThat(load.watts().forwardW().orElseThrow()).isCloseTo(25, within(load.doubtW()));
        assertThat(load.watts().reflectedW().orElseThrow()).isZero();
        assertThat(Math.abs(load.carrier().frequencyHz() / CHANNEL_HZ - 1)).isBetween(1e-9, 1e-6);
        assertThat(meters.spuriousDbc()).isBetween(-75.0, -60.0);
    }

    @Test
    void anOpenLineFoldsTheRadioBack() {
        screwOn(Bench.AtPort.OPEN);
        Reading open = readSet(CHANNEL_HZ, 40, 50);
        assertThat(open.foldedBack()).isTrue();
        // At most what a ceiling of 3 sends back of 40 W: a quarter, SWR 3 being ρ = 0.5.
        assertThat(open.carrier().forwardW()).isCloseTo(10, within(1e-6));
        assertThat(open.meterSwr()).contains(10.0);
        assertThat(open.watts().swr()).isEmpty();
    }

    @Test
    void thePlugMustSuitTheChannel() {
        Settings uhf = new Settings(CHANNEL_HZ, 25, 3, 100, Optional.empty(), 25, 200e6, 500e6);
        assertThat(meters.read(uhf).watts().trouble())
                .hasValueSatisfying(t -> assertThat(t.params()).containsEntry("lowWholeHz", 200e6));
        assertThatThrownBy(() -> settings(CHANNEL_HZ, 0, Optional.empty(), 25)).hasMessageContaining("NO_SUCH_METER");
    }
}
