package dorada.core.wire;

import dorada.core.rf.Wavelength;
import java.util.stream.IntStream;

/**
 * What a solved structure radiates far away. Over ground only the upper half space counts. Source: C. A. Balanis, Antenna
 * Theory, 3rd edition, section 12.1 (radiation vector) and 2.4 to 2.9 (intensity, gain).
 */
public final class FarField {

    private static final double ETA = 376.730_313_668;
    private static final Gauss RULE = Gauss.of(3);
    private static final int LEAST_ORDER = 16;

    private final Solution solution;
    private final double k;
    private final boolean grounded;

    /** Elements of current: place, and moment in ampere-metres. */
    private final double[] x;

    private final double[] y;
    private final double[] z;
    private final double[][] momentRe;
    private final double[][] momentIm;
    private final double reachM;

    FarField(Solution solution) {
        this.solution = solution;
        Mesh mesh = solution.mesh();
        k = 2 * Math.PI / Wavelength.ofHz(solution.frequencyHz());
        grounded = mesh.structure.overPerfectGround();
        ComplexVector ends = solution.ends();
        int n = mesh.segments() * RULE.points();
        x = new double[n];
        y = new double[n];
        z = new double[n];
        momentRe = new double[3][n];
        momentIm = new double[3][n];
        double reach = 0;
        for (int s = 0; s < mesh.segments(); s++) {
            double l = mesh.length[s];
            double csc = 1 / Math.sin(k * l);
            for (int i = 0; i < RULE.points(); i++) {
                int at = s * RULE.points() + i;
                double t = RULE.at()[i] * l;
                double begin = Math.sin(k * (l - t)) * csc * RULE.weight()[i] * l;
                double end = Math.sin(k * t) * csc * RULE.weight()[i] * l;
                double re = begin * ends.re[2 * s] + end * ends.re[2 * s + 1];
                double im = begin * ends.im[2 * s] + end * ends.im[2 * s + 1];
                x[at] = mesh.x[s] + mesh.ux[s] * t;
                y[at] = mesh.y[s] + mesh.uy[s] * t;
                z[at] = mesh.z[s] + mesh.uz[s] * t;
                double[] u = {mesh.ux[s], mesh.uy[s], mesh.uz[s]};
                for (int c = 0; c < 3; c++) {
                    momentRe[c][at] = u[c] * re;
                    momentIm[c][at] = u[c] * im;
                }
                reach = Math.max(reach, Math.sqrt(x[at] * x[at] + y[at] * y[at] + z[at] * z[at]));
            }
        }
        reachM = reach;
    }

    /**
     * Gain over an isotropic radiator (a ratio), against the power that goes into the feed.
     *
     * @param azimuthDeg from +x toward +y
     * @param elevationDeg −90 to 90 above the plane z = 0
     */
    public double gain(double azimuthDeg, double elevationDeg) {
        double[] u = intensities(Math.toRadians(azimuthDeg), Math.toRadians(elevationDeg));
        return 4 * Math.PI * (u[0] + u[1]) / solution.inputW();
    }

    /** The part of {@link #gain} whose electric field stands vertically (a ratio). */
    public double verticalGain(double azimuthDeg, double elevationDeg) {
        return part(0, azimuthDeg, elevationDeg);
    }

    /** The part of {@link #gain} whose electric field lies level (a ratio). */
    public double horizontalGain(double azimuthDeg, double elevationDeg) {
        return part(1, azimuthDeg, elevationDeg);
    }

    private double part(int field, double azimuthDeg, double elevationDeg) {
        double[] u = intensities(Math.toRadians(azimuthDeg), Math.toRadians(elevationDeg));
        return 4 * Math.PI * u[field] / solution.inputW();
    }

    /** Gain in dB over isotropic; minus infinity where nothing is radiated. */
    public double gainDbi(double azimuthDeg, double elevationDeg) {
        return 10 * Math.log10(gain(azimuthDeg, elevationDeg));
    }

