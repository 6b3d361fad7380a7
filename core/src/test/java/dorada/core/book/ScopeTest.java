package dorada.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.design.HalfWaveWhipDesign;
import dorada.core.design.QuarterWaveDesign;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ScopeTest {

    private static final AntennaKind WHIP = new QuarterWaveDesign().kind();

    private static final Traits VAN =
            new Traits(WHIP, 153e6, Carrier.VEHICLE, "Van, painted steel roof", "Set-screw whip, 2.5 mm");

    private static Scope scope(AntennaKind kind, Carrier carrier, String mount, String part) {
        return new Scope(Optional.ofNullable(kind), Optional.ofNullable(carrier), mount, part);
    }

    @Test
    void itHoldsOfAllThatHaveEverythingThatIsGiven() {
        assertThat(scope(WHIP, null, "", "").holdsOf(VAN)).isTrue();
        assertThat(scope(new HalfWaveWhipDesign().kind(), null, "", "").holdsOf(VAN))
                .isFalse();
        assertThat(scope(null, Carrier.VEHICLE, "ROOF steel", "").holdsOf(VAN)).isTrue();
        assertThat(scope(null, Carrier.MAST, "roof", "").holdsOf(VAN)).isFalse();
        assertThat(scope(null, null, "zinc roof", "").holdsOf(VAN)).isFalse();
        assertThat(scope(null, null, "", "Whíp roof").holdsOf(VAN)).isTrue();
        // A part of a word is another word, and what the antenna is, is not what it is fitted to.
        assertThat(scope(null, null, "pain", "").holdsOf(VAN)).isFalse();
        assertThat(scope(null, null, "whip", "").holdsOf(VAN)).isFalse();
    }

    @Test
    void nothingGivenIsSaidAndMoreGivenIsCloser() {
        assertThat(scope(null, null, " - ", "").isGiven()).isFalse();
        assertThat(scope(null, null, "", "whip").isGiven()).isTrue();
        assertThat(scope(null, Carrier.VEHICLE, "steel roof", "").closeness())
                .isGreaterThan(scope(WHIP, Carrier.VEHICLE, "", "").closeness());
    }
}
