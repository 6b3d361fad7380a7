package dorada.core.catalogue;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Names that are probably one thing written twice: a person says so, nothing is put together by itself. */
public final class Doubles {

    /** A shorter name with another letter is another name. */
    private static final int LETTERS_FOR_A_SLIP = 6;

    private static final LevenshteinDistance ONE_SLIP = new LevenshteinDistance(1);

    /** Of what is sorted, so many follow that a name is held against. */
    private static final int NEAR = 6;

    /** More to look at in one go helps nobody. */
    private static final int MOST = 50;

    private Doubles() {}

    public record Pair<T>(T one, T other) {}

    /**
     * Each pair once. Sorted by what they come to, those that are one slip apart mostly lie side by side; a slip in the first letter
     * is not found.
     *
     * @param all of one sort
     */
    public static <T> List<Pair<T>> of(List<T> all, Function<T, String> name) {
        record Plain<T>(T thing, String name) {}
        List<Plain<T>> sorted = all.stream()
                .map(t -> new Plain<>(t, plain(name.apply(t))))
                .sorted(Comparator.comparing(Plain::name))
                .toList();
        List<Pair<T>> pairs = new ArrayList<>();
        for (int i = 0; i < sorted.size(); i++) {
            for (int j = i + 1; j < sorted.size() && j <= i + NEAR; j++) {
                if (pairs.size() < MOST
                        && areAlike(sorted.get(i).name(), sorted.get(j).name())) {
                    pairs.add(new Pair<>(sorted.get(i).thing(), sorted.get(j).thing()));
                }
            }
        }
        return pairs;
    }

    /** Numbers are what tells one lorry from the next. */
    private static boolean areAlike(String one, String other) {
        return one.equals(other)
                || Math.max(one.length(), other.length()) >= LETTERS_FOR_A_SLIP
                        && one.replaceAll("\\D", "").equals(other.replaceAll("\\D", ""))
                        && ONE_SLIP.apply(one, other) >= 0;
    }

    /** Without case, accents, signs, and the order of the words. */
    private static String plain(String name) {
        String letters = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
        String[] words = letters.split("[^\\p{L}\\p{N}]+");
        Arrays.sort(words);
        return String.join("", words);
    }
}
