package dorada.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexField;
import org.hipparchus.linear.Array2DRowFieldMatrix;
import org.hipparchus.linear.FieldLUDecomposition;
import org.hipparchus.linear.FieldMatrix;
import org.hipparchus.linear.MatrixUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Version 2 and two ports. The files follow the rules of the Touchstone File Format Specification, version 2.0 (IBIS Open
 * Forum, 2009), from memory; the matrices are checked against Hipparchus' linear algebra.
 */
class TouchstoneTwoTest {

    private static final String HEAD = """
            ! a two-port, keywords as the specification orders them
            [Version] 2.0
            # MHz S RI R 50
            [Number of Ports] 2
            [Two-Port Data Order] 21_12
            [Number of Frequencies] 1
            """;

    private static SweepFile read(String text, int port) throws IOException, FormatException {
        return TouchstoneReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), port);
    }

    @Test
    void aVersionTwoFileOfOnePortIsRead() throws Exception {
        SweepFile file = read("""
                [Version] 2.0
                # GHz S MA R 50
                [Number of Ports] 1
                [Number of Frequencies] 2
                [Begin Information]
                # this is not an option line
                [End Information]
                [Network Data]
                0.15 0.5 0 ! here
                0.16 0.25 90
                [End]
                """, 1);
        assertThat(file.sweep().size()).isEqualTo(2);
        assertThat(file.sweep().im(1)).isCloseTo(0.25, within(1e-12));
        assertThat(file.warnings()).isEmpty();
        assertThat(file.ports()).isEqualTo(1);
    }

    /** Version 1 writes z = Z/R, version 2 writes Z in ohms. */
    @ParameterizedTest
    @CsvSource({"Z, 150 0", "Y, 0.00666666666666667 0"})
    void versionTwoDoesNotNormaliseImpedanceAndAdmittance(String parameter, String pair) throws Exception {
        String text = "[Version] 2.0\n# MHz " + parameter
                + " RI R 75\n[Number of Ports] 1\n[Number of Frequencies] 1\n[Network Data]\n100 " + pair + "\n[End]\n";
        SweepFile file = read(text, 1);
        assertThat(file.fileReferenceOhm()).isEqualTo(75);
        assertThat(file.sweep().renormalised(50).reflection(0).swr()).isCloseTo(3, within(1e-9));
    }

    @Test
    void eachPortMayHaveAReferenceOfItsOwnOverTwoLines() throws Exception {
        String text = HEAD + "[Reference] 75\n25\n[Network Data]\n100 0 0 0 0 0 0 0 0\n[End]\n";
        // Nothing passes and nothing reflects: 75 Ω is 0.2 on 50, 25 Ω is −1/3.
        assertThat(read(text, 1).sweep().re(0)).isCloseTo(0.2, within(1e-12));
        assertThat(read(text, 2).sweep().re(0)).isCloseTo(-1 / 3.0, within(1e-12));
        assertThat(read(text, 1).fileReferenceOhm()).isEqualTo(75);
        assertThat(read(text, 2).fileReferenceOhm()).isEqualTo(25);
    }

    @ParameterizedTest
    @CsvSource({"Lower", "Upper"})
    void aTriangleHasThreePairs(String form) throws Exception {
        String text = HEAD + "[Matrix Format] " + form + "\n[Network Data]\n100 .1 .2 .3 .4 .5 .6\n[End]\n";
        assertThat(read(text, 1).sweep().reflection(0)).isEqualTo(new Reflection(.1, .2));
        assertThat(read(text, 2).sweep().reflection(0)).isEqualTo(new Reflection(.5, .6));
    }

    /** Random matrices in every parameter and version, against S = (Z − R)(Z + R)⁻¹ by LU decomposition. */
    @ParameterizedTest
    @CsvSource({"S, 1", "Z, 1", "Y, 1", "S, 2", "Z, 2", "Y, 2"})
    void aTwoPortsReflectionIsThatOfTheWholeMatrixReFiftyOhms(char parameter, int version) throws Exception {
        Random random = new Random(11);
        for (int run = 0; run < 50; run++) {
            double ohm = 20 + 100 * random.nextDouble();
            FieldMatrix<Complex> z = random(random);
            FieldMatrix<Complex> written = switch (parameter) {
                case 'Z' -> z.scalarMultiply(new Complex(version == 1 ? 1 / ohm : 1));
                case 'Y' -> inverse(z).scalarMultiply(new Complex(version == 1 ? ohm : 1));
                default -> scattering(z, ohm);
            };
            StringBuilder line = new StringBuilder("100");
            for (int[] at : new int[][] {{0, 0}, {1, 0}, {0, 1}, {1, 1}}) {
                Complex c = written.getEntry(at[0], at[1]);
                line.append(' ').append(c.getReal()).append(' ').append(c.getImaginary());
            }
            String options = "# MHz " + parameter + " RI R " + ohm + "\n";
            String text = version == 1
                    ? options + line + "\n"
                    : "[Version] 2.0\n" + options
                            + "[Number of Ports] 2\n[Two-Port Data Order] 21_12\n[Number of Frequencies] 1\n[Network Data]\n"
                            + line + "\n[End]\n";
            FieldMatrix<Complex> expected = scattering(z, 50);
            for (int port = 1; port <= 2; port++) {
                Reflection r = read(text, port).sweep().reflection(0);
                Complex e = expected.getEntry(port - 1, port - 1);
                assertThat(r.re()).isCloseTo(e.getReal(), within(1e-9));
                assertThat(r.im()).isCloseTo(e.getImaginary(), within(1e-9));
            }
        }
    }

    private static FieldMatrix<Complex> random(Random random) {
        Array2DRowFieldMatrix<Complex> m = new Array2DRowFieldMatrix<>(ComplexField.getInstance(), 2, 2);
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                m.setEntry(
                        i,
                        j,
                        new Complex(
                                i == j ? 10 + 90 * random.nextDouble() : 20 * random.nextDouble(),
                                30 * random.nextGaussian()));
            }
        }
        return m;
    }

    private static FieldMatrix<Complex> scattering(FieldMatrix<Complex> z, double ohm) {
        FieldMatrix<Complex> r = MatrixUtils.createFieldIdentityMatrix(ComplexField.getInstance(), 2)
                .scalarMultiply(new Complex(ohm));
        return z.subtract(r).multiply(inverse(z.add(r)));
    }

    private static FieldMatrix<Complex> inverse(FieldMatrix<Complex> m) {
        return new FieldLUDecomposition<>(m).getSolver().getInverse();
    }

    @Test
    void noiseOfVersionOneStartsWhereTheFrequencyFallsBack() throws Exception {
        String data = "# MHz S RI R 50\n100 .1 0 .9 0 .9 0 .2 0\n200 .2 0 .9 0 .9 0 .3 0\n";
        SweepFile file = read(data + "100 2 .5 30 .4\n200 2.5 .5 30 .4\n", 1);
        assertThat(file.sweep().size()).isEqualTo(2);
        assertThat(file.warnings()).containsExactly(FileRemark.NOISE_SKIPPED.of(2));
        // Five numbers that go on upward are a line cut off, not noise.
        assertThatThrownBy(() -> read(data + "300 2 .5 30 .4\n", 1)).hasMessageContaining("OTHER_NUMBERS");
    }

    @Test
    void noiseOfVersionTwoHasAKeyword() throws Exception {
        String text = HEAD.replace(
                        "[Number of Frequencies] 1\n", "[Number of Frequencies] 1\n[Number of Noise Frequencies] 1\n")
                + "[Network Data]\n100 .1 0 .9 0 .9 0 .2 0\n[Noise Data]\n50 2 .5 30 .4\n[End]\n";
        assertThat(read(text, 2).warnings()).containsExactly(FileRemark.NOISE_SKIPPED.of(1));
    }

    /** Odd, but certain in meaning: read, and said. */
    @Test
    void whatIsOddButCertainIsReadWithAWarning() throws Exception {
        SweepFile after = read(HEAD + "[Network Data]\n100 0 0 0 0 0 0 0 0\n[End]\nstored by the yard analyser\n", 1);
        assertThat(after.sweep().size()).isEqualTo(1);
        assertThat(after.warnings()).containsExactly(FileRemark.AFTER_THE_END.of(1));
        SweepFile fromZero = read("# MHz S RI R 50\n0 1 0\n100 .1 0\n200 .2 0\n", 1);
        assertThat(fromZero.sweep().startHz()).isEqualTo(100e6);
        assertThat(fromZero.warnings()).anyMatch(w -> w.is(FileRemark.ZERO_HZ));
        SweepFile unit = read("# GHz S RI R 50\n140 .1 0\n170 .2 0\n", 1);
        assertThat(unit.warnings()).contains(FileRemark.VERY_HIGH.of(170e9));
        assertThatThrownBy(() -> read("# MHz S RI R 50\n100 .1 0\n0 .2 0\n", 1)).isInstanceOf(FormatException.class);
    }

    @Test
    void aNameThatPromisesOtherPortsIsRefused() throws Exception {
        byte[] one = "# MHz S RI R 50\n100 .1 0\n200 .2 0\n".getBytes(java.nio.charset.StandardCharsets.UTF_8);
        assertThat(SweepFileReader.read(one, 1, "yard.s1p").ports()).isEqualTo(1);
        assertThat(SweepFileReader.read(one, 1, "yard.txt").ports()).isEqualTo(1);
        for (String name : new String[] {"yard.s2p", "YARD.S3P"}) {
            assertThatThrownBy(() -> SweepFileReader.read(one, 1, name))
                    .isInstanceOf(FormatException.class)
                    .hasMessageContaining("portsCount=1");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "[Network Data];100 0 0 0 0 0 0 0 0;101 0 0 0 0 0 0 0 0 | MORE_POINTS",
                "[Network Data];[End] | THE_FILE_HOLDS_NO_MEASURED_POINTS",
                "[Reference] 50;[Network Data];100 0 0 0 0 0 0 0 0 | REFERENCE_NAMES_FEWER_RESISTANCES_THAN_THERE",
                "[Reference] 50 50 50 | REFERENCE_NAMES_MORE_RESISTANCES_THAN_THERE",
                "[Matrix Format] Round | MATRIX_FORMAT_MUST_BE_FULL",
                "[Mixed-Mode Order] D1,2 C1,2 | MIXED_MODE_PARAMETERS_DO_NOT_DESCRIBE",
                "[Foo] 1 | NO_KEYWORD",
                "[Network Data];100 0 0 | FIRST_NUMBERS",
                "100 0 0 0 0 0 0 0 0 | NETWORK_DATA_MUST_COME_BEFORE_THE",
            })
    void whatVersionTwoForbidsIsRefused(String rest, String reason) {
        assertThatThrownBy(() -> read(HEAD + rest.replace(';', '\n') + "\n", 1))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(reason);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "# MHz S RI R 50;[Version] 2.0 | VERSION_MUST_COME",
                "[Version] 2.0;# MHz S RI R 50;[Number of Frequencies] 1;[Network Data];1 0 0 | NUMBER_OF_PORTS_IS_MISSING_BEFORE",
                "[Version] 2.0;# MHz S RI R 50;[Number of Ports] 1;[Network Data];1 0 0 | NUMBER_OF_FREQUENCIES_IS_MISSING_BEFORE",
                "[Version] 2.0;# MHz S RI R 50;[Number of Ports] 3 | PORTS {portsCount=3}",
                "[Version] 2.0;# MHz S RI R 50;[Number of Ports] 2;[Number of Frequencies] 1;[Network Data] | TWO_PORT_DATA_ORDER_IS",
                "[Version] 2.0;# MHz S RI R 50;[Number of Ports] 1;[Number of Frequencies] 2;[Network Data];1 0 0;[End] | CUT_OFF",
                "# MHz S RI R 50;1 0 0 0 0 0 0 | OF_7_NUMBERS_BELONG_TO_A_FILE",
                "# MHz S RI R 50 75 | VERSION_1_HAS_ONE_REFERENCE_RESISTANCE",
            })
    void whatIsMissingOrContradictsIsSaid(String text, String reason) {
        assertThatThrownBy(() -> read(text.replace(';', '\n') + "\n", 1))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(reason);
    }

    @Test
    void aFileThatEndsInTheMiddleOfANumberIsRefusedAndOneWithoutALastLineBreakIsNot() throws Exception {
        String lines = "# MHz S RI R 50\n100 0.1000 0.2000\n101 0.1100 -0.2100\n102 0.1200 0.2200\n103 0.1300 0.2300\n";
        assertThat(read(lines + "104 0.1400 0.2400", 1).sweep().size()).isEqualTo(5);
        assertThatThrownBy(() -> read(lines + "104 0.1400 0.24", 1))
                .hasMessageContaining("THE_FILE_ENDS_HERE")
                .satisfies(e -> assertThat(((FormatException) e).line()).isEqualTo(6));
        assertThat(read(lines + "104 0.1400 0.24\n", 1).sweep().size()).isEqualTo(5);
    }

    @Test
    void aMissingEndIsNotedWhereAllPointsAreThere() throws Exception {
        assertThat(read(HEAD + "[Network Data]\n100 0 0 0 0 0 0 0 0\n", 1).warnings())
                .containsExactly(FileRemark.NO_END.of());
    }

    /** Random passive sweeps, written in both versions and read back. */
    @ParameterizedTest
    @EnumSource(TouchstoneWriter.Version.class)
    void whatIsWrittenComesBackBitByBit(TouchstoneWriter.Version version) throws Exception {
        Random random = new Random(5);
        for (int run = 0; run < 30; run++) {
            Sweep sweep = random(random, 1 + random.nextInt(40), 25 + 100 * random.nextDouble());
            StringBuilder out = new StringBuilder();
            new TouchstoneWriter(FrequencyUnit.HZ, NumberFormat.RI, version).write(sweep, List.of("bench"), out);
            SweepFile back = read(out.toString(), 1);
            assertThat(back.sweep()).isEqualTo(sweep);
            assertThat(back.warnings()).isEmpty();
        }
    }

    static Sweep random(Random random, int points, double ohm) {
        double[] hz = new double[points];
        double[] re = new double[points];
        double[] im = new double[points];
        double f = 1e6 * (1 + 400 * random.nextDouble());
        for (int i = 0; i < points; i++) {
            hz[i] = f += 1e5 * (0.01 + random.nextDouble());
            Reflection r = Reflection.polar(random.nextDouble(), 360 * random.nextDouble());
            re[i] = r.re();
            im[i] = r.im();
        }
        return new Sweep(hz, re, im, ohm);
    }
}
