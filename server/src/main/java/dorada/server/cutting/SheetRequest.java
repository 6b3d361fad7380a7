package dorada.server.cutting;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutSheet.Uses;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Shape;
import dorada.core.design.Designs;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/**
 * What a sheet is asked for; SI units.
 *
 * @param kind id of the kind
 * @param numbers by the input's id; what is missing is as usual
 * @param choices by the input's id
 * @param uses whose answer to take; absent for the better one
 * @param stockM lengths on hand of the material, each once; absent for a plan without
 * @param kerfM what the saw takes
 * @param antennas how many alike are cut from the stock; absent for one
 */
public record SheetRequest(
        @NotNull String kind,
        @NotNull double frequencyHz,
        @Size(max = 100) Map<String, Double> numbers,
        @Size(max = 100) Map<String, String> choices,
        Uses uses,

        @Size(max = 60, message = "{wrong.MANY}") List<Double> stockM,

        Double kerfM,

        @Min(value = 1, message = "{wrong.HOW_MANY}") @Max(value = 50, message = "{wrong.HOW_MANY}")
        Integer antennas) {

    /** Overlap of a soldered splice. */
    static final double SPLICE_M = 0.02;

    CutKind cutKind() {
        return Designs.ALL.sheet(kind).orElseThrow(() -> UserProblem.notFound(Missing.KIND_OF_ANTENNA));
    }

    Inputs inputs() {
        try {
            return Inputs.of(
                    cutKind(), frequencyHz, numbers == null ? Map.of() : numbers, choices == null ? Map.of() : choices);
        } catch (InputException e) {
            throw UserProblem.atField(e.field(), e);
        }
    }

    Uses usesWanted() {
        return uses == null ? Uses.BEST : uses;
    }

    double[] stock() {
        return stockM == null
                ? new double[0]
                : stockM.stream().mapToDouble(Double::doubleValue).toArray();
    }

    int howMany() {
        return antennas == null ? 1 : antennas;
    }

    double kerf() {
        return kerfM == null ? 0 : kerfM;
    }

    /** A shape that is tried: every dimension must be there and above 0. */
    record Curve(
            @NotNull @Valid SheetRequest sheet,
            @NotNull @Size(max = 100) Map<String, Double> shape,
            Integer band) {

        Shape shapeOf(Inputs in) {
            Shape all = Shape.start(sheet.cutKind().dimensions(in));
            for (Map.Entry<String, Double> d : shape.entrySet()) {
                if (!(d.getValue() >= 0) || Double.isInfinite(d.getValue())) {
                    throw UserProblem.atField(d.getKey(), Refused.DIMENSION.of());
                }
                try {
                    all = all.with(d.getKey(), d.getValue());
                } catch (InputException e) {
                    throw UserProblem.atField(e.field(), e);
                }
            }
            return all;
        }
    }

    /**
     * A number that is varied, with the antenna tuned again each time.
     *
     * @param input its id
     * @param from first value
     * @param to last value
     * @param steps how many values
     */
    record Row(
            @NotNull @Valid SheetRequest sheet,
            @NotNull String input,
            @NotNull double from,
            @NotNull double to,
            @NotNull int steps) {

        double[] values() {
            if (steps < 2 || steps > 15 || !(to > from)) {
                throw UserProblem.atField("steps", Refused.STEPS.of());
            }
            Input varied = sheet.cutKind().inputs(sheet.frequencyHz()).stream()
                    .filter(i -> i.id().equals(input) && !i.isChoice())
                    .findFirst()
                    .orElseThrow(() -> UserProblem.atField("input", Refused.NO_SUCH_INPUT.of(input)));
            if (from < varied.lowest() * (1 - 1e-9) || to > varied.highest() * (1 + 1e-9)) {
                throw UserProblem.atField("input", Refused.OUTSIDE.of(varied.title()));
            }
            double[] all = new double[steps];
            for (int i = 0; i < steps; i++) {
                all[i] = from + (to - from) * i / (steps - 1);
            }
            return all;
        }
    }
}
