package dorada.core.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.BestOnMain;
import dorada.core.acceptance.Relaxed;
import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every school of "good enough" puts the dip somewhere else; the antenna is the same series circuit throughout. */
class SchoolsTest {

    private static final List<WantedChannel> VHF = List.of(
            new WantedChannel("main", 153e6, true),
            new WantedChannel("middle", 157e6, false),
            new WantedChannel("high", 161e6, false));
    private static final double DIP = 150e6;

    private static TrimAdvice after(AcceptanceRule rule, Sweep sweep) {
        return new TrimAdviser(TrimTask.of(rule, VHF, new Adjustment.Slide(0.001), TrimPrior.ofWaves(0.25)))
                .advise(List.of(new Pass(0, sweep)));
    }

    private static Sweep whip(double dipHz) {
        return Curves.resonance(138e6, 176e6, 761, dipHz, 46, 9);
    }

    @Test
    void bestOnMainBringsTheDipToTheMainChannelUnlessTheRadioWouldNotStandTheOthers() {
        double relaxedOthers = after(new BestOnMain(4), whip(DIP)).targetHz().orElseThrow();
        assertThat(relaxedOthers).isCloseTo(153e6, within(0.2e6));
        double strictOthers = after(new BestOnMain(1.9), whip(DIP)).targetHz().orElseThrow();
        double evenly = after(new UnderLimit(1.5), whip(DIP)).targetHz().orElseThrow();
        assertThat(strictOthers).isBetween(relaxedOthers + 0.5e6, evenly);
    }

    /** 46 Ω throughout, so X = 0 exactly at the dip. */
    @Test
    void resonanceFirstPutsXZeroOnTheMainChannel() {
        TrimAdvice advice = after(new ResonanceFirst(3), whip(DIP));
        assertThat(advice.targetHz().orElseThrow()).isCloseTo(153e6, within(0.1e6));
        // 1.3 on the main channel would do under any limit; X there is some 19 Ω.
        assertThat(after(new UnderLimit(3), whip(155.5e6)).action()).isEqualTo(Action.STOP);
        assertThat(after(new ResonanceFirst(3), whip(155.5e6)).action()).isEqualTo(Action.LENGTHEN);
        assertThat(after(new ResonanceFirst(3), whip(153.1e6)).action()).isEqualTo(Action.STOP);
    }

    @Test
    void withoutPhaseTheDipStandsForTheResonanceAndThatIsSaid() {
        Sweep s = whip(DIP);
        double[] magnitude = new double[s.size()];
        for (int i = 0; i < magnitude.length; i++) {
            magnitude[i] = s.magnitude(i);
        }
        TrimAdvice advice = after(new ResonanceFirst(2.5), Sweep.ofMagnitudes(s.frequenciesHz(), magnitude));
        assertThat(advice.action()).isEqualTo(Action.SHORTEN);
        assertThat(advice.reasons()).anyMatch(r -> r.is(Reason.NO_PHASE));
        List<SpotReading> spots = VHF.stream()
                .map(c -> SpotReading.ofSwr(
                        ReadingKind.INLINE_METER,
                        c.frequencyHz(),
                        s.at(c.frequencyHz()).orElseThrow().swr()))
                .toList();
        TrimAdvice byMeter = new TrimAdviser(
                        TrimTask.of(new ResonanceFirst(2.5), VHF, new Adjustment.Slide(0.001), TrimPrior.ofWaves(0.25)))
                .advise(List.of(Pass.ofSpots(0, spots).orElseThrow()));
        assertThat(byMeter.action()).isEqualTo(Action.SHORTEN);
        assertThat(byMeter.reasons()).anyMatch(r -> r.is(Reason.NO_PHASE));
    }

    @Test
    void relaxedStopsWhereAStricterSchoolGoesOn() {
        Sweep near = whip(154.5e6);
        double worst = VHF.stream()
                .mapToDouble(c -> near.at(c.frequencyHz()).orElseThrow().swr())
                .max()
                .orElseThrow();
        assertThat(after(new Relaxed(worst + 0.1), near).action()).isEqualTo(Action.STOP);
        assertThat(after(new UnderLimit(worst - 0.3), near).action()).isEqualTo(Action.SHORTEN);
    }
}
