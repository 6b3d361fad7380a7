package dorada.core.tuning;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.design.TubeJPoleDesign;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Moves of a tap or strap, over beliefs of every slope, pull and place of the dip. */
class MatchMoveTest {

    private static final AcceptanceRule RULE = new UnderLimit(1.5);

    private static final List<WantedChannel> CHANNELS = Stream.of(145.4, 146.0, 146.6)
            .map(mhz -> new WantedChannel(mhz + " MHz", mhz * 1e6, false))
            .toList();

    private static double worst(Sweep sweep) {
        SweepAnalysis analysis = new SweepAnalysis(sweep);
        return CHANNELS.stream()
                .mapToDouble(
                        c -> analysis.readingAt(c.frequencyHz()).orElseThrow().swr())
                .max()
                .orElseThrow();
    }

    /** Whatever the length could do afterwards: a move that raises the channels is not made. */
    @Test
    void noMoveIsExpectedToMakeItWorse() {
        Random random = new Random(7);
        MatchControl control = MatchControl.of(TubeJPoleDesign.KIND).orElseThrow();
        int moves = 0;
        for (int i = 0; i < 400; i++) {
            double dipHz = 146e6 * (1 + 0.03 * Math.max(-2, Math.min(2, random.nextGaussian())));
            double ohm = 50 * Math.exp(1.1 * (2 * random.nextDouble() - 1));
            Sweep now = Curves.resonance(120e6, 175e6, 601, dipHz, ohm, 15);
            Dip dip = new SweepAnalysis(now).deepestDip().orElseThrow();
            double rho = dip.reading().reflection().magnitude();
            double bend = control.effect() * control.effect();
            MatchBelief belief = new MatchBelief(
                    rho * rho,
                    2 * rho * control.effect() * (2 * random.nextDouble() - 1),
                    bend,
                    0.1 * rho * control.effect(),
                    2 * random.nextGaussian() * Math.max(0.5, Math.abs(control.pullPerM())));
            Optional<MatchMove.Move> move =
                    new MatchMove(RULE, CHANNELS, control, belief, Optional.empty(), 0, i % 2 == 0).best(now, dip);
            if (move.flatMap(MatchMove.Move::expected).isPresent()) {
                moves++;
                assertThat(worst(move.get().expected().get())).isLessThan(worst(now) + 0.05);
            }
        }
        assertThat(moves).isGreaterThan(40);
    }
}
