package dorada.core.safety;

import dorada.core.acceptance.TransmitLimit;
import dorada.core.antenna.Carrier;
import dorada.core.instrument.ReadingKind;
import dorada.core.outcome.Outcome;
import dorada.core.safety.Situation.Stage;
import dorada.core.safety.Situation.Transmit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** The cautions of a situation, the most urgent first. */
public final class Cautions {

    /** Distance to overhead power lines as a multiple of the total height; common practice, no source. */
    private static final double POWER_LINE_HEIGHTS = 1.5;

    private static final double HIGH_POWER_W = 10;

    /** A mast that is at least so high is bonded; common practice, no source. */
    private static final double STANDS_UP_M = 3;

    private Cautions() {}

    /** Metres to keep from overhead power lines while something of this height is raised or could fall. */
    public static double powerLineDistanceM(double totalHeightM) {
        return POWER_LINE_HEIGHTS * totalHeightM;
    }

    public static List<Outcome> of(Situation s) {
        List<Outcome> all = new ArrayList<>();
        s.transmits().forEach(t -> transmit(t, all));
        if (s.isAboutToCut()) {
            all.add(Caution.CUTTING.of());
        }
        if (is(s, Carrier.VEHICLE) && s.stage() == Stage.PLANNING) {
            all.add(Caution.DRILLING.of());
        }
        if (is(s, Carrier.AIRCRAFT)) {
            all.add(Caution.AIRWORTHINESS.of());
        }
        boolean isRaised = is(s, Carrier.MAST) || is(s, Carrier.PORTABLE) || s.totalHeightM() > 0;
        if (isRaised) {
            all.add(
                    s.totalHeightM() > 0
                            ? Caution.POWER_LINES.of(powerLineDistanceM(s.totalHeightM()))
                            : Caution.POWER_LINES_ANY_HEIGHT.of());
        }
        if (is(s, Carrier.MAST) || s.totalHeightM() >= STANDS_UP_M) {
            all.add(Caution.LIGHTNING.of());
        }
        boolean isHeld = s.atBody() || is(s, Carrier.HANDHELD);
        if (isHeld) {
            all.add(Caution.HELD_AT_THE_BODY.of());
        }
        boolean isSent = s.stage() == Stage.PLANNING
                || s.method().filter(Cautions::transmits).isPresent();
        if (!isHeld && s.ratedW() >= HIGH_POWER_W && isSent) {
            all.add(Caution.RF_BURNS.of());
        }
        all.add(
                switch (s.stage()) {
                    case PLANNING -> Caution.LOCAL_CODES.of();
                    case TUNING ->
                        s.method().filter(Cautions::transmits).isPresent()
                                ? Caution.WHILE_READING_A_METER.of()
                                : Caution.INTO_AN_ANALYSER.of();
                    case CALLING -> Caution.CALLING.of();
                    case AT_THE_BENCH -> Caution.INTO_A_DUMMY_LOAD.of();
                });
        return all;
    }

    private static boolean is(Situation s, Carrier carrier) {
        return s.carrier().filter(Predicate.isEqual(carrier)).isPresent();
    }

    /** Meters are read while the radio sends; an analyser, swept or on a dial, dies of that. */
    private static boolean transmits(ReadingKind kind) {
        return switch (kind) {
            case INLINE_METER, WATTMETER, RADIO_METER -> true;
            case CALIBRATED_ANALYSER, DECLARED_ANALYSER, UNCALIBRATED_ANALYSER, DIAL_ANALYSER -> false;
        };
    }

    private static void transmit(Transmit t, List<Outcome> all) {
        boolean isNamed = !t.radio().isEmpty();
        if (!t.unread().isEmpty()) {
            all.add(
                    isNamed
                            ? Caution.CHANNELS_UNREAD_WITH.of(t.radio(), t.unread())
                            : Caution.CHANNELS_UNREAD.of(t.unread()));
        }
        if (!t.limit().allowed()) {
            // That a channel is unread forbids it as well; an SWR is named only where it does.
            if (t.unread().isEmpty() || t.worstSwr() >= TransmitLimit.DO_NOT_TRANSMIT_SWR) {
                all.add(
                        isNamed
                                ? Caution.DO_NOT_TRANSMIT_WITH.of(t.radio(), t.worstSwr())
                                : Caution.DO_NOT_TRANSMIT.of(t.worstSwr()));
            }
        } else if (t.limit().reduced()) {
            all.add(
                    isNamed
                            ? Caution.REDUCED_POWER_WITH.of(t.radio(), t.limit().powerW())
                            : Caution.REDUCED_POWER.of(t.limit().powerW(), t.ceilingSwr()));
        }
    }
}
