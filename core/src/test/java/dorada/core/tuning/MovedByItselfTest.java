package dorada.core.tuning;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.antenna.Carrier;
import dorada.core.design.QuarterWaveDesign;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is looked at where an antenna moved by itself; the orders are common practice, no source. */
class MovedByItselfTest {

    @ParameterizedTest
    @EnumSource(Carrier.class)
    void eachCarrierHasThreeCausesWithTheSameEvidence(Carrier carrier) {
        for (double share : new double[] {-0.012, 0.012, Double.NaN}) {
            List<Cause> causes = MovedByItself.causes(share, Optional.of(carrier));
            assertThat(causes).extracting(Cause::id).doesNotHaveDuplicates().hasSize(3);
            assertThat(causes)
                    .extracting(Cause::evidence)
                    .containsOnly(causes.get(0).evidence());
        }
        assertThat(MovedByItself.causes(-0.012, Optional.of(carrier)).get(0).evidence())
                .isEqualTo(Symptom.DIP_MOVED_DOWN.of(0.012));
    }

    @Test
    void noTwoCarriersAreLookedAtAlike() {
        Set<List<Cause>> all = new HashSet<>();
        for (Carrier carrier : Carrier.values()) {
            all.add(MovedByItself.causes(-0.01, Optional.of(carrier)));
        }
        assertThat(all).hasSize(Carrier.values().length);
    }

    @Test
    void anAircraftIsLeftToLicensedStaffAndAMastIsLookedAtFromBelow() {
        assertThat(MovedByItself.causes(0.01, Optional.of(Carrier.AIRCRAFT)))
                .anyMatch(c -> c.check() == Check.LICENSED_STAFF);
        assertThat(MovedByItself.causes(-0.01, Optional.of(Carrier.MAST)))
                .anyMatch(c -> c.check() == Check.FIELD_GLASSES);
    }

    /** Water holds a dip back; a gap under the mount is a capacitor in series, which raises it. */
    @Test
    void theWayItWentDecidesWhatComesFirst() {
        assertThat(MovedByItself.causes(-0.01, Optional.of(Carrier.MAST)).get(0).id())
                .isEqualTo(Cause.Id.WATER);
        assertThat(MovedByItself.causes(0.01, Optional.of(Carrier.VEHICLE))
                        .get(0)
                        .id())
                .isEqualTo(Cause.Id.CORRODED_GROUND);
    }

    @Test
    void theAdviserAsksForTheCarrier() {
        Tried whip = new Tried(QuarterWaveDesign.KIND, 144, 146, 148).under(1.5).swept(0, 130, 162, 146, 6, 45);
        whip.swept(0, 130, 162, 142, 6, 45);
        assertThat(whip.on(Carrier.HANDHELD).advice().causes().get(0).id()).isEqualTo(Cause.Id.HELD_OTHERWISE);
    }
}
