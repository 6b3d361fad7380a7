package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Shortening;
import dorada.core.safety.Caution;
import dorada.core.wire.Conductor;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import java.util.ArrayList;
import java.util.List;

/** A half-wave of wire that hangs, fed at its end through a high-ratio transformer. */
public final class EndFedWire extends TransformerFed {

    @Override
    public String id() {
        return "end-fed-half-wave";
    }

    @Override
    public String title() {
        return "half-wave end-fed wire";
    }

    @Override
    public String about() {
        return "Fed at its end through a transformer: no radials, one point to hang it from. No gain over a dipole.";
    }

    @Override
    public double lowestHz() {
        return 1.8e6;
    }

    @Override
    String shortName() {
        return "wire";
    }

    @Override
    String foot() {
        return "wire's end";
    }

    @Override
    String tail() {
        return "short wire on the other side";
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        List<Input> all = new ArrayList<>();
        all.add(Common.diameter("Wire, thickness", 0.0015, frequencyHz));
        all.add(Common.insulation());
        all.addAll(feed(frequencyHz, "Short wire on the other side"));
        all.addAll(Shortening.inputs(Shortening.INSULATED, "a half-wave", frequencyHz));
        return all;
    }

    @Override
    Dimension longPiece(Inputs in) {
        return Dimension.tuned(
                LONG, "A", "wire", Common.wireFactor(in, 0.5) * in.waveM() / 2, Common.wireSource(in, RULE));
    }

    @Override
    Conductor conductor(Inputs in) {
        return Conductor.COPPER;
    }

    @Override
    Assembly clad(Inputs in, Assembly bare) {
        double thick = in.get(Common.INSULATION);
        return thick == 0
                ? bare
                : bare.in(Structure.inFreeSpace(bare.structure().wires().stream()
                        .map(w -> w.in(Sheath.insulation(Common.radiusM(in), thick, Common.PLASTIC)))
                        .toList()));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(
                Piece.of(1, "half-wave wire", 1, shape.get(LONG), Common.wire(in))
                        .tunedBy(LONG)
                        .extra(0.1, "for an eye at the end and the joint at the transformer")
                        .spliceable(),
                Piece.of(2, "short wire", 1, shape.get(TAIL), Common.wire(in)).extra(0.02, "for the joint"));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of(
                "transformer " + in.choice("ratio") + ":1",
                "choke on the line, a twentieth of a wavelength below",
                "end insulator, cord");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.WIRE)
                .soldered()
                .raised()
                .swept("hung as it will be used, the line led away at a right angle")
                .trimmed("the long wire at its far end")
                .tune(
                        "tail",
                        "SWR stays high though the dip is right: try the next transformer ratio, or move the choke.")
                .finish("volts", "Keep the feed out of reach.", Caution.HIGH_VOLTAGE_AT_THE_ENDS)
                .weatherproofed();
    }
}
