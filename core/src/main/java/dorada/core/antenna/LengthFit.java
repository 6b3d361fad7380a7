package dorada.core.antenna;

import java.util.List;
import java.util.Optional;

/**
 * Whether a length and a kind belong together on a frequency.
 *
 * @param usualM how long that kind is there by the rule of the trade, in metres
 * @param fits false where the length is that of something else
 * @param others kinds of the same piece whose usual length it nearly is; empty where it fits
 */
public record LengthFit(double usualM, boolean fits, List<AntennaKind> others) {

    /** A length this far from what is usual for the kind, as a ratio either way, is not that kind; common practice, no source. */
    private static final double FITS = 1.45;

    /** A kind that it may be after all is within this; common practice, no source. */
    private static final double NEARLY = 1.12;

    /**
     * Empty where the kind has no usual length.
     *
     * @param all kinds that it may be instead
     */
    public static Optional<LengthFit> of(AntennaKind kind, List<AntennaKind> all, double lengthM, double frequencyHz) {
        if (!kind.hasUsualLength()) {
            return Optional.empty();
        }
        double usualM = kind.usualLengthM(frequencyHz);
        boolean fits = isWithin(lengthM, usualM);
        List<AntennaKind> others = fits
                ? List.of()
                : all.stream()
                        .filter(k -> k != kind && k.hasUsualLength() && k.piece() == kind.piece())
                        .filter(k -> ratio(lengthM, k.usualLengthM(frequencyHz)) < NEARLY)
                        .toList();
        return Optional.of(new LengthFit(usualM, fits, others));
    }

    /** Whether {@code lengthM} may be a piece that is usually {@code usualM} long. */
    public static boolean isWithin(double lengthM, double usualM) {
        return ratio(lengthM, usualM) <= FITS;
    }

    private static double ratio(double a, double b) {
        return Math.max(a / b, b / a);
    }
}
