package dorada.server.together;

import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Something in the shop is not what it was.
 *
 * @param of what it is one of, by the first word of its path ("installations", "radios")
 * @param id of which; absent where it is new, or all of them may have changed
 */
record ChangeView(@NotNull String of, UUID id) {

    /** A row of the book was written anew; this happens a moment after what it tells of. */
    static final ChangeView OF_THE_BOOK = new ChangeView("book", null);

    private static final Pattern PATH =
            Pattern.compile("/api/([a-z-]+)(?:/([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}))?(?:/.*)?");

    /** What a request to {@code path} that stored something has changed; empty for none of the API's. */
    static Optional<ChangeView> by(String path) {
        Matcher found = PATH.matcher(path);
        return found.matches()
                ? Optional.of(new ChangeView(
                        found.group(1),
                        Optional.ofNullable(found.group(2))
                                .map(UUID::fromString)
                                .orElse(null)))
                : Optional.empty();
    }
}
