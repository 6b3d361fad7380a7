package dorada.core.planning;

import dorada.core.antenna.Carrier;
import dorada.core.cutsheet.InputException;
import dorada.core.planning.Candidate.Needs;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Which antennas suit these channels on this carrier, said at once by rule and length; {@link AntennaTrial} solves them. */
public final class AntennaChoice {

    /** A loaded whip stands on a vehicle; anything more than this tall is remarked on. */
    private static final double TALL_M = 3;

    private static final double FOOT_M = 0.3048;

    private AntennaChoice() {}

    /**
     * @param lengthM of what is cut, by rule
     * @param tipM height of the tip above the ground
     * @param ask what its sheet is asked for
     * @param reasons for and against
     * @param excluded why it can't be; empty where it can
     */
    public record Assessment(
            Candidate candidate,
            double lengthM,
            double tipM,
            Candidate.Ask ask,
            List<String> reasons,
            Optional<String> excluded) {}

    /** Those of {@code candidates} that are worth a line for this need, the likeliest first, the excluded last with their reason. */
    public static List<Assessment> rank(List<Candidate> candidates, Need need) {
        List<Assessment> all = new ArrayList<>();
        for (Candidate c : candidates) {
            if (c.suits(need)) {
                all.add(assess(need, c));
            }
        }
        all.sort(Comparator.comparing((Assessment a) -> a.excluded().isPresent())
                .thenComparing(a -> -fit(need, a.candidate()))
                .thenComparing(a -> a.candidate().effort()));
        return all;
    }

    /** Greater for what is usually fitted there. */
    private static int fit(Need need, Candidate c) {
        return c.fit(need) + ((c.needs() == Needs.METAL) == need.hasGroundPlane() ? 1 : 0);
    }

    private static Assessment assess(Need need, Candidate c) {
        Place place = new Place(need);
        Candidate.Ask ask = c.ask(place);
        try {
            CandidateModel model = c.model(place);
            double tip = need.mountHeightM() + model.topM();
            return new Assessment(
                    c,
                    model.ruleM(),
                    tip,
                    ask,
                    reasons(need, c, tip),
                    excluded(need, c, tip).or(() -> tooBig(need, model)));
        } catch (InputException e) {
            double about = c.kind().usualLengthM(need.band().middleHz());
            return new Assessment(c, about, need.mountHeightM() + about, ask, List.of(), Optional.of(e.getMessage()));
        }
    }

    private static Optional<String> tooBig(Need need, CandidateModel model) {
        double height = need.room().heightM();
        double up = model.roomHeightM();
        return need.carrier() == Carrier.INDOOR && height > 0 && up > height
                ? Optional.of(String.format(
                        Locale.ROOT, "It needs %.2f m of height; under this roof there are %.2f m.", up, height))
                : Optional.empty();
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
        c.reason(need).ifPresent(reasons::add);
        if (need.carrier() == Carrier.VEHICLE && tipM >= TALL_M) {
            reasons.add("Tip at " + both(tipM) + ": mind bridges, doors and branches.");
        }
        return reasons;
    }

    private static String both(double metres) {
        return String.format(Locale.ROOT, "%.2f m (%.1f ft)", metres, metres / FOOT_M);
    }
}
