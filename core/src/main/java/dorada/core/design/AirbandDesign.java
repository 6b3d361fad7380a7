package dorada.core.design;

import dorada.core.antenna.AdjustedPiece;
import dorada.core.antenna.AirbandWhip;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.Plate;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.kind.AirbandQuarterWave;
import dorada.core.planning.Candidate;
import dorada.core.simulation.Condition;
import dorada.core.simulation.Control;
import dorada.core.simulation.ControlName;
import dorada.core.simulation.StandIn;
import dorada.core.simulation.StandIn.Chance;
import dorada.core.simulation.Usual;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.wire.Conductor;
import java.util.List;
import java.util.Set;

/** A sloped quarter-wave on an aircraft: on its skin, on radials under fabric, or on mesh. */
public final class AirbandDesign extends AntennaDesign {

    public static final AntennaKind KIND = AntennaKind.called("AIRBAND_WHIP", AdjustedPiece.ELEMENT)
            .cutOnly()
            .hasUsualLength()
            .waves(0.25)
            .lengthRatio(1.08, 0.08)
            .circuit(8.5, 28)
            .make();

    private static final CutKind SHEET = new AirbandQuarterWave();
    private static final Plate MESH = new Plate(0.9, 0.9, 0.15, 0.0008);
    private static final Plate SKIN = Plate.sheet(1.2, 1.2, 0.2);
    private static final double RADIUS_M = 0.004;

    public AirbandDesign() {
        super(KIND, SHEET);
    }

    /** On a metal skin it is a whip on sheet metal like any other. */
    @Override
    public List<CutKind> otherSheets() {
        return List.of(QuarterWaveDesign.SHEET);
    }

    @Override
    public List<Candidate> candidates() {
        return List.of(new QuarterWaveDesign.Planned("AIRBAND_WHIP", KIND, Set.of(Carrier.AIRCRAFT)));
    }

    @Override
    public StandIn standIn(double frequencyHz, long seed) {
        Chance chance = new Chance(frequencyHz, seed);
        double wave = chance.waveM();
        Plate skin = Plate.sheet(0.24 * wave, 0.5 * wave, 0.12 * wave);
        double slope = chance.between(8, 20);
        return new StandIn(
                l -> new AirbandWhip(
                        l + chance.hiddenM(), slope, RADIUS_M, new AirbandWhip.Skin(skin), Conductor.STAINLESS_STEEL),
                KIND.usualLengthM(frequencyHz) * chance.allowance());
    }

    @Override
    public List<VirtualInstallation> installations() {
        return List.of(
                airband("airband-tab", AirbandWhip.Radials.even(4, 0.06, RADIUS_M)),
                airband("airband-radials", AirbandWhip.Radials.even(4, 0.58, RADIUS_M)),
                airband("airband-mesh", new AirbandWhip.Skin(MESH)),
                airband("airband-skin", new AirbandWhip.Skin(SKIN)));
    }

    private static VirtualInstallation airband(String id, AirbandWhip.Counterpoise counterpoise) {
        return VirtualInstallation.make(id, KIND, Carrier.AIRCRAFT, 118e6, 136.975e6)
                .set(Control.cut(ControlName.ELEMENT, 0.6, 0.48))
                .on(Usual.with(
                        Usual.LINE,
                        Condition.PERSON_NEAR,
                        Condition.INDOORS,
                        Condition.ON_THE_GROUND,
                        Condition.PAINT_UNDER_GROUND))
                .line(Usual.thin(3))
                .as(s -> new AirbandWhip(s[0], 20, RADIUS_M, counterpoise, Conductor.STAINLESS_STEEL));
    }
}
