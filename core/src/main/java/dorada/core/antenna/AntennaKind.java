package dorada.core.antenna;

import dorada.core.outcome.Outcome;
import dorada.core.rf.Wavelength;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What trimming needs to know of a kind of antenna. Each {@code AntennaDesign} has one; figures are solved for the usual sizes of
 * the kind ({@code ./dorada bench kinds}).
 */
public final class AntennaKind {

    /** 234/f in feet against a quarter of 300/f in metres; common practice, no source. */
    private static final double END_EFFECT = 0.951;

    private final Draft of;

    private AntennaKind(Draft of) {
        this.of = of;
    }

    /**
     * @param id stable, in capitals; it stands in records and addresses
     * @param piece what is made shorter or longer
     */
    public static Draft called(String id, AdjustedPiece piece) {
        return new Draft(id, piece);
    }

    /** Gathers what there is to say of a kind; what is not said is as with most. */
    public static final class Draft {
        private final String id;
        private final AdjustedPiece piece;
        private boolean cutOnly;
        private boolean hasUsualLength;
        private double smallestStepM = 0.001;
        private double electricalWaves = 0.25;
        private double endEffect = END_EFFECT;
        private double lengthRatio = 1;
        private double sensitivityDoubt = 0.1;
        private double usualQ = 10;
        private double usualOhm = 50;
        private boolean isMatchedInItsPlaceOnly;
        private double otherPerElectrical;
        private boolean isChangedAlike;
        private boolean isAskedForPieces;
        private SecondPiece second;
        private BandPiece upper;
        private BandPiece lower;
        private List<PermanentStep> permanent;

        private Draft(String id, AdjustedPiece piece) {
            this.id = id;
            this.piece = piece;
            this.permanent = PermanentStep.of(piece);
        }

        /** It is made permanent otherwise than its piece lets expect. */
        public Draft madePermanentBy(PermanentStep... steps) {
            permanent = List.of(steps);
            return this;
        }

        /** The usual way to adjust it is the saw, which only shortens. */
        public Draft cutOnly() {
            cutOnly = true;
            return this;
        }

        /** Its length follows from the frequency, and not from a coil, a fold or other elements more than from that. */
        public Draft hasUsualLength() {
            hasUsualLength = true;
            return this;
        }

        public Draft smallestStepM(double metres) {
            smallestStepM = metres;
            return this;
        }

        /** Electrical length of the adjusted piece in wavelengths; of a J-pole with its stub, which holds back the dip. */
        public Draft waves(double waves) {
            electricalWaves = waves;
            return this;
        }

        /** How much of {@code waves} is shortened by its end: of three quarter-waves only the one at the tip. */
        public Draft shortenedAtItsTip() {
            endEffect = (2 + END_EFFECT) / 3;
            return this;
        }

        /** @param doubt standard deviation of the ratio, relative, over the kind's usual sizes */
        public Draft lengthRatio(double ratio, double doubt) {
            lengthRatio = ratio;
            sensitivityDoubt = doubt;
            return this;
        }

        /** The series circuit that it looks like about its dip: quality, and resistance at the dip. */
        public Draft circuit(double q, double ohm) {
            usualQ = q;
            usualOhm = ohm;
            return this;
        }

        /** Other elements make its match, and make another one of it where its dip lies elsewhere. */
        public Draft matchedInItsPlaceOnly() {
            isMatchedInItsPlaceOnly = true;
            return this;
        }

        /** One length means both halves, each by as much; one alone moves the dip by half of that. */
        public Draft bothHalves() {
            isChangedAlike = true;
            isAskedForPieces = true;
            return this;
        }

        /** One length means one piece; others can be changed with it, at another ratio. */
        public Draft oneAlone(double allPerElectrical) {
            isAskedForPieces = true;
            otherPerElectrical = allPerElectrical;
            return this;
        }

        public Draft with(SecondPiece piece) {
            second = piece;
            return this;
        }

        /** Two bands have a piece each. */
        public Draft bands(BandPiece upperBand, BandPiece lowerBand) {
            upper = upperBand;
            lower = lowerBand;
            return this;
        }

        public AntennaKind make() {
            if (isChangedAlike) {
                otherPerElectrical = 2 * lengthRatio;
            }
            return new AntennaKind(this);
        }
    }

