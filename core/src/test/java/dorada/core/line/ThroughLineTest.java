package dorada.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ThroughLineTest {

    private static final Sweep ANTENNA = Curves.resonance(140e6, 170e6, 151, 156e6, 30, 9);

    @Test
    void theRadiosViewTakenBackIsTheAntenna() {
        Line line = Feedline.byId("rg-59").orElseThrow().line(7.3);
        Sweep back = ThroughLine.towardAntenna(ThroughLine.towardRadio(ANTENNA, line), line);
        for (int i = 0; i < back.size(); i++) {
            assertThat(back.re(i)).isCloseTo(ANTENNA.re(i), within(1e-11));
            assertThat(back.im(i)).isCloseTo(ANTENNA.im(i), within(1e-11));
        }
    }

    /** The point-by-point form, itself checked against Pozar's eq. 2.91 in LineTest. */
    @Test
    void aWholeSweepIsMovedAsEachPointIs() {
        Line line = new Line(4.2, 0.66, 75, 1.5, 0.01);
        Sweep seen = ThroughLine.towardRadio(ANTENNA, line);
        for (int i = 0; i < seen.size(); i += 10) {
            Reflection r = line.towardRadio(ANTENNA.reflection(i), 50, ANTENNA.frequencyHz(i));
            assertThat(seen.re(i)).isCloseTo(r.re(), within(1e-12));
            assertThat(seen.im(i)).isCloseTo(r.im(), within(1e-12));
        }
    }

    /**
     * A published worked example, from memory: a line with 3 dB of matched loss and an SWR of 3 at its load loses about 1 dB
     * more through mismatch (graph of additional loss in the amateur antenna handbooks), and shows 1.67 at its input.
     */
    @Test
    void lossAddedByMismatchIsThatOfTheHandbooks() {
        double total = ThroughLine.totalLossDb(Swr.magnitude(3), 3);
        assertThat(total - 3).isCloseTo(0.98, within(0.1));
        assertThat(Swr.ofMagnitude(0.5 * Math.pow(10, -0.3))).isCloseTo(1.67, within(0.01));
        assertThat(ThroughLine.totalLossDb(0, 3)).isCloseTo(3, within(1e-12));
        assertThat(ThroughLine.totalLossDb(0.5, 0)).isCloseTo(0, within(1e-12));
        assertThat(ThroughLine.totalLossDb(1, 3)).isInfinite();
    }

    /** Energy: what enters the line less what the antenna takes is lost, by the reflections at both ends. */
    @Test
    void lossIsWhatGoesInLessWhatComesOut() {
        Random random = new Random(4);
        for (int run = 0; run < 50; run++) {
            double rho = random.nextDouble() * 0.95;
            double matched = 5 * random.nextDouble();
            double a = Math.pow(10, matched / 10);
            double in = 1 - rho * rho / (a * a);
            double out = (1 - rho * rho) / a;
            assertThat(ThroughLine.totalLossDb(rho, matched)).isCloseTo(10 * Math.log10(in / out), within(1e-9));
        }
    }

    @Test
    void aLineThatWasSaidTooLongIsNoticed() {
        Line real = Feedline.byId("rg-58").orElseThrow().line(5);
        Line said = Feedline.byId("rg-58").orElseThrow().line(40);
        Sweep atRadio =
                ThroughLine.towardRadio(Curves.of(140e6, 170e6, 31, hz -> new dorada.core.rf.Impedance(5, 0)), real);
        assertThat(ThroughLine.doubts(ThroughLine.towardAntenna(atRadio, said), said))
                .hasSize(2)
                .anyMatch(d -> d.id().endsWith("MORE_THAN_ALL"))
                .anyMatch(d -> d.id().endsWith("LOSSY"));
        assertThat(ThroughLine.doubts(ThroughLine.towardAntenna(atRadio, real), real))
                .isEmpty();
    }

    @Test
    void withoutPhaseNoLineCanBeTakenOff() {
        Sweep plain = Sweep.ofMagnitudes(new double[] {1e8}, new double[] {0.3});
        assertThatThrownBy(() -> ThroughLine.towardAntenna(plain, new Line(1, 0.66, 50, 1, 0)))
                .hasMessageContaining("refused.phase.");
    }

    @Test
    void lengthAndLossAreFoundFromAnOpenOrShortedEnd() {
        Line line = Feedline.byId("rg-213").orElseThrow().line(18.4);
        for (double end : new double[] {1, -1}) {
            Sweep seen = ThroughLine.towardRadio(total(end, 1e6, 200e6, 801), line);
            LineMeasurement found = LineMeasurement.of(noisy(seen, 1), 0.66, 50);
            assertThat(found.lengthM()).isCloseTo(18.4, within(0.02));
            assertThat(found.electricalLengthM()).isCloseTo(18.4 / 0.66, within(0.03));
            assertThat(found.end()).isEqualTo(end > 0 ? LineEnd.OPEN : LineEnd.SHORT);
            assertThat(found.lossDbAtMiddle()).isCloseTo(line.matchedLossDb(100.5e6), within(0.02));
            assertThat(found.line().matchedLossDb(180e6)).isCloseTo(line.matchedLossDb(180e6), within(0.03));
            assertThat(found.lengthDoubtM()).isLessThan(0.02);
            // c·VF/2 over a step of 248.75 kHz.
            assertThat(found.repeatsM()).isCloseTo(397.7, within(0.1));
        }
    }

    @Test
    void whatCannotTellALengthIsRefused() {
        Line line = Feedline.byId("rg-58").orElseThrow().line(4.3);
        assertThatThrownBy(() -> LineMeasurement.of(ThroughLine.towardRadio(total(1, 1e6, 500e6, 51), line), 0.66, 50))
                .hasMessageContaining("THE_LINE_IS_TOO_LONG_FOR");
        assertThatThrownBy(() -> LineMeasurement.of(
                        Curves.of(1e6, 2e6, 21, hz -> new dorada.core.rf.Impedance(50, 0)), 0.66, 50))
                .hasMessageContaining("NOTHING_COMES_BACK");
        assertThatThrownBy(() -> LineMeasurement.of(ANTENNA.part(0, 5), 0.66, 50))
                .hasMessageContaining("FINDING_A_LINES_LENGTH_TAKES_A");
    }

    /** Phase that rises is no line; a narrow span high up tells the length but not the end. */
    @Test
    void theEndIsLeftOpenWhereThePhaseCannotTell() {
        Line line = Feedline.byId("rg-213").orElseThrow().line(18.4);
        Sweep narrow = noisy(ThroughLine.towardRadio(total(1, 440e6, 444e6, 201), line), 2);
        assertThat(LineMeasurement.of(narrow, 0.66, 50).end()).isEqualTo(LineEnd.UNKNOWN);
        Sweep rising = ThroughLine.towardAntenna(total(1, 1e6, 50e6, 101), new Line(5, 0.66, 50, 0, 0));
        assertThatThrownBy(() -> LineMeasurement.of(rising, 0.66, 50))
                .hasMessageContaining("THE_PHASE_DOES_NOT_FALL_WITH");
    }

    private static Sweep total(double gamma, double from, double to, int points) {
        double[] hz = new double[points];
        double[] re = new double[points];
        for (int i = 0; i < points; i++) {
            hz[i] = from + (to - from) * i / (points - 1);
            re[i] = gamma;
        }
        return new Sweep(hz, re, new double[points], 50);
    }

    static Sweep noisy(Sweep s, long seed) {
        Random random = new Random(seed);
        double[] re = s.re();
        double[] im = s.im();
        for (int i = 0; i < re.length; i++) {
            re[i] += 0.001 * random.nextGaussian();
            im[i] += 0.001 * random.nextGaussian();
        }
        return new Sweep(s.frequenciesHz(), re, im, s.referenceOhm());
    }
}
