package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.List;

/**
 * A J-pole of tube: a half-wave on a quarter-wave stub, tapped where the stub shows 50 Ω.
 *
 * @param elementM of the half-wave above the stub, in metres
 * @param stubM of the stub
 * @param apartM between the tubes, axis to axis
 * @param tapM of the tap above the stub's closed end
 * @param radiusM of the tubes
 * @param conductor of the tubes
 */
public record TubeJPole(double elementM, double stubM, double apartM, double tapM, double radiusM, Conductor conductor)
        implements WireAntenna {

    private static final double STRAP_RADIUS_M = 0.002;

    @Override
    public Assembly assemble() {
        Point tapLong = new Point(0, 0, tapM);
        Point tapShort = new Point(apartM, 0, tapM);
        Point foot = new Point(0, 0, 0);
        Point footShort = new Point(apartM, 0, 0);
        return Assembly.of(
                        Structure.inFreeSpace(List.of(
                                new Wire(tapShort, tapLong, STRAP_RADIUS_M).of(conductor),
                                new Wire(foot, tapLong, radiusM).of(conductor),
                                new Wire(tapLong, new Point(0, 0, stubM + elementM), radiusM).of(conductor),
                                new Wire(foot, footShort, radiusM).of(conductor),
                                new Wire(footShort, tapShort, radiusM).of(conductor),
                                new Wire(tapShort, new Point(apartM, 0, stubM), radiusM).of(conductor))),
                        new Port(0, 0.5))
                .withShield(Lines.hungFrom(tapShort));
    }
}
