package dorada.core.antenna;

import dorada.core.line.Network;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * A half-wave whip that needs no metal roof: fed at its end through a high-ratio transformer, against a short bracket.
 *
 * @param lengthM of the whip, in metres
 * @param radiusM of the whip
 * @param bracketM of the bracket below
 * @param ratio of the transformer in the base, 9 to 64 as a rule
 * @param shuntHenry coil across the transformer's high side
 * @param conductor of the whip
 */
public record EndFedHalfWave(
        double lengthM, double radiusM, double bracketM, double ratio, double shuntHenry, Conductor conductor)
        implements WireAntenna {

    /**
     * Such an antenna with its bracket standing on sheet metal at height 0.
     *
     * @param clear as assembled
     * @param bracketM length of the bracket
     * @param alongM place on the sheet from its centre, along x
     * @param acrossM and along y
     */
    public static Assembly on(Assembly clear, double bracketM, Plate sheet, double alongM, double acrossM) {
        List<Wire> wires = new ArrayList<>();
        clear.structure().wires().forEach(w -> wires.add(w.movedBy(new Point(alongM, acrossM, bracketM))));
        sheet.addTo(wires, alongM, acrossM, 0);
        return clear.in(Structure.inFreeSpace(wires));
    }

    @Override
    public Assembly assemble() {
        Point feed = new Point(0, 0, 0);
        Point below = new Point(0, 0, -bracketM);
        return Assembly.of(
                        Structure.inFreeSpace(List.of(
                                new Wire(feed, new Point(0, 0, lengthM), radiusM).of(conductor),
                                new Wire(feed, below, radiusM))),
                        new Port(0, 0),
                        new Network.ShuntCoil(shuntHenry),
                        new Network.Transformer(ratio))
                .withShield(Lines.hungFrom(below));
    }
}
