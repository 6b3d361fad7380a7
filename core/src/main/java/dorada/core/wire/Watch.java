package dorada.core.wire;

import java.util.concurrent.CancellationException;

/** Looks over a long computation: hears how far it is and may end it. Called from several threads. */
public interface Watch {

    /** Nobody looks. */
    Watch NOBODY = share -> true;

    /**
     * @param share of the work that is done, 0 to 1
     * @return false to end the computation
     */
    boolean goOn(double share);

    /** @throws CancellationException where the watcher wants no more */
    default void report(double share) {
        if (!goOn(share)) {
            throw new CancellationException("The computation was stopped.");
        }
    }

    /** The part of this watch that runs from {@code from} to {@code to}. */
    default Watch part(double from, double to) {
        return share -> goOn(from + (to - from) * share);
    }
}
