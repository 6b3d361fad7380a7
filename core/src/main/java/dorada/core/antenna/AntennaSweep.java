package dorada.core.antenna;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.wire.FastSweep;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import java.util.List;

/** Sweeps an antenna at its own connector by solving its wires. */
public final class AntennaSweep {

    private AntennaSweep() {}

    /**
     * @param frequenciesHz ascending, in Hz
     * @throws dorada.core.wire.WireException where the wires can't be solved honestly
     */
    public static FastSweep of(Assembly antenna, double[] frequenciesHz, Watch watch) {
        return of(antenna, frequenciesHz, frequenciesHz[frequenciesHz.length - 1], watch);
    }

    /** The same, with its wires cut as finely as {@code topHz} needs, the highest of {@code frequenciesHz} or more. */
    public static FastSweep of(Assembly antenna, double[] frequenciesHz, double topHz, Watch watch) {
        Solver solver = new Solver(antenna.structure(), List.of(antenna.feed()), topHz);
        Watch goOn = share -> watch.goOn(0);
        return FastSweep.of(
                frequenciesHz,
                hz -> Reflection.of(
                        antenna.atConnector(solver.at(hz, goOn).impedance(), hz), Sweep.STANDARD_REFERENCE_OHM),
                watch);
    }
}
