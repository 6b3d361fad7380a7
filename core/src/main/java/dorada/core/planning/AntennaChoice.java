package dorada.core.planning;

import dorada.core.antenna.Carrier;
import dorada.core.planning.Candidate.Needs;
import dorada.core.planning.Need.Material;
import dorada.core.planning.Need.Target;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Which antennas suit these channels on this carrier, said at once by rule and length; {@link AntennaTrial} solves them. */
public final class AntennaChoice {

    private static final double LOW_BAND_HZ = CandidateModel.LOW_BAND_HZ;
    /** A loaded whip stands on a vehicle; anything more than this tall is remarked on. */
    private static final double TALL_M = 3;

    private static final double FOOT_M = 0.3048;

    private AntennaChoice() {}

    /**
     * @param lengthM about
     * @param tipM height of the tip above the ground
     * @param reasons for and against
     * @param excluded why it can't be; empty where it can
     */
    public record Assessment(
            Candidate candidate, double lengthM, double tipM, List<String> reasons, Optional<String> excluded) {}

    /** Candidates for this need, the likeliest first, the excluded last with their reason. */
    public static List<Assessment> rank(Need need) {
        List<Assessment> all = new ArrayList<>();
        for (Candidate c : Candidate.values()) {
            if (isWorthALine(need, c)) {
                all.add(assess(need, c));
            }
        }
        all.sort(Comparator.comparing((Assessment a) -> a.excluded().isPresent())
                .thenComparing(a -> -fit(need, a.candidate()))
                .thenComparing(a -> a.candidate().effort()));
        return all;
    }

    private static boolean isWorthALine(Need need, Candidate c) {
        double hz = need.band().middleHz();
        return c.suits(need.carrier())
                && !(c == Candidate.LOADED_WHIP && hz > LOW_BAND_HZ)
                && !(c == Candidate.FIVE_EIGHTHS && hz < LOW_BAND_HZ)
                && !(c == Candidate.FOLDED_VERTICAL && hz > LOW_BAND_HZ);
    }

    /** Greater for what is usually fitted there. */
    private static int fit(Need need, Candidate c) {
        int fit = (c.needs() == Needs.METAL) == need.hasGroundPlane() ? 1 : 0;
        if (c == Candidate.BEAM) {
            fit += need.aim().target() == Target.ONE_STATION ? 2 : -1;
        }
        if (need.carrier() == Carrier.INDOOR && CandidateModel.isMadeOfWire(c)) {
            fit++;
        }
        return fit;
    }

    private static Assessment assess(Need need, Candidate c) {
        CandidateModel model = new CandidateModel(c, need);
        double length = model.usualLengthM();
        double tip = model.usualTopM();
        Optional<String> excluded = excluded(need, c, tip).or(model::tooBig);
        return new Assessment(c, length, tip, reasons(need, c, tip), excluded);
    }

    private static Optional<String> excluded(Need need, Candidate c, double tipM) {
        if (c.needs() == Needs.METAL && !need.hasGroundPlane()) {
            return Optional.of(
                    "Needs metal under it, a quarter-wave out in every direction: make a ground plane first.");
        }
        if (c.needs() == Needs.NO_METAL && need.hasGroundPlane()) {
            return Optional.of("The metal below is the ground plane already: radials would only be in the way.");
        }
        if (need.clearanceM() > 0 && tipM > need.clearanceM()) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "Its tip would be at %s, above the clearance of %s.",
                    both(tipM),
                    both(need.clearanceM())));
        }
        return Optional.empty();
    }

    private static List<String> reasons(Need need, Candidate c, double tipM) {
        List<String> reasons = new ArrayList<>();
        double lacksM = need.waveM() / 4 - need.surface().leastReachM();
        if (c.needs() == Needs.METAL && need.hasGroundPlane() && lacksM > 0.02 * need.waveM()) {
            reasons.add(String.format(
                    Locale.ROOT, "The metal ends %.0f cm short of a quarter-wave on its nearest side.", lacksM * 100));
        }
        if (need.standsOnSurface() && need.surface().material() == Material.COMPOSITE && c == Candidate.RADIALS) {
            reasons.add("Carbon in a composite conducts a little and hides what is under it: fit outside it.");
        }
        if (need.standsOnSurface() && need.surface().material() == Material.TUBE_FRAME && c == Candidate.RADIALS) {
            reasons.add("Bond the radials to the frame's tubes where they cross.");
        }
        switch (c) {
            case HALF_WAVE ->
                reasons.add("Needs no metal roof; twice as long as a quarter-wave; its transformer must be tuned.");
            case FIVE_EIGHTHS ->
                reasons.add("Two and a half times as long as a quarter-wave; length and coil are both tuned.");
            case RADIALS -> reasons.add("Brings its own ground plane: wide, but independent of the surface.");
            case J_POLE -> reasons.add("Two controls, length and tap; no radials in the way.");
            case RIBBON_J_POLE -> reasons.add("Rolls up; tune it hung up, and inside its tube if it gets one.");
            case DIPOLE ->
                reasons.add(
                        new CandidateModel(c, need).isUpright()
                                ? "Upright; lead the feedline away level for a quarter-wave, with a choke."
                                : "Level: polarised across, weak off its ends.");
            case LOOP -> reasons.add("Fed at the bottom it is polarised across; 4:1 or 2:1 balun by what is measured.");
            case FOLDED_VERTICAL -> reasons.add("The fold lowers the resistance: what the wires show, not the rule.");
            case BEAM ->
                reasons.add(
                        need.aim().target() == Target.ONE_STATION
                                ? String.format(
                                        Locale.ROOT,
                                        "Point its directors to %.0f°.",
                                        need.aim().bearingDeg())
                                : "It serves one direction only.");
            case HANDHELD_ROD -> reasons.add("The set is the other half: hand and body move the reading.");
            case HANDHELD_COUNTERPOISE -> reasons.add("A quarter-wave of wire from the connector's ring, bent down.");
            default -> {}
        }
        if (need.carrier() == Carrier.VEHICLE && tipM >= TALL_M) {
            reasons.add("Tip at " + both(tipM) + ": mind bridges, doors and branches.");
        }
        return reasons;
    }

    private static String both(double metres) {
        return String.format(Locale.ROOT, "%.2f m (%.1f ft)", metres, metres / FOOT_M);
    }
}
