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
 * A beam of parallel elements, upright, on a boom that carries no current (wood, or the elements above it).
 *
 * @param drivenM whole length of the driven element, at x = 0, in metres
 * @param others reflector and directors
 * @param radiusM of all elements
 * @param drive how it is fed
 * @param conductor of all elements
 */
public record Beam(double drivenM, List<Element> others, double radiusM, Drive drive, Conductor conductor)
        implements WireAntenna {

    /** @param atM place along the boom from the driven element: reflector below 0 */
    public record Element(double atM, double lengthM) {}

    /** How the driven element meets the line. */
    public sealed interface Drive {}

    /** Cut in the middle, with a hairpin across; {@code hairpinHenry} 0 for none. */
    public record Split(double hairpinHenry) implements Drive {}

    /**
     * Not cut: a rod beside it, strapped to it at the tap, with a capacitor in series.
     *
     * @param tapM from the middle to the strap
     * @param apartM between element and rod, axis to axis
     * @param rodRadiusM of the rod
     * @param farad in series
     */
    public record Gamma(double tapM, double apartM, double rodRadiusM, double farad) implements Drive {}

    /**
     * Two conductors side by side, joined at their ends, one of them cut: four times the impedance.
     *
     * @param apartM between both, axis to axis
     * @param ratio of the balun behind it
     */
    public record Folded(double apartM, double ratio) implements Drive {}

    @Override
    public Assembly assemble() {
        List<Wire> wires = new ArrayList<>();
        Port feed;
        Network[] networks;
        double h = drivenM / 2;
        if (drive instanceof Gamma g) {
            Point middle = new Point(0, 0, 0);
            Point tap = new Point(0, 0, g.tapM);
            Point strap = new Point(0, g.apartM, g.tapM);
            Point foot = new Point(0, g.apartM, 0);
            wires.add(new Wire(foot, middle, g.rodRadiusM));
            wires.add(new Wire(new Point(0, 0, -h), middle, radiusM).of(conductor));
            wires.add(new Wire(middle, tap, radiusM).of(conductor));
            wires.add(new Wire(tap, new Point(0, 0, h), radiusM).of(conductor));
            wires.add(new Wire(tap, strap, g.rodRadiusM));
            wires.add(new Wire(strap, foot, g.rodRadiusM));
            feed = new Port(0, 0.5);
            networks = new Network[] {new Network.SeriesCapacitor(g.farad)};
        } else if (drive instanceof Folded f) {
            Point low = new Point(0, 0, -h);
            Point high = new Point(0, 0, h);
            Point aside = new Point(0, f.apartM, 0);
            wires.add(new Wire(low, high, radiusM).of(conductor));
            wires.add(new Wire(high, high.plus(aside), radiusM).of(conductor));
            wires.add(new Wire(high.plus(aside), low.plus(aside), radiusM).of(conductor));
            wires.add(new Wire(low.plus(aside), low, radiusM).of(conductor));
            feed = new Port(0, 0.5);
            networks = new Network[] {new Network.Transformer(f.ratio)};
        } else {
            double henry = ((Split) drive).hairpinHenry;
            wires.add(new Wire(new Point(0, 0, -h), new Point(0, 0, h), radiusM).of(conductor));
            feed = new Port(0, 0.5);
            networks = henry > 0 ? new Network[] {new Network.ShuntCoil(henry)} : new Network[0];
        }
        for (Element e : others) {
            wires.add(new Wire(new Point(e.atM, 0, -e.lengthM / 2), new Point(e.atM, 0, e.lengthM / 2), radiusM)
                    .of(conductor));
        }
        return Assembly.of(Structure.inFreeSpace(wires), feed, networks);
    }
}
