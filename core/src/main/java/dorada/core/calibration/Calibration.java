package dorada.core.calibration;

import dorada.core.instrument.Span;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.sweep.NeedsPhase;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.List;

/**
 * A one-port calibration by open, short and load: valid over the span that was swept, used between its points by
 * interpolation, never beyond them.
 */
public final class Calibration {

    /** The residue of a load that a sound calibration leaves, as |Γ|: 40 dB (common practice, no source). */
    private static final double SOUND_RESIDUE = 0.01;

    /** Steps as large as this against the span leave the interpolation of the terms in doubt. */
    private static final int FEWEST_POINTS = 11;

    private final ErrorTerms terms;
    private final Standards.Truth truth;

    private Calibration(ErrorTerms terms, Standards.Truth truth) {
        this.terms = terms;
        this.truth = truth;
    }

    /**
     * @param read what the analyser read of open, short and load, uncorrected
     * @param standards what they are
     * @throws Refusal where two of them read alike
     */
    public static Calibration of(Standards.Truth read, Standards standards) {
        return of(read, standards.at(read.open()));
    }

    /**
     * @param truth what they are, as reflections over the frequencies of {@code read}
     * @throws Refusal where two of them read alike
     * @throws Refusal where the frequencies differ
     *
     */
    public static Calibration of(Standards.Truth read, Standards.Truth truth) {
        if (!read.open().hasFrequenciesOf(truth.open())) {
            throw new Refusal(Refused.WHAT_THE_STANDARDS_ARE_MUST_BE);
        }
        return new Calibration(ErrorTerms.of(read, truth), truth);
    }

    /** The span over which it holds; a calibration at one frequency holds nowhere else. */
    public double startHz() {
        return terms.frequencies().startHz();
    }

    public double stopHz() {
        return terms.frequencies().stopHz();
    }

    public int points() {
        return terms.frequencies().size();
    }

    /** True where all of {@code span} is calibrated. */
    public boolean covers(Span span) {
        return covers(span.startHz(), span.stopHz());
    }

    /** True where everything from {@code lowHz} to {@code highHz} is calibrated; they may be one. */
    public boolean covers(double lowHz, double highHz) {
        return lowHz >= startHz() && highHz <= stopHz();
    }

    /** A corrected sweep, and what a person must know about it. */
    public record Corrected(Sweep sweep, List<Outcome> warnings) {

        public Corrected {
            warnings = List.copyOf(warnings);
        }
    }

    /**
     * Corrects the raw readings inside the calibrated span; those beyond are left out, with a warning.
     *
     * @param raw uncorrected readings re 50 Ω, with phase
     * @throws Refusal where none of it is inside
     */
    public Corrected correct(Sweep raw) {
        raw.requirePhase(NeedsPhase.CORRECTED);
        int from = 0;
        int to = raw.size();
        while (from < to && raw.frequencyHz(from) < startHz()) {
            from++;
        }
        while (to > from && raw.frequencyHz(to - 1) > stopHz()) {
            to--;
        }
        if (from == to) {
            throw new Refusal(Refused.OUTSIDE.of(raw.startHz(), raw.stopHz(), startHz(), stopHz()));
        }
        List<Outcome> warnings = new ArrayList<>();
        int left = raw.size() - (to - from);
        if (left > 0) {
            warnings.add(Finding.LEFT_OUT.of(left, raw.size(), startHz(), stopHz()));
        }
        if (points() < FEWEST_POINTS && raw.size() > points()) {
            warnings.add(Finding.FEW_POINTS.of(points()));
        }
        return new Corrected(terms.correct(left == 0 ? raw : raw.part(from, to)), warnings);
    }

    /**
     * How good it is, judged by a load connected again.
     *
     * @param directivityLeftDb worst return loss of what correction leaves of the load, positive dB; large is good
     * @param says for a person
     * @param sound true where it can be trusted
     */
    public record Quality(double directivityLeftDb, boolean sound, Outcome says) {}

    /**
     * What is left of the load when it is measured again: directly after calibrating the repeatability of the joint, later the
     * drift.
     *
     * @param loadAgain raw readings of the load
     */
    public Quality quality(Sweep loadAgain) {
        Corrected again = correct(loadAgain);
        double worst = 0;
        double at = again.sweep().startHz();
        for (int i = 0; i < again.sweep().size(); i++) {
            double hz = again.sweep().frequencyHz(i);
            Reflection load = truth.load().at(hz).orElseThrow();
            double left =
                    Math.hypot(again.sweep().re(i) - load.re(), again.sweep().im(i) - load.im());
            if (left > worst) {
                worst = left;
                at = hz;
            }
        }
        double db = worst == 0 ? Double.POSITIVE_INFINITY : Swr.returnLossDb(worst);
        boolean sound = worst <= SOUND_RESIDUE;
        return new Quality(db, sound, (sound ? Finding.SOUND : Finding.UNSOUND).of(Math.min(db, 99), at));
    }

    /** The worst directivity before correction, in positive dB: what an uncalibrated reading would be worth. */
    public double rawDirectivityDb() {
        return Swr.returnLossDb(terms.worstDirectivity());
    }

    /** What there is to know of one. */
    private enum Finding implements OutcomeId {
        LEFT_OUT("pointsCount", "allCount", "startHz", "stopHz"),
        FEW_POINTS("pointsCount"),
        SOUND("leftDb", "worstHz"),
        UNSOUND("leftDb", "worstHz");

        private final List<String> takes;

        Finding(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "calibration";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
