package dorada.core.antenna;

import dorada.core.rf.Impedance;

/** An antenna whose feed impedance can be computed: a simple formula now, a solved wire structure where there is one. */
@FunctionalInterface
public interface AntennaModel {

    /**
     * Impedance at the antenna's own connector.
     *
     * @param frequencyHz above 0, in Hz
     * @param lengthM the adjustable length as a rule measures it, in metres, above 0
     */
    Impedance impedanceAt(double frequencyHz, double lengthM);
}
