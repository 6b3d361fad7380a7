package dorada.core.cutsheet.kind;

import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Shape;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
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
    public Outcome title() {
        return Say.TITLE.of();
    }

    @Override
    public Outcome about() {
        return Say.ABOUT.of();
    }

    @Override
    public double lowestHz() {
        return 25e6;
    }

    @Override
    Outcome shortName() {
        return CutWord.WHIP.of();
    }

    @Override
    Outcome foot() {
        return Say.WHIPS_FOOT.of();
    }

    @Override
    Outcome tail() {
        return Say.BRACKET_OR_SHORT_ROD_ON_THE.of();
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        List<Input> all = new ArrayList<>();
        all.add(Common.metal());
        all.add(Common.diameter(CutWord.WHIP_THICKNESS.of(), 0.0024, frequencyHz));
        all.add(Input.length(
                "depthM",
                CutWord.WHIP_INSIDE_THE_BASE.of(),
                0,
                0.1,
                0.015,
                CutWord.DOWN_TO_WHERE_THE_SCREW_STILL.of()));
        all.addAll(feed(frequencyHz, Say.BRACKET_OR_SHORT_ROD_ON_THE_OTHER.of()));
        return all;
    }

    @Override
    Dimension longPiece(Inputs in) {
        return Dimension.tuned(LONG, "A", CutWord.WHIP.of(), 2 * Common.quarterM(in.frequencyHz()), RULE);
    }

    @Override
    Conductor conductor(Inputs in) {
        return Common.conductor(in);
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(
                Piece.of(1, CutWord.WHIP.of(), 1, shape.get(LONG), Common.rod(in))
                        .tunedBy(LONG)
                        .extra(in.get("depthM"), CutWord.IN_THE_BASE.of()),
                Piece.of(2, Say.BRACKET_OR_SHORT_ROD.of(), 1, shape.get(TAIL), Common.rod(in)));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(
                Say.BASE.of(in.choice("ratio")),
                CutWord.MOUNT_WITH_A_CONNECTOR_AND_ITS.of(),
                CutWord.CHOKE_ON_THE_LINE.of(),
                CutWord.CAP_FOR_THE_TIP.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.ROD)
                .drilled()
                .clamped()
                .swept(CutWord.IN_ITS_FINAL_PLACE.of())
                .trimmed(CutWord.THE_WHIP_AT_ITS_LOWER_END.of())
                .tune("tail", Say.SWR_STAYS_HIGH_THOUGH_THE_DIP.of())
                .finish("cap", Say.TIGHTEN.of(), Caution.HIGH_VOLTAGE_AT_BASE_AND_TIP, Caution.BARE_TIP)
                .weatherproofed();
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        BASE("ratio"),
        TITLE,
        ABOUT,
        WHIPS_FOOT,
        BRACKET_OR_SHORT_ROD_ON_THE,
        BRACKET_OR_SHORT_ROD_ON_THE_OTHER,
        BRACKET_OR_SHORT_ROD,
        SWR_STAYS_HIGH_THOUGH_THE_DIP,
        TIGHTEN;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.halfWaveWhip";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
