package dorada.core.antenna;

import dorada.core.line.Network;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.List;

/**
 * A full-wave loop, upright, fed in the middle of its lower side through a transformer.
 *
 * @param widthM in metres
 * @param heightM in metres
 * @param baseM of the lower side above the ground
 * @param ratio of the transformer: 4 for a 4:1
 * @param radiusM of the wire
 * @param conductor of the wire
 */
public record WireLoop(double widthM, double heightM, double baseM, double ratio, double radiusM, Conductor conductor)
        implements WireAntenna {

    @Override
    public Assembly assemble() {
        Point a = new Point(-widthM / 2, 0, baseM);
        Point b = new Point(widthM / 2, 0, baseM);
        Point c = new Point(widthM / 2, 0, baseM + heightM);
        Point d = new Point(-widthM / 2, 0, baseM + heightM);
        return Assembly.of(
                Structure.overGround(List.of(
                        new Wire(a, b, radiusM).of(conductor),
                        new Wire(b, c, radiusM).of(conductor),
                        new Wire(c, d, radiusM).of(conductor),
                        new Wire(d, a, radiusM).of(conductor))),
                new Port(0, 0.5),
                new Network.Transformer(ratio));
    }
}
