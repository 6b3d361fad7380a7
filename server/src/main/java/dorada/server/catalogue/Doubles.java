package dorada.server.catalogue;

import dorada.core.catalogue.Entry;
import dorada.core.catalogue.Sort;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Names that are probably one thing written twice: a person says so, nothing is put together by itself. */
final class Doubles {

    /** A shorter name with another letter is another name. */
    private static final int LETTERS_FOR_A_SLIP = 6;

    private static final LevenshteinDistance ONE_SLIP = new LevenshteinDistance(1);

    /** Of what is sorted, so many follow that a name is held against. */
    private static final int NEAR = 6;

    /** More to look at in one go helps nobody. */
    private static final int MOST = 50;

    private Doubles() {}

    record Pair(CatalogueEntry one, CatalogueEntry other) {}

    /** Each pair once, in the order of {@code all}. */
    static List<Pair> of(List<CatalogueEntry> all) {
        Map<Sort, List<CatalogueEntry>> bySort = new LinkedHashMap<>();
        all.forEach(e ->
                bySort.computeIfAbsent(e.entry().sort(), s -> new ArrayList<>()).add(e));
        List<Pair> pairs = new ArrayList<>();
        bySort.values().forEach(some -> addPairs(pairs, some));
        return pairs.size() > MOST ? pairs.subList(0, MOST) : pairs;
    }

    /** Sorted by what they come to, those that are one slip apart mostly lie side by side; a slip in the first letter is not found. */
    private static void addPairs(List<Pair> pairs, List<CatalogueEntry> some) {
        record Plain(CatalogueEntry entry, String name) {}
        List<Plain> sorted = some.stream()
                .map(e -> new Plain(e, plain(e.entry())))
                .sorted(Comparator.comparing(Plain::name))
                .toList();
        for (int i = 0; i < sorted.size(); i++) {
            for (int j = i + 1; j < sorted.size() && j <= i + NEAR; j++) {
                if (areAlike(sorted.get(i).name(), sorted.get(j).name())) {
                    pairs.add(new Pair(sorted.get(i).entry(), sorted.get(j).entry()));
                }
            }
        }
    }

    /** Numbers are what tells one lorry from the next. */
    private static boolean areAlike(String one, String other) {
        return one.equals(other)
                || Math.max(one.length(), other.length()) >= LETTERS_FOR_A_SLIP
                        && one.replaceAll("\\D", "").equals(other.replaceAll("\\D", ""))
                        && ONE_SLIP.apply(one, other) >= 0;
    }

    /** Without case, accents, signs, and the order of the words. */
    private static String plain(Entry e) {
        String letters = Normalizer.normalize(e.name() + " " + e.customer(), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
        String[] words = letters.split("[^\\p{L}\\p{N}]+");
        Arrays.sort(words);
        return String.join("", words);
    }
}
