package dorada.core.sweep;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Band;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Sweeps side by side, from any antennas: values at the wanted channels and how far the dip has moved against the first.
 *
 * @param rows one per wanted channel, ascending
 * @param bands of the wanted channels, or of the dips where none is wanted; ascending
 */
public record Comparison(List<Row> rows, List<InBand> bands) {

    /** So many can be told apart on one picture. */
    public static final int MOST = 8;

    public Comparison {
        rows = List.copyOf(rows);
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
                bands.stream().map(b -> new InBand(b, shifts(b, bands, dips))).toList());
    }

    private static List<Shift> shifts(Band band, List<Band> bands, List<List<Dip>> dips) {
        List<Optional<Dip>> own = dips.stream()
                .map(all -> all.stream()
                        .filter(d -> band.isNear(d.frequencyHz()) && isNearest(band, bands, d.frequencyHz()))
                        .findFirst())
                .toList();
        double first = own.get(0).map(Dip::frequencyHz).orElse(Double.NaN);
        return own.stream()
                .map(d -> {
                    double shift = d.map(Dip::frequencyHz).orElse(Double.NaN) - first;
                    return new Shift(d, shift, shift / first);
                })
                .toList();
    }

    private static boolean isNearest(Band band, List<Band> bands, double hz) {
        return bands.stream().noneMatch(other -> other.off(hz) < band.off(hz));
    }
}
