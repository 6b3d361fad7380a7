package dorada.core.cutsheet.kind;

import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Shape;
import dorada.core.safety.Caution;
import dorada.core.wire.Conductor;
import java.util.ArrayList;
import java.util.List;

/** A half-wave rod that stands on a mount, fed at its foot through a high-ratio transformer. */
public final class HalfWaveWhip extends TransformerFed {

    @Override
    public String id() {
        return "half-wave-whip";
    }

    @Override
    public String title() {
        return "half-wave whip with a transformer";
    }

    @Override
    public String about() {
        return "Stands on plastic as well as on metal; the transformer at its foot is tuned. No gain over a quarter-wave.";
    }

    @Override
    public double lowestHz() {
        return 25e6;
    }

    @Override
    String shortName() {
        return "whip";
    }

    @Override
    String foot() {
        return "whip's foot";
    }

    @Override
    String tail() {
        return "bracket or short rod on the other side";
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        List<Input> all = new ArrayList<>();
        all.add(Common.metal());
        all.add(Common.diameter("Whip, thickness", 0.0024, frequencyHz));
        all.add(Input.length("depthM", "Whip inside the base", 0, 0.1, 0.015, "down to where the screw still holds"));
        all.addAll(feed(frequencyHz, "Bracket or short rod on the other side"));
        return all;
    }

    @Override
    Dimension longPiece(Inputs in) {
        return Dimension.tuned(LONG, "A", "whip", 2 * Common.quarterM(in.frequencyHz()), RULE);
    }

    @Override
    Conductor conductor(Inputs in) {
        return Common.conductor(in);
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(
                Piece.of(1, "whip", 1, shape.get(LONG), Common.rod(in))
                        .tunedBy(LONG)
                        .extra(in.get("depthM"), "in the base"),
                Piece.of(2, "bracket or short rod", 1, shape.get(TAIL), Common.rod(in)));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of(
                "base with a transformer " + in.choice("ratio") + ":1 and its coil",
                "mount with a connector and its line",
                "choke on the line, a twentieth of a wavelength below",
                "cap for the tip");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.ROD)
                .drilled()
                .clamped()
                .swept("in its final place, doors and windows shut")
                .trimmed("the whip at its lower end")
                .tune("tail", "SWR stays high though the dip is right: the transformer is tuned, not the whip.")
                .finish(
                        "cap",
                        "Tighten, put the cap on the tip, and keep hands off the base.",
                        Caution.HIGH_VOLTAGE_AT_BASE_AND_TIP,
                        Caution.BARE_TIP)
                .weatherproofed();
    }
}
