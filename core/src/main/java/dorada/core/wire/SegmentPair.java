package dorada.core.wire;

/**
 * Mutual impedance of two segments' end functions: for the current functions f and their charge functions f′,
 * Z = jωμ/4π ∬ (f·f) G + 1/(jωε4π) ∬ f′f′ G with G = exp(−jkR)/R. Source: R. F. Harrington, Field Computation by Moment
 * Methods, chapter 4.
 *
 * <p>R is taken from axis to axis; for segments whose axes meet, R² gains the larger radius squared: averaged about both
 * surfaces, the logarithm of the distance of two coaxial tubes is that of the larger radius.
 *
 * <p>Far pairs take Gauss' rule, with one exponential for each pair and its change by series. Near pairs take, inside, the
 * change of variable t = t₀ + d·sinh u, under which dt/R is smooth, and outside a rule drawn toward the ends.
 */
final class SegmentPair {

    private static final double ETA_OVER_4_PI = 376.730_313_668 / (4 * Math.PI);

    /** Distance over mean length from which two, and from which four points suffice. */
    private static final double FAR = 7;

    private static final double MIDDLE = 2;

    private static final double SMALLEST_SCALE = 0.02;
    private static final double WIDE_RANGE = 3;

    private static final Gauss TWO = Gauss.of(2);
    private static final Gauss FOUR = Gauss.of(4);
    private static final Gauss OUTER_TOUCHING = Gauss.of(10).towardEnds();
    private static final Gauss OUTER_APART = Gauss.of(6);
    private static final Gauss INNER_WIDE = Gauss.of(12);
    private static final Gauss INNER_NARROW = Gauss.of(6);

    /** What depends on one segment and the frequency alone; shared by the threads. */
    static final class Table {
        final Mesh mesh;
        final double k;
        final double[] cot;
        final double[] csc;
        final double[] midX;
        final double[] midY;
        final double[] midZ;
        final Points two;
        final Points four;
        final boolean grounded;

        Table(Mesh mesh, double k) {
            this.mesh = mesh;
            this.k = k;
            int n = mesh.segments();
            cot = new double[n];
            csc = new double[n];
            midX = new double[n];
            midY = new double[n];
            midZ = new double[n];
            grounded = mesh.structure.overPerfectGround();
            for (int s = 0; s < n; s++) {
                double half = mesh.length[s] / 2;
                midX[s] = mesh.x[s] + mesh.ux[s] * half;
                midY[s] = mesh.y[s] + mesh.uy[s] * half;
                midZ[s] = mesh.z[s] + mesh.uz[s] * half;
                csc[s] = 1 / Math.sin(k * mesh.length[s]);
                cot[s] = Math.cos(k * mesh.length[s]) * csc[s];
            }
            two = new Points(mesh, k, TWO);
            four = new Points(mesh, k, FOUR);
        }

        /**
         * Integrals over segment {@code p} of its end functions' products, in metres (0 to 3), and of its charge functions'
         * products, per metre (4 to 7); index 2·e + f.
         */
        double[] ownProducts(int p) {
            double l = mesh.length[p];
            double sin = Math.sin(k * l);
            double cos = Math.cos(k * l);
            double cc = l / 2 + sin * cos / (2 * k);
            double ss = l / 2 - sin * cos / (2 * k);
            double cs = sin * sin / (2 * k);
            double[] out = new double[8];
            currents(cot[p], csc[p], cot[p], csc[p], cc, cs, cs, ss, out, 0, 1);
            charges(cot[p], csc[p], cot[p], csc[p], cc, cs, cs, ss, out, 4, 1);
            for (int i = 4; i < 8; i++) {
                out[i] *= k * k;
            }
            return out;
        }

