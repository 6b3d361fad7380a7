package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.List;

/**
 * A vertical that is too long for its room: the top is folded back down; two level wires are its other half.
 *
 * @param heightM of the upright part, in metres
 * @param foldM how far the top comes back down
 * @param apartM between upright and fold
 * @param counterpoiseM of each level wire
 * @param baseM of the feed above the ground
 * @param radiusM of the wire
 * @param conductor of the wire
 */
public record FoldedVertical(
        double heightM,
        double foldM,
        double apartM,
        double counterpoiseM,
        double baseM,
        double radiusM,
        Conductor conductor)
        implements WireAntenna {

    @Override
    public Assembly assemble() {
        Point feed = new Point(0, 0, baseM);
        Point top = feed.plus(new Point(0, 0, heightM));
        Point corner = top.plus(new Point(apartM, 0, 0));
        return Assembly.of(
                        Structure.overGround(List.of(
                                new Wire(feed, top, radiusM).of(conductor),
                                new Wire(top, corner, radiusM).of(conductor),
                                new Wire(corner, corner.plus(new Point(0, 0, -foldM)), radiusM).of(conductor),
                                new Wire(feed, feed.plus(new Point(0, counterpoiseM, 0)), radiusM).of(conductor),
                                new Wire(feed, feed.plus(new Point(0, -counterpoiseM, 0)), radiusM).of(conductor))),
                        new Port(0, 0))
                .withShield(Lines.hungFrom(feed));
    }
}
