package dorada.core.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.antenna.AntennaKind;
import dorada.core.design.DipoleDesign;
import dorada.core.design.EndFedWireDesign;
import dorada.core.design.GroundPlaneDesign;
import dorada.core.design.LoadedWhipDesign;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;

/** What holds for any readings at all, whether or not an antenna could give them. */
class AdvicePropertiesTest {

    private static final int TRIES = 80;

    /** The same readings each time; another seed tries others. */
    private static final String SEED = "16";

    /** Somebody's readings: a kind, channels, and what a needle showed after each change. */
    record Job(
            AntennaKind kind, boolean slides, double middleMhz, double span, List<List<Double>> swr, List<Double> mm) {

        double[] mhz() {
            int n = swr.get(0).size();
            double[] all = new double[n];
            for (int i = 0; i < n; i++) {
                all[i] = middleMhz * (n == 1 ? 1 : Math.exp(span * (i / (n - 1.0) - 0.5)));
            }
            return all;
        }

        Tried tried(int passes) {
            Tried t = new Tried(kind, mhz());
            if (slides) {
                t.sliding();
            }
            for (int p = 0; p < passes; p++) {
                double[] values =
                        swr.get(p).stream().mapToDouble(Double::doubleValue).toArray();
                t.read(p == 0 ? 0 : mm.get(p), values);
            }
            return t;
        }
    }

    @Provide
    Arbitrary<Job> jobs() {
        Arbitrary<AntennaKind> kinds = Arbitraries.of(
                QuarterWaveDesign.KIND,
                GroundPlaneDesign.KIND,
                DipoleDesign.KIND,
                LoadedWhipDesign.KIND,
                EndFedWireDesign.KIND);
        return Arbitraries.integers().between(1, 5).flatMap(n -> {
            Arbitrary<Double> swr = Arbitraries.frequencyOf(
                    Tuple.of(5, Arbitraries.doubles().between(1, 4).map(x -> Math.round(10 * x) / 10.0)),
                    Tuple.of(1, Arbitraries.doubles().between(4, 12).map(x -> (double) Math.round(x))));
            return Combinators.combine(
                            kinds,
                            Arbitraries.of(true, false),
                            Arbitraries.doubles().between(30, 450),
                            Arbitraries.doubles().between(0.003, 0.2).ofScale(4),
                            swr.list().ofSize(n).list().ofSize(3),
                            Arbitraries.doubles().between(-30, 10).list().ofSize(3))
                    .as(Job::new);
        });
    }

    @Property(tries = TRIES, seed = SEED)
    void noOrderGoesTowardTheSideThatWasSaidToBeWrong(@ForAll("jobs") Job job) {
        for (int passes = 1; passes <= 3; passes++) {
            TrimAdvice a = job.tried(passes).advice();
            if (a.action() == Action.SHORTEN) {
                assertThat(a.fit()).isEqualTo(Fit.TOO_LONG);
                assertThat(a.hypotheses().probability(Hypothesis.TOO_LONG))
                        .isGreaterThan(a.hypotheses().probability(Hypothesis.TOO_SHORT));
                a.dipHz()
                        .ifPresent(dip ->
                                assertThat(dip).isLessThanOrEqualTo(a.targetHz().orElseThrow()));
            }
            if (a.action() == Action.LENGTHEN) {
                assertThat(a.fit()).isEqualTo(Fit.TOO_SHORT);
                a.dipHz()
                        .ifPresent(dip -> assertThat(dip)
                                .isGreaterThanOrEqualTo(a.targetHz().orElseThrow()));
            }
            if (a.isChange()) {
                assertThat(a.amountM()).isPositive();
                if (!job.slides() && job.kind().cutOnly()) {
                    assertThat(a.action()).isEqualTo(Action.SHORTEN);
                    assertThat(a.overshootChance()).isGreaterThan(0).isLessThan(0.05);
                }
            }
            for (Hypothesis h : Hypothesis.values()) {
                assertThat(a.hypotheses().probability(h)).isGreaterThan(0).isLessThan(1);
            }
        }
    }

