package dorada.core.radio;

import dorada.core.outcome.OutcomeId;
import java.util.ArrayList;
import java.util.List;

/** What a spurious emission usually comes from, by where it lies (common practice, no source). */
public enum SpuriousCause implements OutcomeId {
    /** A whole multiple of the carrier: its output filter. */
    HARMONIC,
    /** Half of the carrier or one and a half times it: a multiplier before the output. */
    SUBHARMONIC,
    /** Within a few mains cycles: ripple on the supply. */
    MAINS_RIPPLE,
    /** A channel step or its multiple beside the carrier. */
    SYNTHESISER_STEP,
    /** Tens to hundreds of kilohertz beside the carrier. */
    SWITCHING_SUPPLY,
    /** None of these: mixing in the radio, or in the instrument that looks. */
    MIXING;

    private static final double SAME_SHARE = 0.001;
    private static final double MOST_RIPPLE_HZ = 400;
    private static final double LEAST_SWITCHING_HZ = 15e3;
    private static final double MOST_SWITCHING_HZ = 1.5e6;
    private static final double[] STEPS_HZ = {5e3, 6.25e3, 12.5e3, 25e3};
    private static final double STEP_DOUBT_HZ = 100;
    private static final double MOST_STEP_HZ = 100e3;

    @Override
    public String area() {
        return "spurious";
    }

    /**
     * The usual causes of an emission at {@code atHz} beside a carrier at {@code carrierHz}, the likelier first; never none. One that
     * can be seen on both sides alike tells no less by being read on one.
     */
    public static List<SpuriousCause> of(double carrierHz, double atHz) {
        double ratio = atHz / carrierHz;
        double offHz = Math.abs(atHz - carrierHz);
        if (ratio > 1.5 + SAME_SHARE && Math.abs(ratio - Math.rint(ratio)) < SAME_SHARE * ratio) {
            return List.of(HARMONIC);
        }
        if (Math.abs(ratio - 0.5) < SAME_SHARE || Math.abs(ratio - 1.5) < SAME_SHARE) {
            return List.of(SUBHARMONIC);
        }
        if (offHz <= MOST_RIPPLE_HZ) {
            return List.of(MAINS_RIPPLE);
        }
        List<SpuriousCause> fitting = new ArrayList<>();
        if (isOnAStep(offHz)) {
            fitting.add(SYNTHESISER_STEP);
        }
        if (offHz >= LEAST_SWITCHING_HZ && offHz <= MOST_SWITCHING_HZ) {
            fitting.add(SWITCHING_SUPPLY);
        }
        if (fitting.isEmpty()) {
            fitting.add(MIXING);
        }
        return List.copyOf(fitting);
    }

    private static boolean isOnAStep(double offHz) {
        for (double step : STEPS_HZ) {
            double steps = Math.rint(offHz / step);
            if (steps >= 1 && offHz <= MOST_STEP_HZ && Math.abs(offHz - steps * step) <= STEP_DOUBT_HZ) {
                return true;
            }
        }
        return false;
    }
}
