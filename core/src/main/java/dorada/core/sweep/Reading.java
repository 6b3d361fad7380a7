package dorada.core.sweep;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import java.util.Optional;

/**
 * What a measurement says at one frequency.
 *
 * @param frequencyHz where, in Hz
 * @param reflection Γ there, re 50 Ω; |Γ| + j0 where the phase is not known
 * @param hasPhase false where only |Γ| is known
 * @param lowSwr least SWR that the reading may stand for; the reading itself where its doubt is too small to matter
 * @param highSwr greatest SWR that it may stand for, perhaps infinite
 */
public record Reading(double frequencyHz, Reflection reflection, boolean hasPhase, double lowSwr, double highSwr) {

    /** A reading with phase, as good as its sweep. */
    public Reading(double frequencyHz, Reflection reflection) {
        this(frequencyHz, reflection, true);
    }

    /** A reading as good as its sweep, which may lack the phase. */
    public Reading(double frequencyHz, Reflection reflection, boolean hasPhase) {
        this(frequencyHz, reflection, hasPhase, reflection.swr(), reflection.swr());
    }

    /** An SWR read off a scale, with its doubt. */
    public static Reading ofSwr(double frequencyHz, double swr, double lowSwr, double highSwr) {
        return new Reading(frequencyHz, new Reflection(Swr.magnitude(swr), 0), false, lowSwr, highSwr);
    }

    public double swr() {
        return reflection.swr();
    }

    public double returnLossDb() {
        return reflection.returnLossDb();
    }

    /** Empty where only |Γ| is known. */
    public Optional<Impedance> impedance() {
        return hasPhase ? Optional.of(reflection.impedance(Sweep.STANDARD_REFERENCE_OHM)) : Optional.empty();
    }

    /** True where {@code limitSwr} lies within the doubt: the reading cannot tell on which side it is. */
    public boolean leavesOpen(double limitSwr) {
        return lowSwr < highSwr && lowSwr <= limitSwr && highSwr > limitSwr;
    }
}
