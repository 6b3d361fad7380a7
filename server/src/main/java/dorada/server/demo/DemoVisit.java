package dorada.server.demo;

import dorada.server.installation.VisitPurpose;
import java.util.List;

/**
 * A later visit to an invented installation.
 *
 * @param remark it was signed off with; "" for one that is still open
 * @param slippedM how far its piece has slipped since; NaN where nothing was read on it yet
 */
record DemoVisit(
        String title, String by, int hoursAgo, VisitPurpose purpose, String why, String remark, double slippedM) {

    static final List<DemoVisit> ALL = List.of(
            new DemoVisit(
                    "Pick-up 3",
                    "noa",
                    180,
                    VisitPurpose.RECHECK,
                    "Before the harvest the cooperative has its fleet looked over.",
                    "As found. Set screw and cap as marked.",
                    0),
            new DemoVisit(
                    "Lorry 2", "bruno", 14, VisitPurpose.REPAIR, "Tip cap lost on the quarry road.", "", Double.NaN),
            new DemoVisit(
                    "Depot mast",
                    "noa",
                    9,
                    VisitPurpose.RECHECK,
                    "A year on the mast, and the first frost.",
                    "",
                    0.006));
}
