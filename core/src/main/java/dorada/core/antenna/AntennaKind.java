package dorada.core.antenna;

import dorada.core.rf.Wavelength;

/** The kinds of antenna that an installation can have, with what trimming needs to know of each. */
public enum AntennaKind {
    QUARTER_WAVE_WHIP("quarter-wave whip", "whip", true, 0.001, 0.25),
    LOADED_CB_WHIP("base-loaded CB whip with adjustable tip", "tip", false, 0.002, 0.25),
    HANDHELD_ROD("handheld rod", "rod", true, 0.001, 0.25),
    AIRBAND_WHIP("sloped airband quarter-wave", "element", true, 0.001, 0.25),
    GROUND_PLANE("ground plane on drooping radials", "radiator", true, 0.001, 0.25),
    DIPOLE("wire dipole", "each arm", true, 0.005, 0.25),
    BEAM("beam with split dipole", "each half of the driven element", false, 0.001, 0.25),
    FIVE_EIGHTHS_WHIP("5/8-wave whip with a coil", "whip", true, 0.002, 0.625),
    END_FED_WIRE("half-wave end-fed wire", "wire", true, 0.005, 0.5),
    TUBE_J_POLE("tube J-pole", "long tube", true, 0.001, 0.75),
    RIBBON_J_POLE("ribbon J-pole", "radiator", true, 0.002, 0.75),
    FULL_WAVE_LOOP("full-wave loop with a balun", "loop", true, 0.005, 1),
    FOLDED_VERTICAL("vertical with its top folded down", "fold", true, 0.005, 0.25);

    /** 234/f in feet against a quarter of 300/f in metres; common practice, no source. */
    private static final double END_EFFECT = 0.951;

    private final String words;
    private final String piece;
    private final boolean cutOnly;
    private final double smallestStepM;
    private final double electricalWaves;

    AntennaKind(String words, String piece, boolean cutOnly, double smallestStepM, double electricalWaves) {
        this.words = words;
        this.piece = piece;
        this.cutOnly = cutOnly;
        this.smallestStepM = smallestStepM;
        this.electricalWaves = electricalWaves;
    }

    public String words() {
        return words;
    }

    /** What is made shorter or longer, as it stands in a sentence. */
    public String piece() {
        return piece;
    }

    /** True where the usual way to adjust it is the saw, which only shortens. */
    public boolean cutOnly() {
        return cutOnly;
    }

    /** The smallest change worth making by hand, in metres. */
    public double smallestStepM() {
        return smallestStepM;
    }

    /** The electrical length of the adjusted piece in wavelengths; of a J-pole with its stub, which holds back the dip. */
    public double electricalWaves() {
        return electricalWaves;
    }

    /** Length in metres of the adjusted piece by the rule of the trade, before any allowance. */
    public double usualLengthM(double frequencyHz) {
        return electricalWaves() * Wavelength.ofHz(frequencyHz) * END_EFFECT;
    }
}
