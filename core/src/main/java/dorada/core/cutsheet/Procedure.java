package dorada.core.cutsheet;

import dorada.core.cutsheet.Step.Stage;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
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
    private final Set<Outcome> tools = new LinkedHashSet<>();

    /** Begins with cutting. */
    public static Procedure of(Metal metal) {
        Procedure p = new Procedure();
        p.tools(Say.TAPE_MEASURE.of(), Say.FELT_PEN.of());
        switch (metal) {
            case WIRE -> {
                p.tools(Say.SIDE_CUTTERS.of(), Say.WIRE_STRIPPER.of(), Say.SOLDERING_IRON_OR_CRIMPING_PLIERS.of());
                p.step("cut", Stage.CUT, Say.STRAIGHTEN_THE_WIRE.of());
            }
            case ROD -> {
                p.tools(Say.HACKSAW_OR_BOLT_CUTTER.of(), Say.FILE.of(), Say.VICE.of());
                p.step("cut", Stage.CUT, Say.CUT_THE_PIECES.of(), Caution.STEEL_ROD);
                p.step("deburr", Stage.CUT, Say.DEBURR_EVERY_CUT_AND_ROUND_THE.of());
            }
            case TUBE -> {
                p.tools(Say.TUBE_CUTTER_OR_HACKSAW.of(), Say.FILE.of(), Say.VICE.of());
                p.step("cut", Stage.CUT, Say.CUT_THE_PIECES_THE.of(), Caution.TUBE_CHIPS);
                p.step("deburr", Stage.CUT, Say.DEBURR_INSIDE_AND_OUTSIDE.of());
            }
            case COAX -> {
                p.tools(Say.SIDE_CUTTERS.of(), Say.SHARP_KNIFE.of(), Say.SOLDERING_IRON.of());
                p.step("cut", Stage.CUT, Say.CUT_THE_LINE_SQUARE.of(), Caution.CUT_AWAY_FROM_THE_HAND);
            }
        }
        return p;
    }

    public Procedure tools(Outcome... more) {
        tools.addAll(List.of(more));
        return this;
    }

    public Procedure join(String id, Outcome text, Caution... cautions) {
        return step(id, Stage.JOIN, text, cautions);
    }

    public Procedure mount(String id, Outcome text, Caution... cautions) {
        return step(id, Stage.MOUNT, text, cautions);
    }

    /** In the order of tuning. */
    public Procedure tune(String id, Outcome text, Caution... cautions) {
        return step(id, Stage.TUNE, text, cautions);
    }

    public Procedure finish(String id, Outcome text, Caution... cautions) {
        return step(id, Stage.FINISH, text, cautions);
    }

    /** Solder what must conduct. */
    public Procedure soldered() {
        return join("solder", Say.STRIP.of(), Caution.SOLDER_FUMES);
    }

    /** A clamp needs bare metal. */
    public Procedure clamped() {
        return join("bare", Say.MAKE_METAL_BARE_AND_BRIGHT_UNDER.of());
    }

    /** First sweep: always the same. */
    public Procedure swept(Outcome where) {
        tools(Say.ANALYSER.of());
        return tune("first-sweep", Say.FIRST_SWEEP.of(where), Caution.RADIO_OFF_THE_LINE);
    }

    /** Trimmed in small steps: length is easily taken off and never put back. */
    public Procedure trimmed(Outcome what) {
        return tune("trim", Say.TRIM.of(what));
    }

    /** For everything that will stand outside. */
    public Procedure weatherproofed() {
        return finish("seal", Say.SEAL_JOINTS_AND_THE_OPEN_END.of()).finish("last-sweep", Say.SWEEP_ONCE_MORE.of());
    }

    public Procedure raised() {
        return mount(
                "raise", Say.CHECK_IT_NEAR_THE_GROUND_FIRST.of(), Caution.POWER_LINES_ANY_HEIGHT, Caution.LIGHTNING);
    }

    public Procedure drilled() {
        return mount("mount", Say.FIT_THE_MOUNT_ON_BARE_METAL.of(), Caution.DRILLING);
    }

    private Procedure step(String id, Stage stage, Outcome text, Caution... cautions) {
        steps.add(new Step(id, stage, text, List.of(cautions)));
        return this;
    }

    public List<Step> steps() {
        return steps.stream().sorted((a, b) -> a.stage().compareTo(b.stage())).toList();
    }

    public List<Outcome> tools() {
        return List.copyOf(tools);
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        FIRST_SWEEP("where"),
        TRIM("piece"),
        TAPE_MEASURE,
        FELT_PEN,
        SIDE_CUTTERS,
        WIRE_STRIPPER,
        SOLDERING_IRON_OR_CRIMPING_PLIERS,
        STRAIGHTEN_THE_WIRE,
        HACKSAW_OR_BOLT_CUTTER,
        FILE,
        VICE,
        CUT_THE_PIECES,
        DEBURR_EVERY_CUT_AND_ROUND_THE,
        TUBE_CUTTER_OR_HACKSAW,
        CUT_THE_PIECES_THE,
        DEBURR_INSIDE_AND_OUTSIDE,
        SHARP_KNIFE,
        SOLDERING_IRON,
        CUT_THE_LINE_SQUARE,
        STRIP,
        MAKE_METAL_BARE_AND_BRIGHT_UNDER,
        ANALYSER,
        SEAL_JOINTS_AND_THE_OPEN_END,
        SWEEP_ONCE_MORE,
        CHECK_IT_NEAR_THE_GROUND_FIRST,
        FIT_THE_MOUNT_ON_BARE_METAL;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.procedure";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
