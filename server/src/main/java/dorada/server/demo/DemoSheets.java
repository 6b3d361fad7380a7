package dorada.server.demo;

import dorada.core.cutsheet.CutSheet.Uses;
import dorada.server.cutting.SavedSheet.ReallyCut;
import dorada.server.cutting.SavedSheetController.SavedSheetRequest;
import dorada.server.cutting.SheetRequest;
import java.util.List;
import java.util.Map;

/** Invented cut sheets of Isla Candela. */
final class DemoSheets {

    static final SavedSheetRequest LINK_BEAM = new SavedSheetRequest(
            "Lighthouse road depot: link beam",
            null,
            new SheetRequest(
                    "beam", 446.1e6, Map.of("diameterM", 0.006), Map.of("elements", "5"), Uses.BEST, null, null, null),
            "{\"kind\":\"beam\",\"f\":\"446100000\",\"diameterM\":\"0.006\",\"elements\":\"~5\"}",
            List.of("cut", "deburr"),
            List.of(new ReallyCut(1, 0.324), new ReallyCut(2, 0.161)));

    static final SavedSheetRequest POLE = new SavedSheetRequest(
            "Ferry port: spare antenna for the quay office",
            null,
            new SheetRequest(
                    "tube-j-pole", 157.45e6, Map.of("diameterM", 0.012), Map.of(), Uses.BEST, null, null, null),
            "{\"kind\":\"tube-j-pole\",\"f\":\"157450000\",\"diameterM\":\"0.012\"}",
            List.of(),
            List.of());

    private DemoSheets() {}
}
