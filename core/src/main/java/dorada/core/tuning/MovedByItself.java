package dorada.core.tuning;

import dorada.core.antenna.Carrier;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What makes an antenna read otherwise than before with nobody having changed it: what it is fitted to, and which way its dip
 * went, decide what is looked at first (common practice, no source).
 */
final class MovedByItself {

    private static final String SLIPPED = "a slipped joint, clamp or set screw";
    private static final String MEASURE = "look at the depth mark; measure the piece against what was signed off";
    private static final String WATER = "water, ice or dirt on it or in the line";
    private static final String DRY = "dry it, open the connectors and look inside, and read again";
    private static final String GROUND = "corrosion, or a bad ground under the mount";
    private static final String BARE = "clean the mount to bare metal, and read again";
    private static final String CLEAR = "clear a few metres about it, and read again";

    private MovedByItself() {}

    /** @param movedShare how far the dip moved, as a share, positive for up; NaN where that is not known */
    static List<Cause> causes(double movedShare, Optional<Carrier> carrier) {
        String evidence = Double.isNaN(movedShare)
                ? "it reads otherwise than before, and nothing was changed"
                : String.format(
                        Locale.ROOT,
                        "the dip has moved %s by about %.1f %% with nothing changed",
                        movedShare < 0 ? "down" : "up",
                        Math.abs(movedShare) * 100);
        boolean up = movedShare > 0;
        return carrier.map(c -> on(c, up, evidence)).orElseGet(() -> anywhere(up, evidence));
    }

    private static List<Cause> anywhere(boolean up, String evidence) {
        return List.of(
                new Cause(SLIPPED, evidence, MEASURE),
                new Cause(up ? GROUND : WATER, evidence, up ? BARE : DRY),
                new Cause(
                        "something new beside it: a rack, a wire, another antenna, somebody who stands there",
                        evidence,
                        CLEAR));
    }

    private static List<Cause> on(Carrier carrier, boolean up, String evidence) {
        Cause slipped = new Cause(SLIPPED, evidence, MEASURE);
        Cause water = new Cause(WATER, evidence, DRY);
        Cause ground = new Cause(GROUND, evidence, BARE);
        return switch (carrier) {
            case VEHICLE ->
                List.of(
                        up ? ground : slipped,
                        up ? slipped : water,
                        new Cause(
                                "something on the roof or an open door or lid: a rack, a box, a light bar",
                                evidence,
                                "take it off or shut it, and read again; what stays belongs to the antenna's place"));
            case HANDHELD ->
                List.of(
                        new Cause(
                                "held otherwise than before: another hand, another body, a counterpoise left off",
                                evidence,
                                "hold it as at the sign-off, and read again"),
                        new Cause(
                                "a connector that wobbles or has worn",
                                evidence,
                                "turn the rod while reading: a sound joint changes nothing"),
                        slipped);
            case AIRCRAFT ->
                List.of(
                        new Cause(
                                up
                                        ? "a bond to skin, plate or mesh that has come loose or corroded"
                                        : "water under the base, in the structure or in the line",
                                evidence,
                                "have licensed staff open and look at it, and read again"),
                        new Cause(
                                "a hatch, a tug, a ladder or another aircraft near",
                                evidence,
                                "move it into the open with everything shut, and read again"),
                        slipped);
            case MAST ->
                List.of(
                        up ? slipped : water,
                        up ? ground : slipped,
                        new Cause(
                                "another antenna, a guy or a line that is new beside it, or a radial bent by wind or birds",
                                evidence,
                                "look at it through field glasses before anybody climbs, and compare with the photo of the "
                                        + "sign-off"));
            case INDOOR ->
                List.of(
                        new Cause(
                                "something put beside it: boxes, foil, pipes, wiring, a damp roof",
                                evidence,
                                "clear a metre about each wire, and read again"),
                        new Cause(
                                "a wire that hangs otherwise: a hook that came out, an end that sagged",
                                evidence,
                                "hang it as at the sign-off; compare with the photo"),
                        new Cause(SLIPPED, evidence, MEASURE));
            case PORTABLE ->
                List.of(
                        new Cause(
                                "set up otherwise: height, slope, sag, radials, wet ground or a wet tree",
                                evidence,
                                "set it up as at the sign-off, and read again"),
                        slipped,
                        water);
        };
    }
}
