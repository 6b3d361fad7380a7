package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Load;
import dorada.core.wire.Lumped;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.List;

/**
 * A whip on a perfect ground plane without end: what a sheet of dimensions can know of a roof.
 *
 * @param lowerM from the ground plane to the coil, or of the base where there is none, in metres
 * @param upperM above it
 * @param radiusM of the whip
 * @param coilHenry coil between both; 0 for none
 * @param coilQ its quality
 * @param conductor of the whip
 */
public record GroundedWhip(
        double lowerM, double upperM, double radiusM, double coilHenry, double coilQ, Conductor conductor)
        implements WireAntenna {

    @Override
    public Assembly assemble() {
        Point coil = new Point(0, 0, lowerM);
        List<Wire> wires = List.of(
                new Wire(new Point(0, 0, 0), coil, radiusM).of(conductor),
                new Wire(coil, coil.plus(new Point(0, 0, upperM)), radiusM).of(conductor));
        List<Load> loads =
                coilHenry > 0 ? List.of(new Load(new Port(1, 0), Lumped.Series.coil(coilHenry, coilQ))) : List.of();
        return Assembly.of(new Structure(wires, true, loads), new Port(0, 0));
    }
}
