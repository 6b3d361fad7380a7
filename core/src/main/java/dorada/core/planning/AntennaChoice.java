package dorada.core.planning;

import dorada.core.antenna.Carrier;
import dorada.core.cutsheet.InputException;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.planning.Candidate.Needs;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which antennas suit these channels on this carrier, said at once by rule and length; {@link AntennaTrial} solves them. */
public final class AntennaChoice {

    /** A loaded whip stands on a vehicle; anything more than this tall is remarked on. */
    private static final double TALL_M = 3;

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
            List<Outcome> reasons,
            Optional<Outcome> excluded) {}

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
            return new Assessment(c, about, need.mountHeightM() + about, ask, List.of(), Optional.of(e.outcome()));
        }
    }

    private static Optional<Outcome> tooBig(Need need, CandidateModel model) {
        double height = need.room().heightM();
        double up = model.roomHeightM();
        return need.carrier() == Carrier.INDOOR && height > 0 && up > height
                ? Optional.of(Said.TOO_HIGH_FOR_THE_ROOF.of(up, height))
                : Optional.empty();
    }

    private static Optional<Outcome> excluded(Need need, Candidate c, double tipM) {
        if (c.needs() == Needs.METAL && !need.hasGroundPlane()) {
            return Optional.of(Said.NEEDS_METAL.of());
        }
        if (c.needs() == Needs.NO_METAL && need.hasGroundPlane()) {
            return Optional.of(Said.METAL_IS_THERE.of());
        }
        if (need.clearanceM() > 0 && tipM > need.clearanceM()) {
            return Optional.of(Said.ABOVE_THE_CLEARANCE.of(tipM, need.clearanceM()));
        }
        return Optional.empty();
    }

    private static List<Outcome> reasons(Need need, Candidate c, double tipM) {
        List<Outcome> reasons = new ArrayList<>();
        double lacksM = need.waveM() / 4 - need.surface().leastReachM();
        if (c.needs() == Needs.METAL && need.hasGroundPlane() && lacksM > 0.02 * need.waveM()) {
            reasons.add(Said.SHORT_OF_METAL.of(lacksM));
        }
        c.remark(need).ifPresent(reasons::add);
        if (need.carrier() == Carrier.VEHICLE && tipM >= TALL_M) {
            reasons.add(Said.TALL.of(tipM));
        }
        return reasons;
    }

    /** Said for and against. */
    private enum Said implements OutcomeId {
        TOO_HIGH_FOR_THE_ROOF("upLongM", "roofLongM"),
        NEEDS_METAL,
        METAL_IS_THERE,
        ABOVE_THE_CLEARANCE("tipLongM", "clearanceLongM"),
        SHORT_OF_METAL("lacksM"),
        TALL("tipLongM");

        private final List<String> takes;

        Said(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "fitness";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