    /** Greatest gain in dBi over all directions, to about a hundredth of a dB. */
    public double maxGainDbi() {
        int low = grounded ? 0 : -90;
        double[] best = IntStream.rangeClosed(low / 3, 30)
                .parallel()
                .mapToObj(e -> {
                    double[] here = {0, 3.0 * e, -1};
                    for (int a = 0; a < 360; a += 5) {
                        take(here, a, 3.0 * e);
                    }
                    return here;
                })
                .reduce(new double[] {0, 0, -1}, (a, b) -> b[2] > a[2] ? b : a);
        for (double step = 2; step > 0.1; step /= 2) {
            double azimuth = best[0];
            double elevation = best[1];
            for (int i = -1; i <= 1; i++) {
                for (int j = -1; j <= 1; j++) {
                    take(best, azimuth + i * step, Math.max(low, Math.min(90, elevation + j * step)));
                }
            }
        }
        return 10 * Math.log10(best[2]);
    }

    private void take(double[] best, double azimuth, double elevation) {
        double g = gain(azimuth, elevation);
        if (g > best[2]) {
            best[0] = azimuth;
            best[1] = elevation;
            best[2] = g;
        }
    }

    /** Radiated watts, from the field integrated over all directions. */
    public double radiatedW() {
        int order = LEAST_ORDER + (int) Math.ceil(1.2 * k * reachM);
        Gauss heights = Gauss.of(order);
        int azimuths = 2 * order;
        double low = grounded ? 0 : -1;
        return IntStream.range(0, order)
                .parallel()
                .mapToDouble(i -> {
                    double height = low + (1 - low) * heights.at()[i];
                    double ring = 0;
                    for (int a = 0; a < azimuths; a++) {
                        double[] u = intensities(2 * Math.PI * a / azimuths, Math.asin(height));
                        ring += u[0] + u[1];
                    }
                    return ring * 2 * Math.PI / azimuths * heights.weight()[i] * (1 - low);
                })
                .sum();
    }

    /**
     * Radiated power over what goes in less what is lost: 1 where the solution is sound. The usual self-check, and the
     * reason to distrust a model whose value is far from 1.
     */
    public double averageGain() {
        return radiatedW() / (solution.inputW() - solution.lostW());
    }

    /** Radiation intensity in watts per steradian, of the vertical and of the horizontal field; angles in radians. */
    private double[] intensities(double azimuth, double elevation) {
        double ca = Math.cos(azimuth);
        double sa = Math.sin(azimuth);
        double ce = Math.cos(elevation);
        double se = Math.sin(elevation);
        double[] sumRe = new double[3];
        double[] sumIm = new double[3];
        for (int i = 0; i < x.length; i++) {
            double flat = k * ce * (ca * x[i] + sa * y[i]);
            double up = k * se * z[i];
            double c = Math.cos(flat + up);
            double s = Math.sin(flat + up);
            double horizontalRe = c;
            double horizontalIm = s;
            double verticalRe = c;
            double verticalIm = s;
            if (grounded) {
                double ci = Math.cos(flat - up);
                double si = Math.sin(flat - up);
                horizontalRe -= ci;
                horizontalIm -= si;
                verticalRe += ci;
                verticalIm += si;
            }
            for (int v = 0; v < 3; v++) {
                double pr = v == 2 ? verticalRe : horizontalRe;
                double pi = v == 2 ? verticalIm : horizontalIm;
                sumRe[v] += momentRe[v][i] * pr - momentIm[v][i] * pi;
                sumIm[v] += momentRe[v][i] * pi + momentIm[v][i] * pr;
            }
        }
        double thetaRe = se * (ca * sumRe[0] + sa * sumRe[1]) - ce * sumRe[2];
        double thetaIm = se * (ca * sumIm[0] + sa * sumIm[1]) - ce * sumIm[2];
        double phiRe = ca * sumRe[1] - sa * sumRe[0];
        double phiIm = ca * sumIm[1] - sa * sumIm[0];
        double scale = ETA * k * k / (32 * Math.PI * Math.PI);
        return new double[] {scale * (thetaRe * thetaRe + thetaIm * thetaIm), scale * (phiRe * phiRe + phiIm * phiIm)};
    }
}
