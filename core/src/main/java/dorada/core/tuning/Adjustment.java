package dorada.core.tuning;

/** How the length of an antenna is changed. Sealed: advice differs with what cannot be undone. */
public sealed interface Adjustment {

    /** Smallest change worth making, in metres, above 0. */
    double smallestStepM();

    /** Shortened with a saw or cutters; what is off is off. */
    record OneWayCut(double smallestStepM) implements Adjustment {
        public OneWayCut {
            requireStep(smallestStepM);
        }
    }

    /** Slid, screwed or re-clamped both ways. */
    record Slide(double smallestStepM) implements Adjustment {
        public Slide {
            requireStep(smallestStepM);
        }
    }

    private static void requireStep(double stepM) {
        if (!(stepM > 0) || Double.isInfinite(stepM)) {
            throw new IllegalArgumentException("The smallest step must be above 0 m, not " + stepM + ".");
        }
    }
}
