package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Load;
import dorada.core.wire.Lumped;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * A J-pole of ribbon line, for one band or two. For two, a shorted piece of coaxial line in the radiator, a quarter-wave on
 * the upper band, cuts off what lies above it there; the stub is a quarter-wave on the lower and three on the upper band.
 *
 * @param stubM of the matching stub, in metres
 * @param tapM of the tap above the closed end
 * @param lowerM of the radiator up to the decoupling stub (all of it for one band)
 * @param decouplingM of the decoupling stub as a rule measures it; 0 for one band
 * @param upperM of the wire above; used only with a decoupling stub
 * @param apartM of the ribbon's wires
 * @param wireRadiusM of the ribbon's wires
 * @param insulationM thickness of an insulation with the same effect as the ribbon's web
 * @param tubeRadiusM inner radius of the plastic tube around all; 0 for in the open
 * @param tubeM thickness of that tube's wall
 */
public record RibbonJPole(
        double stubM,
        double tapM,
        double lowerM,
        double decouplingM,
        double upperM,
        double apartM,
        double wireRadiusM,
        double insulationM,
        double tubeRadiusM,
        double tubeM)
        implements WireAntenna {

    /** Polyethylene and PVC: handbook values, from memory. */
    private static final double RIBBON_PERMITTIVITY = 2.3;

    private static final double TUBE_PERMITTIVITY = 3.0;

    /** Thin coaxial line: velocity factor and loss near 446 MHz, from memory of any table. */
    private static final double COAX_VELOCITY = 0.66;

    private static final double COAX_DB_PER_M = 0.4;

    @Override
    public Assembly assemble() {
        Point foot = new Point(0, 0, 0);
        Point footShort = new Point(apartM, 0, 0);
        Point tap = new Point(0, 0, tapM);
        Point tapShort = new Point(apartM, 0, tapM);
        Point decoupling = new Point(0, 0, stubM + lowerM);
        List<Wire> wires = new ArrayList<>();
        wires.add(new Wire(tapShort, tap, wireRadiusM));
        wires.add(new Wire(foot, footShort, wireRadiusM));
        wires.add(along(foot, tap));
        wires.add(along(footShort, tapShort));
        wires.add(along(tapShort, new Point(apartM, 0, stubM)));
        wires.add(along(tap, decoupling));
        List<Load> loads = new ArrayList<>();
        if (decouplingM > 0) {
            wires.add(along(decoupling, decoupling.plus(new Point(0, 0, upperM))));
            loads.add(new Load(new Port(6, 0), new Lumped.ShortedStub(50, decouplingM, COAX_VELOCITY, COAX_DB_PER_M)));
        }
        return Assembly.of(new Structure(wires, false, loads), new Port(0, 0.5)).withShield(Lines.hungFrom(tapShort));
    }

    private Wire along(Point from, Point to) {
        Wire wire = new Wire(from, to, wireRadiusM)
                .of(Conductor.COPPER)
                .in(Sheath.insulation(wireRadiusM, insulationM, RIBBON_PERMITTIVITY));
        return tubeRadiusM > 0
                ? wire.in(new Sheath("tube", tubeRadiusM, tubeRadiusM + tubeM, TUBE_PERMITTIVITY))
                : wire;
    }
}
