package dorada.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.design.Designs;
import dorada.core.spectrum.RadioServices;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class UsualStartTest {

    @ParameterizedTest
    @EnumSource(Carrier.class)
    void everyCarrierHasOneOfTheKnownKindsAndServices(Carrier carrier) {
        UsualStart usual = UsualStart.on(carrier);
        assertThat(Designs.ALL.kinds()).extracting(AntennaKind::name).contains(usual.kind());
        usual.service().ifPresent(id -> assertThat(RadioServices.byId(id)).isPresent());
        assertThat(usual.limitSwr()).isLessThanOrEqualTo(usual.ceilingSwr());
    }

    @Test
    void anAircraftIsJudgedAtTheAntennaOverItsOwnBand() {
        UsualStart usual = UsualStart.on(Carrier.AIRCRAFT);
        assertThat(usual.limitSwr()).isEqualTo(2.5);
        assertThat(usual.atAntenna()).isTrue();
        assertThat(usual.service()).contains("airband");
    }
}
