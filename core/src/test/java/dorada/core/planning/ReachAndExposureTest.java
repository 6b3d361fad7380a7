package dorada.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.planning.Exposure.GroundReflection;
import dorada.core.planning.Exposure.Group;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReachAndExposureTest {

    /** ITU-R P.525: 32.4 + 20 log f(MHz) + 20 log d(km). */
    @ParameterizedTest
    @CsvSource({"150,10", "27.185,1", "450,35"})
    void freeSpaceLoss(double mhz, double km) {
        assertThat(Reach.freeSpaceLossDb(mhz * 1e6, km * 1e3))
                .isCloseTo(32.45 + 20 * Math.log10(mhz) + 20 * Math.log10(km), within(0.01));
    }

    /** 4.12·√h km over a 4/3 earth: handbook formula, from memory. */
    @ParameterizedTest
    @CsvSource({"1.5", "10", "100"})
    void horizon(double metres) {
        assertThat(Reach.horizonM(metres) / 1000).isCloseTo(4.12 * Math.sqrt(metres), within(0.01 * Math.sqrt(metres)));
    }

    @Test
    void aStationInSightAndOneBeyond() {
        Reach.Link near = Reach.to(155e6, 25, 2, 12_000, 30, 3, -110);
        assertThat(near.inSight()).isTrue();
        // 44 dBm − 97.9 dB + 3 dBi
        assertThat(near.receivedDbm()).isCloseTo(43.98 - 97.84 + 3, within(0.05));
        assertThat(near.marginDb()).isCloseTo(near.receivedDbm() + 110, within(1e-9));
        assertThat(Reach.to(155e6, 25, 2, 40_000, 30, 3, -110).inSight()).isFalse();
        assertThatThrownBy(() -> Reach.to(155e6, 25, 2, 0, 30, 3, -110)).hasMessageContaining("above 0 m");
        assertThatThrownBy(() -> Reach.horizonM(-1)).hasMessageContaining("0 m or more");
    }

    /** 47 CFR 1.1310(e), table 1; from memory. */
    @ParameterizedTest
    @CsvSource({
        "27,1.2346,0.2469",
        "50,1,0.2",
        "146,1,0.2",
        "299,1,0.2",
        "450,1.5,0.3",
        "2,100,45",
        "1,100,100",
        "2000,5,1"
    })
    void limits(double mhz, double occupational, double everybody) {
        assertThat(Exposure.limitMwPerCm2(Group.OCCUPATIONAL, mhz * 1e6)).isCloseTo(occupational, within(1e-3));
        assertThat(Exposure.limitMwPerCm2(Group.PUBLIC, mhz * 1e6)).isCloseTo(everybody, within(1e-3));
    }

    /** OET Bulletin 65, equation 9: S (µW/cm²) = 33.4·ERP/R², with the typical ground reflection; from memory. */
    @ParameterizedTest
    @CsvSource({"146,50", "450,100", "155,1000"})
    void workedFormulaOfTheBulletin(double mhz, double erpW) {
        double eirp = erpW * 1.64;
        double limit = Exposure.limitMwPerCm2(Group.PUBLIC, mhz * 1e6) * 1000;
        double expected = Math.sqrt(33.4 * erpW / limit);
        assertThat(Exposure.distance(Group.PUBLIC, mhz * 1e6, eirp, 1, GroundReflection.TYPICAL, 0.5, false)
                        .distanceM()
                        .orElseThrow())
                .isCloseTo(expected, within(0.003 * expected));
    }

    @Test
    void dutyAndGroundGoWithTheirRoots() {
        double full = metres(1, GroundReflection.NONE);
        assertThat(metres(0.25, GroundReflection.NONE)).isCloseTo(full / 2, within(1e-9));
        assertThat(metres(1, GroundReflection.WORST)).isCloseTo(full * 2, within(1e-9));
    }

    private static double metres(double duty, GroundReflection ground) {
        return Exposure.distance(Group.PUBLIC, 155e6, 200, duty, ground, 0.5, false)
                .distanceM()
                .orElseThrow();
    }

    @Test
    void whereTheFormulaDoesNotHoldThereIsAReasonInstead() {
        Exposure.Distance body = Exposure.distance(Group.PUBLIC, 460e6, 4, 0.5, GroundReflection.TYPICAL, 0.2, true);
        assertThat(body.distanceM()).isEmpty();
        assertThat(body.reason()).hasValueSatisfying(r -> assertThat(r.id()).endsWith("AT_THE_BODY"));
        Exposure.Distance near = Exposure.distance(Group.OCCUPATIONAL, 27e6, 4, 0.5, GroundReflection.NONE, 0.1, false);
        assertThat(near.reason()).hasValueSatisfying(r -> assertThat(r.id()).endsWith("NEAR_FIELD"));
        Exposure.Distance inside =
                Exposure.distance(Group.OCCUPATIONAL, 155e6, 100, 1, GroundReflection.NONE, 5, false);
        assertThat(inside.reason()).hasValueSatisfying(r -> assertThat(r.id()).endsWith("SHORTER_THAN_THE_ANTENNA"));
        assertThatThrownBy(() -> metres(1.5, GroundReflection.NONE)).hasMessageContaining("between 0 and 1");
        assertThatThrownBy(() -> Exposure.limitMwPerCm2(Group.PUBLIC, 1e5)).hasMessageContaining("NO_LIMIT");
    }
}
