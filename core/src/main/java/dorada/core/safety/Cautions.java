package dorada.core.safety;

import dorada.core.acceptance.TransmitLimit;
import dorada.core.antenna.Carrier;
import dorada.core.instrument.ReadingKind;
import dorada.core.safety.Caution.Id;
import dorada.core.safety.Situation.Stage;
import dorada.core.safety.Situation.Transmit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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

    public static List<Caution> of(Situation s) {
        List<Caution> all = new ArrayList<>();
        s.transmits().forEach(t -> transmit(t, all));
        if (s.isAboutToCut()) {
            all.add(Caution.of(Id.CUTTING));
        }
        if (is(s, Carrier.VEHICLE) && s.stage() == Stage.PLANNING) {
            all.add(Caution.of(Id.DRILLING));
        }
        if (is(s, Carrier.AIRCRAFT)) {
            all.add(Caution.of(Id.AIRWORTHINESS));
        }
        boolean isRaised = is(s, Carrier.MAST) || is(s, Carrier.PORTABLE) || s.totalHeightM() > 0;
        if (isRaised) {
            all.add(new Caution(Id.POWER_LINES, Map.of("distanceM", powerLineDistanceM(s.totalHeightM()))));
        }
        if (is(s, Carrier.MAST) || s.totalHeightM() >= STANDS_UP_M) {
            all.add(Caution.of(Id.LIGHTNING));
        }
        boolean isHeld = s.atBody() || is(s, Carrier.HANDHELD);
        if (isHeld) {
            all.add(Caution.of(Id.HELD_AT_THE_BODY));
        }
        boolean isSent = s.stage() == Stage.PLANNING
                || s.method().filter(Cautions::transmits).isPresent();
        if (!isHeld && s.ratedW() >= HIGH_POWER_W && isSent) {
            all.add(Caution.of(Id.RF_BURNS));
        }
        if (s.stage() == Stage.PLANNING) {
            all.add(Caution.of(Id.LOCAL_CODES));
        } else {
            all.add(Caution.of(
                    s.method().filter(Cautions::transmits).isPresent()
                            ? Id.WHILE_READING_A_METER
                            : Id.INTO_AN_ANALYSER));
        }
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

    private static void transmit(Transmit t, List<Caution> all) {
        if (!t.unread().isEmpty()) {
            all.add(new Caution(
                    Id.CHANNELS_UNREAD, Map.of("radio", t.radio(), "channels", String.join(", ", t.unread()))));
        }
        if (!t.limit().allowed()) {
            // That a channel is unread forbids it as well; an SWR is named only where it does.
            if (t.unread().isEmpty() || t.worstSwr() >= TransmitLimit.DO_NOT_TRANSMIT_SWR) {
                all.add(new Caution(Id.DO_NOT_TRANSMIT, Map.of("radio", t.radio(), "swr", t.worstSwr())));
            }
        } else if (t.limit().reduced()) {
            all.add(new Caution(
                    Id.REDUCED_POWER,
                    Map.of("radio", t.radio(), "powerW", t.limit().powerW(), "ceilingSwr", t.ceilingSwr())));
        }
    }
}
