package dorada.core.sweep;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Band;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Sweeps side by side, from any antennas: values at the wanted channels and how far the dip has moved against the first.
 *
 * @param rows one per wanted channel, ascending
 * @param shifts one per sweep, the first against itself: of its deepest dip, wherever that is
 * @param bands of the wanted channels, or of the dips where none is wanted; ascending
 */
public record Comparison(List<Row> rows, List<Shift> shifts, List<InBand> bands) {

    /** So many can be told apart on one picture. */
    public static final int MOST = 8;

    public Comparison {
        rows = List.copyOf(rows);
        shifts = List.copyOf(shifts);
        bands = List.copyOf(bands);
    }

    /**
     * One wanted channel.
     *
     * @param frequencyHz in Hz
     * @param readings one per sweep; empty where a sweep does not reach the channel
     */
    public record Row(double frequencyHz, List<Optional<Reading>> readings) {

        /** How much greater the SWR of sweep {@code i} is than that of the first; NaN where either is missing. */
        public double swrDifference(int i) {
            Optional<Reading> first = readings.get(0);
            Optional<Reading> other = readings.get(i);
            return first.isPresent() && other.isPresent()
                    ? other.get().swr() - first.get().swr()
                    : Double.NaN;
        }
    }

    /**
     * Dips of one band: those of another are no movement of these.
     *
     * @param shifts one per sweep, the first against itself
     */
    public record InBand(Band band, List<Shift> shifts) {

        public InBand {
            shifts = List.copyOf(shifts);
        }
    }

    /**
     * The deepest dip of one sweep in one band.
     *
     * @param dip empty where there is none inside the sweep
     * @param shiftHz against the first sweep's, in Hz; NaN where either is missing
     * @param shiftShare the same as a share of the first's frequency
     */
    public record Shift(Optional<Dip> dip, double shiftHz, double shiftShare) {}

    /**
     * @param sweeps 1 to {@value #MOST}
     * @param wantedHz ascending, perhaps none
     * @throws IllegalArgumentException for none or too many sweeps
     */
    public static Comparison of(List<SweepAnalysis> sweeps, double[] wantedHz) {
        if (sweeps.isEmpty() || sweeps.size() > MOST) {
            throw new Refusal(Refused.TOO_MANY_COMPARED.of(MOST, sweeps.size()));
        }
        List<Row> rows = new ArrayList<>();
        for (double hz : wantedHz) {
            rows.add(new Row(hz, sweeps.stream().map(s -> s.readingAt(hz)).toList()));
        }
        List<List<Dip>> dips = sweeps.stream()
                .map(s -> s.dips().stream().filter(d -> !d.atEdge()).toList())
                .toList();
        List<Band> bands = Band.of(
                wantedHz.length > 0
                        ? wantedHz
                        : dips.stream()
                                .flatMap(List::stream)
                                .mapToDouble(Dip::frequencyHz)
                                .toArray());
        return new Comparison(
                rows,
                deepest(bands, dips),
                bands.stream().map(b -> new InBand(b, inBand(b, bands, dips))).toList());
    }

    /** Of each sweep the deepest dip of all; it has moved against a first one of the same band. */
    private static List<Shift> deepest(List<Band> bands, List<List<Dip>> dips) {
        Optional<Dip> first = dips.get(0).stream().findFirst();
        return dips.stream()
                .map(all -> all.stream().findFirst())
                .map(dip -> {
                    boolean isSame = first.isPresent()
                            && dip.isPresent()
                            && nearest(bands, dip.get().frequencyHz())
                                    .equals(nearest(bands, first.get().frequencyHz()));
                    return isSame ? shift(first, dip) : new Shift(dip, Double.NaN, Double.NaN);
                })
                .toList();
    }

    private static List<Shift> inBand(Band band, List<Band> bands, List<List<Dip>> dips) {
        List<Optional<Dip>> own = dips.stream()
                .map(all -> all.stream()
                        .filter(d -> band.isNear(d.frequencyHz())
                                && nearest(bands, d.frequencyHz()).equals(band))
                        .findFirst())
                .toList();
        return own.stream().map(d -> shift(own.get(0), d)).toList();
    }

    private static Shift shift(Optional<Dip> first, Optional<Dip> dip) {
        double from = first.map(Dip::frequencyHz).orElse(Double.NaN);
        double shift = dip.map(Dip::frequencyHz).orElse(Double.NaN) - from;
        return new Shift(dip, shift, shift / from);
    }

    private static Band nearest(List<Band> bands, double hz) {
        return bands.stream().min(Comparator.comparingDouble(b -> b.off(hz))).orElseThrow();
    }
}
