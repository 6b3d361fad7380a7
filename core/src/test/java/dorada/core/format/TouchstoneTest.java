package dorada.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * The examples follow the rules of the Touchstone File Format Specification, version 1.1 (IBIS Open Forum, 2003): option
 * line, defaults, comments, normalised Z and Y, order of a two-port line. Values are made up by those rules.
 */
class TouchstoneTest {

    private static SweepFile read(String text) throws IOException, FormatException {
        return TouchstoneReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    @ParameterizedTest
    @CsvSource({"Hz, 150000000", "kHz, 150000", "MHz, 150", "GHz, 0.15", "gHZ, 0.15"})
    void everyUnitIsRead(String unit, String frequency) throws Exception {
        Sweep sweep =
                read("# " + unit + " S RI R 50\n" + frequency + " 0.5 -0.25\n").sweep();
        assertThat(sweep.frequencyHz(0)).isCloseTo(150e6, within(1e-6));
        assertThat(sweep.reflection(0)).isEqualTo(new Reflection(0.5, -0.25));
    }

    /** 0.5 at 60 degrees in each notation; 20·log₁₀ 0.5 = −6.0206 dB. */
    @ParameterizedTest
    @CsvSource({"RI, 0.25 0.4330127", "MA, 0.5 60", "DB, -6.0205999 60", "ma, 0.5 60"})
    void everyNotationIsRead(String format, String pair) throws Exception {
        Reflection r =
                read("# MHz S " + format + " R 50\n100 " + pair + "\n").sweep().reflection(0);
        assertThat(r.magnitude()).isCloseTo(0.5, within(1e-7));
        assertThat(r.angleDeg()).isCloseTo(60, within(1e-5));
    }

    @Test
    void missingOptionsTakeTheDefaultsOfTheSpecification() throws Exception {
        Sweep sweep = read("#\n0.15 0.5 90\n").sweep();
        assertThat(sweep.frequencyHz(0)).isEqualTo(150e6);
        assertThat(sweep.im(0)).isCloseTo(0.5, within(1e-12));
        assertThat(sweep.referenceOhm()).isEqualTo(50);
    }

    /** Version 1 normalises Z and Y to the reference: 2 is 150 Ω on 75, a reflection of 1/3. */
    @ParameterizedTest
    @CsvSource({"Z, 2 0", "Y, 0.5 0"})
    void impedanceAndAdmittanceAreNormalised(String parameter, String pair) throws Exception {
        Sweep sweep =
                read("# MHz " + parameter + " RI R 75\n100 " + pair + "\n").sweep();
        assertThat(sweep.re(0)).isCloseTo(1 / 3.0, within(1e-12));
        assertThat(sweep.renormalised(50).reflection(0).swr()).isCloseTo(3, within(1e-9));
    }

    @Test
    void commentsBlankLinesCarriageReturnsAndByteOrderMarkDoNoHarm() throws Exception {
        SweepFile file =
                read("\uFEFF! bench\r\n\r\n# R 50 RI S MHz ! any order\r\n 100 0.1 0 ! here\r\n101\t0.2\t0\r\n");
        assertThat(file.sweep().size()).isEqualTo(2);
        assertThat(file.warnings()).isEmpty();
    }

    @Test
    void aTwoPortFileGivesEitherPortsOwnReflection() throws Exception {
        byte[] text = "# MHz S RI R 50\n100 .1 .2 .3 .4 .5 .6 .7 .8\n".getBytes(StandardCharsets.UTF_8);
        assertThat(TouchstoneReader.read(new ByteArrayInputStream(text), 1)
                        .sweep()
                        .reflection(0))
                .isEqualTo(new Reflection(.1, .2));
        assertThat(TouchstoneReader.read(new ByteArrayInputStream(text), 2)
                        .sweep()
                        .reflection(0))
                .isEqualTo(new Reflection(.7, .8));
    }

    @Test
    void oddButCertainThingsAreWarnings() throws Exception {
        assertThat(read("# MHz S RI R 50\n# GHz\n100 1.3 0\n").warnings())
                .hasSize(2)
                .anyMatch(w -> w.equals(FileRemark.SECOND_OPTION_LINE.of("2")))
                .anyMatch(w -> w.is(FileRemark.MORE_THAN_ALL));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "100 0.1 0 | 1 | AN_OPTION_LINE_SUCH_AS_MHZ",
                "# MHz S RI R 50;100 0.1 | 2 | FIRST_NUMBERS",
                "# MHz S RI R 50;100 0.1 0;101 0.1 | 3 | OTHER_NUMBERS",
                "# MHz S RI R 50;100 0.1 0;100 0.2 0 | 3 | NOT_ASCENDING",
                "# MHz S RI R 50;101 0.1 0;100 0.2 0 | 3 | NOT_ASCENDING",
                "# MHz S RI R 50;100 NaN 0 | 2 | NO_NUMBER",
                "# MHz S RI R 50;100 1e400 0 | 2 | NO_NUMBER",
                "# MHz S RI R 50;100 0x1p3 0 | 2 | NO_NUMBER",
                "# MHz S RI R 50;100 0,5 0 | 2 | NO_NUMBER_COMMA",
                "# MHz S RI R 50;-1 0.5 0 | 2 | A_FREQUENCY_MUST_BE_ABOVE_0",
                "# MHz S RI R 0 | 1 | THE_REFERENCE_RESISTANCE_MUST_BE_ABOVE",
                "# MHz S RI R | 1 | THE_REFERENCE_RESISTANCE_AFTER_R_IS",
                "# MHz H RI R 50 | 1 | HYBRID",
                "# furlong S RI R 50 | 1 | NO_OPTION",
                "# MHz Z RI R 50;100 -1 0 | 2 | THIS_VALUE_CANNOT_BE_TURNED",
                "[Number of Ports] 1 | 1 | KEYWORD_OF_VERSION_2",
                "[Version] 3.0 | 1 | UNKNOWN_VERSION",
            })
    void whatCouldBeMisreadIsRefusedWithItsLine(String text, int line, String reason) {
        assertThatThrownBy(() -> read(text.replace(';', '\n')))
                .isInstanceOfSatisfying(
                        FormatException.class, e -> assertThat(e.line()).isEqualTo(line))
                .hasMessageContaining(reason);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"'' | THE_FILE_HAS_NO_OPTION_LINE", "# MHz S RI R 50 | THE_FILE_HOLDS_NO_MEASURED_POINTS"})
    void emptyFilesAreRefused(String text, String reason) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(FormatException.class).hasMessageContaining(reason);
    }

    @Test
    void aPictureIsNotATouchstoneFile() {
        byte[] picture = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n', 0, 0};
        assertThatThrownBy(() -> TouchstoneReader.read(new ByteArrayInputStream(picture)))
                .satisfies(e -> assertThat(((FormatException) e).outcome())
                        .isEqualTo(Malformed.LINE.of("1", Malformed.THIS_IS_NOT_A_TEXT_FILE)));
        assertThatThrownBy(() -> read("\0\0")).hasMessageContaining("THIS_IS_NOT_A_TEXT_FILE");
    }

    @Test
    void writtenInHertzAndRealImaginaryEveryBitComesBack() throws Exception {
        Sweep sweep = Curves.resonance(26.5e6, 27.9e6, 37, 27.2e6, 42, 30);
        assertThat(read(written(sweep, FrequencyUnit.HZ, NumberFormat.RI)).sweep())
                .isEqualTo(sweep);
    }

    @ParameterizedTest
    @EnumSource(NumberFormat.class)
    void writtenInAnyFormTheSameLoadComesBack(NumberFormat format) throws Exception {
        Sweep sweep = Curves.of(
                400e6, 470e6, 12, hz -> hz == 400e6 ? new Impedance(50, 0) : Curves.seriesResonance(hz, 430e6, 60, 9));
        Sweep back = read(written(sweep, FrequencyUnit.MHZ, format)).sweep();
        for (int i = 0; i < sweep.size(); i++) {
            assertThat(back.frequencyHz(i)).isCloseTo(sweep.frequencyHz(i), within(1e-3));
            assertThat(back.re(i)).isCloseTo(sweep.re(i), within(1e-9));
            assertThat(back.im(i)).isCloseTo(sweep.im(i), within(1e-9));
        }
    }

    @Test
    void aCommentCannotBreakOutOfItsLine() throws Exception {
        StringBuilder out = new StringBuilder();
        new TouchstoneWriter(FrequencyUnit.MHZ, NumberFormat.RI)
                .write(Curves.resonance(1e6, 2e6, 3, 1.5e6, 50, 5), List.of("first\n99 9 9"), out);
        assertThat(read(out.toString()).sweep().size()).isEqualTo(3);
    }

    private static String written(Sweep sweep, FrequencyUnit unit, NumberFormat format) throws IOException {
        StringBuilder out = new StringBuilder();
        new TouchstoneWriter(unit, format).write(sweep, List.of("Dorada"), out);
        return out.toString();
    }
}
