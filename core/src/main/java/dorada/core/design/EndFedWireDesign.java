package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AntennaKind;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.EndFedWire;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;

/** A half-wave of wire, fed at its end. */
public final class EndFedWireDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("END_FED_WIRE", AdjustedPiece.WIRE)
            .cutOnly()
            .hasUsualLength()
            .smallestStepM(0.005)
            .waves(0.5)
            .lengthRatio(1, 0.09)
            .circuit(8, 55)
            .make();

    private static final CutKind SHEET = new EndFedWire();

    public EndFedWireDesign() {
        super(KIND, SHEET);
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        return StandIn.ofSheet(SHEET, frequencyHz, "wire", chance.hiddenM(), chance.allowance());
    }
}
