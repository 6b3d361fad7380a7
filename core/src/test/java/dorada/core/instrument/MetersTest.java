package dorada.core.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.instrument.DirectionalWattmeter.Direction;
import dorada.core.rf.Reflection;
import org.junit.jupiter.api.Test;

class MetersTest {

    private static final Reflection TWO_TO_ONE = new Reflection(1 / 3.0, 0);

    @Test
    void theNeedleIsRightOnTheChannelItWasSetFor() {
        InlineMeter meter = new InlineMeter(10);
        assertThatThrownBy(() -> meter.swr(TWO_TO_ONE, 27e6, 4)).hasMessageContaining("NEEDLE_NOT_SET");
        meter.set(27.185e6, 4);
        assertThat(meter.swr(TWO_TO_ONE, 27.185e6, 4)).isEqualTo(2.0);
        assertThat(meter.swr(new Reflection(0.33, 0), 27.185e6, 4)).isEqualTo(2.0);
        assertThat(meter.swr(Reflection.NONE, 27.185e6, 4)).isEqualTo(1.0);
        assertThat(meter.swr(new Reflection(0.95, 0), 27.185e6, 4)).isEqualTo(10.0);
    }

    @Test
    void notSetAgainItMisleads() {
        InlineMeter meter = new InlineMeter(10);
        meter.set(27.185e6, 4);
        assertThat(meter.swr(TWO_TO_ONE, 27.185e6, 1)).isLessThan(1.5);
        assertThat(meter.swr(TWO_TO_ONE, 54e6, 4)).isGreaterThan(4.0);
        assertThatThrownBy(() -> meter.set(27e6, 25)).hasMessageContaining("NEEDLE_PEGS");
    }

    @Test
    void aPlugReadsBothWaysWithinItsError() {
        DirectionalWattmeter plug = new DirectionalWattmeter(50, 100e6, 250e6, 0.05);
        assertThat(plug.read(Direction.FORWARD, TWO_TO_ONE, 156e6, 25)).isCloseTo(25, within(plug.doubtW()));
        // 2:1 reflects 11 %.
        assertThat(plug.read(Direction.REFLECTED, TWO_TO_ONE, 156e6, 25)).isCloseTo(2.8, within(plug.doubtW()));
        assertThat(plug.read(Direction.REFLECTED, Reflection.NONE, 156e6, 25)).isZero();
        assertThat(plug.read(Direction.FORWARD, TWO_TO_ONE, 156e6, 80)).isEqualTo(50);
        assertThat(plug.doubtW()).isCloseTo(3, within(1e-9));
        assertThatThrownBy(() -> plug.read(Direction.FORWARD, TWO_TO_ONE, 27e6, 4))
                .hasMessageContaining("OTHER_PLUG");
    }

    @Test
    void aRadioFoldsBackAndIsALittleOff() {
        BenchRadio radio = new BenchRadio(25, 0.29, -60, 2);
        assertThat(radio.forwardW(TWO_TO_ONE)).isEqualTo(25);
        double far = radio.forwardW(new Reflection(0.5, 0));
        // P ≤ P_rated·ρ²(ceiling)/ρ²(measured): common practice, no source.
        assertThat(far).isCloseTo(25 * 4 / 9.0, within(1e-9));
        // 36 Hz at 125 MHz is 0.29 ppm; −60 dBc is a millionth: by definition.
        assertThat(radio.carrierHz(125e6) - 125e6).isCloseTo(36, within(0.5));
        assertThat(radio.spuriousW(Reflection.NONE)).isCloseTo(25e-6, within(1e-12));
    }
}
