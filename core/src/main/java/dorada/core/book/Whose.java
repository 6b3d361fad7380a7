package dorada.core.book;

import dorada.core.outcome.OutcomeId;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** To which installation a sweep belongs that came as a file: by what its name says, else by the band that it covers. */
public final class Whose {

    /**
     * One that it may be of.
     *
     * @param name by which whoever asks knows it
     * @param number as the shop counts them
     * @param isOpen a pass can be recorded on it now
     */
    public record Candidate<T>(
            T name, long number, String title, List<Double> channelsHz, boolean isOpen, Instant touchedAt) {}

    /** How it was told; the surest first. */
    public enum By implements OutcomeId {
        /** The file's name has its number. */
        NUMBER,
        /** The file's name has every word of its title. */
        TITLE,
        /** The sweep covers all its channels. */
        BAND;

        @Override
        public String area() {
            return "whose";
        }

        @Override
        public List<String> takes() {
            return List.of();
        }
    }

    public record Match<T>(Candidate<T> candidate, By by) {

        private int words() {
            return Traits.words(candidate.title()).size();
        }
    }

    private static final int MOST = 10;

    /** Letters before a number, zeros before its digits: FS-0012, fs12. */
    private static final Pattern NUMBER = Pattern.compile("(?i)(?<![\\p{L}\\d])fs[ _-]?0*(\\d{1,9})(?!\\d)");

    private Whose() {}

    /** Shop numbers that a file's name has. */
    public static Set<Long> numbersIn(String fileName) {
        Set<Long> numbers = new HashSet<>();
        Matcher found = NUMBER.matcher(fileName);
        while (found.find()) {
            numbers.add(Long.valueOf(found.group(1)));
        }
        return numbers;
    }

    /**
     * The likeliest first, at most ten; empty where nothing speaks for any. By its band alone only what is open is told, the one
     * that was touched last first.
     *
     * @param startHz first frequency of the sweep
     * @param stopHz last one
     */
    public static <T> List<Match<T>> of(
            Collection<Candidate<T>> candidates, String fileName, double startHz, double stopHz) {
        Set<Long> numbers = numbersIn(fileName);
        Set<String> said = Traits.words(withoutEnding(fileName));
        return candidates.stream()
                .flatMap(c -> Arrays.stream(By.values())
                        .filter(by -> holds(by, c, numbers, said, startHz, stopHz))
                        .limit(1)
                        .map(by -> new Match<>(c, by)))
                .sorted(Comparator.comparing((Match<T> m) -> m.by())
                        .thenComparing(m -> !m.candidate().isOpen())
                        // Tractor 7 is not Tractor 7 with plough: the longer title that fits is meant.
                        .thenComparing(m -> m.by() == By.TITLE ? -m.words() : 0)
                        .thenComparing(m -> m.candidate().touchedAt(), Comparator.reverseOrder()))
                .limit(MOST)
                .toList();
    }

    private static boolean holds(
            By by, Candidate<?> c, Set<Long> numbers, Set<String> said, double startHz, double stopHz) {
        return switch (by) {
            case NUMBER -> numbers.contains(c.number());
            case TITLE -> {
                Set<String> title = Traits.words(c.title());
                yield !title.isEmpty() && said.containsAll(title);
            }
            case BAND ->
                c.isOpen()
                        && !c.channelsHz().isEmpty()
                        && c.channelsHz().stream().allMatch(hz -> hz >= startHz && hz <= stopHz);
        };
    }

    private static String withoutEnding(String fileName) {
        int dot = fileName.lastIndexOf('.');
        return dot > 0 ? fileName.substring(0, dot) : fileName;
    }
}
