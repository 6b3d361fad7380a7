package dorada.core.line;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.NeedsPhase;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.List;

/**
 * A whole sweep moved along a lossy feedline, and what the line costs.
 *
 * <p>Against the line's own impedance Γ turns by 2βl and shrinks by twice the matched loss toward the radio. Source: D. M.
 * Pozar, Microwave Engineering, eq. 2.42 and section 2.7. Total loss with mismatch: 10·log₁₀((a² − ρ²)/(a·(1 − ρ²))) with a the
 * matched loss as a power ratio and ρ = |Γ| at the antenna; follows from the power entering and leaving such a line.
 */
public final class ThroughLine {

    private static final double MORE_THAN_ALL = 1.01;

    private ThroughLine() {}

    /** The antenna as the radio sees it. Throws where {@code atAntenna} has no phase. */
    public static Sweep towardRadio(Sweep atAntenna, Line line) {
        return moved(atAntenna, line, 1);
    }

    /** The antenna itself, from what the radio sees. Noise grows with the line's loss. Throws where there is no phase. */
    public static Sweep towardAntenna(Sweep atRadio, Line line) {
        return moved(atRadio, line, -1);
    }

    /** Matched loss in dB at each point of {@code sweep}. */
    public static double[] matchedLossDb(Sweep sweep, Line line) {
        double[] loss = new double[sweep.size()];
        for (int i = 0; i < loss.length; i++) {
            loss[i] = line.matchedLossDb(sweep.frequencyHz(i));
        }
        return loss;
    }

    /** Matched loss and what mismatch adds, in dB at each point; infinite where the antenna takes nothing. */
    public static double[] totalLossDb(Sweep atAntenna, Line line) {
        Sweep own = atAntenna.renormalised(line.impedanceOhm());
        double[] loss = new double[own.size()];
        for (int i = 0; i < loss.length; i++) {
            loss[i] = totalLossDb(own.magnitude(i), line.matchedLossDb(own.frequencyHz(i)));
        }
        return loss;
    }

    /** @param magnitude |Γ| at the antenna against the line's impedance */
    static double totalLossDb(double magnitude, double matchedLossDb) {
        double a = Math.pow(10, matchedLossDb / 10);
        double p = magnitude * magnitude;
        return p >= 1 ? Double.POSITIVE_INFINITY : 10 * Math.log10((a * a - p) / (a * (1 - p)));
    }

    /** What a person must know about an antenna worked out from behind {@code line}; empty where there is nothing. */
    public static List<Outcome> doubts(Sweep atAntenna, Line line) {
        List<Outcome> doubts = new ArrayList<>();
        int above = 0;
        for (int i = 0; i < atAntenna.size(); i++) {
            above += atAntenna.magnitude(i) > MORE_THAN_ALL ? 1 : 0;
        }
        if (above > 0) {
            doubts.add(Doubt.MORE_THAN_ALL.of(above, atAntenna.size()));
        }
        double loss = line.matchedLossDb(atAntenna.stopHz());
        if (loss > 6) {
            doubts.add(Doubt.LOSSY.of(loss, (int) Math.round(Math.pow(10, loss / 10))));
        }
        return doubts;
    }

    private static Sweep moved(Sweep sweep, Line line, int way) {
        sweep.requirePhase(NeedsPhase.MOVED_ALONG_A_LINE);
        int n = sweep.size();
        double[] re = new double[n];
        double[] im = new double[n];
        double from = sweep.referenceOhm();
        double own = line.impedanceOhm();
        double q = (from - own) / (from + own);
        double lossK1 = line.k1DbPer100mSqrtMHz() * line.lengthM() / 100;
        double lossK2 = line.k2DbPer100mMHz() * line.lengthM() / 100;
        double nepersPerDb = -way * Math.log(10) / 10;
        double turn = -way * 4 * Math.PI * line.lengthM() / (Wavelength.SPEED_OF_LIGHT_M_PER_S * line.velocityFactor());
        Turns turns = new Turns(sweep, turn);
        for (int i = 0; i < n; i++) {
            double mhz = sweep.frequencyHz(i) * 1e-6;
            double gr = sweep.re(i);
            double gi = sweep.im(i);
            // Against the line's impedance: (Γ + q)/(1 + qΓ).
            double dr = 1 + q * gr;
            double di = q * gi;
            double inverse = 1 / (dr * dr + di * di);
            double ur = ((gr + q) * dr + gi * di) * inverse;
            double ui = (gi * dr - (gr + q) * di) * inverse;
            double size = Math.exp(nepersPerDb * (lossK1 * Math.sqrt(mhz) + lossK2 * mhz));
            turns.to(i);
            double c = size * turns.cos();
            double s = size * turns.sin();
            double vr = ur * c - ui * s;
            double vi = ur * s + ui * c;
            // And back, with q turned over.
            dr = 1 - q * vr;
            di = -q * vi;
            inverse = 1 / (dr * dr + di * di);
            re[i] = ((vr - q) * dr + vi * di) * inverse;
            im[i] = (vi * dr - (vr - q) * di) * inverse;
        }
        return sweep.withReflections(re, im);
    }

    /** What a person must know. */
    private enum Doubt implements OutcomeId {
        MORE_THAN_ALL("pointsCount", "allCount"),
        LOSSY("lossFineDb", "timesCount");

        private final List<String> takes;

        Doubt(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "lineDoubt";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
