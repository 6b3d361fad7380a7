package dorada.core.cutsheet.kind;

import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Sketch;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.wire.Point;
import java.util.List;

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
        return Input.length(FORMER, Say.COIL.of(), 0.004, 0.2, 0.018, Say.WHAT_CAN_BE_WOUND_BY_HAND.of());
    }

    static Input pitch() {
        return Input.length(PITCH, Say.COIL_TURN.of(), 0.0005, 0.02, 0.002, Say.NOT_BELOW_THE_WIRES_THICKNESS.of());
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
                        Say.WIRE_OF_THE_COIL.of(),
                        1,
                        wireM(turns(in, henry), in.get(FORMER), in.get(PITCH)),
                        Say.ENAMELLED_OR_BARE_COPPER_WIRE.of())
                .extra(2 * ENDS_M, Say.FOR_BOTH_ENDS.of());
    }

    static Outcome part(Inputs in, double henry) {
        return Say.FORMER.of(in.get(FORMER), turns(in, henry) * in.get(PITCH));
    }

    static Outcome winding(Inputs in, double henry) {
        return Say.WIND.of(turns(in, henry), in.get(FORMER), in.get(PITCH), henry);
    }

    /** The coil, enlarged, as a zigzag of its turns. */
    static Drawing.View view(Inputs in, double henry, Point at) {
        double turns = turns(in, henry);
        double pitch = in.get(PITCH);
        double r = in.get(FORMER) / 2;
        Sketch s = new Sketch(Say.COIL_ENLARGED.of(), Sketch.From.FRONT);
        double low = at.z() - turns * pitch / 2;
        int whole = Math.max(1, (int) Math.round(turns));
        for (int i = 0; i < whole; i++) {
            double z = low + turns * pitch * i / whole;
            double next = low + turns * pitch * (i + 1) / whole;
            s.stroke(new Point(-r, 0, z), new Point(r, 0, (z + next) / 2), pitch / 3, Style.METAL);
        }
        s.measure(new Point(-r, 0, low), new Point(r, 0, low), 1, "⌀");
        double half = Math.max(r, turns * pitch / 2) * 1.9;
        s.measure(new Point(-r, 0, low), new Point(-r, 0, low + turns * pitch), -1, "l", turns * pitch);
        return s.enlarged(at, half);
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        FORMER("meanFineM", "longFineM"),
        WIND("turnsTimes", "meanFineM", "pitchFineM", "coilHenry"),
        COIL,
        WHAT_CAN_BE_WOUND_BY_HAND,
        COIL_TURN,
        NOT_BELOW_THE_WIRES_THICKNESS,
        WIRE_OF_THE_COIL,
        ENAMELLED_OR_BARE_COPPER_WIRE,
        FOR_BOTH_ENDS,
        COIL_ENLARGED;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.coil";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
