package dorada.core.book;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** What was looked for on an antenna and is behind it: worth telling whoever fits the next. */
public final class LookedFor {

    private LookedFor() {}

    /**
     * The newest that is no longer looked for.
     *
     * @param faults what was to be looked for after each reading, oldest first; empty where nothing was
     * @param isEnded it is signed off: nothing is looked for any more
     */
    public static Optional<String> behind(List<Optional<String>> faults, boolean isEnded) {
        Optional<String> now = isEnded || faults.isEmpty() ? Optional.empty() : faults.get(faults.size() - 1);
        return faults.stream()
                .flatMap(Optional::stream)
                .filter(f -> !Objects.equals(f, now.orElse(null)))
                .reduce((a, b) -> b);
    }
}
