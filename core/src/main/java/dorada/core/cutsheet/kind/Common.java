package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Shortening;
import dorada.core.line.Network;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Conductor;

/** What several kinds ask for, and the rules of the trade that they share. */
final class Common {

    static final String DIAMETER = "diameterM";
    static final String INSULATION = "insulationM";
    static final String METAL = "metal";

    /** Soft plastic about a wire: PVC, a handbook value from memory. */
    static final double PLASTIC = 3.0;

    static final double MHZ = 1e6;
    static final String RULE_234 = "234/f in feet; common practice, no source";

    private Common() {}

    /** 234/f in feet, in metres: common practice, no source. */
    static double quarterM(double frequencyHz) {
        return 234 * 0.3048 / (frequencyHz / MHZ);
    }

    /** Thicker than a hundredth of a wavelength it is no thin wire any more. */
    static Input diameter(String title, double usualM, double frequencyHz) {
        double most = Math.min(0.08, 0.02 * Wavelength.ofHz(frequencyHz));
        return Input.length(
                DIAMETER,
                title,
                0.0002,
                most,
                Math.min(usualM, most / 2),
                "thicker than a fiftieth of a wavelength it is no thin element any more, and a quarter of the length would"
                        + " be a can");
    }

    static Input insulation() {
        return Input.length(INSULATION, "Insulation, thickness", 0, 0.003, 0.0006, "0 is bare wire");
    }

    static Input metal() {
        return Input.choice(
                METAL,
                "Metal",
                "stainless",
                "stainless steel",
                "copper",
                "copper",
                "brass",
                "brass",
                "aluminium",
                "aluminium");
    }

    static Conductor conductor(Inputs in) {
        return switch (in.choice(METAL)) {
            case "copper" -> Conductor.COPPER;
            case "brass" -> Conductor.BRASS;
            case "aluminium" -> Conductor.ALUMINIUM;
            default -> Conductor.STAINLESS_STEEL;
        };
    }

    static double radiusM(Inputs in) {
        return in.get(DIAMETER) / 2;
    }

    /** Shortening of a wire, bare or insulated, unless something better is known. */
    static double wireFactor(Inputs in, double waves) {
        return Shortening.factor(in, in.get(INSULATION) > 0 ? Shortening.INSULATED : Shortening.BARE, waves);
    }

    static String wireSource(Inputs in, String bare) {
        return Shortening.source(
                in, in.get(INSULATION) > 0 ? "0.93 of free space, insulated wire; common practice, no source" : bare);
    }

    /** With a tap or transformer that makes 50 Ω of what its feed shows at one frequency. */
    static Assembly matched(Assembly bare, double frequencyHz) {
        double ohm = SheetSolver.atFeed(bare, frequencyHz).resistanceOhm();
        return Assembly.of(bare.structure(), bare.feed(), new Network.Transformer(ohm / 50));
    }

    static String rod(Inputs in) {
        return in.choice(METAL) + " rod, " + millimetres(in.get(DIAMETER));
    }

    static String wire(Inputs in) {
        return (in.numbers().getOrDefault(INSULATION, 0.0) > 0 ? "insulated copper wire, " : "bare copper wire, ")
                + millimetres(in.get(DIAMETER));
    }

    static String tube(Inputs in) {
        return in.choice(METAL) + " tube, " + millimetres(in.get(DIAMETER));
    }

    static String millimetres(double metres) {
        return String.format(java.util.Locale.ROOT, "%.1f mm", metres * 1000).replace(".0 mm", " mm");
    }

    static void atMost(String field, double value, double most, String sentence) {
        if (value > most) {
            throw new InputException(field, sentence);
        }
    }
}
