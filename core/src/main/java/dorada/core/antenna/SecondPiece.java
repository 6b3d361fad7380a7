package dorada.core.antenna;

/**
 * What else of a kind of antenna is adjusted beside its length. What it does was solved for the usual sizes of the kind; that is
 * believed before its first move.
 */
public sealed interface SecondPiece {

    /** What it is. */
    PieceId id();

    /** The smallest change worth making by hand, in metres. */
    double smallestStepM();

    /**
     * Sets the match: the tap of a J-pole, the strap of a gamma.
     *
     * @param furthestStepM the farthest that it is moved at once, in metres
     * @param effectRe real part of what a metre outward adds to Γ at the dip, at the antenna
     * @param effectIm its imaginary part
     * @param effectDoubt standard deviation of that, relative
     * @param pullPerM share by which a metre outward raises the dip
     */
    record MatchPiece(
            PieceId id,
            double smallestStepM,
            double furthestStepM,
            double effectRe,
            double effectIm,
            double effectDoubt,
            double pullPerM)
            implements SecondPiece {}

    /**
     * Sets the length too, but finely, and can be put back: a ring on a thread below the coil, where the length does little.
     *
     * @param travelM from one end of its thread to the other, in metres; it is fitted half-way
     * @param lengthRatio metres that it is moved for a metre of electrical length
     * @param doubt standard deviation of that ratio, relative
     */
    record FinePiece(PieceId id, double smallestStepM, double travelM, double lengthRatio, double doubt)
            implements SecondPiece {}

    MatchPiece TAP = new MatchPiece(PieceId.TAP, 0.001, 0.045, 0, -11, 0.7, 1.25);

    MatchPiece STRAP = new MatchPiece(PieceId.STRAP, 0.001, 0.06, 4, 2, 1, 0.25);

    /** From 2.5 to 4.8 for whips of 1.05 to 1.65 m with their coil in the middle half. */
    FinePiece RING = new FinePiece(PieceId.RING, 0.001, 0.04, 3.3, 0.2);
}
