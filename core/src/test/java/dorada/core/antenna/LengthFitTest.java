package dorada.core.antenna;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.design.Designs;
import dorada.core.design.Kinds;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class LengthFitTest {

    private static final List<AntennaKind> ALL = Designs.ALL.kinds();

    @ParameterizedTest
    @MethodSource("dorada.core.design.Kinds#all")
    void aKindFitsItsOwnUsualLengthAndNothingFarFromIt(AntennaKind kind) {
        double usualM = kind.usualLengthM(150e6);
        assertThat(LengthFit.of(kind, ALL, usualM, 150e6).isPresent()).isEqualTo(kind.hasUsualLength());
        if (kind.hasUsualLength()) {
            for (double near : new double[] {0.72, 1, 1.4}) {
                assertThat(LengthFit.of(kind, ALL, near * usualM, 150e6)
                                .orElseThrow()
                                .fits())
                        .isTrue();
            }
            for (double far : new double[] {0.2, 0.6, 1.6, 5}) {
                assertThat(LengthFit.of(kind, ALL, far * usualM, 150e6)
                                .orElseThrow()
                                .fits())
                        .isFalse();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "QUARTER_WAVE_WHIP, 0.5, 457e6, THREE_QUARTER_WAVE_WHIP",
        "THREE_QUARTER_WAVE_WHIP, 0.156, 457e6, QUARTER_WAVE_WHIP",
        "QUARTER_WAVE_WHIP, 1.2, 146e6, FIVE_EIGHTHS_WHIP",
        "FIVE_EIGHTHS_WHIP, 0.49, 146e6, QUARTER_WAVE_WHIP"
    })
    void whatItNearlyIsIsNamed(String kind, double lengthM, double hz, String other) {
        assertThat(LengthFit.of(Kinds.of(kind), ALL, lengthM, hz).orElseThrow().others())
                .containsExactly(Kinds.of(other));
    }
}
