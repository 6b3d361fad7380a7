package dorada.core.onair;

import dorada.core.outcome.Refusal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** The order in which antennas are tried, drawn by lot, so that fading, traffic and hope fall on all of them alike. */
public final class Lot {

    private Lot() {}

    /**
     * One round after another; in each every antenna once, in an order of its own.
     *
     * @param antennas names, at least two
     * @param rounds 1 or more
     * @throws Refusal for fewer than two
     */
    public static List<List<String>> draw(List<String> antennas, int rounds, Random random) {
        if (antennas.stream().distinct().count() < 2) {
            throw new Refusal(Refused.TWO_ANTENNAS);
        }
        List<List<String>> all = new ArrayList<>();
        for (int i = 0; i < rounds; i++) {
            List<String> order = new ArrayList<>(antennas);
            Collections.shuffle(order, random);
            all.add(List.copyOf(order));
        }
        return List.copyOf(all);
    }
}
