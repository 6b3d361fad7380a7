package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Input.Option;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Shortening;
import dorada.core.line.Network;
import dorada.core.outcome.Outcome;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Conductor;
import java.util.LinkedHashMap;
import java.util.Map;

/** What several kinds ask for, and the rules of the trade that they share. */
final class Common {

    static final String DIAMETER = "diameterM";
    static final String INSULATION = "insulationM";
    static final String METAL = "metal";

    /** Soft plastic about a wire: PVC, a handbook value from memory. */
    static final double PLASTIC = 3.0;

    static final double MHZ = 1e6;
    static final Outcome RULE_234 = CutWord.RULE_234.of();

    /** The usual one first. */
    private static final Map<String, CutWord> METALS = metals();

    private Common() {}

    private static Map<String, CutWord> metals() {
        Map<String, CutWord> all = new LinkedHashMap<>();
        all.put("stainless", CutWord.STAINLESS);
        all.put("copper", CutWord.COPPER);
        all.put("brass", CutWord.BRASS);
        all.put("aluminium", CutWord.ALUMINIUM);
        return all;
    }

    /** 234/f in feet, in metres: common practice, no source. */
    static double quarterM(double frequencyHz) {
        return 234 * 0.3048 / (frequencyHz / MHZ);
    }

    /** Thicker than a hundredth of a wavelength it is no thin wire any more. */
    static Input diameter(Outcome title, double usualM, double frequencyHz) {
        double most = Math.min(0.08, 0.02 * Wavelength.ofHz(frequencyHz));
        return Input.length(
                DIAMETER, title, 0.0002, most, Math.min(usualM, most / 2), CutWord.THICKER_THAN_A_FIFTIETH_OF_A.of());
    }

    static Input insulation() {
        return Input.length(INSULATION, CutWord.INSULATION.of(), 0, 0.003, 0.0006, CutWord.ZERO_IS_BARE.of());
    }

    static Input metal() {
        return Input.choice(
                METAL,
                CutWord.METAL.of(),
                METALS.entrySet().stream()
                        .map(m -> new Option(m.getKey(), m.getValue().of()))
                        .toList());
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

    static Outcome wireSource(Inputs in, Outcome bare) {
        return Shortening.source(in, in.get(INSULATION) > 0 ? CutWord.INSULATED_WIRE_RULE.of() : bare);
    }

    /** With a tap or transformer that makes 50 Ω of what its feed shows at one frequency. */
    static Assembly matched(Assembly bare, double frequencyHz) {
        double ohm = SheetSolver.atFeed(bare, frequencyHz).resistanceOhm();
        return Assembly.of(bare.structure(), bare.feed(), new Network.Transformer(ohm / 50));
    }

    static Outcome rod(Inputs in) {
        return CutWord.ROD.of(metalOf(in), in.get(DIAMETER));
    }

    private static Outcome metalOf(Inputs in) {
        return METALS.get(in.choice(METAL)).of();
    }

    static Outcome wire(Inputs in) {
        boolean isInsulated = in.numbers().getOrDefault(INSULATION, 0.0) > 0;
        return (isInsulated ? CutWord.INSULATED_WIRE : CutWord.BARE_WIRE).of(in.get(DIAMETER));
    }

    static Outcome tube(Inputs in) {
        return CutWord.TUBE.of(metalOf(in), in.get(DIAMETER));
    }

    static void atMost(String field, double value, double most, Outcome sentence) {
        if (value > most) {
            throw new InputException(field, sentence);
        }
    }
}
