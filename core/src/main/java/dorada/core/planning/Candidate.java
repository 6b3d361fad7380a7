package dorada.core.planning;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Inputs;
import dorada.core.outcome.Outcome;
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

    private static final String REMARKS = "remark.";

    /** What it must have under it. */
    public enum Needs {
        METAL,
        NO_METAL,
        NOTHING
    }

    private final AntennaKind kind;
    private final String id;
    private final int effort;
    private final Needs needs;
    private final Set<Carrier> carriers;

    /**
     * @param kind what an installation of it is tuned as
     * @param id stable, in capitals
     * @param effort 1 (fit and cut once) to 3 (two controls to tune)
     */
    protected Candidate(AntennaKind kind, String id, int effort, Needs needs, Set<Carrier> carriers) {
        this.kind = kind;
        this.id = id;
        this.effort = effort;
        this.needs = needs;
        this.carriers = Set.copyOf(carriers);
    }

    public final String id() {
        return id;
    }

    /** As it stands in a sentence. */
    public final Outcome title() {
        return new Outcome("candidate." + id, Map.of());
    }

    /** What the trade says of it: what people say, common practice without a source. */
    public final Outcome claim() {
        return new Outcome("claim." + id, Map.of());
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

    /** What there is to know about it there: in the catalogue under its id. */
    public Optional<Outcome> remark(Need need) {
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

        /** @throws dorada.core.cutsheet.InputException where the sheet can't be made of that */
        public Inputs at(double frequencyHz) {
            return Inputs.of(sheet, frequencyHz, numbers, choices);
        }
    }

    /** What {@link #remark} says where there is one thing to say. */
    protected final Optional<Outcome> remark() {
        return Optional.of(new Outcome(REMARKS + id, Map.of()));
    }

    /** What {@link #remark} says where there are several: {@code which} of them, and what it depends on. */
    protected final Optional<Outcome> remark(String which, Map<String, Object> params) {
        return Optional.of(new Outcome(REMARKS + id + "_" + which, params));
    }

    public abstract Ask ask(Place place);

    /** Its wires where it will stand. */
    public abstract CandidateModel model(Place place);

    @Override
    public String toString() {
        return id;
    }
}
