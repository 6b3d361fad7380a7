package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import java.util.Optional;

/**
 * Something to cut, alike {@code count} times.
 *
 * @param number its mark for cutting and reassembly
 * @param name what it is
 * @param count how many
 * @param finishedM length when the antenna is tuned
 * @param dimension whose change changes this piece; empty where none does
 * @param trimM left on to be cut off in tuning
 * @param extraM needed for knots, crimps, solder or the part in the base
 * @param extraFor what that is for; empty for nothing
 * @param stock what it is cut from
 * @param isSpliceable true where a soldered joint does no harm
 */
public record Piece(
        int number,
        Outcome name,
        int count,
        double finishedM,
        String dimension,
        double trimM,
        double extraM,
        Optional<Outcome> extraFor,
        Outcome stock,
        boolean isSpliceable) {

    public static Piece of(int number, Outcome name, int count, double finishedM, Outcome stock) {
        return new Piece(number, name, count, finishedM, "", 0, 0, Optional.empty(), stock, false);
    }

    /** Cut long, by what tuning takes off. */
    public Piece tunedBy(String id) {
        return new Piece(number, name, count, finishedM, id, trimM, extraM, extraFor, stock, isSpliceable);
    }

    public Piece extra(double metres, Outcome why) {
        return new Piece(
                number, name, count, finishedM, dimension, trimM, metres, Optional.of(why), stock, isSpliceable);
    }

    public Piece spliceable() {
        return new Piece(number, name, count, finishedM, dimension, trimM, extraM, extraFor, stock, true);
    }

    /** For so many antennas alike. */
    public Piece forAntennas(int antennas) {
        return new Piece(
                number, name, count * antennas, finishedM, dimension, trimM, extraM, extraFor, stock, isSpliceable);
    }

    Piece longer(double metres) {
        return new Piece(number, name, count, finishedM, dimension, metres, extraM, extraFor, stock, isSpliceable);
    }

    /** What to set the saw to. */
    public double cutM() {
        return finishedM + trimM + extraM;
    }
}