        /** Integrals of the charge functions' products, per metre, where two parallel segments run beside each other. */
        double[] chargeOverlap(int p, int q, Gauss rule) {
            double along = mesh.ux[p] * mesh.ux[q] + mesh.uy[p] * mesh.uy[q] + mesh.uz[p] * mesh.uz[q];
            double begin = (mesh.x[q] - mesh.x[p]) * mesh.ux[p]
                    + (mesh.y[q] - mesh.y[p]) * mesh.uy[p]
                    + (mesh.z[q] - mesh.z[p]) * mesh.uz[p];
            double end = begin + along * mesh.length[q];
            double from = Math.max(0, Math.min(begin, end));
            double to = Math.min(mesh.length[p], Math.max(begin, end));
            double[] out = new double[4];
            for (int i = 0; i < rule.points() && to > from; i++) {
                double t = from + (to - from) * rule.at()[i];
                double w = (to - from) * rule.weight()[i] * k * k;
                double ct = Math.cos(k * t);
                double st = Math.sin(k * t);
                double other = (t - begin) / along;
                double co = Math.cos(k * other);
                double so = Math.sin(k * other);
                double[] once = new double[4];
                charges(cot[p], csc[p], cot[q], csc[q], ct * co, ct * so, st * co, st * so, once, 0, 1);
                for (int j = 0; j < 4; j++) {
                    out[j] += w * once[j];
                }
            }
            return out;
        }
    }

    /** Gauss' points of every segment: places and weighted cos kt, sin kt; index segment·n + point. */
    private static final class Points {
        final int n;
        final double[] x;
        final double[] y;
        final double[] z;
        final double[] cos;
        final double[] sin;

        Points(Mesh mesh, double k, Gauss rule) {
            n = rule.points();
            int size = mesh.segments() * n;
            x = new double[size];
            y = new double[size];
            z = new double[size];
            cos = new double[size];
            sin = new double[size];
            for (int s = 0; s < mesh.segments(); s++) {
                for (int i = 0; i < n; i++) {
                    double t = rule.at()[i] * mesh.length[s];
                    double w = rule.weight()[i] * mesh.length[s];
                    int at = s * n + i;
                    x[at] = mesh.x[s] + mesh.ux[s] * t;
                    y[at] = mesh.y[s] + mesh.uy[s] * t;
                    z[at] = mesh.z[s] + mesh.uz[s] * t;
                    cos[at] = w * Math.cos(k * t);
                    sin[at] = w * Math.sin(k * t);
                }
            }
        }
    }

    private final Table table;
    private final Mesh mesh;
    private final double k;

    /** ∬ {cos, sin}(kt)·{cos, sin}(kt′)·G: cos-cos, cos-sin, sin-cos, sin-sin, each real and imaginary. */
    private double ccRe;

    private double ccIm;
    private double csRe;
    private double csIm;
    private double scRe;
    private double scIm;
    private double ssRe;
    private double ssIm;

    SegmentPair(Table table) {
        this.table = table;
        this.mesh = table.mesh;
        this.k = table.k;
    }

    /** Into {@code out}: Z in ohms of end e of p with end f of q, at 2·(2·e + f) real and imaginary; images included. */
    void impedance(int p, int q, double[] out) {
        java.util.Arrays.fill(out, 0);
        add(p, q, false, out);
        if (table.grounded) {
            add(p, q, true, out);
        }
    }

    private void add(int p, int q, boolean image, double[] out) {
        integrate(p, q, image);
        double flip = image ? -1 : 1;
        double dot = mesh.ux[p] * mesh.ux[q] + mesh.uy[p] * mesh.uy[q] + flip * mesh.uz[p] * mesh.uz[q];
        double[] cot = table.cot;
        double[] csc = table.csc;
        // j·(re + j·im) = −im + j·re; an image carries the opposite current along the mirrored direction.
        double scale = flip * k * ETA_OVER_4_PI;
        double[] re = sum;
        currents(cot[p], csc[p], cot[q], csc[q], ccRe, csRe, scRe, ssRe, re, 0, dot);
        charges(cot[p], csc[p], cot[q], csc[q], ccRe, csRe, scRe, ssRe, re, 4, 1);
        for (int i = 0; i < 4; i++) {
            out[2 * i + 1] += scale * (re[i] - re[4 + i]);
        }
        currents(cot[p], csc[p], cot[q], csc[q], ccIm, csIm, scIm, ssIm, re, 0, dot);
        charges(cot[p], csc[p], cot[q], csc[q], ccIm, csIm, scIm, ssIm, re, 4, 1);
        for (int i = 0; i < 4; i++) {
            out[2 * i] -= scale * (re[i] - re[4 + i]);
        }
    }

