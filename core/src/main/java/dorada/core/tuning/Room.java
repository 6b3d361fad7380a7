package dorada.core.tuning;

/**
 * How far the length can still be changed.
 *
 * @param shortenM metres that can come off, 0 or more, perhaps infinite
 * @param lengthenM metres that can be added, 0 or more, perhaps infinite
 */
public record Room(double shortenM, double lengthenM) {

    /** Nothing known: as far as the work needs. */
    public static final Room ANY = new Room(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

    /** @throws IllegalArgumentException where either is below 0 */
    public Room {
        if (!(shortenM >= 0) || !(lengthenM >= 0)) {
            throw new IllegalArgumentException("Room to shorten and to lengthen is 0 m or more.");
        }
    }
}
