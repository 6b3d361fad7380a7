package dorada.server.exercise;

import dorada.core.exercise.Score;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/** What an attempt came to, as it is stored. */
@Embeddable
record ScoreValue(
        int readings,
        int changes,
        int looks,
        double minutes,
        double worstSwr,
        boolean met,
        boolean faultLeft,
        @Column(name = "more_off_m") double moreOffM) {

    ScoreValue(Score s) {
        this(s.readings(), s.changes(), s.looks(), s.minutes(), s.worstSwr(), s.met(), s.faultLeft(), s.moreOffM());
    }

    Score score() {
        return new Score(readings, changes, looks, minutes, worstSwr, met, faultLeft, moreOffM);
    }
}