    private final double[] sum = new double[8];

    /** Products of the end functions from the four integrals, times {@code factor}. */
    private static void currents(
            double cotP,
            double cscP,
            double cotQ,
            double cscQ,
            double cc,
            double cs,
            double sc,
            double ss,
            double[] out,
            int at,
            double factor) {
        out[at] = factor * (cc - cotQ * cs - cotP * sc + cotP * cotQ * ss);
        out[at + 1] = factor * cscQ * (cs - cotP * ss);
        out[at + 2] = factor * cscP * (sc - cotQ * ss);
        out[at + 3] = factor * cscP * cscQ * ss;
    }

    /** Products of the charge functions over k. */
    private static void charges(
            double cotP,
            double cscP,
            double cotQ,
            double cscQ,
            double cc,
            double cs,
            double sc,
            double ss,
            double[] out,
            int at,
            double factor) {
        out[at] = factor * (cotP * cotQ * cc + cotP * cs + cotQ * sc + ss);
        out[at + 1] = -factor * cscQ * (cotP * cc + sc);
        out[at + 2] = -factor * cscP * (cotQ * cc + cs);
        out[at + 3] = factor * cscP * cscQ * cc;
    }

    private void integrate(int p, int q, boolean image) {
        double flip = image ? -1 : 1;
        double dx = table.midX[p] - table.midX[q];
        double dy = table.midY[p] - table.midY[q];
        double dz = table.midZ[p] - flip * table.midZ[q];
        boolean touching = mesh.touch(mesh.wire[p], mesh.wire[q]);
        double a = touching ? Math.max(mesh.radius[p], mesh.radius[q]) : 0;
        double distance = Math.sqrt(dx * dx + dy * dy + dz * dz + a * a);
        double mean = (mesh.length[p] + mesh.length[q]) / 2;
        if (distance > FAR * mean) {
            apart(table.two, p, q, flip, a * a, distance);
        } else if (distance > MIDDLE * mean) {
            apart(table.four, p, q, flip, a * a, distance);
        } else {
            near(p, q, flip, a * a, touching);
        }
    }

    private void apart(Points points, int p, int q, double flip, double aa, double distance) {
        int n = points.n;
        double cc = 0;
        double cs = 0;
        double sc = 0;
        double ss = 0;
        double cci = 0;
        double csi = 0;
        double sci = 0;
        double ssi = 0;
        for (int i = p * n; i < p * n + n; i++) {
            double px = points.x[i];
            double py = points.y[i];
            double pz = points.z[i];
            double cRe = 0;
            double cIm = 0;
            double sRe = 0;
            double sIm = 0;
            for (int j = q * n; j < q * n + n; j++) {
                double dx = px - points.x[j];
                double dy = py - points.y[j];
                double dz = pz - flip * points.z[j];
                double r = Math.sqrt(dx * dx + dy * dy + dz * dz + aa);
                double phase = k * (r - distance);
                double square = phase * phase;
                double re = cosOfSquare(square) / r;
                double im = -phase * sinOverOfSquare(square) / r;
                double c = points.cos[j];
                double s = points.sin[j];
                cRe += c * re;
                cIm += c * im;
                sRe += s * re;
                sIm += s * im;
            }
            double c = points.cos[i];
            double s = points.sin[i];
            cc += c * cRe;
            cci += c * cIm;
            cs += c * sRe;
            csi += c * sIm;
            sc += s * cRe;
            sci += s * cIm;
            ss += s * sRe;
            ssi += s * sIm;
        }
        double er = Math.cos(k * distance);
        double ei = -Math.sin(k * distance);
        ccRe = er * cc - ei * cci;
        ccIm = er * cci + ei * cc;
        csRe = er * cs - ei * csi;
        csIm = er * csi + ei * cs;
        scRe = er * sc - ei * sci;
        scIm = er * sci + ei * sc;
        ssRe = er * ss - ei * ssi;
        ssIm = er * ssi + ei * ss;
    }

