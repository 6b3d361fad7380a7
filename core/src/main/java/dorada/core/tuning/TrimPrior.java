package dorada.core.tuning;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.BandPiece;
import java.util.List;
import java.util.Optional;

/**
 * What is known of an antenna's sensitivity before its first change.
 *
 * @param waves electrical length of the adjusted piece in wavelengths, above 0
 * @param lengthRatio metres of set length for a metre of electrical length; above 1 where other parts hold the dip back
 * @param doubt standard deviation of that ratio, relative
 * @param antennas how many finished antennas of the same kind it rests on; 0 for what the kind alone lets expect
 * @param circuit what such an antenna looks like about its dip
 */
public record TrimPrior(double waves, double lengthRatio, double doubt, int antennas, Circuit circuit) {

    /**
     * The series circuit that an antenna looks like about its dip.
     *
     * @param q its quality
     * @param spreadQ the factor within which two in three antennas have that quality, above 1
     * @param ohm its resistance
     * @param isOfItsPlace it holds where the antenna is meant to be: far off, its dip is another
     */
    public record Circuit(double q, double spreadQ, double ohm, boolean isOfItsPlace) {

        /** Of an antenna of which no kind is known; common practice, no source. */
        static final Circuit ANY = new Circuit(11, 2.5, 43, false);
    }

    /** Farther from what its kind lets expect than so many of its doubts, an antenna is of another kind. */
    private static final double OF_ITS_KIND = 4;

    /** Between antennas of one kind, over its usual sizes and feedlines. */
    private static final double SPREAD_OF_A_KIND = 1.7;

    /** Two antennas of one kind differ by this, relative; common practice, no source. */
    private static final double BETWEEN_ANTENNAS = 0.05;

    /** Two of one kind on like mounts, with like antennas, in one band differ by this; common practice, no source. */
    private static final double BETWEEN_LIKES = 0.02;

    /**
     * What one finished antenna taught.
     *
     * @param doubt of the ratio, relative
     * @param between by how much the next antenna may differ from it, relative
     */
    public record Lesson(double lengthRatio, double doubt, double between) {

        /** Of an antenna of which nothing but the kind is known to be the same. */
        public Lesson(double lengthRatio, double doubt) {
            this(lengthRatio, doubt, BETWEEN_ANTENNAS);
        }

        /** Of one that is like the next one by {@code likeness}, 0 to 1. */
        public Lesson likeBy(double likeness) {
            return new Lesson(lengthRatio, doubt, BETWEEN_LIKES + (1 - likeness) * (BETWEEN_ANTENNAS - BETWEEN_LIKES));
        }
    }

    /** Nothing but the kind. */
    public TrimPrior(double waves, double lengthRatio, double doubt) {
        this(waves, lengthRatio, doubt, 0, Circuit.ANY);
    }

    /** @throws IllegalArgumentException where one of them is not above 0 */
    public TrimPrior {
        if (!(waves > 0) || !(lengthRatio > 0) || !(doubt > 0)) {
            throw new IllegalArgumentException("A prior needs an electrical length, a ratio and a doubt above 0.");
        }
    }

    /**
     * The same after what finished antennas of this kind taught: means are weighed by their doubts, and the next antenna will
     * differ from that mean as antennas of a kind do.
     */
    public TrimPrior informedBy(List<Lesson> lessons) {
        double sum = Math.log(lengthRatio) / (doubt * doubt);
        double weights = 1 / (doubt * doubt);
        double lessonWeights = 0;
        double between = 0;
        for (Lesson l : lessons) {
            double w = 1 / (l.doubt * l.doubt + l.between * l.between);
            sum += w * Math.log(l.lengthRatio);
            weights += w;
            lessonWeights += w;
            between += w * l.between;
        }
        return lessons.isEmpty()
                ? this
                : new TrimPrior(
                        waves,
                        Math.exp(sum / weights),
                        Math.min(doubt, Math.hypot(Math.sqrt(1 / weights), between / lessonWeights)),
                        lessons.size(),
                        circuit);
    }

    /** Hz by which the dip of an antenna that taught {@code lesson} moves per metre of set length, at {@code dipHz}; negative. */
    public double hzPerM(Lesson lesson, double dipHz) {
        return Sensitivity.hzPerM(dipHz, waves, lesson.lengthRatio);
    }

    /** The same where {@code factor} times as much must be set for the same effect. */
    public TrimPrior times(double factor) {
        return new TrimPrior(waves, lengthRatio * factor, doubt, antennas, circuit);
    }

    /** What {@code passes} of one antenna taught of the ratio, from this prior; empty where nothing did. */
    public Optional<Lesson> lessonOf(List<Pass> passes) {
        Sensitivity s = Sensitivity.of(passes, this);
        // What answers like another kind teaches nothing of this one.
        boolean isOfItsKind = Math.abs(Math.log(s.lengthRatio() / lengthRatio)) < OF_ITS_KIND * doubt;
        return s.learnt() && s.isBelievable() && isOfItsKind
                ? Optional.of(new Lesson(s.lengthRatio(), s.doubt()))
                : Optional.empty();
    }

    /** What {@code kind} alone lets expect. */
    public static TrimPrior of(AntennaKind kind) {
        return new TrimPrior(
                kind.electricalWaves(),
                kind.lengthRatio(),
                kind.sensitivityDoubt(),
                0,
                new Circuit(kind.usualQ(), SPREAD_OF_A_KIND, kind.usualOhm(), kind.isMatchedInItsPlaceOnly()));
    }

    /** What is known of a piece that tunes one of two bands. */
    public static TrimPrior of(BandPiece piece) {
        return new TrimPrior(piece.waves(), piece.lengthRatio(), piece.doubt());
    }

    /** Nothing known but the electrical length: set and electrical length alike, within a fifth. */
    public static TrimPrior ofWaves(double waves) {
        return new TrimPrior(waves, 1, 0.2);
    }
}
