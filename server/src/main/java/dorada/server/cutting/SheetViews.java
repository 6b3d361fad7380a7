package dorada.server.cutting;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutSheet;
import dorada.core.cutsheet.CutSheet.Uses;
import dorada.core.cutsheet.CuttingPlan;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Step;
import dorada.core.cutsheet.WhatIf;
import dorada.core.outcome.Outcome;
import dorada.core.rf.Impedance;
import dorada.server.tuning.PassView.TraceView;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** Sheets as sent; SI units. */
final class SheetViews {

    private SheetViews() {}

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static List<OutcomeView> phrases(List<Outcome> all) {
        return all.stream().map(OutcomeView::phrase).toList();
    }

    record CutKindView(
            @NotNull String id,
            @NotNull OutcomeView title,
            @NotNull OutcomeView about,
            @NotNull double lowestHz,
            @NotNull double highestHz) {

        static CutKindView of(CutKind k) {
            return new CutKindView(
                    k.id(), OutcomeView.phrase(k.title()), OutcomeView.phrase(k.about()), k.lowestHz(), k.highestHz());
        }
    }

    record OptionView(@NotNull String id, @NotNull OutcomeView title) {}

    /**
     * @param options empty for a number
     * @param onlyInput asked for only where this input has one of {@code onlyOptions}; absent for always
     */
    record InputView(
            @NotNull String id,
            @NotNull OutcomeView title,
            @NotNull Quantity quantity,
            @NotNull double lowest,
            @NotNull double highest,
            @NotNull double usual,
            @NotNull List<OptionView> options,
            String onlyInput,
            @NotNull List<String> onlyOptions) {

        static InputView of(Input i) {
            return new InputView(
                    i.id(),
                    OutcomeView.phrase(i.title()),
                    i.quantity(),
                    i.lowest(),
                    i.highest(),
                    i.usual(),
                    i.options().stream()
                            .map(o -> new OptionView(o.id(), OutcomeView.phrase(o.title())))
                            .toList(),
                    i.only().map(Input.Condition::input).orElse(null),
                    i.only().map(Input.Condition::options).orElse(List.of()));
        }
    }

    /**
     * @param rule absent where there is none
     * @param solved absent until solved
     * @param difference solver's less the rule's
     */
    record LineView(
            @NotNull String id,
            @NotNull String mark,
            @NotNull OutcomeView title,
            @NotNull Quantity quantity,
            Double rule,
            Double solved,
            Double difference,
            @NotNull double used,
            @NotNull OutcomeView source,
            @NotNull double toleranceShare,
            @NotNull boolean tuned) {

        static LineView of(CutSheet.Line l) {
            return new LineView(
                    l.dimension().id(),
                    l.dimension().mark(),
                    OutcomeView.phrase(l.dimension().title()),
                    l.dimension().quantity(),
                    orNull(l.dimension().rule()),
                    orNull(l.solved()),
                    orNull(l.difference()),
                    l.used(),
                    OutcomeView.phrase(l.dimension().source()),
                    l.dimension().toleranceShare(),
                    l.dimension().isTuned());
        }
    }

    /** @param extraFor absent where there is nothing extra */
    record PieceView(
            @NotNull int number,
            @NotNull OutcomeView name,
            @NotNull int count,
            @NotNull double finishedM,
            @NotNull double trimM,
            @NotNull double extraM,
            OutcomeView extraFor,
            @NotNull double cutM,
            @NotNull OutcomeView stock,
            @NotNull boolean tuned) {

        static PieceView of(Piece p) {
            return new PieceView(
                    p.number(),
                    OutcomeView.phrase(p.name()),
                    p.count(),
                    p.finishedM(),
                    p.trimM(),
                    p.extraM(),
                    p.extraFor().map(OutcomeView::phrase).orElse(null),
                    p.cutM(),
                    OutcomeView.phrase(p.stock()),
                    !p.dimension().isEmpty());
        }
    }

    record CutStepView(
            @NotNull String id,
            @NotNull Step.Stage stage,
            @NotNull OutcomeView text,
            @NotNull List<OutcomeView> cautions) {}

    record StrokeView(
            @NotNull double x1,
            @NotNull double y1,
            @NotNull double x2,
            @NotNull double y2,
            @NotNull double widthM,
            @NotNull Drawing.Style style) {}

    record MeasureView(
            @NotNull double x1,
            @NotNull double y1,
            @NotNull double x2,
            @NotNull double y2,
            @NotNull int lane,
            @NotNull String mark,
            @NotNull double lengthM) {}

    /**
     * @param piece its number; 0 for none
     * @param words absent for none
     */
    record LabelView(
            @NotNull double x,
            @NotNull double y,
            @NotNull Drawing.Label.Sort sort,
            @NotNull int piece,
            OutcomeView words) {}

    record DrawingView(
            @NotNull OutcomeView title,
            @NotNull double lowX,
            @NotNull double highX,
            @NotNull double lowY,
            @NotNull double highY,
            @NotNull boolean enlarged,
            @NotNull List<StrokeView> strokes,
            @NotNull List<MeasureView> measures,
            @NotNull List<LabelView> labels) {

        static DrawingView of(Drawing.View v) {
            return new DrawingView(
                    OutcomeView.phrase(v.title()),
                    v.lowX(),
                    v.highX(),
                    v.lowY(),
                    v.highY(),
                    v.isEnlarged(),
                    v.strokes().stream()
                            .map(s -> new StrokeView(s.x1(), s.y1(), s.x2(), s.y2(), s.widthM(), s.style()))
                            .toList(),
                    v.measures().stream()
                            .map(m -> new MeasureView(m.x1(), m.y1(), m.x2(), m.y2(), m.lane(), m.mark(), m.lengthM()))
                            .toList(),
                    v.labels().stream()
                            .map(l -> new LabelView(
                                    l.x(),
                                    l.y(),
                                    l.sort(),
                                    l.piece(),
                                    l.words().map(OutcomeView::phrase).orElse(null)))
                            .toList());
        }
    }

