package dorada.core.recheck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Cause;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Pass;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A whip for 146 MHz, signed off, and what a year does to it. */
class RecheckTest {

    private static final List<WantedChannel> CHANNELS = List.of(
            new WantedChannel("low", 144e6, false),
            new WantedChannel("middle", 146e6, true),
            new WantedChannel("high", 148e6, false));

    private static Sweep curve(double dipHz, double ohm) {
        return Curves.resonance(130e6, 162e6, 401, dipHz, ohm, 9);
    }

    /** As another day's calibration leaves it. */
    private static Pass read(Sweep truth, long seed) {
        Random random = new Random(seed);
        Reflection residue = Reflection.polar(0.004, 360 * random.nextDouble());
        double[] re = truth.re();
        double[] im = truth.im();
        for (int i = 0; i < re.length; i++) {
            re[i] += residue.re() + 0.0006 * random.nextGaussian();
            im[i] += residue.im() + 0.0006 * random.nextGaussian();
        }
        return new Pass(0, truth.withReflections(re, im));
    }

    private static Recheck recheck(Sweep then, Sweep now, Carrier carrier) {
        return Recheck.of(read(then, 1), read(now, 2), CHANNELS, carrier, true, true)
                .orElseThrow();
    }

    private static Sweep lossier(Sweep s, double db) {
        double there = Math.pow(10, -2 * db / 20);
        double[] re = s.re();
        double[] im = s.im();
        for (int i = 0; i < re.length; i++) {
            re[i] *= there;
            im[i] *= there;
        }
        return s.withReflections(re, im);
    }

    private static Sweep withInSeries(Sweep s, double ohm) {
        double[] re = new double[s.size()];
        double[] im = new double[s.size()];
        for (int i = 0; i < re.length; i++) {
            Reflection r = Reflection.of(s.reflection(i).impedance(50).plus(new Impedance(ohm, 0)), 50);
            re[i] = r.re();
            im[i] = r.im();
        }
        return s.withReflections(re, im);
    }

    @ParameterizedTest
    @EnumSource(Carrier.class)
    void theSameAntennaUnderAnotherCalibrationIsUnchanged(Carrier carrier) {
        for (double ohm : new double[] {30, 44, 50, 75}) {
            Recheck r = recheck(curve(146e6, ohm), curve(146.05e6, ohm), carrier);
            assertThat(r.finding()).as("%s Ω", ohm).isEqualTo(Finding.UNCHANGED);
            assertThat(r.causes()).isEmpty();
            assertThat(r.unchanged()).isBetween(0.1, 0.999);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.03, -0.01, -0.005, 0.005, 0.01, 0.03})
    void aDipThatMovedIsFoundWithItsSide(double share) {
        Recheck r = recheck(curve(146e6, 44), curve(146e6 * (1 + share), 44), Carrier.VEHICLE);
        assertThat(r.finding()).isEqualTo(Finding.CHANGED);
        Recheck.Likely first = r.causes().get(0);
        assertThat(first.cause().id()).isEqualTo(Cause.Id.SLIPPED_JOINT);
        assertThat(first.cause().evidence().id())
                .isEqualTo(share < 0 ? "symptom.DIP_MOVED_DOWN" : "symptom.DIP_MOVED_UP");
        assertThat(first.cause().evidence().params().get("movedShare"))
                .satisfies(moved -> assertThat((Double) moved).isCloseTo(Math.abs(share), within(0.002)));
        // Either calibration leaves 0.004 of |Γ|, which moves a dip of Q 9 by 65 kHz; points are 80 kHz apart.
        assertThat(r.movedHz().orElseThrow()).isCloseTo(146e6 * share, within(0.21e6));
        // Ice never raises a dip.
        assertThat(r.causes().stream().anyMatch(l -> l.cause().id() == Cause.Id.ICE))
                .isEqualTo(share < 0);
    }

    @Test
    void iceIsNotNamedIndoors() {
        Recheck r = recheck(curve(146e6, 44), curve(143e6, 44), Carrier.INDOOR);
        assertThat(r.causes()).noneMatch(l -> l.cause().id() == Cause.Id.ICE);
    }

    @Test
    void whatReadsBetterByItselfIsSuspicious() {
        Sweep then = curve(146e6, 44);
        Recheck r = recheck(then, lossier(then, 1.5), Carrier.MAST);
        assertThat(r.finding()).isEqualTo(Finding.SUSPICIOUSLY_BETTER);
        assertThat(r.causes().get(0).cause().id()).isEqualTo(Cause.Id.WATER_IN_THE_LINE);
        assertThat(r.channels()).allMatch(c -> c.now().swr() < c.then().swr() + 0.1);
    }

    @Test
    void resistanceInAJointIsToldFromAShift() {
        Sweep then = curve(146e6, 40);
        Recheck r = recheck(then, withInSeries(then, 35), Carrier.MAST);
        assertThat(r.finding()).isEqualTo(Finding.CHANGED);
        assertThat(r.causes().get(0).cause().id()).isEqualTo(Cause.Id.CORRODED_GROUND);
    }

    @Test
    void whatHasHardlyChangedMayStayWhereTheRuleIsMet() {
        Sweep then = curve(146e6, 44);
        Sweep now = curve(146.45e6, 44);
        assertThat(recheck(then, now, Carrier.VEHICLE).finding()).isEqualTo(Finding.WATCH);
        assertThat(Recheck.of(read(then, 1), read(now, 2), CHANNELS, Carrier.VEHICLE, false, true)
                        .orElseThrow()
                        .finding())
                .isEqualTo(Finding.CHANGED);
    }

