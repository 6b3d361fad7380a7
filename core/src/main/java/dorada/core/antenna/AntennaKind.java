package dorada.core.antenna;

import dorada.core.rf.Wavelength;
import java.util.Optional;

/** The kinds of antenna that an installation can have, with what trimming needs to know of each. */
public enum AntennaKind {
    QUARTER_WAVE_WHIP("quarter-wave whip", "whip", true, 0.001, 0.25, 0.99, 0.05, 6.5, 38),
    THREE_QUARTER_WAVE_WHIP("three-quarter-wave whip", "whip", true, 0.001, 0.75, 0.99, 0.05, 16, 52),
    LOADED_CB_WHIP("base-loaded CB whip with adjustable tip", "tip", false, 0.002, 0.25, 0.9, 0.12, 42, 50),
    RINGED_CB_WHIP("centre-loaded CB whip with tip and ring", "tip", false, 0.002, 0.25, 0.62, 0.15, 45, 50),
    HANDHELD_ROD("handheld rod", "rod", true, 0.001, 0.25, 1.5, 0.14, 6, 45),
    AIRBAND_WHIP("sloped airband quarter-wave", "element", true, 0.001, 0.25, 1.08, 0.08, 8.5, 28),
    GROUND_PLANE("ground plane on drooping radials", "radiator", true, 0.001, 0.25, 1.23, 0.11, 5.5, 48),
    DIPOLE("wire dipole", "each arm", true, 0.005, 0.25, 1, 0.05, 13, 46),
    BEAM("beam with split dipole", "each half of the driven element", false, 0.001, 0.25, 1.9, 0.4, 17, 45),
    GAMMA_BEAM("beam with a gamma match", "driven element", false, 0.001, 0.5, 1.2, 0.4, 11, 50),
    FIVE_EIGHTHS_WHIP("5/8-wave whip with a coil", "whip", true, 0.002, 0.625, 1.13, 0.07, 13, 55),
    END_FED_WIRE("half-wave end-fed wire", "wire", true, 0.005, 0.5, 1, 0.09, 8, 55),
    TUBE_J_POLE("tube J-pole", "long tube", true, 0.001, 0.75, 2.05, 0.13, 15, 46),
    RIBBON_J_POLE("ribbon J-pole", "radiator", true, 0.002, 0.75, 2.15, 0.2, 27, 52),
    FULL_WAVE_LOOP("full-wave loop with a balun", "loop", true, 0.005, 1, 1.03, 0.12, 6, 65),
    FOLDED_VERTICAL("vertical with its top folded down", "fold", true, 0.005, 0.25, 2.05, 0.15, 14, 60);

    /** 234/f in feet against a quarter of 300/f in metres; common practice, no source. */
    private static final double END_EFFECT = 0.951;

    /** Of three quarter-waves only the one at the tip is shortened by its end. */
    private static final double END_EFFECT_OF_THREE = (2 + END_EFFECT) / 3;

    /** Radiator and radials of a ground plane, each by as much: 0.93 to 1.00 over wires of 1.6 to 6 mm and droops to 45°. */
    private static final double RADIATOR_AND_RADIALS = 0.97;

    /** One arm alone moves the dip by half of what both do. */
    private static final double ONE_OF_TWO = 2;

    private final String words;
    private final String piece;
    private final boolean cutOnly;
    private final double smallestStepM;
    private final double electricalWaves;
    private final double setPerElectrical;
    private final double sensitivityDoubt;
    private final double usualQ;
    private final double usualOhm;

    AntennaKind(
            String words,
            String piece,
            boolean cutOnly,
            double smallestStepM,
            double electricalWaves,
            double setPerElectrical,
            double sensitivityDoubt,
            double usualQ,
            double usualOhm) {
        this.words = words;
        this.piece = piece;
        this.cutOnly = cutOnly;
        this.smallestStepM = smallestStepM;
        this.electricalWaves = electricalWaves;
        this.setPerElectrical = setPerElectrical;
        this.sensitivityDoubt = sensitivityDoubt;
        this.usualQ = usualQ;
        this.usualOhm = usualOhm;
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

    /** Quality of the series circuit that it looks like about its dip, within a factor of some 1.6; solved for the usual sizes. */
    public double usualQ() {
        return usualQ;
    }

    /** Its resistance at the dip, in ohms, within a factor of some 1.5; solved for the usual sizes. */
    public double usualOhm() {
        return usualOhm;
    }

    /**
     * The same where the other number of pieces is changed than is usual: radials together with the radiator, or one arm alone of
     * two; empty where the kind has but one piece. Solved for the usual sizes.
     */
    public Optional<Double> otherPiecesPerElectrical() {
        return switch (this) {
            case GROUND_PLANE -> Optional.of(RADIATOR_AND_RADIALS);
            case DIPOLE, BEAM -> Optional.of(ONE_OF_TWO * setPerElectrical);
            default -> Optional.empty();
        };
    }

    /** True where its length means both halves, each by as much; false where it means one piece alone. */
    public boolean isChangedAlike() {
        return this == DIPOLE || this == BEAM;
    }

    /**
     * What one asks who changed such an antenna.
     *
     * @param one one piece alone, as it stands in a sentence
     * @param all all of them by as much each
     */
    public record PiecesWords(String one, String all) {}

    /** Empty where the kind has but one piece. */
    public Optional<PiecesWords> piecesWords() {
        return switch (this) {
            case GROUND_PLANE -> Optional.of(new PiecesWords("radiator alone", "radiator and radials alike"));
            case DIPOLE -> Optional.of(new PiecesWords("one arm alone", "both arms"));
            case BEAM -> Optional.of(new PiecesWords("one half alone", "both halves"));
            default -> Optional.empty();
        };
    }

    /** False where its length depends on a coil, a fold or other elements more than on the frequency. */
    public boolean hasUsualLength() {
        return switch (this) {
            case QUARTER_WAVE_WHIP,
                    THREE_QUARTER_WAVE_WHIP,
                    AIRBAND_WHIP,
                    GROUND_PLANE,
                    DIPOLE,
                    FIVE_EIGHTHS_WHIP,
                    END_FED_WIRE,
                    TUBE_J_POLE -> true;
            default -> false;
        };
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
        double endEffect = this == THREE_QUARTER_WAVE_WHIP ? END_EFFECT_OF_THREE : END_EFFECT;
        return electricalWaves() * Wavelength.ofHz(frequencyHz) * endEffect;
    }
}
