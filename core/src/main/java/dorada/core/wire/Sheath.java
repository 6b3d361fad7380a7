package dorada.core.wire;

import dorada.core.outcome.Refusal;

/**
 * A dielectric layer around a wire: its insulation, or a plastic tube.
 *
 * @param around equal names on several parallel wires mean one layer around all of them; empty for a wire's own
 * @param innerRadiusM inner radius of the layer in metres, not below the wire's radius
 * @param outerRadiusM in metres, above the inner radius
 * @param relativePermittivity 1 or more
 */
public record Sheath(String around, double innerRadiusM, double outerRadiusM, double relativePermittivity) {

    private static final double EPSILON_0 = 8.854_187_812_8e-12;

    public Sheath {
        if (!(innerRadiusM > 0) || !(outerRadiusM > innerRadiusM) || !(relativePermittivity >= 1)) {
            throw new Refusal(Refused.A_LAYER_NEEDS_AN_OUTER_RADIUS);
        }
    }

    /** Insulation that lies on a wire of {@code wireRadiusM} and is {@code thicknessM} thick. */
    public static Sheath insulation(double wireRadiusM, double thicknessM, double relativePermittivity) {
        return new Sheath("", wireRadiusM, wireRadiusM + thicknessM, relativePermittivity);
    }

    boolean isShared() {
        return !around.isEmpty();
    }

    /**
     * Change of the potential per unit of charge per metre, in volts · metres per coulomb (0 or below): the field of a
     * line charge is divided by the permittivity inside the layer. Source: J. H. Richmond, E. H. Newman, Dielectric
     * coated wire antennas, Radio Science 11 (1976) 13, for a thin layer.
     */
    double potentialChange() {
        return Math.log(outerRadiusM / innerRadiusM) / (2 * Math.PI * EPSILON_0) * (1 / relativePermittivity - 1);
    }
}
