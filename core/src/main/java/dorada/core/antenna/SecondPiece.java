package dorada.core.antenna;

/**
 * What else of a kind of antenna is adjusted beside its length: the tap of a J-pole, which sets the match.
 *
 * <p>The effects were solved for the usual sizes of the kind; they are what is believed before the first move.
 *
 * @param name as it stands in a sentence
 * @param outward words for a move away from zero
 * @param inward words for the other way
 * @param smallestStepM the smallest change worth making by hand, in metres
 * @param furthestStepM the farthest that it is moved at once, in metres
 * @param effectRe real part of what a metre outward adds to Γ at the dip, at the antenna
 * @param effectIm its imaginary part
 * @param effectDoubt standard deviation of that, relative
 * @param pullPerM share by which a metre outward raises the dip
 */
public record SecondPiece(
        String name,
        String outward,
        String inward,
        double smallestStepM,
        double furthestStepM,
        double effectRe,
        double effectIm,
        double effectDoubt,
        double pullPerM) {

    static final SecondPiece TAP = new SecondPiece(
            "the tap", "up, away from the closed end", "down, toward the closed end", 0.001, 0.045, 0, -11, 0.7, 1.25);

    static final SecondPiece STRAP = new SecondPiece(
            "the gamma's strap", "outward, away from the boom", "inward, toward the boom", 0.001, 0.06, 4, 2, 1, 0.25);
}
