package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.line.Line;
import dorada.core.rf.Band;
import dorada.core.rf.Swr;
import dorada.core.sweep.Sweep;
import java.util.List;
import java.util.Optional;

/**
 * What each change of one length does to two or more bands at once: it cannot suit them all.
 *
 * @param bands ascending in frequency
 * @param changeM changes of length in metres, ascending
 * @param worstSwr for each band, ascending in frequency, the worst SWR on its channels after each change
 * @param bestM the change at which the rule is served best
 */
public record TradeOff(List<Band> bands, double[] changeM, List<double[]> worstSwr, double bestM) {

    /** Shown for dips moved by this share either way. */
    private static final double SPAN = 0.06;

    private static final int POINTS = 81;

    /**
     * What a change does to each of several {@code bands}; empty for one, or where |Γ| is only a guess.
     *
     * @param line between the antenna, which is moved, and the radio, which is asked; empty for none
     * @param electricalM electrical length of the adjusted piece, in metres
     * @param lengthRatio metres of set length for a metre of it
     */
    static Optional<TradeOff> of(
            Sweep now,
            Optional<Line> line,
            List<List<WantedChannel>> bands,
            double electricalM,
            double lengthRatio,
            double bestM) {
        if (bands.size() < 2 || !now.hasPhase()) {
            return Optional.empty();
        }
        double[] change = new double[POINTS];
        List<double[]> worst = bands.stream().map(b -> new double[POINTS]).toList();
        for (int i = 0; i < POINTS; i++) {
            // From the highest dip, the shortest piece, to the lowest.
            double x = 1 + SPAN * (1 - 2.0 * i / (POINTS - 1));
            change[i] = electricalM * (1 / x - 1) * lengthRatio;
            for (int b = 0; b < bands.size(); b++) {
                worst.get(b)[i] = worst(now, line, bands.get(b), x);
            }
        }
        return Optional.of(new TradeOff(bands.stream().map(TradeOff::edges).toList(), change, worst, bestM));
    }

    private static Band edges(List<WantedChannel> band) {
        return new Band(band.get(0).frequencyHz(), band.get(band.size() - 1).frequencyHz());
    }

    /** NaN where the sweep does not show one of the channels. */
    private static double worst(Sweep now, Optional<Line> line, List<WantedChannel> band, double x) {
        return band.stream()
                .mapToDouble(c -> now.at(c.frequencyHz() / x)
                        .map(r -> line.map(l -> l.towardRadio(r, Sweep.STANDARD_REFERENCE_OHM, c.frequencyHz()))
                                .orElse(r))
                        .map(r -> Swr.ofMagnitude(Math.min(1, r.magnitude())))
                        .orElse(Double.NaN))
                .max()
                .orElse(Double.NaN);
    }

    public TradeOff {
        bands = List.copyOf(bands);
        changeM = changeM.clone();
        worstSwr = worstSwr.stream().map(double[]::clone).toList();
    }

    @Override
    public double[] changeM() {
        return changeM.clone();
    }
}
