package dorada.server.cutting;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutSheet;
import dorada.core.cutsheet.CuttingPlan;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Solved;
import dorada.core.cutsheet.WhatIf;
import dorada.core.outcome.Outcome;
import dorada.core.wire.Watch;
import dorada.server.cutting.SheetViews.CurveView;
import dorada.server.cutting.SheetViews.RowEntryView;
import dorada.server.cutting.SheetViews.RowView;
import dorada.server.cutting.SheetViews.SheetView;
import dorada.server.cutting.SheetViews.StockPlanView;
import dorada.server.problem.UserProblem;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Core's sheets, with its troubles turned into ours. */
@Service
class CuttingService {

    /** By rule, at once. */
    SheetView byRule(SheetRequest request) {
        return said(() -> view(sheet(request, Optional.empty()), request));
    }

    /** With the solver's dimensions beside. */
    SheetView solved(SheetRequest request, Watch watch) {
        return said(() -> {
            CutKind kind = request.cutKind();
            Inputs in = request.inputs();
            Optional<Solved> found =
                    kind.goal(in) instanceof Goal.None ? Optional.empty() : Optional.of(kind.solve(in, watch));
            return view(sheet(request, found), request);
        });
    }

    CurveView curve(SheetRequest.Curve request) {
        return said(() -> {
            CutKind kind = request.sheet().cutKind();
            Inputs in = request.sheet().inputs();
            double[] bands = kind.bandsHz(in);
            int band = request.band() == null ? 0 : Math.max(0, Math.min(bands.length - 1, request.band()));
            return CurveView.of(WhatIf.of(kind, in, request.shapeOf(in), bands[band], Watch.NOBODY));
        });
    }

    RowView row(SheetRequest.Row request, Watch watch) {
        return said(
                () -> new RowView(WhatIf.row(
                                request.sheet().cutKind(),
                                request.sheet().inputs(),
                                request.input(),
                                request.values(),
                                watch)
                        .stream()
                        .map(RowEntryView::of)
                        .toList()));
    }

    private static CutSheet sheet(SheetRequest request, Optional<Solved> solved) {
        return CutSheet.of(request.cutKind(), request.inputs(), solved, request.usesWanted());
    }

    private static SheetView view(CutSheet sheet, SheetRequest request) {
        return SheetView.of(sheet, plan(sheet, request));
    }

    /** Of the material of which most is needed: that is what bars are asked for. */
    private static StockPlanView plan(CutSheet sheet, SheetRequest request) {
        double[] stock = request.stock();
        if (stock.length == 0) {
            return null;
        }
        if (Arrays.stream(stock).anyMatch(m -> !(m > 0) || m > 1000)
                || !(request.kerf() >= 0 && request.kerf() < 0.02)) {
            throw UserProblem.atField("stockM", Refused.STOCK.of());
        }
        Outcome material = sheet.pieces().get(0).stock();
        List<Piece> pieces = sheet.pieces().stream()
                .filter(p -> p.stock().equals(material))
                .map(p -> p.forAntennas(request.howMany()))
                .toList();
        return StockPlanView.of(material, CuttingPlan.of(pieces, stock, request.kerf(), SheetRequest.SPLICE_M));
    }

    /** The dimension with which tuning begins when a piece came out as it did. */
    Optional<Double> startM(SheetRequest request, int piece, double cutM) {
        CutSheet sheet = said(() -> sheet(request, Optional.empty()));
        return sheet.pieces().stream()
                .filter(p -> p.number() == piece)
                .findFirst()
                .flatMap(p -> sheet.startM(p, cutM).stream().boxed().findFirst());
    }

    private static <T> T said(Supplier<T> work) {
        try {
            return work.get();
        } catch (InputException e) {
            throw UserProblem.atField(e.field(), e);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField(Inputs.FREQUENCY, e);
        }
    }
}