    @Test
    void anotherAntennaIsNoDriftOfThisOne() {
        Recheck r = recheck(curve(146e6, 44), lossier(curve(175e6, 400), 0), Carrier.MAST);
        assertThat(r.finding()).isEqualTo(Finding.CHANGED);
        assertThat(r.causes().get(0).cause().id()).isEqualTo(Cause.Id.NOT_THIS_ANTENNA);
    }

    @Test
    void noChanceIsNoneOrCertain() {
        Recheck far = recheck(curve(146e6, 44), curve(150e6, 44), Carrier.VEHICLE);
        assertThat(far.unchanged()).isPositive();
        assertThat(far.causes()).allMatch(l -> l.probability() > 0 && l.probability() < 1);
    }

    private static Pass meter(double... swr) {
        List<SpotReading> spots = new ArrayList<>();
        for (int i = 0; i < swr.length; i++) {
            spots.add(
                    SpotReading.ofSwr(ReadingKind.INLINE_METER, CHANNELS.get(i).frequencyHz(), swr[i]));
        }
        return Pass.ofSpots(0, spots).orElseThrow();
    }

    @Test
    void byMeterTheSameMarksAreUnchangedAndOthersAreNot() {
        Pass then = meter(1.3, 1.1, 1.3);
        assertThat(Recheck.of(then, meter(1.3, 1.2, 1.3), CHANNELS, Carrier.VEHICLE, true, false)
                        .orElseThrow()
                        .finding())
                .isEqualTo(Finding.UNCHANGED);
        Recheck moved = Recheck.of(then, meter(1.6, 2.2, 3), CHANNELS, Carrier.VEHICLE, false, false)
                .orElseThrow();
        assertThat(moved.finding()).isEqualTo(Finding.CHANGED);
        assertThat(moved.channels()).hasSize(3);
    }

    /** Where the needles put the dip, inside the band or beside it, with what they leave open; nothing where they leave too much. */
    @Test
    void byMeterTheDipIsEstimatedBesideTheBandToo() {
        Recheck r = Recheck.of(meter(1.5, 1.1, 1.5), meter(1.3, 1.9, 2.8), CHANNELS, Carrier.VEHICLE, false, false)
                .orElseThrow();
        assertThat(r.thenDipHz().orElseThrow()).isCloseTo(CHANNELS.get(1).frequencyHz(), within(0.6e6));
        assertThat(r.dipDoubtHz()).isPositive();
        r.nowDipHz().ifPresent(hz -> assertThat(hz).isLessThan(r.thenDipHz().orElseThrow() - r.dipDoubtHz()));
        Recheck flat = Recheck.of(meter(3, 3, 3), meter(3, 3, 3), CHANNELS, Carrier.VEHICLE, false, false)
                .orElseThrow();
        assertThat(flat.thenDipHz()).isEmpty();
        assertThat(flat.movedHz()).isEmpty();
        // What the needles leave open by more than a recheck lets pass is no drift of the shop's.
        assertThat(r.dipDoubtHz()).isGreaterThan(0.004 * 146e6);
        assertThat(r.movedHz()).isEmpty();
    }

    @Test
    void aMeterIsHeldAgainstASweepOnItsChannels() {
        Pass then = read(curve(146e6, 44), 3);
        Recheck r = Recheck.of(then, meter(1.5, 1.1, 1.4), CHANNELS, Carrier.VEHICLE, true, false)
                .orElseThrow();
        assertThat(r.finding()).isEqualTo(Finding.UNCHANGED);
        assertThat(Recheck.of(then, meter(2.2, 3, 4), CHANNELS, Carrier.VEHICLE, false, false)
                        .orElseThrow()
                        .finding())
                .isEqualTo(Finding.CHANGED);
    }

    @Test
    void nothingInCommonIsNotCompared() {
        Pass uhf = read(Curves.resonance(430e6, 450e6, 201, 440e6, 50, 9), 4);
        assertThat(Recheck.of(read(curve(146e6, 44), 1), uhf, CHANNELS, Carrier.MAST, true, true))
                .isEmpty();
    }

    @Test
    void otherCircumstancesAreSaid() {
        Pass then = read(curve(146e6, 44), 1);
        Pass now = read(curve(143e6, 44), 2).under(Set.of(Circumstance.DOOR_OPEN));
        assertThat(Recheck.of(then, now, CHANNELS, Carrier.VEHICLE, true, true)
                        .orElseThrow()
                        .otherwise())
                .containsExactly(Circumstance.DOOR_OPEN);
    }

    @ParameterizedTest
    @EnumSource(Carrier.class)
    void whatDriftsIsSeenSooner(Carrier carrier) {
        assertThat(RecheckInterval.monthsAfter(carrier, Finding.UNCHANGED)).isEqualTo(RecheckInterval.months(carrier));
        assertThat(RecheckInterval.monthsAfter(carrier, Finding.WATCH))
                .isPositive()
                .isLessThan(RecheckInterval.months(carrier));
        assertThat(RecheckInterval.monthsAfter(carrier, Finding.SUSPICIOUSLY_BETTER))
                .isPositive()
                .isLessThan(RecheckInterval.monthsAfter(carrier, Finding.WATCH));
    }
}
