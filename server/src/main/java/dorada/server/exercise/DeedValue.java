package dorada.server.exercise;

import dorada.core.exercise.Deed;
import dorada.core.simulation.Condition;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

/** One thing that was done in an exercise, as it is stored. */
@Embeddable
record DeedValue(
        @Enumerated(EnumType.STRING) @Column(length = 10) Deed.What what,

        int piece,

        @Column(name = "change_m") double changeM,

        @Enumerated(EnumType.STRING) @Column(length = 30) Condition suspect) {

    DeedValue(Deed deed) {
        this(deed.what(), deed.piece(), deed.changeM(), deed.suspect());
    }

    Deed deed() {
        return new Deed(what, piece, changeM, suspect);
    }
}
