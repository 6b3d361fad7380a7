package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.SecondPiece;
import dorada.core.simulation.Control;
import dorada.core.simulation.ControlName;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;
import dorada.core.simulation.Usual;
import dorada.core.simulation.VirtualInstallation;
import java.util.List;

/** A CB whip with its coil half-way up, a tip, and a ring that sets its length finely. */
public final class RingedWhipDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("RINGED_CB_WHIP", AdjustedPiece.TIP)
            .smallestStepM(0.002)
            .waves(0.25)
            .lengthRatio(0.62, 0.15)
            .circuit(45, 50)
            .with(SecondPiece.RING)
            .make();

    /** To the coil. */
    private static final double MAST_M = 0.62;

    public RingedWhipDesign() {
        super(KIND, LoadedWhipDesign.SHEET);
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double allowance = chance.between(1.03, 1.06);
        return LoadedWhipDesign.loaded(frequencyHz, MAST_M, MAST_M, allowance, chance);
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(VirtualInstallation.make("cb-centre-loaded", KIND, Carrier.VEHICLE, 26.965e6, 27.405e6)
                .set(
                        Control.slide(ControlName.TIP_ABOVE_THE_COIL, 0.73, 0.55, 0.85),
                        Control.slide(ControlName.RING_BELOW_THE_COIL, 0.021, 0.001, 0.041))
                .on(Usual.ON_VEHICLE)
                .line(Usual.thin(5.5))
                .as(s -> RoofWhips.whip(
                        0.6 + s[1],
                        s[0],
                        0.0015,
                        3.85e-6,
                        Usual.COIL_Q,
                        RoofWhips.LORRY_ROOF,
                        0,
                        -0.3,
                        RoofWhips.CB_HEIGHT_M,
                        0.26)));
    }
}