    record CutView(
            @NotNull int piece,
            @NotNull double lengthM,
            @NotNull int part,
            @NotNull int parts) {

        static CutView of(CuttingPlan.Cut c) {
            return new CutView(c.piece(), c.lengthM(), c.part(), c.parts());
        }
    }

    record BarView(
            @NotNull double lengthM,
            @NotNull List<CutView> cuts,
            @NotNull double leftM) {}

    /** One material's plan. */
    record StockPlanView(
            @NotNull OutcomeView stock,
            @NotNull List<BarView> bars,
            @NotNull List<CutView> missing,
            @NotNull double wasteM) {

        static StockPlanView of(Outcome stock, CuttingPlan p) {
            return new StockPlanView(
                    OutcomeView.phrase(stock),
                    p.bars().stream()
                            .map(b -> new BarView(
                                    b.lengthM(),
                                    b.cuts().stream().map(CutView::of).toList(),
                                    b.leftM()))
                            .toList(),
                    p.missing().stream().map(CutView::of).toList(),
                    p.wasteM());
        }
    }

    record OhmView(@NotNull double resistanceOhm, @NotNull double reactanceOhm) {

        static OhmView of(Impedance z) {
            return new OhmView(z.resistanceOhm(), z.reactanceOhm());
        }
    }

    /**
     * A whole sheet.
     *
     * @param solvable true where there are wires to solve
     * @param curved true where a curve can be computed
     * @param doubt by how much rule and solver may differ, as a share
     * @param atFeed absent until solved
     * @param plan absent where no stock was named
     */
    record SheetView(
            @NotNull CutKindView kind,
            @NotNull double frequencyHz,
            @NotNull Map<String, Double> numbers,
            @NotNull Map<String, String> choices,
            @NotNull double[] bandsHz,
            @NotNull List<LineView> lines,
            @NotNull Uses uses,
            @NotNull OutcomeView why,
            @NotNull double doubt,
            @NotNull boolean solvable,
            @NotNull boolean curved,
            @NotNull Map<String, Double> shape,
            @NotNull List<PieceView> pieces,
            @NotNull List<OutcomeView> parts,
            @NotNull List<OutcomeView> tools,
            @NotNull List<CutStepView> steps,
            @NotNull List<OutcomeView> notes,
            @NotNull List<DrawingView> views,
            OhmView atFeed,
            OhmView atConnector,
            StockPlanView plan) {

        static SheetView of(CutSheet s, StockPlanView plan) {
            CutKind kind = s.kind();
            Procedure procedure = kind.procedure(s.inputs(), s.shape());
            List<Outcome> notes = new ArrayList<>(kind.notes(s.inputs(), s.shape()));
            s.solved().ifPresent(found -> notes.addAll(0, found.notes()));
            return new SheetView(
                    CutKindView.of(kind),
                    s.inputs().frequencyHz(),
                    s.inputs().numbers(),
                    s.inputs().choices(),
                    kind.bandsHz(s.inputs()),
                    s.lines().stream().map(LineView::of).toList(),
                    s.uses(),
                    OutcomeView.phrase(s.why()),
                    kind.doubt(),
                    !(kind.goal(s.inputs()) instanceof Goal.None),
                    kind.assembly(s.inputs(), s.shape()).isPresent(),
                    s.shape().values(),
                    s.pieces().stream().map(PieceView::of).toList(),
                    phrases(kind.parts(s.inputs(), s.shape())),
                    phrases(procedure.tools()),
                    procedure.steps().stream()
                            .map(p -> new CutStepView(
                                    p.id(),
                                    p.stage(),
                                    OutcomeView.phrase(p.text()),
                                    p.cautions().stream()
                                            .map(c -> OutcomeView.of(c.of()))
                                            .toList()))
                            .toList(),
                    phrases(notes),
                    kind.drawing(s.inputs(), s.shape()).views().stream()
                            .map(DrawingView::of)
                            .toList(),
                    s.solved().map(f -> OhmView.of(f.atFeed())).orElse(null),
                    s.solved().map(f -> OhmView.of(f.atConnector())).orElse(null),
                    plan);
        }
    }

    /**
     * What a shape does.
     *
     * @param dipHz absent where there is no dip
     * @param met SWR is within {@code limitSwr} at the frequency that is wanted
     * @param widthHz bandwidth at {@code limitSwr}; absent where its ends are not seen
     */
    record CurveView(
            @NotNull TraceView trace,
            @NotNull double swr,
            @NotNull double limitSwr,
            @NotNull boolean met,
            @NotNull OhmView at,
            Double dipHz,
            Double widthHz) {

        static CurveView of(WhatIf w) {
            return new CurveView(
                    TraceView.of(w.sweep()),
                    w.swr(),
                    WhatIf.LIMIT_SWR,
                    w.isMet(),
                    OhmView.of(w.atConnector()),
                    orNull(w.dipHz()),
                    orNull(w.widthHz()));
        }
    }

    /** @param seen absent where no such antenna can be tuned */
    record RowEntryView(@NotNull double value, @NotNull Map<String, Double> shape, CurveView seen) {

        static RowEntryView of(WhatIf.Entry e) {
            return new RowEntryView(
                    e.value(), e.shape().values(), e.seen().map(CurveView::of).orElse(null));
        }
    }

    record RowView(@NotNull List<RowEntryView> entries) {}
}
