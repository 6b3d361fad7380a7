package dorada.core.format;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.io.IOException;

/** Writes a sweep as a table that {@link CsvTable} reads back with every bit; infinite values are left empty. */
public final class CsvWriter {

    private CsvWriter() {}

    /** Writes {@code sweep} re 50 Ω, or its magnitudes where it has no phase. */
    public static void write(Sweep sweep, Appendable out) throws IOException {
        out.append(
                sweep.hasPhase()
                        ? "frequency Hz,re,im,SWR,return loss dB,R ohm,X ohm\n"
                        : "frequency Hz,magnitude,SWR,return loss dB\n");
        Sweep shown = sweep.hasPhase() ? sweep.renormalised(Sweep.STANDARD_REFERENCE_OHM) : sweep;
        for (int i = 0; i < shown.size(); i++) {
            Reflection r = shown.reflection(i);
            out.append(Numbers.plain(shown.frequencyHz(i))).append(',').append(Numbers.plain(r.re()));
            if (sweep.hasPhase()) {
                out.append(',').append(Numbers.plain(r.im()));
            }
            out.append(',').append(cell(r.swr())).append(',').append(cell(r.returnLossDb()));
            if (sweep.hasPhase()) {
                Impedance z = r.impedance(Sweep.STANDARD_REFERENCE_OHM);
                out.append(',').append(cell(z.resistanceOhm())).append(',').append(cell(z.reactanceOhm()));
            }
            out.append('\n');
        }
    }

    private static String cell(double value) {
        return Double.isFinite(value) ? Numbers.plain(value) : "";
    }
}
