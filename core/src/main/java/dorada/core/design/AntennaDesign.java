package dorada.core.design;

import dorada.core.antenna.AntennaKind;
import dorada.core.cutsheet.CutKind;
import dorada.core.planning.Candidate;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.VirtualInstallation;
import java.util.List;

/** One kind of antenna: all that Dorada knows of it, in one place. */
public abstract class AntennaDesign {

    private final AntennaKind kind;
    private final CutKind sheet;

    /**
     * @param kind how it is named, what is adjusted, and how it answers
     * @param sheet what it is cut by
     */
    protected AntennaDesign(AntennaKind kind, CutKind sheet) {
        this.kind = kind;
        this.sheet = sheet;
    }

    /** How it is named, what is adjusted, and how it answers. */
    public final AntennaKind kind() {
        return kind;
    }

    /** What it is cut by. */
    public final CutKind sheet() {
        return sheet;
    }

    /** Other sheets that make such an antenna, of other material. */
    public List<CutKind> otherSheets() {
        return List.of();
    }

    /** As what it is offered in a plan; empty where one chooses it only by name. */
    public List<Candidate> candidates() {
        return List.of();
    }

    /** A simulated one, somewhat too long for {@code frequencyHz}; the same seed gives the same antenna. */
    public abstract StandIn standIn(double frequencyHz, long seed);

    /**
     * The same for wanted bands: made for the lowest, unless there is a piece for each.
     *
     * @param bandsHz middle of each band in Hz, ascending
     */
    public StandIn standIn(double[] bandsHz, long seed) {
        return standIn(bandsHz[0], seed);
    }

    /** Ready-made ones to practise on. */
    public List<VirtualInstallation> installations() {
        return List.of();
    }
}
