package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Shortening;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
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
    public Outcome title() {
        return Say.TITLE.of();
    }

    @Override
    public Outcome about() {
        return Say.ABOUT.of();
    }

    @Override
    public double lowestHz() {
        return 1.8e6;
    }

    @Override
    Outcome shortName() {
        return CutWord.WIRE.of();
    }

    @Override
    Outcome foot() {
        return Say.WIRES_END.of();
    }

    @Override
    Outcome tail() {
        return Say.SHORT_WIRE_ON_THE_OTHER_SIDE.of();
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        List<Input> all = new ArrayList<>();
        all.add(Common.diameter(CutWord.WIRE_THICKNESS.of(), 0.0015, frequencyHz));
        all.add(Common.insulation());
        all.addAll(feed(frequencyHz, Say.ASK_SHORT_WIRE_ON_THE_OTHER_SIDE.of()));
        all.addAll(Shortening.inputs(Shortening.INSULATED, Say.A_HALF_WAVE.of(), frequencyHz));
        return all;
    }

    @Override
    Dimension longPiece(Inputs in) {
        return Dimension.tuned(
                LONG, "A", CutWord.WIRE.of(), Common.wireFactor(in, 0.5) * in.waveM() / 2, Common.wireSource(in, RULE));
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
                Piece.of(1, Say.HALF_WAVE_WIRE.of(), 1, shape.get(LONG), Common.wire(in))
                        .tunedBy(LONG)
                        .extra(0.1, Say.FOR_AN_EYE_AT_THE_END.of())
                        .spliceable(),
                Piece.of(2, Say.SHORT_WIRE.of(), 1, shape.get(TAIL), Common.wire(in))
                        .extra(0.02, CutWord.FOR_THE_JOINT.of()));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(Say.TRANSFORMER.of(in.choice("ratio")), CutWord.CHOKE_ON_THE_LINE.of(), Say.END_INSULATOR.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.WIRE)
                .soldered()
                .raised()
                .swept(Say.HUNG_AS_IT_WILL_BE_USED.of())
                .trimmed(Say.THE_LONG_WIRE_AT_ITS_FAR.of())
                .tune("tail", Say.SWR_STAYS_HIGH_THOUGH_THE_DIP.of())
                .finish("volts", Say.KEEP_THE_FEED_OUT_OF_REACH.of(), Caution.HIGH_VOLTAGE_AT_THE_ENDS)
                .weatherproofed();
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        TRANSFORMER("ratio"),
        TITLE,
        ABOUT,
        WIRES_END,
        SHORT_WIRE_ON_THE_OTHER_SIDE,
        ASK_SHORT_WIRE_ON_THE_OTHER_SIDE,
        A_HALF_WAVE,
        HALF_WAVE_WIRE,
        FOR_AN_EYE_AT_THE_END,
        SHORT_WIRE,
        END_INSULATOR,
        HUNG_AS_IT_WILL_BE_USED,
        THE_LONG_WIRE_AT_ITS_FAR,
        SWR_STAYS_HIGH_THOUGH_THE_DIP,
        KEEP_THE_FEED_OUT_OF_REACH;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.endFedWire";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
