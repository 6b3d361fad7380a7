package dorada.core.antenna;

import dorada.core.rf.Wavelength;

/** The kinds of antenna that an installation can have, with what trimming needs to know of each. */
public enum AntennaKind {
    QUARTER_WAVE_WHIP("quarter-wave whip", "whip", true, 0.001),
    LOADED_CB_WHIP("base-loaded CB whip with adjustable tip", "tip", false, 0.002),
    HANDHELD_ROD("handheld rod", "rod", true, 0.001),
    AIRBAND_WHIP("sloped airband quarter-wave", "element", true, 0.001),
    GROUND_PLANE("ground plane on drooping radials", "radiator", true, 0.001),
    DIPOLE("wire dipole", "each arm", true, 0.005),
    BEAM("beam with split dipole", "each half of the driven element", false, 0.001);

    /** 234/f in feet against a quarter of 300/f in metres; common practice, no source. */
    private static final double END_EFFECT = 0.951;

    private static final double QUARTER = 0.25;

    private final String words;
    private final String piece;
    private final boolean cutOnly;
    private final double smallestStepM;

    AntennaKind(String words, String piece, boolean cutOnly, double smallestStepM) {
        this.words = words;
        this.piece = piece;
        this.cutOnly = cutOnly;
        this.smallestStepM = smallestStepM;
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

    /** The electrical length of the adjusted piece in wavelengths: every kind here is a quarter-wave, or arms of one. */
    public double electricalWaves() {
        return QUARTER;
    }

    /** Length in metres of the adjusted piece by the rule of the trade, before any allowance. */
    public double usualLengthM(double frequencyHz) {
        return electricalWaves() * Wavelength.ofHz(frequencyHz) * END_EFFECT;
    }
}
