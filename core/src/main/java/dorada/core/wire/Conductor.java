package dorada.core.wire;

import dorada.core.outcome.Refusal;

/**
 * What a wire is made of.
 *
 * @param conductivitySPerM in siemens per metre; infinite for a perfect conductor
 * @param relativePermeability 1 for anything but iron and common steel
 */
public record Conductor(double conductivitySPerM, double relativePermeability) {

    public static final Conductor PERFECT = new Conductor(Double.POSITIVE_INFINITY, 1);

    /** Handbook values at 20 °C, from memory: CRC Handbook of Chemistry and Physics. */
    public static final Conductor COPPER = new Conductor(5.8e7, 1);

    public static final Conductor ALUMINIUM = new Conductor(3.5e7, 1);
    public static final Conductor BRASS = new Conductor(1.5e7, 1);
    public static final Conductor STAINLESS_STEEL = new Conductor(1.4e6, 1);
    public static final Conductor STEEL = new Conductor(6e6, 100);

    private static final double MU_0 = 4e-7 * Math.PI;

    public Conductor {
        if (!(conductivitySPerM > 0) || !(relativePermeability > 0)) {
            throw new Refusal(Refused.CONDUCTIVITY_AND_RELATIVE_PERMEABILITY_MUST_BE);
        }
    }

    /**
     * Resistance per metre of a round wire in ohms; its internal reactance is as much again. Skin effect with the depth
     * small against the radius, as it is for every antenna wire above a few MHz; never below the direct-current value.
     * Source: S. Ramo, J. R. Whinnery, T. Van Duzer, Fields and Waves in Communication Electronics, section 4.5.
     */
    double ohmPerMetre(double frequencyHz, double radiusM) {
        if (Double.isInfinite(conductivitySPerM)) {
            return 0;
        }
        double surface = Math.sqrt(Math.PI * frequencyHz * MU_0 * relativePermeability / conductivitySPerM);
        double steady = 1 / (conductivitySPerM * Math.PI * radiusM * radiusM);
        return Math.max(surface / (2 * Math.PI * radiusM), steady);
    }
}
