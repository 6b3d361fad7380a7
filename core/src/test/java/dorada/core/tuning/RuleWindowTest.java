package dorada.core.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.BestOnMain;
import dorada.core.acceptance.ChannelValues;
import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.Relaxed;
import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RuleWindowTest {

    private static final List<AcceptanceRule> RULES = List.of(
            new UnderLimit(1.5),
            new UnderLimit(3),
            new ResonanceFirst(2),
            new EvenEnds(),
            new BestOnMain(1.7),
            new Relaxed(2.5));

    /** What is known to be smooth is tried at few steps: it must find what all steps find. */
    @Test
    void fewStepsFindTheWindowThatAllStepsFind() {
        Random random = new Random(3);
        for (int i = 0; i < 400; i++) {
            RuleWindow.Curve smooth = aCircuit(random);
            sameByFewStepsAsByAll(smooth, asAnyOther(smooth), RULES.get(i % RULES.size()), someChannels(random));
        }
    }

    /** A curve that was drawn ends somewhere: beside what all channels meet of it nothing is known. */
    @Test
    void fewStepsFindTheWindowOfACurveThatEnds() {
        Random random = new Random(4);
        for (int i = 0; i < 400; i++) {
            RuleWindow.Curve circuit = aCircuit(random);
            double beside = Math.exp(-1.4 - 4.6 * random.nextDouble());
            Sweep drawn = drawn(circuit, 150e6 * (1 - beside), 150e6 * (1 + beside));
            sameByFewStepsAsByAll(
                    RuleWindow.Curve.of(drawn, true),
                    RuleWindow.Curve.of(drawn, false),
                    RULES.get(i % RULES.size()),
                    someChannels(random));
        }
    }

    /** The ends of a single channel are even wherever the dip lies: what is aimed at is the dip on it all the same. */
    @Test
    void evenEndsOfOneChannelAimAtTheDip() {
        RuleWindow.Curve circuit = RuleWindow.Curve.seriesCircuit(160e6, 6, 45);
        RuleWindow window = new RuleWindow(
                circuit, Optional.empty(), new EvenEnds(), List.of(new WantedChannel("", 152e6, true)), 0.1, 1);
        assertThat(window.best()).isCloseTo(152 / 160.0, within(1e-3));
    }

    private static void sameByFewStepsAsByAll(
            RuleWindow.Curve smooth, RuleWindow.Curve other, AcceptanceRule rule, List<WantedChannel> channels) {
        RuleWindow few = new RuleWindow(smooth, Optional.empty(), rule, channels, 0.1, 1);
        RuleWindow all = new RuleWindow(other, Optional.empty(), rule, channels, 0.1, 1);
        assertThat(said(few)).as("%s on %s", rule, channels).isEqualTo(said(all));
    }

    private static List<WantedChannel> someChannels(Random random) {
        int count = 1 + random.nextInt(5);
        double width = 0.002 + 0.3 * random.nextDouble();
        return IntStream.range(0, count)
                .mapToObj(c -> new WantedChannel(
                        "",
                        150e6 * (1 + width * (c - (count - 1) / 2.0) / count),
                        c == 0,
                        WantedChannel.Use.BOTH,
                        1 + random.nextInt(3),
                        ""))
                .toList();
    }

    private static RuleWindow.Curve aCircuit(Random random) {
        return RuleWindow.Curve.seriesCircuit(
                150e6 * Math.exp(0.15 * random.nextGaussian()),
                SpotFit.quality(random.nextInt(SpotFit.CIRCUITS)),
                SpotFit.resistanceOhm(random.nextInt(SpotFit.CIRCUITS)));
    }

    private static Sweep drawn(RuleWindow.Curve curve, double lowHz, double highHz) {
        double[] hz = IntStream.range(0, 401)
                .mapToDouble(i -> lowHz + (highHz - lowHz) * i / 400)
                .toArray();
        return new Sweep(
                hz,
                Arrays.stream(hz).map(f -> curve.at(f).re()).toArray(),
                Arrays.stream(hz).map(f -> curve.at(f).im()).toArray(),
                Sweep.STANDARD_REFERENCE_OHM);
    }

    private static List<Object> said(RuleWindow w) {
        return List.of(
                w.isKnown(),
                w.best(),
                w.low(),
                w.high(),
                w.hopelessHigh(),
                w.bestSwr(),
                w.swrNow(),
                w.bestShortfall(),
                w.isWide(),
                w.shortfall(0.95),
                w.leastShortfall(1));
    }

    private static RuleWindow.Curve asAnyOther(RuleWindow.Curve curve) {
        return new RuleWindow.Curve() {
            @Override
            public Reflection at(double hz) {
                return curve.at(hz);
            }

            @Override
            public boolean set(ChannelValues values, int c, double hz) {
                return curve.set(values, c, hz);
            }

            @Override
            public boolean hasPhase() {
                return curve.hasPhase();
            }

            @Override
            public double bottom() {
                return curve.bottom();
            }
        };
    }
}
