package dorada.core.planning;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Inputs;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a plan can come to. An antenna's design offers it; what is planned is what its sheet cuts and what an installation of it
 * is tuned as.
 */
public abstract class Candidate {

    /** Below, the ground is part of the antenna; above, it is many wavelengths away. */
    public static final double LOW_BAND_HZ = 60e6;

    public static final Set<Carrier> ON_ANYTHING =
            Set.of(Carrier.VEHICLE, Carrier.AIRCRAFT, Carrier.MAST, Carrier.INDOOR, Carrier.PORTABLE);

    /** What it must have under it. */
    public enum Needs {
        METAL,
        NO_METAL,
        NOTHING
    }

    private final AntennaKind kind;
    private final String id;
    private final String title;
    private final String claim;
    private final int effort;
    private final Needs needs;
    private final Set<Carrier> carriers;

    /**
     * @param kind what an installation of it is tuned as
     * @param id stable, in capitals
     * @param title as it stands in a sentence
     * @param claim what the trade says of it: what people say, common practice without a source
     * @param effort 1 (fit and cut once) to 3 (two controls to tune)
     */
    protected Candidate(
            AntennaKind kind, String id, String title, String claim, int effort, Needs needs, Set<Carrier> carriers) {
        this.kind = kind;
        this.id = id;
        this.title = title;
        this.claim = claim;
        this.effort = effort;
        this.needs = needs;
        this.carriers = Set.copyOf(carriers);
    }

    public final String id() {
        return id;
    }

    public final String title() {
        return title;
    }

    /** What the trade says of it. */
    public final String claim() {
        return claim;
    }

    /** 1 (fit and cut once) to 3 (two controls to tune). */
    public final int effort() {
        return effort;
    }

    public final Needs needs() {
        return needs;
    }

    /** What an installation of it is tuned as. */
    public final AntennaKind kind() {
        return kind;
    }

    /** True where it is worth a line in the list. */
    public boolean suits(Need need) {
        return carriers.contains(need.carrier());
    }

    /** Above 0 where it is what one usually fits there, below 0 where it is not. */
    public int fit(Need need) {
        return 0;
    }

    /** What there is to know about it there. */
    public Optional<String> reason(Need need) {
        return Optional.empty();
    }

    /**
     * What its sheet is asked for, with the material on hand.
     *
     * @param numbers that are not as usual, in SI units
     */
    public record Ask(CutKind sheet, Map<String, Double> numbers, Map<String, String> choices) {

        public Ask {
            numbers = Map.copyOf(numbers);
            choices = Map.copyOf(choices);
        }

        /** @throws dorada.core.cutsheet.InputException where the sheet can't be made of that, as a sentence */
        public Inputs at(double frequencyHz) {
            return Inputs.of(sheet, frequencyHz, numbers, choices);
        }
    }

    public abstract Ask ask(Place place);

    /** Its wires where it will stand. */
    public abstract CandidateModel model(Place place);

    @Override
    public String toString() {
        return id;
    }
}