    @Property(tries = TRIES, seed = SEED)
    void nothingIsChangedAfterReadingsThatDidNotMove(@ForAll("jobs") Job job) {
        Tried t = job.tried(1);
        double[] same =
                job.swr().get(0).stream().mapToDouble(Double::doubleValue).toArray();
        for (int i = 0; i < 2; i++) {
            t.read(job.mm().get(i) == 0 ? -1 : job.mm().get(i), same);
            assertThat(t.advice().isChange()).isFalse();
        }
    }

    @Property(tries = TRIES, seed = SEED)
    void nothingIsChangedWhereTheRuleIsMetOrABandIsUnread(@ForAll("jobs") Job job) {
        Tried t = job.tried(2);
        boolean met = t.rule.judge(ChannelReading.ofReadings(t.passes.get(1).spots(), t.channels), ReferencePlane.RADIO)
                .met();
        if (met) {
            assertThat(t.advice().isChange()).isFalse();
        }
        double[] more = Arrays.copyOf(job.mhz(), job.mhz().length + 1);
        more[more.length - 1] = job.middleMhz() * 3;
        Tried unread = new Tried(job.kind(), more).sliding();
        unread.passes.addAll(t.passes);
        assertThat(unread.advice().isChange()).isFalse();
    }

    @Property(tries = TRIES, seed = SEED)
    void theOrderInWhichChannelsWereReadSaysNothing(@ForAll("jobs") Job job, @ForAll Random random) {
        Tried straight = job.tried(2);
        Tried shuffled = new Tried(job.kind(), job.mhz());
        shuffled.adjustment = straight.adjustment;
        for (int p = 0; p < 2; p++) {
            List<Integer> order = new ArrayList<>();
            for (int i = 0; i < job.mhz().length; i++) {
                order.add(i);
            }
            Collections.shuffle(order, random);
            int at = p;
            shuffled.readAt(
                    p == 0 ? 0 : job.mm().get(p),
                    order.stream()
                            .mapToDouble(i -> straight.channels.get(i).frequencyHz())
                            .toArray(),
                    order.stream().mapToDouble(i -> job.swr().get(at).get(i)).toArray());
        }
        TrimAdvice a = straight.advice();
        TrimAdvice b = shuffled.advice();
        assertThat(b.action()).isEqualTo(a.action());
        assertThat(b.amountM()).isEqualTo(a.amountM());
        assertThat(b.reasons()).isEqualTo(a.reasons());
    }

    /** Read from the other end, too long is too short, and nothing else changes. */
    @Property(tries = TRIES, seed = SEED)
    void mirroredReadingsGetTheMirroredAnswer(@ForAll("jobs") Job job) {
        Job mirrored = new Job(
                job.kind(),
                true,
                job.middleMhz(),
                job.span(),
                job.swr().stream()
                        .map(values -> {
                            List<Double> back = new ArrayList<>(values);
                            Collections.reverse(back);
                            return back;
                        })
                        .toList(),
                job.mm());
        Job straight = new Job(job.kind(), true, job.middleMhz(), job.span(), job.swr(), job.mm());
        TrimAdvice a = straight.tried(1).advice();
        TrimAdvice b = mirrored.tried(1).advice();
        assertThat(b.hypotheses().probability(Hypothesis.TOO_SHORT))
                .isCloseTo(a.hypotheses().probability(Hypothesis.TOO_LONG), within(0.06));
        assertThat(a.action() == Action.SHORTEN && b.action() == Action.SHORTEN).isFalse();
        assertThat(a.action() == Action.LENGTHEN && b.action() == Action.LENGTHEN)
                .isFalse();
    }

    @Property(tries = TRIES, seed = SEED)
    void untouchedAfterItWasMetNoLengthIsOrdered(@ForAll("jobs") Job job) {
        double[] good = new double[job.mhz().length];
        Arrays.fill(good, 1.2);
        good[good.length - 1] = 1.4;
        Tried t = new Tried(job.kind(), job.mhz()).sliding().read(0, good);
        t.read(0, job.swr().get(0).stream().mapToDouble(Double::doubleValue).toArray());
        assertThat(t.advice().isChange()).isFalse();
    }
}
