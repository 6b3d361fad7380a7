package dorada.server.sweep;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.sweep.Sweep;
import org.junit.jupiter.api.Test;

class SweepCodecTest {

    @Test
    void everyBitOfASweepComesBack() {
        Sweep sweep = new Sweep(
                new double[] {1e6 / 3, Math.PI * 1e8}, new double[] {-0.1, 1 / 7.0}, new double[] {1e-300, -0.0}, 75);
        assertThat(SweepCodec.decode(SweepCodec.encode(sweep), 75, true)).isEqualTo(sweep);
    }
}
