package dorada.core.antenna;

import dorada.core.rf.Wavelength;
import java.util.Optional;

/** The kinds of antenna that an installation can have, with what trimming needs to know of each. */
public enum AntennaKind {
    QUARTER_WAVE_WHIP("quarter-wave whip", "whip", true, 0.001, 0.25, 1.02, 0.07),
    LOADED_CB_WHIP("base-loaded CB whip with adjustable tip", "tip", false, 0.002, 0.25, 0.8, 0.22),
    RINGED_CB_WHIP("centre-loaded CB whip with tip and ring", "tip", false, 0.002, 0.25, 0.6, 0.18),
    HANDHELD_ROD("handheld rod", "rod", true, 0.001, 0.25, 1.5, 0.12),
    AIRBAND_WHIP("sloped airband quarter-wave", "element", true, 0.001, 0.25, 1.12, 0.08),
    GROUND_PLANE("ground plane on drooping radials", "radiator", true, 0.001, 0.25, 1.38, 0.12),
    DIPOLE("wire dipole", "each arm", true, 0.005, 0.25, 1.02, 0.07),
    BEAM("beam with split dipole", "each half of the driven element", false, 0.001, 0.25, 1.9, 0.4),
    GAMMA_BEAM("beam with a gamma match", "driven element", false, 0.001, 0.5, 1.2, 0.4),
    FIVE_EIGHTHS_WHIP("5/8-wave whip with a coil", "whip", true, 0.002, 0.625, 1.16, 0.08),
    END_FED_WIRE("half-wave end-fed wire", "wire", true, 0.005, 0.5, 1.05, 0.08),
    TUBE_J_POLE("tube J-pole", "long tube", true, 0.001, 0.75, 2.15, 0.12),
    RIBBON_J_POLE("ribbon J-pole", "radiator", true, 0.002, 0.75, 2.2, 0.2),
    FULL_WAVE_LOOP("full-wave loop with a balun", "loop", true, 0.005, 1, 1, 0.2),
    FOLDED_VERTICAL("vertical with its top folded down", "fold", true, 0.005, 0.25, 2, 0.2);

    /** 234/f in feet against a quarter of 300/f in metres; common practice, no source. */
    private static final double END_EFFECT = 0.951;

    private final String words;
    private final String piece;
    private final boolean cutOnly;
    private final double smallestStepM;
    private final double electricalWaves;
    private final double setPerElectrical;
    private final double sensitivityDoubt;

    AntennaKind(
            String words,
            String piece,
            boolean cutOnly,
            double smallestStepM,
            double electricalWaves,
            double setPerElectrical,
            double sensitivityDoubt) {
        this.words = words;
        this.piece = piece;
        this.cutOnly = cutOnly;
        this.smallestStepM = smallestStepM;
        this.electricalWaves = electricalWaves;
        this.setPerElectrical = setPerElectrical;
        this.sensitivityDoubt = sensitivityDoubt;
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

    /**
     * Metres of set length for a metre of electrical length, before the antenna itself has told; solved for the usual sizes of
     * the kind. Above 1 where what is not adjusted holds the dip back.
     */
    public double setPerElectrical() {
        return setPerElectrical;
    }

    /** Standard deviation of {@link #setPerElectrical}, relative, over the kind's usual sizes. */
    public double sensitivityDoubt() {
        return sensitivityDoubt;
    }

    /** What else is adjusted, to set the match or the length more finely; empty for most. */
    public Optional<SecondPiece> second() {
        return switch (this) {
            case TUBE_J_POLE -> Optional.of(SecondPiece.TAP);
            case GAMMA_BEAM -> Optional.of(SecondPiece.STRAP);
            case RINGED_CB_WHIP -> Optional.of(SecondPiece.RING);
            default -> Optional.empty();
        };
    }

    /** True where each of so many wanted bands has a piece of its own; else one length serves them all. */
    public boolean hasPieceForEachOf(int bands) {
        return bands == 2 && lowerBandPiece().isPresent();
    }

    /** The piece that a second, upper band is tuned with first; empty where one length serves all bands. */
    public Optional<BandPiece> upperBandPiece() {
        return this == RIBBON_J_POLE ? Optional.of(BandPiece.BELOW_THE_STUB) : Optional.empty();
    }

    /** The piece that the lower of two bands is tuned with afterwards; empty where one length serves all bands. */
    public Optional<BandPiece> lowerBandPiece() {
        return this == RIBBON_J_POLE ? Optional.of(BandPiece.ABOVE_THE_STUB) : Optional.empty();
    }

    /** Length in metres of the adjusted piece by the rule of the trade, before any allowance. */
    public double usualLengthM(double frequencyHz) {
        return electricalWaves() * Wavelength.ofHz(frequencyHz) * END_EFFECT;
    }
}
