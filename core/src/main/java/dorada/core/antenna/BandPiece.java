package dorada.core.antenna;

/**
 * A piece with which one of two bands is tuned. What a change of it does was solved for the usual sizes.
 *
 * @param id what it is
 * @param waves its electrical length in wavelengths of its band, with what hangs on it
 * @param lengthRatio metres of set length for a metre of electrical length
 * @param doubt standard deviation of that ratio, relative
 */
public record BandPiece(PieceId id, double waves, double lengthRatio, double doubt) {

    /** A half wave, held back by what hangs above it. */
    public static final BandPiece BELOW_THE_STUB = new BandPiece(PieceId.RADIATOR_BELOW_THE_STUB, 0.5, 1.3, 0.3);

    public static final BandPiece ABOVE_THE_STUB = new BandPiece(PieceId.WIRE_ABOVE_THE_STUB, 0.75, 2.2, 0.3);
}
