package dorada.core.cutsheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Which piece to cut from which bar, with least waste: best fit by falling length, then every way of filling the bars for
 * as many pieces as can be tried.
 *
 * @param bars what is cut from each bar that is touched
 * @param missing pieces for which nothing long enough is left
 * @param wasteM what is left over of the bars that are touched, with the saw's kerf
 */
public record CuttingPlan(List<Bar> bars, List<Cut> missing, double wasteM) {

    private static final int TRIED_IN_FULL = 10;
    private static final double EXACT_M = 1e-9;

    public CuttingPlan {
        bars = List.copyOf(bars);
        missing = List.copyOf(missing);
    }

    /**
     * A bar, tube or roll on hand.
     *
     * @param lengthM of it
     * @param cuts in order
     * @param leftM over at its end
     */
    public record Bar(double lengthM, List<Cut> cuts, double leftM) {
        public Bar {
            cuts = List.copyOf(cuts);
        }
    }

    /** A piece, or part {@code part} of {@code parts} of a spliced one. */
    public record Cut(int piece, double lengthM, int part, int parts) {}

    /**
     * @param pieces all from the same material
     * @param stockM lengths on hand, each once
     * @param kerfM what the saw takes
     * @param overlapM of a splice
     */
    public static CuttingPlan of(List<Piece> pieces, double[] stockM, double kerfM, double overlapM) {
        double longest = Arrays.stream(stockM).max().orElse(0);
        List<Cut> wanted = new ArrayList<>();
        for (Piece p : pieces) {
            for (int i = 0; i < p.count(); i++) {
                wanted.addAll(cuts(p, longest, overlapM));
            }
        }
        wanted.sort(Comparator.comparingDouble(Cut::lengthM).reversed());
        double[] stock = stockM.clone();
        Arrays.sort(stock);
        int[] best = bestFit(wanted, stock, kerfM);
        if (wanted.size() <= TRIED_IN_FULL) {
            best = new Search(wanted, stock, kerfM, best).run();
        }
        return plan(wanted, stock, kerfM, best);
    }

    /** One cut, or, where it may be spliced and nothing is long enough, equal parts of it. */
    private static List<Cut> cuts(Piece p, double longestM, double overlapM) {
        double cut = p.cutM();
        if (!p.isSpliceable() || cut <= longestM || longestM <= 2 * overlapM) {
            return List.of(new Cut(p.number(), cut, 1, 1));
        }
        int parts = (int) Math.ceil((cut - overlapM) / (longestM - overlapM) - EXACT_M);
        double each = (cut + (parts - 1) * overlapM) / parts;
        List<Cut> all = new ArrayList<>();
        for (int i = 1; i <= parts; i++) {
            all.add(new Cut(p.number(), each, i, parts));
        }
        return all;
    }

    /** For each cut the bar it comes from, or −1. */
    private static int[] bestFit(List<Cut> wanted, double[] stock, double kerfM) {
        double[] left = stock.clone();
        int[] from = new int[wanted.size()];
        for (int i = 0; i < from.length; i++) {
            from[i] = -1;
            double need = wanted.get(i).lengthM();
            for (int b = 0; b < left.length; b++) {
                if (left[b] >= need - EXACT_M && (from[i] < 0 || left[b] < left[from[i]])) {
                    from[i] = b;
                }
            }
            if (from[i] >= 0) {
                left[from[i]] -= need + kerfM;
            }
        }
        return from;
    }

    /** Missing pieces weigh most, then the length of what is touched: whole bars stay whole. */
    private static double cost(List<Cut> wanted, double[] stock, int[] from) {
        double missing = 0;
        boolean[] touched = new boolean[stock.length];
        for (int i = 0; i < from.length; i++) {
            if (from[i] < 0) {
                missing += 1;
            } else {
                touched[from[i]] = true;
            }
        }
        double length = 0;
        for (int b = 0; b < stock.length; b++) {
            length += touched[b] ? stock[b] : 0;
        }
        return 1e6 * missing + length;
    }

    private static final class Search {
        private final List<Cut> wanted;
        private final double[] stock;
        private final double kerfM;
        private final double[] left;
        private final int[] now;
        private int[] best;
        private double least;
        private int tried;

        Search(List<Cut> wanted, double[] stock, double kerfM, int[] first) {
            this.wanted = wanted;
            this.stock = stock;
            this.kerfM = kerfM;
            left = stock.clone();
            now = new int[wanted.size()];
            best = first;
            least = cost(wanted, stock, first);
        }

        int[] run() {
            fill(0);
            return best;
        }

        private void fill(int i) {
            // Enough for ten pieces on a few bars; more bars end it early with the best so far.
            if (++tried > 200_000) {
                return;
            }
            if (i == now.length) {
                double cost = cost(wanted, stock, now);
                if (cost < least - EXACT_M) {
                    least = cost;
                    best = now.clone();
                }
                return;
            }
            double need = wanted.get(i).lengthM();
            for (int b = 0; b < left.length; b++) {
                boolean isTwin = b > 0 && left[b] == left[b - 1];
                if (!isTwin && left[b] >= need - EXACT_M) {
                    left[b] -= need + kerfM;
                    now[i] = b;
                    fill(i + 1);
                    left[b] += need + kerfM;
                }
            }
            now[i] = -1;
            fill(i + 1);
        }
    }

    private static CuttingPlan plan(List<Cut> wanted, double[] stock, double kerfM, int[] from) {
        List<Bar> bars = new ArrayList<>();
        List<Cut> missing = new ArrayList<>();
        double waste = 0;
        for (int b = 0; b < stock.length; b++) {
            List<Cut> cuts = new ArrayList<>();
            double left = stock[b];
            for (int i = 0; i < from.length; i++) {
                if (from[i] == b) {
                    cuts.add(wanted.get(i));
                    left -= wanted.get(i).lengthM() + kerfM;
                }
            }
            if (!cuts.isEmpty()) {
                bars.add(new Bar(stock[b], cuts, Math.max(0, left)));
                waste += stock[b] - cuts.stream().mapToDouble(Cut::lengthM).sum();
            }
        }
        for (int i = 0; i < from.length; i++) {
            if (from[i] < 0) {
                missing.add(wanted.get(i));
            }
        }
        return new CuttingPlan(bars, missing, waste);
    }
}
