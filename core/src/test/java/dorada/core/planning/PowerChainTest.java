package dorada.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.line.Feedline;
import dorada.core.line.Line;
import dorada.core.outcome.Outcome;
import dorada.core.planning.Alternatives.Exchange;
import dorada.core.planning.PowerChain.Antenna;
import dorada.core.planning.PowerChain.Fixed;
import dorada.core.planning.PowerChain.Place;
import dorada.core.planning.PowerChain.Result;
import dorada.core.planning.PowerChain.Run;
import dorada.core.rf.Impedance;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PowerChainTest {

    private static final double HZ = 150e6;

    private static Line line(String id, double m) {
        return Feedline.byId(id).orElseThrow().line(m);
    }

    private static PowerChain chain(double watts, String line, double m, double swr) {
        return new PowerChain(watts, 3, List.of(new Run(Place.LINE, line(line, m))), Antenna.ofSwr(swr, 2.15));
    }

    /** Watts of the trade: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"rg-58,17,39,0.5", "foam-10,5.5,48.8,0.6"})
    void fiftyWattsThroughALine(String id, double feet, double watts, double within) {
        assertThat(chain(50, id, feet * 0.3048, 1).at(HZ).atAntennaW()).isCloseTo(watts, within(within));
    }

    /** Published attenuation at 100 MHz of the types, in dB per 100 ft: RG-58 4.9, RG-8X 3.7, RG-213 2.1, RG-174 8.4; from memory. */
    @ParameterizedTest
    @CsvSource({"rg-58,4.9", "rg-8x,3.7", "rg-213,2.1", "rg-174,8.4", "rg-59,3.4", "rg-6,2.0"})
    void lossesAreThoseOfTheTypes(String id, double dbPer100ft) {
        assertThat(line(id, 30.48).matchedLossDb(100e6)).isCloseTo(dbPer100ft, within(0.12 * dbPer100ft));
    }

    @ParameterizedTest
    @CsvSource({"2,0.111", "2.5,0.184", "3,0.25"})
    void reflectedShares(double swr, double share) {
        Result r = new PowerChain(50, 5, List.of(), Antenna.ofSwr(swr, 0)).at(HZ);
        assertThat(r.stages()).hasSize(1);
        assertThat(r.stages().get(0).reflectedW() / 50).isCloseTo(share, within(0.001));
        assertThat(r.atAntennaW()).isCloseTo(50 * (1 - share), within(0.05));
    }

    /** Twice the power is 3.01 dB; less than half a decibel nobody hears. */
    @Test
    void theBestOfSeveralWaysIsNamedWithWhatItBrings() {
        Alternatives.Way a = new Alternatives.Way("A", 20);
        Outcome two = Alternatives.best(List.of(a, new Alternatives.Way("B", 40)));
        assertThat(two.id()).isEqualTo("ways.OF_TWO");
        assertThat(two.params()).containsEntry("best", "B").containsEntry("other", "A");
        assertThat((double) two.params().get("moreFineDb")).isCloseTo(3.01, within(0.005));
        assertThat(Alternatives.best(List.of(a, new Alternatives.Way("C", 1), new Alternatives.Way("B", 40)))
                        .params())
                .containsEntry("other", "A");
        assertThat(Alternatives.best(List.of(a, new Alternatives.Way("B", 21))).id())
                .isEqualTo("ways.ALIKE");
        assertThat(Alternatives.best(List.of(a)).id()).isEqualTo("ways.ONE");
    }

    /** Of an antenna known by its SWR alone nobody knows the phase: through a line of 75 Ω the radio meets a range. */
    @Test
    void anSwrAloneGivesARangeAtTheRadio() {
        // Nine quarter-waves turn Z into 75²/Z: of 33.3 to 75 Ω they make 75 to 169 Ω.
        double quarters = 9 * 0.66 * 299.792458 / 155.4 / 4;
        Line lossless = new Line(quarters, 0.66, 75, 0, 0);
        PowerChain c = new PowerChain(25, 2, List.of(new Run(Place.LINE, lossless)), Antenna.ofSwr(1.5, 0));
        PowerChain.Spread s = c.spread(155.4e6);
        assertThat(s.lowSwr()).isCloseTo(1.5, within(0.01));
        assertThat(s.highSwr()).isCloseTo(75 * 75 / (50 / 1.5) / 50, within(0.01));
        assertThat(s.mayFoldBack()).isTrue();
        // A line of the radio's own impedance does not care for the phase.
        PowerChain.Spread plain = chain(25, "rg-58", 3, 1.5).spread(155e6);
        assertThat(plain.highSwr() - plain.lowSwr()).isLessThan(0.06);
    }

    /** By hand: 25 W, 3 dB of matched line, +3 dBi: 25 W EIRP less a hair, ERP 2.15 dB below. */
    @Test
    void erpByHand() {
        Line three = new Line(100, 1, 50, 0, 3 / 150.0);
        PowerChain c = new PowerChain(25, 2, List.of(new Run(Place.LINE, three)), new Antenna(new Impedance(50, 0), 3));
        Result r = c.at(HZ);
        assertThat(r.eirpW()).isCloseTo(25, within(0.001));
        assertThat(r.erpW()).isCloseTo(15.24, within(0.01));
        assertThat(r.receiveDb()).isCloseTo(0, within(1e-9));
    }

    /** Against voltages and currents by the line's hyperbolic functions (D. M. Pozar, eq. 2.91), with Hipparchus. */
    @Test
    void netWattsAreThoseOfVoltageAndCurrent() {
        Random random = new Random(5);
        for (int i = 0; i < 100; i++) {
            double r = 5 + 200 * random.nextDouble();
            double x = 300 * (random.nextDouble() - 0.5);
            String id = i % 2 == 0 ? "rg-58" : "rg-6";
            Line line = line(id, 3 + 20 * random.nextDouble());
            Result got = new PowerChain(
                            10, 1000, List.of(new Run(Place.LINE, line)), new Antenna(new Impedance(r, x), 0))
                    .at(HZ);
            Complex gl = new Complex(line.matchedLossDb(HZ) / (20 / Math.log(10)), line.phase(HZ));
            Complex z = new Complex(r, x);
            Complex v = z.multiply(gl.cosh()).add(gl.sinh().multiply(line.impedanceOhm()));
            Complex in = z.multiply(gl.sinh()).divide(line.impedanceOhm()).add(gl.cosh());
            double share = r / v.multiply(in.conjugate()).getReal();
            assertThat(got.atAntennaW() / got.stages().get(0).netW()).isCloseTo(share, within(1e-9));
        }
    }

    @Test
    void aStandingWaveAddsLossAndALossyLineHidesIt() {
        PowerChain c = new PowerChain(
                50,
                3,
                List.of(
                        new Run(Place.JUMPER, line("rg-58", 1)),
                        new Fixed(Place.METER, 0.1),
                        new Run(Place.LINE, line("rg-58", 12))),
                Antenna.ofSwr(3, 2.15));
        Result r = c.at(HZ);
        assertThat(r.stages())
                .extracting(PowerChain.Stage::name)
                .containsExactly(Place.JUMPER, Place.METER, Place.LINE, Place.ANTENNA);
        assertThat(r.stages().get(0).swr()).isLessThan(2.0);
        assertThat(r.stages().get(3).swr()).isCloseTo(3, within(1e-9));
        assertThat(r.stages()).filteredOn(s -> s.name() != Place.ANTENNA).allMatch(s -> s.mismatchLossDb() > 0);
        for (int i = 1; i < 4; i++) {
            PowerChain.Stage before = r.stages().get(i - 1);
            assertThat(10 * Math.log10(before.netW() / r.stages().get(i).netW()))
                    .isCloseTo(before.matchedLossDb() + before.mismatchLossDb(), within(1e-9));
        }
    }

    @Test
    void theRadioFoldsBackToTheReflectedWattsOfItsCeiling() {
        Result r = new PowerChain(40, 2, List.of(), Antenna.ofSwr(4, 0)).at(HZ);
        assertThat(r.foldedBack()).isTrue();
        assertThat(r.stages().get(0).reflectedW()).isCloseTo(40.0 / 9, within(1e-9));
        assertThat(new PowerChain(40, 2, List.of(), Antenna.ofSwr(1.9, 0))
                        .at(HZ)
                        .foldedBack())
                .isFalse();
    }

    /** A smaller radio on good line with a tuned whip against a bigger one on thin line, untuned. */
    @Test
    void changesAreWorthWhatTheyAre() {
        PowerChain big = chain(50, "rg-58", 12, 2.8);
        PowerChain small = chain(25, "foam-10", 12, 1.2);
        List<Alternatives.Step> steps = Alternatives.worth(big, small, HZ);
        assertThat(steps)
                .extracting(Alternatives.Step::what)
                .containsExactly(Exchange.RADIO, Exchange.LINE, Exchange.ANTENNA, Exchange.ALL);
        assertThat(steps.get(0).gainDb()).isCloseTo(-3.01, within(0.01));
        assertThat(steps.get(0).receiveGainDb()).isZero();
        assertThat(steps.get(1).gainDb()).isGreaterThan(1.5);
        Alternatives.Step all = steps.get(3);
        assertThat(all.eirpW()).isCloseTo(small.at(HZ).eirpW(), within(1e-9));
        assertThat(all.receiveGainDb()).isCloseTo(all.gainDb() + 3.01, within(0.01));
        assertThat(Alternatives.worth(big, big, HZ)).isEmpty();
    }

    @Test
    void thinLineStandsFewerWattsAsFrequencyRises() {
        Feedline thin = Feedline.byId("rg-174").orElseThrow();
        assertThat(thin.powerW(150e6)).isCloseTo(60, within(1e-9));
        assertThat(thin.powerW(450e6)).isBetween(25.0, 40.0);
        assertThat(Feedline.byId("rg-1")).isEmpty();
    }

    @Test
    void impossibleChainsAreRefused() {
        assertThatThrownBy(() -> chain(0, "rg-58", 1, 1)).hasMessageContaining("NO_POWER");
        assertThatThrownBy(() -> chain(5, "rg-58", 1, 0.5)).hasMessageContaining("SWR_BELOW_1");
        assertThatThrownBy(() -> new Fixed(Place.METER, -1)).hasMessageContaining("LOSS_BELOW_0");
        assertThatThrownBy(() -> new PowerChain(5, 1, List.of(), Antenna.ofSwr(1, 0)))
                .hasMessageContaining("LIMIT_NOT_ABOVE_1");
    }

    /**
     * An antenna of 3 behind a line of 3 dB, worked by hand: a = 2, ρ = 0.5, so (1 − 0.25)/(2 − 0.25/2) = 0.4 of what enters arrives, 3.98 dB.
     * A tuner without loss sends all of it in, and the radio that would fold back sends its full power.
     */
    @Test
    void aTunerShowsAMatchAndMendsNothingBehindIt() {
        Fixed line = new Fixed(Place.CONNECTORS, 10 * Math.log10(2));
        PowerChain bare = new PowerChain(50, 1.5, List.of(line), Antenna.ofSwr(3, 0));
        Result tuned = new PowerChain(50, 1.5, List.of(line), Antenna.ofSwr(3, 0), OptionalDouble.of(0)).at(HZ);
        assertThat(tuned.foldedBack()).isFalse();
        assertThat(tuned.stages().get(0).swr()).isEqualTo(1);
        assertThat(tuned.atAntennaW()).isEqualTo(50 * 0.4, within(1e-9));
        // The line carries what it carried: ρ at the radio's end is 0.25.
        assertThat(tuned.stages().get(1).swr()).isEqualTo(1.25 / 0.75, within(1e-9));
        assertThat(tuned.stages().get(1).mismatchLossDb())
                .isEqualTo(bare.at(HZ).stages().get(0).mismatchLossDb(), within(1e-12));
        // With a loss of its own, less; and what is received takes the same way back.
        Result lossy = new PowerChain(50, 1.5, List.of(line), Antenna.ofSwr(3, 0), OptionalDouble.of(1)).at(HZ);
        assertThat(lossy.atAntennaW()).isEqualTo(tuned.atAntennaW() / Math.pow(10, 0.1), within(1e-9));
        assertThat(lossy.receiveDb()).isEqualTo(10 * Math.log10(0.4) - 1, within(1e-9));
        assertThat(new PowerChain(50, 1.5, List.of(line), Antenna.ofSwr(3, 0), OptionalDouble.of(1))
                        .spread(HZ)
                        .mayFoldBack())
                .isFalse();
    }
}
