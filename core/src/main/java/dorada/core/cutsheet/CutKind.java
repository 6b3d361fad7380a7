package dorada.core.cutsheet;

import dorada.core.antenna.Assembly;
import dorada.core.outcome.Outcome;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Optional;

/** A kind of antenna, or what belongs to one, that a sheet can be made for. */
public interface CutKind {

    /** Short name, as it stands in an address. */
    String id();

    /** As it stands in a sentence. */
    Outcome title();

    /** What it is good for, in one sentence. */
    Outcome about();

    double lowestHz();

    double highestHz();

    /** What it asks for, at a frequency in Hz. */
    List<Input> inputs(double frequencyHz);

    /** @throws InputException where inputs that are fine alone contradict each other */
    default void check(Inputs in) {}

    /** Every dimension, in the order of the drawing's letters. */
    List<Dimension> dimensions(Inputs in);

    /** Where it is to work, in Hz: the wanted frequency, and a second band where it has one. */
    default double[] bandsHz(Inputs in) {
        return new double[] {in.frequencyHz()};
    }

    /** Why the rule alone decides, where nothing is solved. */
    default Outcome unsolved() {
        return CutWord.THE_FORMULA_DECIDES.of();
    }

    /** By how much rule and solver may differ, as a share, before one should ask why. */
    double doubt();

    /** What is looked for. */
    default Goal goal(Inputs in) {
        return new Goal.None();
    }

    /** The wires; empty where nothing radiates. */
    default Optional<Assembly> assembly(Inputs in, Shape shape) {
        return Optional.empty();
    }

    /**
     * Looks for the dimensions.
     *
     * @throws InputException where nothing is found with these inputs
     */
    default Solved solve(Inputs in, Watch watch) {
        return SheetSolver.solve(this, in, watch);
    }

    /** What to cut; trims are left to the sheet. */
    List<Piece> pieces(Inputs in, Shape shape);

    /** What to have beside the pieces. */
    List<Outcome> parts(Inputs in, Shape shape);

    /** How it is joined, mounted and tuned; cutting is common to all. */
    Procedure procedure(Inputs in, Shape shape);

    /** To scale. */
    Drawing drawing(Inputs in, Shape shape);

    /** What follows from the numbers. */
    default List<Outcome> notes(Inputs in, Shape shape) {
        return List.of();
    }
}
