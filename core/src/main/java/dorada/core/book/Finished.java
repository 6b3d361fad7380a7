package dorada.core.book;

import dorada.core.tuning.TrimPrior;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * An installation that was signed off, and what it came to.
 *
 * @param name by which whoever asks knows it
 * @param finalLengthM of the piece that was adjusted; empty where nobody knew its length
 * @param lesson what it taught of its kind; empty where nothing was learnt
 * @param changes how often it was cut or moved
 * @param isMet its rule was met when it was signed off: one that was let pass for a reason is no example to cut by
 */
public record Finished<T>(
        T name,
        Traits traits,
        OptionalDouble finalLengthM,
        Optional<TrimPrior.Lesson> lesson,
        int changes,
        boolean isMet,
        Instant signedAt) {}