    private void near(int p, int q, double flip, double aa, boolean touching) {
        Gauss outer = touching ? OUTER_TOUCHING : OUTER_APART;
        double lp = mesh.length[p];
        double lq = mesh.length[q];
        double vx = mesh.ux[q];
        double vy = mesh.uy[q];
        double vz = flip * mesh.uz[q];
        ccRe = ccIm = csRe = csIm = scRe = scIm = ssRe = ssIm = 0;
        for (int i = 0; i < outer.points(); i++) {
            double t = outer.at()[i] * lp;
            double x = mesh.x[p] + mesh.ux[p] * t - mesh.x[q];
            double y = mesh.y[p] + mesh.uy[p] * t - mesh.y[q];
            double z = mesh.z[p] + mesh.uz[p] * t - flip * mesh.z[q];
            double foot = x * vx + y * vy + z * vz;
            double dd = Math.max(0, x * x + y * y + z * z - foot * foot) + aa;
            double scale = Math.max(Math.sqrt(dd), SMALLEST_SCALE * lq);
            if (dd > 0 && foot > 0 && foot < lq) {
                scale = Math.sqrt(dd);
            }
            double low = asinh(-foot / scale);
            double range = asinh((lq - foot) / scale) - low;
            Gauss inner = range > WIDE_RANGE ? INNER_WIDE : INNER_NARROW;
            double cRe = 0;
            double cIm = 0;
            double sRe = 0;
            double sIm = 0;
            for (int j = 0; j < inner.points(); j++) {
                double e = Math.exp(low + range * inner.at()[j]);
                double along = scale * (e - 1 / e) / 2;
                double r = Math.sqrt(along * along + dd);
                double w = inner.weight()[j] * range * scale * (e + 1 / e) / (2 * r);
                double re = w * Math.cos(k * r);
                double im = -w * Math.sin(k * r);
                double kt = k * (foot + along);
                double square = kt * kt;
                double c = cosOfSquare(square);
                double s = kt * sinOverOfSquare(square);
                cRe += c * re;
                cIm += c * im;
                sRe += s * re;
                sIm += s * im;
            }
            double w = outer.weight()[i] * lp;
            double c = w * Math.cos(k * t);
            double s = w * Math.sin(k * t);
            ccRe += c * cRe;
            ccIm += c * cIm;
            csRe += c * sRe;
            csIm += c * sIm;
            scRe += s * cRe;
            scIm += s * cIm;
            ssRe += s * sRe;
            ssIm += s * sIm;
        }
    }

    /** cos x from x², for |x| up to about 1.3, where the next term is below 1e-7. */
    private static double cosOfSquare(double s) {
        return 1 - s / 2 * (1 - s / 12 * (1 - s / 30 * (1 - s / 56 * (1 - s / 90))));
    }

    /** sin x / x from x². */
    private static double sinOverOfSquare(double s) {
        return 1 - s / 6 * (1 - s / 20 * (1 - s / 42 * (1 - s / 72 * (1 - s / 110))));
    }

    private static double asinh(double v) {
        double m = Math.abs(v);
        return Math.copySign(Math.log(m + Math.sqrt(m * m + 1)), v);
    }
}
