package dorada.core.wire;

import dorada.core.rf.Impedance;
import org.hipparchus.complex.Complex;
import org.hipparchus.linear.FieldMatrix;

/** Currents of a structure at one frequency, with one volt at each feed in turn and the other feeds shorted. */
public final class Solution {

    private final Mesh mesh;
    private final double frequencyHz;
    private final ComplexVector[] currents;
    private final FieldMatrix<Complex> admittances;
    private final double linesW;

    /** @param each currents for one volt at each port in turn, lines not yet connected */
    Solution(Mesh mesh, double[][] ports, int feeds, Linked linked, double frequencyHz, ComplexVector[] each) {
        this.mesh = mesh;
        this.frequencyHz = frequencyHz;
        FieldMatrix<Complex> lines = linked.ofLines(frequencyHz);
        FieldMatrix<Complex> all = lines.copy();
        for (int i = 0; i < ports.length; i++) {
            for (int j = 0; j < ports.length; j++) {
                all.addToEntry(i, j, sum(ports[i], each[j]));
            }
        }
        FieldMatrix<Complex> voltages = linked.voltages(all);
        admittances = all.multiply(voltages).getSubMatrix(0, feeds - 1, 0, feeds - 1);
        currents = ports.length == feeds ? each : combined(each, voltages);
        Complex[] v = voltages.getColumn(0);
        Complex[] i = lines.operate(v);
        double watts = 0;
        for (int p = 0; p < v.length; p++) {
            watts += v[p].multiply(i[p].conjugate()).getReal() / 2;
        }
        linesW = watts;
    }

    private static Complex sum(double[] through, ComplexVector current) {
        double re = 0;
        double im = 0;
        for (int m = 0; m < through.length; m++) {
            re += through[m] * current.re[m];
            im += through[m] * current.im[m];
        }
        return new Complex(re, im);
    }

    private static ComplexVector[] combined(ComplexVector[] each, FieldMatrix<Complex> voltages) {
        ComplexVector[] out = new ComplexVector[voltages.getColumnDimension()];
        for (int f = 0; f < out.length; f++) {
            out[f] = new ComplexVector(each[0].size());
            for (int p = 0; p < each.length; p++) {
                out[f].add(each[p], voltages.getEntry(p, f));
            }
        }
        return out;
    }

    public double frequencyHz() {
        return frequencyHz;
    }

    /** Impedance at the first feed, other feeds shorted. */
    public Impedance impedance() {
        Complex z = admittance(0, 0).reciprocal();
        return new Impedance(z.getReal(), z.getImaginary());
    }

    /** Current in amperes into feed {@code i} for one volt at feed {@code j}: siemens. */
    public Complex admittance(int i, int j) {
        return admittances.getEntry(i, j);
    }

    /** Current in amperes along wire {@code port.wire()} at one of the structure's ports, for one volt at the first feed. */
    public Complex currentAt(Port port) {
        return sum(mesh.through(port), currents[0]);
    }

    /** The current along every segment, in order of wires, for one volt at the first feed. */
    public SegmentCurrent[] segmentCurrents() {
        ComplexVector ends = ends();
        SegmentCurrent[] out = new SegmentCurrent[mesh.segments()];
        for (int s = 0; s < out.length; s++) {
            Point from = new Point(mesh.x[s], mesh.y[s], mesh.z[s]);
            Point along = new Point(mesh.ux[s], mesh.uy[s], mesh.uz[s]);
            out[s] = new SegmentCurrent(
                    mesh.wire[s],
                    from,
                    from.plus(along.times(mesh.length[s])),
                    Math.hypot(ends.re[2 * s], ends.im[2 * s]),
                    Math.hypot(ends.re[2 * s + 1], ends.im[2 * s + 1]));
        }
        return out;
    }

    /**
     * @param wire index of the wire
     * @param from where the segment begins
     * @param to where it ends
     * @param fromAmpere magnitude of the current at its beginning
     * @param toAmpere and at its end
     */
    public record SegmentCurrent(int wire, Point from, Point to, double fromAmpere, double toAmpere) {}

    /** Coefficients of the end functions, index 2·segment + end, for one volt at the first feed. */
    ComplexVector ends() {
        ComplexVector out = new ComplexVector(2 * mesh.segments());
        for (int m = 0; m < mesh.modes(); m++) {
            double re = currents[0].re[m];
            double im = currents[0].im[m];
            out.re[mesh.halfA[m]] += mesh.signA[m] * re;
            out.im[mesh.halfA[m]] += mesh.signA[m] * im;
            if (mesh.halfB[m] >= 0) {
                out.re[mesh.halfB[m]] += mesh.signB[m] * re;
                out.im[mesh.halfB[m]] += mesh.signB[m] * im;
            }
        }
        return out;
    }

    Mesh mesh() {
        return mesh;
    }

    /** Watts that go in for one volt (peak) at the first feed. */
    public double inputW() {
        return admittance(0, 0).getReal() / 2;
    }

    /** Watts that are lost in wires, lumped elements and lines for one volt (peak) at the first feed. */
    public double lostW() {
        double k = 2 * Math.PI * frequencyHz / dorada.core.rf.Wavelength.SPEED_OF_LIGHT_M_PER_S;
        SegmentPair.Table table = new SegmentPair.Table(mesh, k);
        ComplexVector ends = ends();
        double lost = 0;
        for (int s = 0; s < mesh.segments(); s++) {
            Wire wire = mesh.structure.wires().get(mesh.wire[s]);
            double ohm = wire.conductor().ohmPerMetre(frequencyHz, wire.radiusM());
            if (ohm > 0) {
                double[] own = table.ownProducts(s);
                for (int e = 0; e < 2; e++) {
                    for (int f = 0; f < 2; f++) {
                        lost += ohm
                                * own[2 * e + f]
                                * (ends.re[2 * s + e] * ends.re[2 * s + f] + ends.im[2 * s + e] * ends.im[2 * s + f]);
                    }
                }
            }
        }
        for (Load load : mesh.structure.loads()) {
            double i = currentAt(load.at()).norm();
            lost += i * i * load.element().impedanceAt(frequencyHz).resistanceOhm();
        }
        return lost / 2 + linesW;
    }

    /** Share of the input that is radiated, 0 to 1. */
    public double efficiency() {
        return 1 - lostW() / inputW();
    }

    /** Gain and pattern. */
    public FarField farField() {
        return new FarField(this);
    }
}
