package dorada.server.sweep;

import dorada.core.sweep.Sweep;
import dorada.server.problem.UserProblem;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A sweep re 50 Ω as it travels between the page and the server.
 *
 * @param frequencyHz ascending, in Hz
 * @param re real parts of Γ; |Γ| where {@code hasPhase} is false
 * @param im imaginary parts; 0 where {@code hasPhase} is false
 * @param hasPhase false for SWR or return loss alone
 */
public record TraceData(
        @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
        double[] frequencyHz,

        @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
        double[] re,

        @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
        double[] im,

        @NotNull boolean hasPhase) {

    /** As many as a file may have. */
    public static final int MOST_POINTS = 100_001;

    public static final String TOO_MANY = "{wrong.POINTS_AT_ONCE}";

    public static TraceData of(Sweep sweep) {
        Sweep shown = sweep.renormalised(Sweep.STANDARD_REFERENCE_OHM);
        return new TraceData(shown.frequenciesHz(), shown.re(), shown.im(), shown.hasPhase());
    }

    /** @throws UserProblem at {@code field} where it is no sweep */
    public Sweep sweep(String field) {
        if (frequencyHz == null || re == null || im == null) {
            throw UserProblem.atField(field, "A trace needs frequencyHz, re and im.");
        }
        if (frequencyHz.length > MOST_POINTS) {
            throw UserProblem.atField(field, "A trace has at most " + MOST_POINTS + " points.");
        }
        try {
            return hasPhase
                    ? new Sweep(frequencyHz, re, im, Sweep.STANDARD_REFERENCE_OHM)
                    : Sweep.ofMagnitudes(frequencyHz, re);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField(field, e);
        }
    }

    /** One point as scripts send it. */
    public record SampleRequest(
            @NotNull Double frequencyHz,
            @NotNull Double re,
            @NotNull Double im) {}

    /** A complex number as scripts send it. */
    public record ComplexRequest(
            @NotNull Double re, @NotNull Double im) {}

    /**
     * Samples as a sweep.
     *
     * @param referenceOhm 50 where absent
     * @throws UserProblem at {@code field}, naming the sample that is at fault
     */
    public static Sweep sweepOf(List<SampleRequest> samples, Double referenceOhm, String field) {
        if (samples == null || samples.isEmpty()) {
            throw UserProblem.atField(field, "There are no samples: give at least one {frequencyHz, re, im}.");
        }
        int n = samples.size();
        double[] hz = new double[n];
        double[] re = new double[n];
        double[] im = new double[n];
        for (int i = 0; i < n; i++) {
            SampleRequest s = samples.get(i);
            if (s == null || s.frequencyHz == null || s.re == null || s.im == null) {
                throw UserProblem.atField(field, "Sample " + i + " needs frequencyHz, re and im.");
            }
            hz[i] = s.frequencyHz;
            re[i] = s.re;
            im[i] = s.im;
        }
        return sweepOf(hz, re, im, referenceOhm, field);
    }

    /** Reflections over {@code frequenciesHz} as a sweep re 50 Ω. */
    public static Sweep sweepOf(double[] frequenciesHz, List<ComplexRequest> reflections, String field) {
        if (reflections == null || reflections.size() != frequenciesHz.length) {
            throw UserProblem.atField(
                    field,
                    "\"" + field + "\" needs one {re, im} for each of the " + frequenciesHz.length + " frequencies.");
        }
        double[] re = new double[frequenciesHz.length];
        double[] im = new double[frequenciesHz.length];
        for (int i = 0; i < re.length; i++) {
            ComplexRequest c = reflections.get(i);
            if (c == null || c.re == null || c.im == null) {
                throw UserProblem.atField(field, "Number " + i + " of \"" + field + "\" needs re and im.");
            }
            re[i] = c.re;
            im[i] = c.im;
        }
        return sweepOf(frequenciesHz, re, im, null, field);
    }

    private static Sweep sweepOf(double[] hz, double[] re, double[] im, Double referenceOhm, String field) {
        if (hz.length > MOST_POINTS) {
            throw UserProblem.atField(field, "A sweep has at most " + MOST_POINTS + " points.");
        }
        try {
            return new Sweep(hz, re, im, referenceOhm == null ? Sweep.STANDARD_REFERENCE_OHM : referenceOhm);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField(field, e);
        }
    }
}