    /** Stable; it stands in records and addresses. */
    public String name() {
        return of.id;
    }

    /** As it stands in a sentence. */
    public Outcome words() {
        return new Outcome("kind." + of.id, Map.of());
    }

    /** What is made shorter or longer. */
    public AdjustedPiece piece() {
        return of.piece;
    }

    /** True where the usual way to adjust it is the saw, which only shortens. */
    public boolean cutOnly() {
        return of.cutOnly;
    }

    /** The smallest change worth making by hand, in metres. */
    public double smallestStepM() {
        return of.smallestStepM;
    }

    /** The electrical length of the adjusted piece in wavelengths; of a J-pole with its stub, which holds back the dip. */
    public double electricalWaves() {
        return of.electricalWaves;
    }

    /**
     * Metres of set length for a metre of electrical length, before the antenna itself has told; solved for the usual sizes of
     * the kind. Above 1 where what is not adjusted holds the dip back.
     */
    public double lengthRatio() {
        return of.lengthRatio;
    }

    /** Standard deviation of {@link #lengthRatio}, relative, over the kind's usual sizes. */
    public double sensitivityDoubt() {
        return of.sensitivityDoubt;
    }

    /** Quality of the series circuit that it looks like about its dip, within a factor of some 1.6; solved for the usual sizes. */
    public double usualQ() {
        return of.usualQ;
    }

    /** Its resistance at the dip, in ohms, within a factor of some 1.5; solved for the usual sizes. */
    public double usualOhm() {
        return of.usualOhm;
    }

    /** True where the depth of a dip far off says little of what it will be in its place. */
    public boolean isMatchedInItsPlaceOnly() {
        return of.isMatchedInItsPlaceOnly;
    }

    /**
     * The same where the other number of pieces is changed than is usual: radials together with the radiator, or one arm alone of
     * two; empty where the kind has but one piece. Solved for the usual sizes.
     */
    public Optional<Double> otherPiecesPerElectrical() {
        return of.otherPerElectrical > 0 ? Optional.of(of.otherPerElectrical) : Optional.empty();
    }

    /** What is done before its last sweep on {@code carrier}; indoors and in the hand nothing is sealed. */
    public List<PermanentStep> permanentSteps(Carrier carrier) {
        return of.permanent.stream()
                .filter(s -> s != PermanentStep.SEALED || carrier != Carrier.INDOOR && carrier != Carrier.HANDHELD)
                .toList();
    }

    /** True where its length means both halves, each by as much; false where it means one piece alone. */
    public boolean isChangedAlike() {
        return of.isChangedAlike;
    }

    /**
     * What one asks who changed such an antenna.
     *
     * @param one one piece alone
     * @param all all of them by as much each
     */
    public record PiecesWords(Outcome one, Outcome all) {}

    /** Empty where the kind has but one piece. */
    public Optional<PiecesWords> piecesWords() {
        return of.isAskedForPieces
                ? Optional.of(new PiecesWords(
                        new Outcome("pieceAlone." + of.id, Map.of()), new Outcome("piecesAlike." + of.id, Map.of())))
                : Optional.empty();
    }

    /** False where its length depends on a coil, a fold or other elements more than on the frequency. */
    public boolean hasUsualLength() {
        return of.hasUsualLength;
    }

    /** What else is adjusted, to set the match or the length more finely; empty for most. */
    public Optional<SecondPiece> second() {
        return Optional.ofNullable(of.second);
    }

    /** True where each of so many wanted bands has a piece of its own; else one length serves them all. */
    public boolean hasPieceForEachOf(int bands) {
        return bands == 2 && lowerBandPiece().isPresent();
    }

    /** The piece that a second, upper band is tuned with first; empty where one length serves all bands. */
    public Optional<BandPiece> upperBandPiece() {
        return Optional.ofNullable(of.upper);
    }

    /** The piece that the lower of two bands is tuned with afterwards; empty where one length serves all bands. */
    public Optional<BandPiece> lowerBandPiece() {
        return Optional.ofNullable(of.lower);
    }

    /** Length in metres of the adjusted piece by the rule of the trade, before any allowance. */
    public double usualLengthM(double frequencyHz) {
        return electricalWaves() * Wavelength.ofHz(frequencyHz) * of.endEffect;
    }

    @Override
    public String toString() {
        return of.id;
    }
}
