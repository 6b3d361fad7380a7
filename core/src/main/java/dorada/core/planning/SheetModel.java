package dorada.core.planning;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Shape;
import dorada.core.planning.Candidate.Ask;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** A candidate whose wires are those of its sheet, so that what is planned is what will be cut. */
public class SheetModel implements CandidateModel {

    private final CutKind sheet;
    private final Inputs in;
    private final Shape start;
    private final List<String> lengths;
    private final List<String> coils;
    private final Ratio ratio;

    /**
     * A transformer or balun that the sheet chooses from a list.
     *
     * @param choice the sheet's question
     * @param usual where the search begins
     * @param sold what can be had, ascending
     */
    public record Ratio(String choice, double usual, List<Integer> sold) {

        int nearest(double wanted) {
            int best = sold.get(0);
            for (int s : sold) {
                best = Math.abs(Math.log(s / wanted)) < Math.abs(Math.log(best / wanted)) ? s : best;
            }
            return best;
        }
    }

    /**
     * @param lengths dimensions that are cut or slid, the cut one first
     * @param coils dimensions that are wound
     * @throws dorada.core.cutsheet.InputException where the sheet can't be made of what is on hand, as a sentence
     */
    public SheetModel(Ask ask, double frequencyHz, List<String> lengths, List<String> coils) {
        this(ask, frequencyHz, lengths, coils, null);
    }

    public SheetModel(Ask ask, double frequencyHz, List<String> lengths, List<String> coils, Ratio ratio) {
        this.sheet = ask.sheet();
        this.in = ask.at(frequencyHz);
        this.start = Shape.start(sheet.dimensions(in));
        this.lengths = List.copyOf(lengths);
        this.coils = List.copyOf(coils);
        this.ratio = ratio;
    }

    protected final double usual(String dimension) {
        return start.get(dimension);
    }

    @Override
    public double[] usualShape() {
        return lengths.stream().mapToDouble(start::get).toArray();
    }

    @Override
    public double[] usualCircuit() {
        double[] all = Arrays.copyOf(coils.stream().mapToDouble(start::get).toArray(), coils.size() + ratios());
        if (ratio != null) {
            all[coils.size()] = ratio.usual();
        }
        return all;
    }

    private int ratios() {
        return ratio == null ? 0 : 1;
    }

    @Override
    public double[] buyable(double[] circuit) {
        double[] all = circuit.clone();
        if (ratio != null) {
            all[coils.size()] = ratio.nearest(circuit[coils.size()]);
        }
        return all;
    }

    @Override
    public Map<String, String> choices(double[] circuit) {
        return ratio == null
                ? Map.of()
                : Map.of(ratio.choice(), Integer.toString((int) Math.round(circuit[coils.size()])));
    }

    @Override
    public double lengthM(double[] shape) {
        return shape[0];
    }

    /** Every dimension. */
    protected Shape shaped(double[] shape, double[] circuit) {
        Shape all = start;
        for (int i = 0; i < lengths.size(); i++) {
            all = all.with(lengths.get(i), shape[i]);
        }
        for (int i = 0; i < coils.size(); i++) {
            all = all.with(coils.get(i), circuit[i]);
        }
        return all;
    }

    @Override
    public Assembly clear(double[] shape, double[] circuit, Extent extent) {
        Inputs chosen = ratio == null ? in : in.choosing(ratio.choice(), Double.toString(circuit[coils.size()]));
        return sheet.assembly(chosen, shaped(shape, circuit)).orElseThrow();
    }
}
