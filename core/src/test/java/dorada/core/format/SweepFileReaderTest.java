package dorada.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.sweep.Sweep;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SweepFileReaderTest {

    private static Sweep read(String text) throws IOException, FormatException {
        return SweepFileReader.read(text.getBytes(StandardCharsets.UTF_8), 1).sweep();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Frequency (MHz),re,im;150,0.25,-0.5",
                "freq_kHz\tReal\tImag;150000\t0.25\t-0.5",
                "im,re,f [GHz];-0.5,0.25,0.15",
                "\uFEFFFrequency Hz,re,im;;150000000,0.25,-0.5",
                "# MHz S RI R 50;150 0.25 -0.5",
                "! comment, with a comma;# MHz S RI R 50;150 0.25 -0.5",
            })
    void theContentTellsWhatItIs(String text) throws Exception {
        Sweep sweep = read(text.replace(';', '\n'));
        assertThat(sweep.frequencyHz(0)).isEqualTo(150e6);
        assertThat(sweep.re(0)).isEqualTo(0.25);
        assertThat(sweep.im(0)).isEqualTo(-0.5);
    }

    @Test
    void resistanceAndReactanceBecomeAReflection() throws Exception {
        Sweep sweep = read("Frequency MHz;R ohm;X ohm\n27.185;100;0\n27.205;50;50\n");
        assertThat(sweep.re(0)).isCloseTo(1 / 3.0, within(1e-12));
        assertThat(sweep.reflection(1).impedance(50).reactanceOhm()).isCloseTo(50, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Frequency,re,im;150,0,0 | 1 | THE_FREQUENCY_COLUMN_DOES_NOT_SAY",
                "speed MHz,re,im;150,0,0 | 1 | NO_COLUMN_IS_NAMED_FREQUENCY",
                "Frequency MHz,SWR;150,0.5 | 2 | SWR_BELOW_1",
                "Frequency MHz,return loss;150,20;151,-20;152,20 | 3 | RETURN_LOSS_CHANGES_ITS_SIGN_FROM",
                "Frequency MHz,magnitude;150,-6 | 2 | A_MAGNITUDE_IS_0_OR_MORE",
                "Frequency MHz,foo;150,1.5 | 1 | NO_COLUMNS_RE_AND_IM",
                "Frequency MHz,re,im;150,0,0;149,0,0 | 3 | NOT_ASCENDING",
                "Frequency MHz,re,im;150,0,0;151,0 | 3 | A_VALUE_IS_MISSING",
                "Frequency MHz,re,im;150,0,zero | 2 | NO_NUMBER",
                "Frequency MHz,re,im;150,0, | 2 | NO_NUMBER",
                "Frequency MHz,re,im;0,0,0 | 2 | A_FREQUENCY_MUST_BE_ABOVE_0",
            })
    void whatCouldBeMisreadIsRefusedWithItsLine(String text, int line, String reason) {
        assertThatThrownBy(() -> read(text.replace(';', '\n')))
                .isInstanceOfSatisfying(
                        FormatException.class, e -> assertThat(e.line()).isEqualTo(line))
                .hasMessageContaining(reason);
    }

    @Test
    void headingsAloneAreNoMeasurement() {
        assertThatThrownBy(() -> read("Frequency MHz,re,im\n"))
                .hasMessageContaining("THE_TABLE_HOLDS_NO_MEASURED_POINTS");
        assertThatThrownBy(() -> read("Frequency MHz,re,im\n\"150,0,0\n")).isInstanceOf(FormatException.class);
    }
}
