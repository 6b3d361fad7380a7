package dorada.server.antenna;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * What was computed.
 *
 * @param points in the order in which the frequencies were asked for
 * @param unknowns currents that were solved for
 * @param solves frequencies that were solved; the rest is rational interpolation between them
 * @param solveMs time it took, in milliseconds
 * @param averageGain radiated power over what goes in: 1 where the solution is sound
 * @param currents magnitude of the current along the wires at the pattern's, or the middle, frequency
 * @param pattern absent where none was asked for
 */
record ModelAnswer(
        @NotNull List<ModelPoint> points,
        @NotNull int unknowns,
        @NotNull int solves,
        @NotNull double solveMs,
        @NotNull double averageGain,
        @NotNull List<Current> currents,
        Pattern pattern) {

    record ModelPoint(
            @NotNull double frequencyHz,
            @NotNull double resistanceOhm,
            @NotNull double reactanceOhm) {}

    /** @param share of the largest current, at a segment's beginning and end, 0 to 1 */
    record Current(
            @NotNull int wire,
            @NotNull double[] fromM,
            @NotNull double[] toM,
            @NotNull double[] share) {}

    record Pattern(@NotNull double maxGainDbi, @NotNull List<Cut> cuts) {}

    /** @param gainsDbi at the elevations, in dB over isotropic; −99 stands for nothing */
    record Cut(
            @NotNull double azimuthDeg,
            @NotNull double[] elevationsDeg,
            @NotNull double[] gainsDbi) {}
}
