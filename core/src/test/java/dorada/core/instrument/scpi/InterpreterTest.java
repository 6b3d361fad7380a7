package dorada.core.instrument.scpi;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Rules of IEEE 488.2-1992 and SCPI-1999, from memory. */
class InterpreterTest {

    private static final class Small extends Interpreter {
        double startHz = 1;

        Small() {
            on("*IDN?", 0, 0, a -> "small");
            on("[SENSe:]FREQuency:STARt", 1, 1, a -> {
                startHz = a.hertz(0, 1e3, 1e9);
                return "";
            });
            on("[SENSe:]FREQuency:STARt?", 0, 0, a -> Double.toString(startHz));
            on("[SENSe:]FREQuency:STOP?", 0, 0, a -> "9");
            on("DISPlay:TEXT", 1, 1, a -> {
                startHz = a.word(0).length();
                return "";
            });
            on("OUTPut[:STATe]", 1, 1, a -> {
                startHz = a.onOff(0) ? 1 : 0;
                return "";
            });
        }

        String error() {
            return take("SYST:ERR?").orElseThrow();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "SENSe:FREQuency:STARt 5e6",
                ":sens:freq:star 5 MHz",
                "FREQ:STAR 5000 KHZ",
                "frequency:start 5MAHZ",
                "  FREQ:STAR   +5.0E+06  ",
                "FREQ:STAR .005 GHZ",
            })
    void longAndShortFormsUnitsAndOptionalNodes(String line) {
        Small small = new Small();
        assertThat(small.take(line)).isEmpty();
        assertThat(small.error()).startsWith("0,");
        assertThat(small.startHz).isEqualTo(5e6);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "FREQU:STAR 5e6 | -113",
                "FREQ:STAR | -109",
                "FREQ:STAR 1e6,2e6 | -108",
                "FREQ:STAR 5 PARSEC | -131",
                "FREQ:STAR five | -104",
                "FREQ:STAR 5e12 | -222",
                "OUTP MAYBE | -224",
                "FREQ:STAR? 3 | -108",
                "*FOO | -113",
                "FREQ:STAR:MORE 3 | -113",
            })
    void errorsHaveTheirNumbers(String line, int number) {
        Small small = new Small();
        assertThat(small.take(line)).isEmpty();
        assertThat(small.error()).startsWith(number + ",\"");
        assertThat(small.error()).startsWith("0,");
        assertThat(small.startHz).isEqualTo(1);
    }

    @Test
    void severalCommandsInALineShareTheirPath() {
        Small small = new Small();
        assertThat(small.take("SENS:FREQ:STAR 2e6;STAR?;STOP?;*IDN?;STOP?;:FREQ:STOP?"))
                .contains("2000000.0;9;small;9;9");
        assertThat(small.take("DISP:TEXT \"a;b,c\"")).isEmpty();
        assertThat(small.startHz).isEqualTo(5);
        assertThat(small.take("OUTP:STAT ON;:FREQ:STAR MAX;STAR?")).contains("1.0E9");
        assertThat(small.take("")).isEmpty();
    }

    @Test
    void theRegistersAndTheQueueBehave() {
        Small small = new Small();
        assertThat(small.take("*ESR?")).contains("128");
        small.take("*ESE 48;FOO:BAR");
        assertThat(small.take("*STB?")).contains("36");
        assertThat(small.take("*ESR?;*ESR?")).contains("32;0");
        assertThat(small.take("SYST:ERR:COUN?")).contains("1");
        small.take("*CLS");
        assertThat(small.error()).startsWith("0,");
        for (int i = 0; i < 40; i++) {
            small.take("NONSENSE");
        }
        assertThat(small.take("SYST:ERR:COUN?")).contains("32");
        String last = "";
        for (int i = 0; i < 32; i++) {
            last = small.error();
        }
        assertThat(last).isEqualTo("-350,\"Queue overflow\"");
        assertThat(small.take("*ESE?;*SRE 4;*SRE?;*TST?;SYST:VERS?")).contains("48;4;0;1999.0");
    }
}
