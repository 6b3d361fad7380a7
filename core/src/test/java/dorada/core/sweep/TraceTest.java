package dorada.core.sweep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class TraceTest {

    @Test
    void aSmallPictureKeepsTheDipHoweverNarrow() {
        Trace whole = Trace.of(Curves.resonance(26e6, 28.4e6, 1601, 27.2e6, 49.5, 400));
        Trace small = whole.outline(60);
        assertThat(small.frequencyHz()).hasSize(60).isSorted();
        assertThat(max(small)).isEqualTo(max(whole));
    }

    @Test
    void whatFitsIsLeftAsItIs() {
        Trace whole = Trace.of(Curves.resonance(26e6, 28.4e6, 11, 27.2e6, 45, 10));
        assertThat(whole.outline(60)).isEqualTo(whole);
    }

    @Test
    void aPerfectMatchCanBeDrawn() {
        Sweep matched = new Sweep(new double[] {1e6, 2e6}, new double[2], new double[2], 50);
        assertThat(Trace.of(matched).returnLossDb()).containsExactly(60, 60);
    }

    private static double max(Trace trace) {
        return Arrays.stream(trace.returnLossDb()).max().orElseThrow();
    }
}
