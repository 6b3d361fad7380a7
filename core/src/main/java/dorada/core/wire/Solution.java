package dorada.core.wire;

import dorada.core.rf.Impedance;
import org.hipparchus.complex.Complex;

/** Currents of a structure at one frequency, with one volt at each feed in turn and the other feeds shorted. */
public final class Solution {

    private final Mesh mesh;
    private final double[][] feeds;
    private final double frequencyHz;
    private final ComplexVector[] currents;

    Solution(Mesh mesh, double[][] feeds, double frequencyHz, ComplexVector[] currents) {
        this.mesh = mesh;
        this.feeds = feeds;
        this.frequencyHz = frequencyHz;
        this.currents = currents;
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
        double re = 0;
        double im = 0;
        for (int m = 0; m < feeds[i].length; m++) {
            re += feeds[i][m] * currents[j].re[m];
            im += feeds[i][m] * currents[j].im[m];
        }
        return new Complex(re, im);
    }

    /** Current in amperes along wire {@code port.wire()} at one of the structure's ports, for one volt at the first feed. */
    public Complex currentAt(Port port) {
        double[] c = mesh.through(port);
        double re = 0;
        double im = 0;
        for (int m = 0; m < c.length; m++) {
            re += c[m] * currents[0].re[m];
            im += c[m] * currents[0].im[m];
        }
        return new Complex(re, im);
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

    /** Watts that are lost in wires and lumped elements for one volt (peak) at the first feed. */
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
        return lost / 2;
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
