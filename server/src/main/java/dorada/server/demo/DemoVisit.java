package dorada.server.demo;

import dorada.server.installation.VisitPurpose;
import java.util.List;

/**
 * A later visit to an invented installation.
 *
 * @param remark it was signed off with; "" for one that is still open and on which nothing was read yet
 */
record DemoVisit(String title, String by, int hoursAgo, VisitPurpose purpose, String why, String remark) {

    static final List<DemoVisit> ALL = List.of(
            new DemoVisit(
                    "Pick-up 3",
                    "noa",
                    180,
                    VisitPurpose.RECHECK,
                    "Before the harvest the cooperative has its fleet looked over.",
                    "As found. Set screw and cap as marked."),
            new DemoVisit("Lorry 2", "bruno", 14, VisitPurpose.REPAIR, "Tip cap lost on the quarry road.", ""));
}
