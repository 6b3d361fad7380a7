package dorada.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.design.Designs;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.core.instrument.scpi.InstrumentException;
import dorada.core.instrument.scpi.ScpiAnalyser;
import dorada.core.instrument.scpi.Transport;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Watch;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class StandInAnalyserTest {

    private final Bench bench = new Bench(Designs.ALL.installations(), new Random(1));
    private final StandInAnalyser standIn = new StandInAnalyser(bench, new Random(2));

    @BeforeEach
    void aRodOnFourRadials() {
        standIn.take("BENC:INST rod-four-radials");
    }

    /** The conversation without a network. */
    private final class Wire implements Transport {
        private final Deque<String> answers = new ArrayDeque<>();

        @Override
        public void send(String line) {
            standIn.take(line).ifPresent(answers::add);
        }

        @Override
        public String receive(Duration within) throws IOException {
            if (answers.isEmpty()) {
                throw new IOException("nothing came");
            }
            return answers.poll();
        }

        @Override
        public void close() {
            answers.clear();
        }
    }

    private ScpiAnalyser driver(CommandProfile profile) {
        return new ScpiAnalyser(Wire::new, profile, AnalyserLimits.NOT_STATED, Duration.ofSeconds(20));
    }

    @Test
    void theDriverReadsWhatIsOnTheBench() {
        Span span = new Span(140e6, 170e6);
        Sweep read = driver(CommandProfile.STAND_IN).sweep(span, 101, 4, () -> true);
        Sweep truth = bench.connected(Watch.NOBODY).reflection(read.frequenciesHz());
        for (int i = 0; i < read.size(); i++) {
            assertThat(Math.hypot(read.re(i) - truth.re(i), read.im(i) - truth.im(i)))
                    .isLessThan(0.012);
        }
        assertThat(driver(CommandProfile.STAND_IN).identity()).contains("stand-in");
    }

    /** Three standards and the bilinear map give the truth back: what calibration is for. */
    @Test
    void rawReadingsAreWrongUntilCalibrated() {
        Span span = new Span(150e6, 160e6);
        standIn.take("SENS:CORR OFF");
        Sweep[] raw = new Sweep[4];
        String[] at = {"OPEN", "SHOR", "LOAD", "ANT"};
        for (int i = 0; i < 4; i++) {
            standIn.take("BENC:PORT " + at[i]);
            raw[i] = driver(CommandProfile.STAND_IN).sweep(span, 11, 64, () -> true);
        }
        Sweep truth = bench.connected(Watch.NOBODY).reflection(raw[3].frequenciesHz());
        for (int i = 0; i < 11; i++) {
            Complex open = complex(raw[0], i);
            Complex shorted = complex(raw[1], i);
            Complex directivity = complex(raw[2], i);
            // M = D + TΓ/(1 − SΓ) at Γ = 1 and −1, solved for S and T. Source: D. Rytting, as in the stand-in.
            Complex a = open.subtract(directivity);
            Complex b = shorted.subtract(directivity);
            Complex match = a.add(b).divide(a.subtract(b));
            Complex tracking = a.multiply(Complex.ONE.subtract(match));
            Complex m = complex(raw[3], i).subtract(directivity);
            Complex gamma = m.divide(tracking.add(m.multiply(match)));
            assertThat(gamma.subtract(complex(truth, i)).norm()).isLessThan(0.004);
            assertThat(complex(raw[3], i).subtract(complex(truth, i)).norm()).isGreaterThan(0.02);
        }
    }

    private static Complex complex(Sweep s, int i) {
        return new Complex(s.re(i), s.im(i));
    }

    @Test
    void trimmingOnTheBenchMovesTheDip() {
        Span span = new Span(130e6, 175e6);
        double before = lowest(driver(CommandProfile.STAND_IN).sweep(span, 201, 1, () -> true));
        assertThat(standIn.take("BENC:SETT 1,450 MM;SETT? 1")).contains("4.500000000E-01");
        double after = lowest(driver(CommandProfile.STAND_IN).sweep(span, 201, 1, () -> true));
        assertThat(after).isGreaterThan(before + 3e6);
        assertThat(standIn.take("BENC:INST wire-two-radials;INST?;PORT?;CAT?").orElseThrow())
                .startsWith("wire-two-radials;ANTENNA;roof-quarter-wave");
        standIn.take("BENC:COND NO_CHOKE,ON");
        assertThat(bench.state().conditions()).isEqualTo(Set.of(Condition.NO_CHOKE));
        standIn.take("BENC:COND DOOR_OPEN,ON");
        assertThat(standIn.take("SYST:ERR?").orElseThrow()).startsWith("-221");
        standIn.take("BENC:SETT 1,9");
        assertThat(standIn.take("SYST:ERR?").orElseThrow()).startsWith("-222");
    }

    private static double lowest(Sweep s) {
        int best = 0;
        for (int i = 1; i < s.size(); i++) {
            best = s.magnitude(i) < s.magnitude(best) ? i : best;
        }
        return s.frequencyHz(best);
    }

    @Test
    void settingsKeepToTheInstrument() {
        assertThat(standIn.take("*RST;FREQ:CENT 150 MHZ;SPAN 20 MHZ;STAR?;STOP?;CENT?;SPAN?"))
                .contains("1.400000000E+08;1.600000000E+08;1.500000000E+08;2.000000000E+07");
        assertThat(standIn.take(
                        "SWE:POIN 101;POIN?;TIME?;:AVER:COUN 4;COUN?;:AVER:STAT OFF;STAT?;:CORR?;:FORM ASC;FORM?"))
                .contains("101;6.060000000E-02;4;0;1;ASC");
        standIn.take("SWE:POIN 5000");
        assertThat(standIn.take("SYST:ERR?").orElseThrow()).startsWith("-222");
        standIn.take("TRAC? REFL");
        assertThat(standIn.take("SYST:ERR?").orElseThrow()).startsWith("-230");
        standIn.take("FREQ:STAR 500 MHZ;:INIT");
        assertThat(standIn.take("SYST:ERR?").orElseThrow()).startsWith("-221");
        assertThat(standIn.take("*RST;FREQ:STAR 150E6;STOP 151E6;:SWE:POIN 3;:INIT;*OPC;*OPC?;*ESR?;:TRAC:DATA? FREQ"))
                .contains("1;145;1.500000000E+08,1.505000000E+08,1.510000000E+08");
    }

    @Test
    void aSweepCanBeStoppedAndASilentInstrumentIsGivenUp() {
        AtomicInteger asked = new AtomicInteger();
        assertThatThrownBy(() -> driver(CommandProfile.STAND_IN)
                        .sweep(new Span(140e6, 170e6), 801, 64, () -> asked.incrementAndGet() < 3))
                .isInstanceOf(CancellationException.class);
        assertThat(standIn.take("STAT:OPER:COND?")).contains("0");
        CommandProfile strange =
                new CommandProfile("", "FOO {}", "", "", "", "", "", "BAR?", "", "SYST:ERR?", "", "", "");
        assertThatThrownBy(() -> driver(strange).sweep(new Span(140e6, 170e6), 3, 1, () -> true))
                .isInstanceOf(InstrumentException.class)
                .hasMessageContaining("REFUSES {answer=-113");
        CommandProfile mute = new CommandProfile("", "", "", "", "", "", "", "BAR?", "", "", "", "", "");
        assertThatThrownBy(() -> driver(mute).sweep(new Span(140e6, 170e6), 3, 1, () -> true))
                .hasMessageContaining("SILENT");
        CommandProfile wrong = new CommandProfile("", "", "", "", "", "", "", "*IDN?", "", "", "", "", "");
        assertThatThrownBy(() -> driver(wrong).sweep(new Span(140e6, 170e6), 3, 1, () -> true))
                .hasMessageContaining("expectedCount=6");
        assertThat(asked.get()).isCloseTo(3, within(1));
    }
}
