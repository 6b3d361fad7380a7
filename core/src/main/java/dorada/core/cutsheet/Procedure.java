package dorada.core.cutsheet;

import dorada.core.cutsheet.Step.Stage;
import dorada.core.safety.Caution;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Steps and tools as they come together. Wording is common practice, no source. */
public final class Procedure {

    /** How a material is cut and joined. */
    public enum Metal {
        WIRE,
        ROD,
        TUBE,
        COAX
    }

    private final List<Step> steps = new ArrayList<>();
    private final Set<String> tools = new LinkedHashSet<>();

    /** Begins with cutting. */
    public static Procedure of(Metal metal) {
        Procedure p = new Procedure();
        p.tools("tape measure", "felt pen");
        switch (metal) {
            case WIRE -> {
                p.tools("side cutters", "wire stripper", "soldering iron or crimping pliers");
                p.step(
                        "cut",
                        Stage.CUT,
                        "Straighten the wire, pull it taut and cut the pieces, the longest first. Mark each with its"
                                + " number.");
            }
            case ROD -> {
                p.tools("hacksaw or bolt cutter", "file", "vice");
                p.step(
                        "cut",
                        Stage.CUT,
                        "Cut the pieces, the longest first, and mark each with its number.",
                        Caution.STEEL_ROD);
                p.step("deburr", Stage.CUT, "Deburr every cut and round the tip.");
            }
            case TUBE -> {
                p.tools("tube cutter or hacksaw", "file", "vice");
                p.step(
                        "cut",
                        Stage.CUT,
                        "Cut the pieces, the longest first, square to the tube, and mark each with its number.",
                        Caution.TUBE_CHIPS);
                p.step(
                        "deburr",
                        Stage.CUT,
                        "Deburr inside and outside, and clean bare what will be soldered or clamped.");
            }
            case COAX -> {
                p.tools("side cutters", "sharp knife", "soldering iron");
                p.step(
                        "cut",
                        Stage.CUT,
                        "Cut the line square, without squeezing it flat.",
                        Caution.CUT_AWAY_FROM_THE_HAND);
            }
        }
        return p;
    }

    public Procedure tools(String... more) {
        tools.addAll(List.of(more));
        return this;
    }

    public Procedure join(String id, String text, Caution... cautions) {
        return step(id, Stage.JOIN, text, cautions);
    }

    public Procedure mount(String id, String text, Caution... cautions) {
        return step(id, Stage.MOUNT, text, cautions);
    }

    /** In the order of tuning. */
    public Procedure tune(String id, String text, Caution... cautions) {
        return step(id, Stage.TUNE, text, cautions);
    }

    public Procedure finish(String id, String text, Caution... cautions) {
        return step(id, Stage.FINISH, text, cautions);
    }

    /** Solder what must conduct. */
    public Procedure soldered() {
        return join("solder", "Strip, twist, solder or crimp the joints and pull at each.", Caution.SOLDER_FUMES);
    }

    /** A clamp needs bare metal. */
    public Procedure clamped() {
        return join(
                "bare", "Make metal bare and bright under every clamp and set screw; a toothed washer keeps it so.");
    }

    /** First sweep: always the same. */
    public Procedure swept(String where) {
        tools("analyser, or in-line meter with a jumper");
        return tune(
                "first-sweep",
                "Put it " + where + ", people away, and take the baseline sweep somewhat wider than the band.",
                Caution.RADIO_OFF_THE_LINE);
    }

    /** Trimmed in small steps: length is easily taken off and never put back. */
    public Procedure trimmed(String what) {
        return tune(
                "trim",
                "Dip too low: shorten " + what
                        + " by half of what is advised, sweep again, then the rest. Stop as soon as"
                        + " the rule is met.");
    }

    /** For everything that will stand outside. */
    public Procedure weatherproofed() {
        return finish(
                        "seal",
                        "Seal joints and the open end of the line against water, with a drip loop below; leave drain"
                                + " holes open.")
                .finish(
                        "last-sweep",
                        "Sweep once more: tightening and sealing move the dip. Record the final lengths.");
    }

    public Procedure raised() {
        return mount(
                "raise",
                "Check it near the ground first, then put it in its final place.",
                Caution.POWER_LINES_ANY_HEIGHT,
                Caution.LIGHTNING);
    }

    public Procedure drilled() {
        return mount(
                "mount",
                "Fit the mount on bare metal, so that its ring lies on the sheet itself and not on paint.",
                Caution.DRILLING);
    }

    private Procedure step(String id, Stage stage, String text, Caution... cautions) {
        steps.add(new Step(id, stage, text, List.of(cautions)));
        return this;
    }

    public List<Step> steps() {
        return steps.stream().sorted((a, b) -> a.stage().compareTo(b.stage())).toList();
    }

    public List<String> tools() {
        return List.copyOf(tools);
    }
}
