package dorada.server.trace;

import dorada.core.acceptance.UnderLimit;
import dorada.core.calibration.PortExtension;
import dorada.core.sweep.TwoPort;
import dorada.server.line.FeedlineRequest;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.TraceData;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * How a trace is to be looked at.
 *
 * @param extension absent for none
 * @param adapter what was measured of an adapter, to be taken off first; absent for none
 * @param line the feedline in front of the antenna; absent for none
 * @param view where it is looked at; AS_MEASURED where absent
 * @param window see {@code FaultView}; absent for the usual one
 * @param wantedHz absent for none
 * @param limitSwr at or under which a wanted frequency is met; absent for the usual one
 */
record LookRequest(
        @NotNull @Valid TraceData trace,
        ExtensionRequest extension,
        @Valid AdapterData adapter,
        FeedlineRequest line,
        View view,
        String window,

        @Size(max = 200, message = "{wrong.MANY}") double[] wantedHz,

        @DecimalMin(value = "1", inclusive = false, message = "{wrong.LIMIT}")
        @DecimalMax(value = "100", message = "{wrong.LIMIT}")
        Double limitSwr) {

    private static final double USUAL_LIMIT_SWR = 2;

    /** Where the antenna is looked at. */
    enum View {
        AS_MEASURED,
        /** Measured at the radio end; the line is taken off. */
        AT_ANTENNA,
        /** Measured at the antenna; the line is put on. */
        AT_RADIO
    }

    /** An adapter's S₁₁, S₂₂ and S₁₂·S₂₁. */
    record AdapterData(
            @NotNull @Valid TraceData s11,
            @NotNull @Valid TraceData s22,
            @NotNull @Valid TraceData across) {

        static AdapterData of(TwoPort t) {
            return new AdapterData(TraceData.of(t.s11()), TraceData.of(t.s22()), TraceData.of(t.across()));
        }

        TwoPort twoPort() {
            if (s11 == null || s22 == null || across == null) {
                throw UserProblem.atField("adapter", Refused.ADAPTER.of());
            }
            try {
                return new TwoPort(s11.sweep("adapter.s11"), s22.sweep("adapter.s22"), across.sweep("adapter.across"));
            } catch (IllegalArgumentException e) {
                throw UserProblem.atField("adapter", e);
            }
        }
    }

    record ExtensionRequest(@NotNull Double electricalLengthM, Double lossDbAt1GHz) {

        PortExtension extension() {
            try {
                return new PortExtension(
                        electricalLengthM == null ? 0 : electricalLengthM, lossDbAt1GHz == null ? 0 : lossDbAt1GHz);
            } catch (IllegalArgumentException e) {
                throw UserProblem.atField("extension", e);
            }
        }
    }

    View seen() {
        return view == null ? View.AS_MEASURED : view;
    }

    UnderLimit rule() {
        return new UnderLimit(limitSwr == null ? USUAL_LIMIT_SWR : limitSwr);
    }

    double[] wanted() {
        return wantedHz == null ? new double[0] : wantedHz;
    }
}
