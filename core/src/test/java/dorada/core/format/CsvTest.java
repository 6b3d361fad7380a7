package dorada.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CsvTest {

    private static SweepFile read(String text) throws Exception {
        return SweepFileReader.read(text.getBytes(StandardCharsets.UTF_8), 1);
    }

    /** SWR 3 is a return loss of 6.0206 dB and |Γ| of one half. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Frequency (MHz),SWR;150,3",
                "MHz,Freq [MHz],VSWR;9,150,3",
                "Frequency (MHz),Return Loss (dB);150,6.0205999",
                "Frequency (MHz),S11(dB);150,-6.0205999",
                "Frequency (MHz),dB(S11);150,-6.0205999",
                "f_MHz,rho;150,0.5",
                "! exported;Frequency MHz\tMagnitude;150\t0.5",
                "\"Frequency MHz\",\"SWR\";150,3",
                "Frequency MHz,SWR,return loss dB;150,9,6.0205999",
            })
    void magnitudesAloneMakeASweepWithoutPhase(String text) throws Exception {
        SweepFile file = read(text.replace(';', '\n'));
        assertThat(file.sweep().hasPhase()).isFalse();
        assertThat(file.sweep().magnitude(0)).isCloseTo(0.5, within(1e-7));
        assertThat(file.lacks()).contains(FileRemark.MAGNITUDES_ONLY.of());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Frequency MHz,S11 mag,S11 phase;150,0.5,90",
                "Frequency MHz,S11 dB,S11 angle (deg);150,-6.0205999,90",
                "Frequency MHz,SWR,re,im;150,3,0,0.5",
                "Frequency MHz,R,X;150,30,40",
            })
    void phaseIsTakenWhereItIsThere(String text) throws Exception {
        SweepFile file = read(text.replace(';', '\n'));
        assertThat(file.sweep().hasPhase()).isTrue();
        assertThat(file.sweep().im(0)).isCloseTo(0.5, within(1e-7));
        assertThat(file.sweep().re(0)).isCloseTo(0, within(1e-7));
        assertThat(file.lacks()).isEmpty();
    }

    @Test
    void withoutPhaseThereAreDipsAndBandwidthsButNoResistance() throws Exception {
        SweepAnalysis a = new SweepAnalysis(
                read("Frequency MHz,SWR\n150,3\n151,2\n152,1.2\n153,2\n154,3\n").sweep());
        assertThat(a.deepestDip().orElseThrow().frequencyHz()).isCloseTo(152e6, within(1e4));
        assertThat(a.bandwidth(2).orElseThrow().widthHz()).isCloseTo(2e6, within(1e4));
        assertThat(a.resonancesHz()).isEmpty();
        assertThat(a.readingAt(151e6).orElseThrow().impedance()).isEmpty();
        assertThatThrownBy(() -> a.sweep().renormalised(75)).hasMessageContaining("refused.phase.");
    }

    /** A little gain in a return loss is noise about total reflection; more of it is another convention. */
    @Test
    void returnLossMayTouchTheOtherSignButNotChangeIt() throws Exception {
        assertThat(read("f MHz,return loss\n1,-0.2\n2,6\n3,12\n").sweep().magnitude(0))
                .isGreaterThan(1);
        assertThatThrownBy(() -> read("f MHz,return loss\n1,-3\n2,6\n3,12\n"))
                .hasMessageContaining("RETURN_LOSS_CHANGES_ITS_SIGN_FROM");
    }

    @Test
    void commasAreDecimalPointsOnlyWhereThatIsCertain() throws Exception {
        SweepFile file = read("Frequency MHz;SWR\n27,185;1,5\n27,205;1,6\n");
        assertThat(file.sweep().frequencyHz(0)).isEqualTo(27.185e6);
        assertThat(file.warnings()).containsExactly(FileRemark.DECIMAL_COMMAS.of());
        // Nothing but groups of three: 27,185 kHz could be either.
        assertThatThrownBy(() -> read("Frequency kHz;R;X\n27,185;50;0\n")).hasMessageContaining("NO_NUMBER_COMMA");
    }

    @Test
    void aPreviewSaysWhatEachColumnIsTakenFor() throws Exception {
        CsvTable table = SweepFileReader.table("Freq MHz,VSWR,colour\n150,1.5,red\n".getBytes(StandardCharsets.UTF_8))
                .orElseThrow();
        assertThat(table.columns())
                .extracting(CsvTable.Column::role)
                .containsExactly(CsvRole.FREQUENCY, CsvRole.SWR, CsvRole.IGNORED);
        assertThat(table.firstRows()).hasSize(1);
        assertThat(SweepFileReader.table("# MHz S RI R 50\n1 0 0\n".getBytes(StandardCharsets.UTF_8)))
                .isEmpty();
    }

    @Test
    void whatIsWrittenComesBackBitByBit() throws Exception {
        Random random = new Random(9);
        for (int run = 0; run < 30; run++) {
            Sweep sweep = TouchstoneTwoTest.random(random, 1 + random.nextInt(30), 50);
            StringBuilder out = new StringBuilder();
            CsvWriter.write(sweep, out);
            assertThat(read(out.toString()).sweep()).isEqualTo(sweep);
            double[] sizes = new double[sweep.size()];
            for (int i = 0; i < sizes.length; i++) {
                sizes[i] = sweep.magnitude(i);
            }
            Sweep plain = Sweep.ofMagnitudes(sweep.frequenciesHz(), sizes);
            StringBuilder again = new StringBuilder();
            CsvWriter.write(plain, again);
            assertThat(read(again.toString()).sweep()).isEqualTo(plain);
        }
    }
}
