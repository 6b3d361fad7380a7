package dorada.core.cutsheet;

/** What the solver looks for. Lengths are looked for between shares of where they start. */
public sealed interface Goal {

    /** Nothing is solved: a formula decides. */
    record None() implements Goal {}

    /** X = 0 at the feed, by one dimension. */
    record Resonance(String dimension, double fromShare, double toShare) implements Goal {
        public Resonance(String dimension) {
            this(dimension, 0.8, 1.25);
        }
    }

    /** 50 Ω at the connector, by two dimensions. */
    record Match(String first, String second) implements Goal {}
}
