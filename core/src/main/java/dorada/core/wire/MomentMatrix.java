package dorada.core.wire;

import dorada.core.rf.Wavelength;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;

/** Fills the matrix of mutual impedances between the modes of a mesh at one frequency. */
final class MomentMatrix {

    /** Rows that are filled together: few enough for both cores, many enough that few segments are met twice. */
    private static final int ROWS = 24;

    private static final int OVERLAP_POINTS = 6;

    private final Mesh mesh;
    private final double frequencyHz;
    private final SegmentPair.Table table;
    private final SymmetricMatrix matrix;

    private MomentMatrix(Mesh mesh, double frequencyHz) {
        this.mesh = mesh;
        this.frequencyHz = frequencyHz;
        table = new SegmentPair.Table(mesh, 2 * Math.PI / Wavelength.ofHz(frequencyHz));
        matrix = new SymmetricMatrix(mesh.modes());
    }

    /** In ohms, shape modes × modes. */
    static SymmetricMatrix of(Mesh mesh, double frequencyHz, Watch watch) {
        MomentMatrix m = new MomentMatrix(mesh, frequencyHz);
        m.interactions(watch);
        m.losses();
        m.sharedSheaths();
        m.loads();
        return m.matrix;
    }

    private void interactions(Watch watch) {
        int modes = mesh.modes();
        int blocks = (modes + ROWS - 1) / ROWS;
        AtomicInteger done = new AtomicInteger();
        // Blocks from the front are longer than those from the back: taken in pairs they weigh alike.
        IntStream.range(0, blocks).parallel().forEach(i -> {
            int block = i % 2 == 0 ? i / 2 : blocks - 1 - i / 2;
            int from = block * ROWS;
            fillRows(from, Math.min(modes, from + ROWS));
            watch.report((double) done.incrementAndGet() / blocks);
        });
    }

    /** Rows {@code from} to {@code to}, columns from the diagonal on. Threads never share a row. */
    private void fillRows(int from, int to) {
        int[] rowSegments = segmentsOf(from, to);
        int[] columnSegments = segmentsOf(from, mesh.modes());
        int[][] rowModes = modesByHalf(from, to);
        int[][] columnModes = modesByHalf(from, mesh.modes());
        SegmentPair pair = new SegmentPair(table);
        double[] block = new double[8];
        for (int p : rowSegments) {
            for (int q : columnSegments) {
                pair.impedance(p, q, block);
                for (int e = 0; e < 2; e++) {
                    for (int m : rowModes[2 * p + e]) {
                        double sm = sign(m, 2 * p + e);
                        for (int f = 0; f < 2; f++) {
                            for (int n : columnModes[2 * q + f]) {
                                if (n >= m) {
                                    double s = sm * sign(n, 2 * q + f);
                                    int at = 2 * (2 * e + f);
                                    matrix.re[m][n - m] += s * block[at];
                                    matrix.im[m][n - m] += s * block[at + 1];
                                }
                            }
                        }
                    }
                }
            }
        }
    }

    private double sign(int mode, int half) {
        return mesh.halfA[mode] == half ? mesh.signA[mode] : mesh.signB[mode];
    }

    private int[] segmentsOf(int from, int to) {
        return IntStream.range(from, to)
                .flatMap(m -> IntStream.of(mesh.halfA[m], mesh.halfB[m]))
                .filter(h -> h >= 0)
                .map(h -> h / 2)
                .distinct()
                .sorted()
                .toArray();
    }

    private static final int[] NONE = {};

    private int[][] modesByHalf(int from, int to) {
        int[][] by = new int[2 * mesh.segments()][];
        Arrays.fill(by, NONE);
        for (int m = from; m < to; m++) {
            by[mesh.halfA[m]] = with(by[mesh.halfA[m]], m);
            if (mesh.halfB[m] >= 0) {
                by[mesh.halfB[m]] = with(by[mesh.halfB[m]], m);
            }
        }
        return by;
    }

    private static int[] with(int[] few, int one) {
        int[] more = Arrays.copyOf(few, few.length + 1);
        more[few.length] = one;
        return more;
    }

    /** Wire resistance and each wire's own layers, which act where the current and the charge are. */
    private void losses() {
        int[][] modes = modesByHalf(0, mesh.modes());
        double omega = 2 * Math.PI * frequencyHz;
        for (int p = 0; p < mesh.segments(); p++) {
            Wire wire = mesh.structure.wires().get(mesh.wire[p]);
            double ohm = wire.conductor().ohmPerMetre(frequencyHz, wire.radiusM());
            double change =
                    wire.sheaths().stream().mapToDouble(Sheath::potentialChange).sum();
            if (ohm == 0 && change == 0) {
                continue;
            }
            double[] products = table.ownProducts(p);
            for (int e = 0; e < 2; e++) {
                for (int f = 0; f < 2; f++) {
                    double current = products[2 * e + f];
                    double charge = products[4 + 2 * e + f];
                    addBetween(modes, 2 * p + e, 2 * p + f, ohm * current, ohm * current - change * charge / omega);
                }
            }
        }
    }

    /** Adds Z of two halves to every pair of modes that has them, once for each entry of the upper triangle. */
    private void addBetween(int[][] modes, int halfP, int halfQ, double re, double im) {
        for (int m : modes[halfP]) {
            for (int n : modes[halfQ]) {
                if (n >= m) {
                    double s = sign(m, halfP) * sign(n, halfQ);
                    matrix.add(m, n, s * re, s * im);
                }
            }
        }
    }

    /** One layer about several parallel wires: the charge of each raises the potential of all. */
    private void sharedSheaths() {
        List<Wire> wires = mesh.structure.wires();
        if (wires.stream().flatMap(w -> w.sheaths().stream()).noneMatch(Sheath::isShared)) {
            return;
        }
        int[][] modes = modesByHalf(0, mesh.modes());
        double omega = 2 * Math.PI * frequencyHz;
        Gauss rule = Gauss.of(OVERLAP_POINTS);
        for (int p = 0; p < mesh.segments(); p++) {
            for (int q = 0; q < mesh.segments(); q++) {
                double change =
                        mesh.wire[p] == mesh.wire[q] ? 0 : shared(wires.get(mesh.wire[p]), wires.get(mesh.wire[q]));
                if (change != 0) {
                    double[] charge = table.chargeOverlap(p, q, rule);
                    for (int e = 0; e < 2; e++) {
                        for (int f = 0; f < 2; f++) {
                            addBetween(modes, 2 * p + e, 2 * q + f, 0, -change * charge[2 * e + f] / omega);
                        }
                    }
                }
            }
        }
    }

    private static double shared(Wire a, Wire b) {
        double change = 0;
        for (Sheath s : a.sheaths()) {
            if (s.isShared() && b.sheaths().contains(s)) {
                change += s.potentialChange();
            }
        }
        return change;
    }

    private void loads() {
        for (Load load : mesh.structure.loads()) {
            double[] c = mesh.through(load.at());
            var z = load.element().impedanceAt(frequencyHz);
            for (int m = 0; m < c.length; m++) {
                for (int n = m; c[m] != 0 && n < c.length; n++) {
                    if (c[n] != 0) {
                        matrix.add(m, n, c[m] * c[n] * z.resistanceOhm(), c[m] * c[n] * z.reactanceOhm());
                    }
                }
            }
        }
    }
}
