package dorada.core.instrument;

import dorada.core.sweep.Sweep;
import java.util.function.BooleanSupplier;

/** An instrument that measures reflection over frequency, while somebody talks to it. Not for several threads. */
public interface Analyser extends AutoCloseable {

    /** Who the instrument says it is. */
    String identity();

    /** What it can sweep. */
    AnalyserLimits limits();

    /**
     * One sweep, corrected by the instrument itself.
     *
     * @param points evenly spaced over the span, ends included
     * @param averages 1 for none
     * @param goOn asked while it measures; false aborts it
     * @throws dorada.core.instrument.scpi.InstrumentException where the instrument can't be reached or refuses, or the sweep goes
     *     beyond its limits
     * @throws java.util.concurrent.CancellationException where {@code goOn} said so
     */
    Sweep sweep(Span span, int points, int averages, BooleanSupplier goOn);

    /** One sweep without the instrument's own correction, as a calibration of ours needs it; otherwise as {@link #sweep}. */
    Sweep rawSweep(Span span, int points, int averages, BooleanSupplier goOn);

    @Override
    void close();
}
