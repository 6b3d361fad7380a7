package dorada.core.planning;

import dorada.core.antenna.Carrier;
import java.util.EnumSet;
import java.util.Set;

/** What there is to choose from. Claims are what people say, common practice without a source. */
public enum Candidate {
    QUARTER_WAVE("quarter-wave whip", 0.25, "what the others are held against", 1, Needs.METAL, all()),
    FIVE_EIGHTHS("5/8-wave whip with a coil", 0.63, "3 dB over a quarter-wave, many say", 3, Needs.METAL, all()),
    HALF_WAVE(
            "half-wave whip with a transformer",
            0.5,
            "needs no ground; no gain over a quarter-wave",
            2,
            Needs.NOTHING,
            all()),
    LOADED_WHIP("base-loaded whip, 1.3 m", 0, "shorter, narrower, some loss", 2, Needs.METAL, all()),
    RADIALS("quarter-wave on four drooping radials", 0.25, "about 50 Ω by itself", 2, Needs.NO_METAL, all()),
    J_POLE(
            "tube J-pole",
            0.75,
            "a half-wave that needs no radials",
            3,
            Needs.NO_METAL,
            EnumSet.of(Carrier.MAST, Carrier.PORTABLE)),
    RIBBON_J_POLE(
            "ribbon J-pole, rolled up",
            0.75,
            "weighs nothing, hangs from a branch",
            3,
            Needs.NO_METAL,
            EnumSet.of(Carrier.PORTABLE, Carrier.INDOOR)),
    DIPOLE(
            "half-wave dipole",
            0.5,
            "nothing simpler; what gains are told against",
            2,
            Needs.NO_METAL,
            EnumSet.of(Carrier.MAST, Carrier.PORTABLE, Carrier.INDOOR)),
    LOOP(
            "full-wave loop with a balun",
            1,
            "a little gain, and quiet",
            2,
            Needs.NO_METAL,
            EnumSet.of(Carrier.PORTABLE, Carrier.INDOOR)),
    FOLDED_VERTICAL(
            "vertical with its top folded down, a coil across its feed",
            0.25,
            "fold three times what is missing",
            3,
            Needs.NO_METAL,
            EnumSet.of(Carrier.INDOOR)),
    BEAM(
            "beam of three elements",
            0.5,
            "7 dB over a dipole, many say",
            3,
            Needs.NO_METAL,
            EnumSet.of(Carrier.MAST, Carrier.PORTABLE)),
    HANDHELD_ROD(
            "quarter-wave rod on the set",
            0.25,
            "better than the short one",
            1,
            Needs.NOTHING,
            EnumSet.of(Carrier.HANDHELD)),
    HANDHELD_COUNTERPOISE(
            "rod on the set with a hanging counterpoise",
            0.25,
            "steadies it; leans the signal its way",
            2,
            Needs.NOTHING,
            EnumSet.of(Carrier.HANDHELD));

    /** What it must have under it. */
    enum Needs {
        METAL,
        NO_METAL,
        NOTHING
    }

    private final String title;
    private final double waves;
    private final String claim;
    private final int effort;
    private final Needs needs;
    private final Set<Carrier> carriers;

    Candidate(String title, double waves, String claim, int effort, Needs needs, Set<Carrier> carriers) {
        this.title = title;
        this.waves = waves;
        this.claim = claim;
        this.effort = effort;
        this.needs = needs;
        this.carriers = carriers;
    }

    private static Set<Carrier> all() {
        return EnumSet.of(Carrier.VEHICLE, Carrier.AIRCRAFT, Carrier.MAST, Carrier.INDOOR, Carrier.PORTABLE);
    }

    public String title() {
        return title;
    }

    /** What the trade says of it. */
    public String claim() {
        return claim;
    }

    /** 1 (fit and cut once) to 3 (two controls to tune). */
    public int effort() {
        return effort;
    }

    Needs needs() {
        return needs;
    }

    /** True where it is worth a line in the list for this carrier. */
    boolean suits(Carrier carrier) {
        return carriers.contains(carrier);
    }

    /** Of the whole antenna, by rule, in metres. */
    double lengthM(double waveM) {
        return this == LOADED_WHIP ? 1.3 : waves * waveM * 0.96;
    }
}
