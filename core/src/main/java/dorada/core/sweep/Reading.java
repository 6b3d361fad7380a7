package dorada.core.sweep;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;

/**
 * What a sweep says at one frequency.
 *
 * @param frequencyHz where, in Hz
 * @param reflection Γ there, re 50 Ω
 */
public record Reading(double frequencyHz, Reflection reflection) {

    public double swr() {
        return reflection.swr();
    }

    public double returnLossDb() {
        return reflection.returnLossDb();
    }

    public Impedance impedance() {
        return reflection.impedance(Sweep.STANDARD_REFERENCE_OHM);
    }
}
