package dorada.core.design;

import dorada.core.antenna.AirbandWhip;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Plate;
import dorada.core.antenna.RoofWhip;
import dorada.core.planning.Extent;
import dorada.core.planning.Place;
import dorada.core.wire.Conductor;

/** Whips on sheet metal, and on the tab that is left where there is none. */
final class RoofWhips {

    static final Plate ROOF = Plate.sheet(1.4, 1.2, 0.2);
    static final Plate LORRY_ROOF = Plate.sheet(2.2, 1.8, 0.55);
    static final double CB_HEIGHT_M = 1.9;
    private static final double WHIP_RADIUS_M = 0.0012;
    static final double BASE_M = 0.05;

    private static final double COIL_Q = 200;
    private static final double TAB_M = 0.06;

    private RoofWhips() {}

    /**
     * Of the rod on hand.
     *
     * @param baseM from the sheet to the coil, or to where the whip begins
     * @param henry of a coil there; 0 for none
     * @param ratio of a transformer at the base; 1 for none
     */
    static Assembly planned(Place place, double baseM, double upperM, double henry, double ratio, Extent extent) {
        double onHand = place.need().stock().rodRadiusM();
        double radiusM = onHand > 0 ? onHand : WHIP_RADIUS_M;
        if (!place.need().hasGroundPlane()) {
            return new AirbandWhip(
                            baseM + upperM,
                            0,
                            radiusM,
                            AirbandWhip.Radials.even(4, TAB_M, 0.002),
                            Conductor.STAINLESS_STEEL)
                    .assemble();
        }
        Place.Roof roof = place.roof(extent);
        // The base must stand clear of the thick wires that stand for the sheet.
        double lowerM = Math.max(baseM, 0.4 * roof.plate().spacingM());
        return new RoofWhip(
                        lowerM,
                        henry > 0 ? upperM : upperM + baseM - lowerM,
                        radiusM,
                        henry,
                        COIL_Q,
                        0,
                        roof.plate(),
                        roof.alongM(),
                        roof.acrossM(),
                        0,
                        ratio,
                        Conductor.STAINLESS_STEEL)
                .assemble();
    }

    /** A simulated whip of stainless steel. */
    static RoofWhip whip(
            double baseM,
            double upperM,
            double radiusM,
            double henry,
            double coilQ,
            Plate roof,
            double alongM,
            double acrossM,
            double heightM,
            double ratio) {
        return new RoofWhip(
                baseM,
                upperM,
                radiusM,
                henry,
                coilQ,
                0,
                roof,
                alongM,
                acrossM,
                heightM,
                ratio,
                Conductor.STAINLESS_STEEL);
    }
}
