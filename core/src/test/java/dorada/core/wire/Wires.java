package dorada.core.wire;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** Structures for the tests, and short ways to solve them. Lengths in wavelengths where the frequency is {@link #ONE_METRE}. */
final class Wires {

    /** The frequency whose wavelength is one metre. */
    static final double ONE_METRE = 299_792_458;

    private Wires() {}

    static Wire vertical(double x, double fromZ, double toZ, double radius) {
        return new Wire(new Point(x, 0, fromZ), new Point(x, 0, toZ), radius);
    }

    static Wire dipole(double x, double length, double radius) {
        return vertical(x, -length / 2, length / 2, radius);
    }

    /** A vertical of {@code length} over {@code count} radials that droop by {@code droopDeg}; wire 0 is fed at 0. */
    static Structure groundPlane(double length, double radial, int count, double droopDeg, double radius) {
        List<Wire> wires = new ArrayList<>();
        Point feed = new Point(0, 0, 0);
        wires.add(new Wire(feed, new Point(0, 0, length), radius));
        double out = radial * Math.cos(Math.toRadians(droopDeg));
        double down = radial * Math.sin(Math.toRadians(droopDeg));
        for (int i = 0; i < count; i++) {
            double angle = 2 * Math.PI * i / count;
            wires.add(new Wire(feed, new Point(out * Math.cos(angle), out * Math.sin(angle), -down), radius));
        }
        return Structure.inFreeSpace(wires);
    }

    /** A J-pole of tube: stub, bridge, tap as a short wire (5), which is fed in its middle. */
    static Structure jPole() {
        double tap = 0.045;
        double apart = 0.05;
        double a = 0.008;
        return Structure.inFreeSpace(List.of(
                vertical(0, 0, tap, a),
                vertical(0, tap, 1.474, a),
                new Wire(new Point(0, 0, 0), new Point(apart, 0, 0), a),
                vertical(apart, 0, tap, a),
                vertical(apart, tap, 0.491, a),
                new Wire(new Point(0, 0, tap), new Point(apart, 0, tap), 0.002)));
    }

    static Structure folded(double length, double apart, double a) {
        double h = length / 2;
        return Structure.inFreeSpace(List.of(
                dipole(0, length, a),
                dipole(apart, length, a),
                new Wire(new Point(0, 0, -h), new Point(apart, 0, -h), a),
                new Wire(new Point(0, 0, h), new Point(apart, 0, h), a)));
    }

    static Solution solve(Structure structure, Port feed, double hz) {
        return new Solver(structure, List.of(feed), hz).at(hz, Watch.NOBODY);
    }

    static Impedance impedance(Structure structure, Port feed, double hz) {
        return solve(structure, feed, hz).impedance();
    }

    static Reflection reflection(Solver solver, double hz) {
        return Reflection.of(solver.at(hz, Watch.NOBODY).impedance(), 50);
    }

    /** Where {@code f} crosses zero between {@code low} and {@code high}, by halving. */
    static double zero(DoubleUnaryOperator f, double low, double high) {
        boolean rising = f.applyAsDouble(low) < 0;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (f.applyAsDouble(middle) < 0 == rising) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
