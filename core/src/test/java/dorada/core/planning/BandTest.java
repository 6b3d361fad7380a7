package dorada.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.ChannelVerdict;
import dorada.core.instrument.Span;
import dorada.core.sweep.Curves;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A wanted band: its ends on a curve, and what is swept first to find the dip. */
class BandTest {

    @Test
    void eachEndIsJudgedByItselfAndOneThatWasNotSweptIsNotMet() {
        List<ChannelVerdict> ends =
                new Need.Band(150e6, 160e6, 2).ends(Curves.resonance(145e6, 159e6, 201, 150e6, 48, 12));
        assertThat(ends).extracting(c -> c.measured().channel().frequencyHz()).containsExactly(150e6, 160e6);
        assertThat(ends.get(0).met()).isTrue();
        assertThat(ends.get(0).limitSwr()).isEqualTo(2);
        assertThat(ends.get(1).met()).isFalse();
        assertThat(ends.get(1).measured().reading()).isEmpty();
        List<ChannelVerdict> sharp =
                new Need.Band(150e6, 158e6, 1.2).ends(Curves.resonance(145e6, 165e6, 201, 150e6, 48, 12));
        assertThat(sharp).extracting(ChannelVerdict::met).containsExactly(true, false);
    }

    /** Nine hundredths beyond either end, in tenths of a megahertz; common practice, no source. */
    @Test
    void aFirstSweepReachesBeyondTheBand() {
        assertThat(Span.aroundBand(150e6, 160e6)).isEqualTo(new Span(136.5e6, 174.4e6));
        Span oneChannel = Span.aroundBand(27.185e6, 27.185e6);
        assertThat(oneChannel.startHz()).isCloseTo(24.7e6, within(1.0));
        assertThat(oneChannel.stopHz()).isCloseTo(29.6e6, within(1.0));
    }
}
