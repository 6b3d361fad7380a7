package dorada.core.antenna;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.design.Kinds;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class PermanentStepTest {

    @ParameterizedTest
    @ValueSource(strings = {"BEAM", "GAMMA_BEAM", "DIPOLE", "FULL_WAVE_LOOP", "TUBE_J_POLE", "RIBBON_J_POLE"})
    void noTipCapIsAskedForWhereThereIsNoTip(String kind) {
        assertThat(Kinds.of(kind).permanentSteps(Carrier.MAST))
                .doesNotContain(PermanentStep.TIP_CAP)
                .contains(PermanentStep.TIGHTENED, PermanentStep.SEALED);
    }

    @ParameterizedTest
    @ValueSource(strings = {"DIPOLE", "END_FED_WIRE", "FOLDED_VERTICAL", "FULL_WAVE_LOOP", "RIBBON_J_POLE"})
    void aWireHasNoBurrAndItsEndsAreTied(String kind) {
        assertThat(Kinds.of(kind).permanentSteps(Carrier.INDOOR))
                .contains(PermanentStep.WIRE_ENDS)
                .doesNotContain(PermanentStep.DEBURRED, PermanentStep.SEALED);
    }

    @ParameterizedTest
    @EnumSource(Carrier.class)
    void aWhipIsAskedForAllOfIt(Carrier carrier) {
        assertThat(Kinds.of("QUARTER_WAVE_WHIP").permanentSteps(carrier))
                .contains(
                        PermanentStep.DEBURRED,
                        PermanentStep.BARE_METAL,
                        PermanentStep.DEPTH_MARKED,
                        PermanentStep.TIP_CAP)
                .doesNotHaveDuplicates();
    }
}
