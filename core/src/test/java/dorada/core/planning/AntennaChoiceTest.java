package dorada.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.antenna.Carrier;
import dorada.core.planning.AntennaChoice.Assessment;
import dorada.core.planning.AntennaChoice.Candidate;
import dorada.core.planning.AntennaChoice.Computed;
import dorada.core.planning.AntennaChoice.Need;
import dorada.core.wire.FarField;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Solver;
import dorada.core.wire.Structure;
import dorada.core.wire.Watch;
import dorada.core.wire.Wire;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AntennaChoiceTest {

    private static Need vehicle(boolean isMetal, double clearanceM) {
        return new Need(Carrier.VEHICLE, isMetal, 1.4, 1.2, 0, 0, 1.9, clearanceM, 153e6, 159e6, 2);
    }

    private static Assessment of(List<Assessment> all, Candidate c) {
        return all.stream().filter(a -> a.candidate() == c).findFirst().orElseThrow();
    }

    @Test
    void onSteelTheQuarterWaveComesFirst() {
        List<Assessment> all = AntennaChoice.rank(vehicle(true, 0));
        assertThat(all.get(0).candidate()).isEqualTo(Candidate.QUARTER_WAVE);
        assertThat(all).extracting(Assessment::candidate).doesNotContain(Candidate.LOADED_WHIP, Candidate.J_POLE);
        assertThat(of(all, Candidate.HALF_WAVE).reasons()).anyMatch(r -> r.contains("Needs no metal roof"));
    }

    @Test
    void onPlasticTheHalfWaveComesFirstAndTheQuarterWaveIsExcluded() {
        List<Assessment> all = AntennaChoice.rank(vehicle(false, 0));
        assertThat(all.get(0).excluded()).isEmpty();
        assertThat(all.get(0).candidate()).isIn(Candidate.HALF_WAVE, Candidate.RADIALS);
        assertThat(of(all, Candidate.QUARTER_WAVE).excluded())
                .hasValueSatisfying(e -> assertThat(e).contains("Needs metal"));
        assertThat(all.get(all.size() - 1).excluded()).isPresent();
    }

    @Test
    void clearanceExcludesWhatIsTooHigh() {
        List<Assessment> all = AntennaChoice.rank(vehicle(true, 2.5));
        assertThat(of(all, Candidate.QUARTER_WAVE).excluded()).isEmpty();
        assertThat(of(all, Candidate.FIVE_EIGHTHS).excluded())
                .hasValueSatisfying(e -> assertThat(e).contains("above the clearance of 2.50 m (8.2 ft)"));
    }

    @Test
    void aSmallRoofAndAHandheldAreExplained() {
        Need edge = new Need(Carrier.VEHICLE, true, 1.4, 1.2, 0.6, 0, 1.9, 0, 153e6, 159e6, 2);
        assertThat(of(AntennaChoice.rank(edge), Candidate.QUARTER_WAVE).reasons())
                .anyMatch(r -> r.contains("short of a quarter-wave"));
        Need handheld = new Need(Carrier.HANDHELD, false, 0, 0, 0, 0, 1.5, 0, 153e6, 159e6, 2);
        assertThat(AntennaChoice.rank(handheld)).allMatch(a -> a.excluded().isPresent());
        Need lorry = new Need(Carrier.VEHICLE, true, 2, 2, 0, 0, 3, 0, 26.965e6, 27.405e6, 2);
        assertThat(AntennaChoice.rank(lorry)).extracting(Assessment::candidate).contains(Candidate.LOADED_WHIP);
    }

    @ParameterizedTest
    @CsvSource({"QUARTER_WAVE,true", "FIVE_EIGHTHS,true", "HALF_WAVE,true", "HALF_WAVE,false", "RADIALS,false"})
    void tunedItIsMatchedInMidBandAndHoldsIt(Candidate c, boolean isMetal) {
        Computed got = AntennaChoice.compute(c, vehicle(isMetal, 0), Watch.NOBODY);
        assertThat(got.sweep().at(156e6).orElseThrow().swr()).isLessThan(1.6);
        assertThat(got.holds()).isEqualTo(got.worstSwr() <= 2);
        assertThat(got.lengthM()).isCloseTo(c.lengthM(vehicle(true, 0).waveM()), within(0.2));
        assertThat(got.horizonDbi()).isBetween(-6.0, 3.0);
        assertThat(got.maxGainDbi()).isGreaterThan(got.horizonDbi());
    }

    /** Many claim 3 dB for the 5/8-wave; on a finite roof it is less: common practice, no source. */
    @Test
    void theClaimOfTheFiveEighthsIsNotWhatThisRoofGives() {
        double quarter = AntennaChoice.compute(Candidate.QUARTER_WAVE, vehicle(true, 0), Watch.NOBODY)
                .horizonDbi();
        double fiveEighths = AntennaChoice.compute(Candidate.FIVE_EIGHTHS, vehicle(true, 0), Watch.NOBODY)
                .horizonDbi();
        assertThat(fiveEighths - quarter).isLessThan(3);
        Computed simple = new Computed(Candidate.QUARTER_WAVE, null, 2, true, null, 0, 0, 0, 0.5, 1);
        Computed hard = new Computed(Candidate.FIVE_EIGHTHS, null, 2, true, null, 1, 0, 0, 1.2, 1);
        assertThat(simple.merit()).isGreaterThan(hard.merit());
    }

    /** On the low band all stand over the same ground, so that they can be held against each other. */
    @ParameterizedTest
    @CsvSource({"QUARTER_WAVE", "LOADED_WHIP", "HALF_WAVE"})
    void citizensBandOnALorry(Candidate c) {
        Need lorry = new Need(Carrier.VEHICLE, true, 2.2, 2, 0, 0.3, 3, 0, 26.965e6, 27.405e6, 2);
        Computed got = AntennaChoice.compute(c, lorry, Watch.NOBODY);
        assertThat(got.sweep().at(27.185e6).orElseThrow().swr()).isLessThan(2.2);
        assertThat(got.takeOffDeg()).isPositive();
        assertThat(got.maxGainDbi()).isBetween(0.0, 9.0);
    }

    @Test
    void radialsOverMetalAreExcluded() {
        assertThat(of(AntennaChoice.rank(vehicle(true, 0)), Candidate.RADIALS).excluded())
                .hasValueSatisfying(e -> assertThat(e).contains("already"));
    }

    @Test
    void aQuarterWaveOnPlasticIsComputedToShowWhyNot() {
        Computed got = AntennaChoice.compute(Candidate.QUARTER_WAVE, vehicle(false, 0), Watch.NOBODY);
        assertThat(got.holds()).isFalse();
        assertThat(got.worstSwr()).isGreaterThan(3);
    }

    /** Source: textbooks, from memory: 5.15 dBi for a quarter-wave, about 8.1 dBi for a 5/8-wave on perfect ground. */
    @ParameterizedTest
    @CsvSource({"0.25,5.15,0.08", "0.625,8.1,0.15"})
    void gainOnPerfectGround(double waves, double dbi, double within) {
        Structure whip = Structure.overGround(List.of(new Wire(new Point(0, 0, 0), new Point(0, 0, waves), 1e-4)));
        FarField far = new Solver(whip, List.of(new Port(0, 0)), 299_792_458)
                .at(299_792_458, Watch.NOBODY)
                .farField();
        assertThat(far.gainDbi(0, 0.5)).isCloseTo(dbi, within(within));
    }

    @Test
    void nonsenseIsRefusedAndALongSearchIsStopped() {
        assertThatThrownBy(() -> new Need(Carrier.VEHICLE, true, 0, 1, 0, 0, 1, 0, 1e8, 2e8, 2))
                .hasMessageContaining("length");
        assertThatThrownBy(() -> new Need(Carrier.VEHICLE, true, 1, 1, 2, 0, 1, 0, 1e8, 2e8, 2))
                .hasMessageContaining("beside");
        assertThatThrownBy(() -> new Need(Carrier.MAST, false, 0, 0, 0, 0, 1, 0, 2e8, 1e8, 2))
                .hasMessageContaining("band");
        assertThatThrownBy(() -> new Need(Carrier.MAST, false, 0, 0, 0, 0, 1, 0, 1e8, 2e8, 1))
                .hasMessageContaining("above 1");
        assertThatThrownBy(() -> AntennaChoice.compute(Candidate.RADIALS, vehicle(true, 0), share -> share < 0.1))
                .isInstanceOf(CancellationException.class);
    }
}
