package dorada.core.tuning;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.SecondPiece.MatchPiece;
import java.util.Optional;

/**
 * A second control, which sets the match rather than the frequency: the tap of a J-pole, the strap of a gamma. It slides both
 * ways.
 *
 * @param smallestStepM the smallest change worth making by hand, in metres, above 0
 * @param furthestStepM the farthest that it is moved at once, in metres
 * @param re real part of what one metre outward adds to Γ at the dip, as the kind lets expect
 * @param im its imaginary part, at the antenna
 * @param doubt standard deviation of that, relative
 * @param pullPerM share by which one metre outward raises the dip, as the kind lets expect: 1 for 0.1 % per millimetre
 * @param room how far it can still be moved, inward and outward
 */
public record MatchControl(
        double smallestStepM, double furthestStepM, double re, double im, double doubt, double pullPerM, Room room) {

    /** @throws IllegalArgumentException where a step, the effect or its doubt is not above 0 */
    public MatchControl {
        if (!(smallestStepM > 0) || !(furthestStepM >= smallestStepM) || !(doubt > 0) || !(Math.hypot(re, im) > 0)) {
            throw new IllegalArgumentException("A match control needs steps, an effect and a doubt above 0.");
        }
    }

    /** What is known of {@code kind}'s match before its first move; empty where it has none. */
    public static Optional<MatchControl> of(AntennaKind kind) {
        return kind.second()
                .filter(MatchPiece.class::isInstance)
                .map(MatchPiece.class::cast)
                .map(s -> new MatchControl(
                        s.smallestStepM(),
                        s.furthestStepM(),
                        s.effectRe(),
                        s.effectIm(),
                        s.effectDoubt(),
                        s.pullPerM(),
                        Room.ANY));
    }

    /** The same with other room to move in. */
    public MatchControl within(Room other) {
        return new MatchControl(smallestStepM, furthestStepM, re, im, doubt, pullPerM, other);
    }

    double effect() {
        return Math.hypot(re, im);
    }
}
