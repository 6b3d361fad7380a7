package dorada.core.acceptance;

import static dorada.core.outcome.Numbers.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.WantedChannel.Use;
import dorada.core.outcome.Outcome;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class VerdictTest {

    private static final List<WantedChannel> CB = List.of(
            new WantedChannel("40", 27.405e6, false),
            new WantedChannel("1", 26.965e6, false),
            new WantedChannel("19", 27.185e6, true));

    private static Verdict judge(AcceptanceRule rule, Sweep sweep) {
        return rule.judge(ChannelReading.of(new SweepAnalysis(sweep), CB), ReferencePlane.RADIO);
    }

    /** What is only heard, or another radio's, does not hold the first radio back. */
    @Test
    void powerIsLimitedByWhatARadioSendsOn() {
        List<ChannelReading> measured = ChannelReading.of(
                new SweepAnalysis(new Sweep(
                        new double[] {150e6, 155e6, 160e6}, new double[] {0.1, 0.3, 0.5}, new double[] {0, 0, 0}, 50)),
                List.of(
                        new WantedChannel("sent", 150e6, true, Use.TRANSMIT, 1, ""),
                        new WantedChannel("heard", 160e6, false, Use.RECEIVE, 1, ""),
                        new WantedChannel("relay", 160e6, false, Use.BOTH, 1, "relay")));
        Verdict verdict = new UnderLimit(2).judge(measured, ReferencePlane.RADIO);
        assertThat(verdict.worstTransmitSwr("")).isCloseTo(1.1 / 0.9, within(1e-6));
        assertThat(verdict.worstTransmitSwr("relay")).isCloseTo(3, within(1e-6));
        assertThat(verdict.worstTransmitSwr("nobody")).isEqualTo(1);
        assertThat(verdict.met()).isFalse();
    }

    @Test
    void aVerdictSaysHowMuchIsMissing() {
        Sweep sweep = Curves.resonance(26e6, 28.4e6, 201, 27.2e6, 47, 25);
        Verdict verdict = judge(new UnderLimit(1.5), sweep);
        assertThat(verdict.shortfall()).isCloseTo(verdict.worstSwr() - 1.5, within(1e-9));
        assertThat(verdict.met()).isEqualTo(verdict.shortfall() <= 0);
        Verdict unseen = judge(new UnderLimit(1.5), Curves.resonance(27e6, 28.4e6, 201, 27.2e6, 47, 25));
        assertThat(unseen.shortfall()).isInfinite();
    }

    /** What a needle shows goes through |Γ| and back: a reading exactly at its limit must not be lost on the way. */
    @Test
    void aReadingExactlyAtItsLimitMeetsIt() {
        for (int tenths = 11; tenths <= 40; tenths++) {
            double limit = tenths / 10.0;
            assertThat(read(new UnderLimit(limit), limit, 1, limit)).isTrue();
            assertThat(read(new UnderLimit(limit), limit, 1, limit + 0.001)).isFalse();
        }
        for (int tenths = 10; tenths <= 18; tenths++) {
            double end = tenths / 10.0;
            assertThat(read(new EvenEnds(), end, 1, (tenths + 2) / 10.0)).isTrue();
            assertThat(read(new EvenEnds(), end, 1, end + 0.201)).isFalse();
        }
    }

    private static boolean read(AcceptanceRule rule, double... swr) {
        List<ChannelReading> measured = new ArrayList<>();
        for (int i = 0; i < swr.length; i++) {
            WantedChannel channel = CB.get(new int[] {1, 2, 0}[i]);
            measured.add(new ChannelReading(
                    channel, Optional.of(Reading.ofSwr(channel.frequencyHz(), swr[i], swr[i], swr[i]))));
        }
        Verdict verdict = rule.judge(measured, ReferencePlane.RADIO);
        assertThat(verdict.shortfall() <= 0).isEqualTo(verdict.met());
        return verdict.met();
    }

    /** A channel that counts more is drawn nearer to the dip; even ends leave no such choice. */
    @Test
    void weightCountsWhereTheRuleLeavesAChoice() {
        ChannelValues heavy = values(new double[] {5, 1}, 0, 1.2, 1.8);
        assertThat(new UnderLimit(2).misfit(heavy)).isCloseTo(1.0, within(1e-12));
        assertThat(new UnderLimit(2).misfit(values(new double[] {1, 1}, 0, 1.2, 1.8)))
                .isCloseTo(0.8, within(1e-12));
        assertThat(new EvenEnds().misfit(heavy)).isEqualTo(new EvenEnds().shortfall(heavy));
        assertThatThrownBy(() -> new WantedChannel("a", 1e8, true, Use.BOTH, 0, ""))
                .hasMessageContaining("above 0");
    }

    @Test
    void underALimitNamesRulePlaneAndTheTightestChannel() {
        Verdict verdict = judge(new UnderLimit(2), Curves.resonance(26e6, 28.4e6, 201, 27.2e6, 47, 25));
        assertThat(verdict.met()).isTrue();
        Outcome met = verdict.outcomes().get(0);
        assertThat(met.is(Judged.MET)).isTrue();
        assertThat(met.params())
                .containsEntry("rule", RuleId.UNDER_LIMIT.of(2.0))
                .containsEntry("plane", ReferencePlane.RADIO.of());
        assertThat(verdict.channels())
                .extracting(c -> c.measured().channel().name())
                .containsExactly("1", "19", "40");
        ChannelVerdict low = verdict.channels().get(0);
        assertThat(low.margin())
                .isCloseTo(2 - low.measured().reading().orElseThrow().swr(), within(1e-12));
        assertThat(met.params()).containsEntry("channel", "1");
    }

    @Test
    void oneMissedChannelMissesTheRuleAndIsNamed() {
        Verdict verdict = judge(new UnderLimit(1.5), Curves.resonance(26e6, 28.4e6, 201, 26.97e6, 47, 40));
        assertThat(verdict.met()).isFalse();
        assertThat(verdict.channels()).extracting(ChannelVerdict::met).containsExactly(true, false, false);
        assertThat(verdict.outcomes().get(0).is(Judged.NOT_MET)).isTrue();
        assertThat(missed(verdict.outcomes().get(1))).containsExactly("40", "19");
    }

    private static List<Object> missed(Outcome outcome) {
        return ((List<?>) outcome.params().get("channels"))
                .stream().map(c -> ((Outcome) c).params().get("channel")).toList();
    }

    @Test
    void theVerdictNamesTheWorstThreeAndCountsTheRest() {
        List<WantedChannel> five = java.util.stream.IntStream.range(0, 5)
                .mapToObj(i -> new WantedChannel("c" + i, 27.0e6 + i * 0.1e6, false))
                .toList();
        Verdict verdict = new UnderLimit(1.1)
                .judge(
                        ChannelReading.of(new SweepAnalysis(Curves.resonance(26e6, 28.4e6, 201, 26.5e6, 47, 40)), five),
                        ReferencePlane.ANTENNA);
        assertThat(verdict.outcomes().get(1).is(Judged.MISSED_AND_MORE)).isTrue();
        assertThat(missed(verdict.outcomes().get(1))).containsExactly("c4", "c3", "c2");
        assertThat(verdict.outcomes().get(1).params()).containsEntry("moreCount", 2);
        assertThat(verdict.channels()).hasSize(5).noneMatch(ChannelVerdict::met);
    }

    @Test
    void evenEndsRefusesALopsidedCurveThatIsUnderTheLimitEverywhere() {
        Sweep lopsided = Curves.resonance(26e6, 28.4e6, 201, 27.11e6, 48, 25);
        assertThat(judge(new UnderLimit(2), lopsided).met()).isTrue();
        Verdict even = judge(new EvenEnds(), lopsided);
        assertThat(even.met()).isFalse();
        assertThat(even.outcomes()).anyMatch(o -> o.is(RuleId.UNEVEN));
        assertThat(judge(new EvenEnds(), Curves.resonance(26e6, 28.4e6, 201, 27.184e6, 48, 25))
                        .met())
                .isTrue();
    }

    @Test
    void aChannelBeyondTheSweepIsNotJudged() {
        Verdict verdict = judge(new UnderLimit(2), Curves.resonance(26e6, 27.3e6, 201, 27e6, 47, 25));
        assertThat(verdict.met()).isFalse();
        assertThat(verdict.outcomes())
                .containsExactly(Judged.NOT_JUDGED.of(List.of("40"), RuleId.UNDER_LIMIT.of(2.0), ReferencePlane.RADIO));
        assertThat(verdict.channels().get(2).margin()).isNaN();
    }

    @Test
    void aLimitOfOneIsNoRule() {
        assertThatThrownBy(() -> new UnderLimit(1)).hasMessageContaining("above 1");
        assertThatThrownBy(() -> new UnderLimit(2).judge(List.of(), ReferencePlane.RADIO))
                .hasMessageContaining("at least one");
    }

    /** ≥3 do not transmit unless the radio's ceiling is higher; common practice, no source. */
    @Test
    void powerIsLimitedByTheWorstChannel() {
        assertThat(TransmitLimit.of(1.8, 2, 25)).isEqualTo(new TransmitLimit(true, 25, false));
        TransmitLimit reduced = TransmitLimit.of(2.5, 2, 25);
        assertThat(reduced.allowed()).isTrue();
        assertThat(reduced.powerW()).isCloseTo(25 * (1 / 9.0) / Math.pow(1.5 / 3.5, 2), within(1e-9));
        assertThat(TransmitLimit.of(3, 2, 25).allowed()).isFalse();
        assertThat(TransmitLimit.of(Double.POSITIVE_INFINITY, 2, 25).powerW()).isZero();
        TransmitLimit tolerant = TransmitLimit.of(4, 5, 10);
        assertThat(tolerant.allowed()).isTrue();
        assertThat(tolerant.powerW()).isCloseTo(10 * 0.25 / 0.36, within(1e-9));
    }

    /** Resistances above 50 Ω, so without reactance. */
    private static ChannelValues values(double[] weight, int primary, double... swr) {
        List<WantedChannel> channels = new ArrayList<>();
        for (int i = 0; i < swr.length; i++) {
            channels.add(new WantedChannel("c" + i, 150e6 + i * 1e6, i == primary, Use.BOTH, weight[i], ""));
        }
        ChannelValues values = new ChannelValues(channels);
        for (int i = 0; i < swr.length; i++) {
            values.set(i, Reflection.of(new Impedance(50 * swr[i], 0), 50), true);
        }
        return values;
    }

    private static final double[] ALIKE = {1, 1, 1};

    @Test
    void theMainChannelHasALimitOfItsOwnAndTheOthersTheRadios() {
        BestOnMain rule = new BestOnMain(2.5);
        assertThat(rule.shortfall(values(ALIKE, 1, 2.4, 1.45, 2.4))).isLessThanOrEqualTo(0);
        assertThat(rule.shortfall(values(ALIKE, 1, 2.6, 1.2, 1.2))).isCloseTo(0.1, within(1e-9));
        assertThat(rule.shortfall(values(ALIKE, 0, 1.6, 1.1, 1.1))).isCloseTo(0.1, within(1e-9));
        // Better on the main channel is better, whatever the others do below the ceiling.
        assertThat(rule.misfit(values(ALIKE, 1, 2.4, 1.1, 2.4)))
                .isLessThan(rule.misfit(values(ALIKE, 1, 1.3, 1.3, 1.3)));
        assertThat(rule.misfit(values(ALIKE, 1, 2.8, 1.1, 1.1)))
                .isGreaterThan(rule.misfit(values(ALIKE, 1, 1.6, 1.6, 1.6)));
        // A radio that stands less than 1.5 holds the main channel down too.
        assertThat(new BestOnMain(1.3).limitSwr()).isEqualTo(1.3);
        Verdict v = judge(rule, Curves.resonance(26e6, 28.4e6, 201, 27.184e6, 47, 25));
        assertThat(v.rule().outcome()).isEqualTo(RuleId.BEST_ON_MAIN.of(1.5, 2.5));
        assertThat(v.channels()).extracting(ChannelVerdict::limitSwr).contains(1.5, 2.5);
    }

    /** 40 + j12 has an SWR of 1.43, which under a limit would do; X = 12 Ω is no resonance. */
    @Test
    void resonanceFirstLooksAtXBeforeTheSwr() {
        ResonanceFirst rule = new ResonanceFirst(2);
        ChannelValues at = new ChannelValues(List.of(new WantedChannel("main", 150e6, true)));
        at.set(0, Reflection.of(new Impedance(40, 12), 50), true);
        assertThat(at.swr(0)).isLessThan(1.5);
        assertThat(rule.shortfall(at)).isCloseTo(7.0 / 50, within(1e-9));
        assertThat(number(rule.openPoint(at).orElseThrow(), "reactanceShiftOhm"))
                .isCloseTo(12, within(1e-9));
        at.set(0, Reflection.of(new Impedance(30, -4.9), 50), true);
        assertThat(rule.shortfall(at)).isLessThanOrEqualTo(0);
        assertThat(rule.openPoint(at)).isEmpty();
        at.set(0, Reflection.of(new Impedance(120, 0), 50), true);
        assertThat(rule.shortfall(at)).isCloseTo(0.4, within(1e-9));
        at.set(0, Reflection.of(new Impedance(50, 0), 50), false);
        assertThat(rule.shortfall(at)).isInfinite();
        assertThat(rule.openPoint(at)).contains(RuleId.NO_PHASE.of());
    }

    @Test
    void relaxedAsksOnlyWhatTheRadioStands() {
        Relaxed rule = new Relaxed(3);
        assertThat(rule.shortfall(values(ALIKE, 0, 2.9, 1, 1))).isLessThan(0);
        assertThat(rule.outcome()).isEqualTo(RuleId.RELAXED.of(3.0));
        assertThatThrownBy(() -> new Relaxed(1)).hasMessageContaining("above 1");
        assertThatThrownBy(() -> new BestOnMain(0.5)).hasMessageContaining("above 1");
        assertThatThrownBy(() -> new ResonanceFirst(Double.POSITIVE_INFINITY)).hasMessageContaining("above 1");
    }

    @Test
    void whereNoChannelIsTheMainOneTheMiddleOneIs() {
        assertThat(values(ALIKE, -1, 1, 1, 1).primary()).isEqualTo(1);
        assertThat(values(ALIKE, 2, 1, 1, 1).primary()).isEqualTo(2);
    }
}
