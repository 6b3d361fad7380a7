package dorada.core.antenna;

import dorada.core.line.Network;
import dorada.core.wire.Conductor;
import dorada.core.wire.Load;
import dorada.core.wire.Lumped;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * A whip on sheet metal: quarter-wave, 5/8-wave with a coil at its base, CB whip with its coil at the base or half-way up.
 *
 * @param lowerM from the mount to the coil (or of the base, where there is no coil), in metres
 * @param upperM from the coil to the tip
 * @param radiusM of the whip
 * @param coilHenry coil between lower and upper part; 0 for none
 * @param coilQ quality of the coil
 * @param groundFarad capacitance between base and sheet, as paint leaves it; 0 for bare metal
 * @param roof the sheet
 * @param alongM place on the sheet from its centre, along x
 * @param acrossM and along y
 * @param heightM of the sheet above the ground; 0 where the ground is far away
 * @param ratio impedance ratio of the transformer in the base; 1 for none
 * @param conductor of the whip
 */
public record RoofWhip(
        double lowerM,
        double upperM,
        double radiusM,
        double coilHenry,
        double coilQ,
        double groundFarad,
        Plate roof,
        double alongM,
        double acrossM,
        double heightM,
        double ratio,
        Conductor conductor)
        implements WireAntenna {

    @Override
    public Assembly assemble() {
        Point base = new Point(alongM, acrossM, heightM);
        Point coil = base.plus(new Point(0, 0, lowerM));
        List<Wire> wires = new ArrayList<>();
        wires.add(new Wire(base, coil, radiusM).of(conductor));
        wires.add(new Wire(coil, coil.plus(new Point(0, 0, upperM)), radiusM).of(conductor));
        roof.addTo(wires, alongM, acrossM, heightM);
        List<Load> loads = new ArrayList<>();
        if (coilHenry > 0) {
            loads.add(new Load(new Port(1, 0), Lumped.Series.coil(coilHenry, coilQ)));
        }
        if (groundFarad > 0) {
            loads.add(new Load(new Port(0, 0), Lumped.Series.capacitor(groundFarad)));
        }
        return Assembly.of(new Structure(wires, heightM > 0, loads), new Port(0, 0), new Network.Transformer(ratio))
                .withHinge(new Point(roof.lengthM() / 2, roof.widthM() / 2, heightM));
    }
}
