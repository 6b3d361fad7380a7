package dorada.core.cutsheet.kind;

import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Sketch;
import dorada.core.wire.Point;
import java.util.Locale;

/**
 * Coils of one layer. Source: H. A. Wheeler, Simple inductance formulas for radio coils, Proc. IRE 16 (1928) 1398; within
 * one per cent where the coil is longer than 0.8 of its radius.
 */
final class Coil {

    private static final double INCH_M = 0.0254;
    private static final double ENDS_M = 0.03;
    private static final String FORMER = "formerM";
    private static final String PITCH = "pitchM";

    private Coil() {}

    static Input former() {
        return Input.length(FORMER, "Coil: mean diameter", 0.004, 0.2, 0.018, "what can be wound by hand");
    }

    static Input pitch() {
        return Input.length(PITCH, "Coil: turn to turn", 0.0005, 0.02, 0.002, "not below the wire's thickness");
    }

    /** In henry; mean diameter and length in metres. */
    static double henry(double turns, double diameterM, double lengthM) {
        double r = diameterM / 2 / INCH_M;
        double l = lengthM / INCH_M;
        return r * r * turns * turns / (9 * r + 10 * l) * 1e-6;
    }

    /** Turns for an inductance when they lie {@code pitchM} apart: r²n² = L(9r + 10pn), solved for n. */
    static double turns(double henry, double diameterM, double pitchM) {
        double r = diameterM / 2 / INCH_M;
        double p = pitchM / INCH_M;
        double micro = henry * 1e6;
        double b = 10 * p * micro;
        return (b + Math.sqrt(b * b + 36 * r * r * r * micro)) / (2 * r * r);
    }

    private static double turns(Inputs in, double henry) {
        return turns(henry, in.get(FORMER), in.get(PITCH));
    }

    static double wireM(double turns, double diameterM, double pitchM) {
        return turns * Math.hypot(Math.PI * diameterM, pitchM);
    }

    static Piece piece(int number, Inputs in, double henry) {
        return Piece.of(
                        number,
                        "wire of the coil",
                        1,
                        wireM(turns(in, henry), in.get(FORMER), in.get(PITCH)),
                        "enamelled or bare copper wire")
                .extra(2 * ENDS_M, "for both ends");
    }

    static String part(Inputs in, double henry) {
        return "former for the coil, " + Common.millimetres(in.get(FORMER)) + ", "
                + Common.millimetres(turns(in, henry) * in.get(PITCH)) + " long";
    }

    static String sentence(Inputs in, double henry) {
        return String.format(
                Locale.ROOT,
                "Wind %.1f turns, %s mean diameter, %s from turn to turn: %s.",
                turns(in, henry),
                Common.millimetres(in.get(FORMER)),
                Common.millimetres(in.get(PITCH)),
                Inputs.words(dorada.core.cutsheet.Quantity.INDUCTANCE, henry));
    }

    /** The coil, enlarged, as a zigzag of its turns. */
    static Drawing.View view(Inputs in, double henry, Point at) {
        double turns = turns(in, henry);
        double pitch = in.get(PITCH);
        double r = in.get(FORMER) / 2;
        Sketch s = new Sketch("Coil, enlarged", Sketch.From.FRONT);
        double low = at.z() - turns * pitch / 2;
        int whole = Math.max(1, (int) Math.round(turns));
        for (int i = 0; i < whole; i++) {
            double z = low + turns * pitch * i / whole;
            double next = low + turns * pitch * (i + 1) / whole;
            s.stroke(new Point(-r, 0, z), new Point(r, 0, (z + next) / 2), pitch / 3, Style.METAL);
        }
        s.measure(new Point(-r, 0, low), new Point(r, 0, low), 1, "coil");
        double half = Math.max(r, turns * pitch / 2) * 1.9;
        s.measure(new Point(-r, 0, low), new Point(-r, 0, low + turns * pitch), -1, "coil", turns * pitch);
        return s.enlarged(at, half);
    }
}
