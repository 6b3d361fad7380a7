package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ChannelValues;
import dorada.core.acceptance.WantedChannel;
import dorada.core.line.Line;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.sweep.Sweep;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * Where along the frequency axis a curve would have to lie for a rule to be met: the curve is moved by a factor x = f after / f
 * before, and the rule's shortfall is worked out for each of a grid of factors.
 */
final class RuleWindow {

    /** A curve that is moved along the frequency axis. */
    interface Curve {

        /** Γ re 50 Ω at {@code hz}; null where it is not known. */
        Reflection at(double hz);

        boolean hasPhase();

        /** Fills in channel {@code c} of {@code values} as the curve is at {@code hz}; false where it is not known there. */
        default boolean set(ChannelValues values, int c, double hz) {
            Reflection r = at(hz);
            if (r == null) {
                values.unknown(c);
            } else {
                values.set(c, r, hasPhase());
            }
            return r != null;
        }

        /** |Γ| at its lowest. */
        double bottom();

        /** Of a smooth curve that rises from its dip either way, and has no ripple: where the dip is. */
        default OptionalDouble onlyDipHz() {
            return OptionalDouble.empty();
        }

        /** What was swept, or drawn of a circuit, which {@code hasOneDip}; unknown beyond its ends. */
        static Curve of(Sweep sweep, boolean hasOneDip) {
            OptionalDouble dipHz = hasOneDip ? OptionalDouble.of(dipHz(sweep)) : OptionalDouble.empty();
            return new Curve() {
                @Override
                public OptionalDouble onlyDipHz() {
                    return dipHz;
                }

                @Override
                public Reflection at(double hz) {
                    return sweep.at(hz).orElse(null);
                }

                @Override
                public boolean hasPhase() {
                    return sweep.hasPhase();
                }

                @Override
                public double bottom() {
                    return lowest(sweep, 0);
                }
            };
        }

        private static double dipHz(Sweep sweep) {
            int lowest = 0;
            for (int i = 1; i < sweep.size(); i++) {
                lowest = square(sweep, i) < square(sweep, lowest) ? i : lowest;
            }
            return sweep.frequencyHz(lowest);
        }

        private static double square(Sweep sweep, int i) {
            return sweep.re(i) * sweep.re(i) + sweep.im(i) * sweep.im(i);
        }

        private static double lowest(Sweep sweep, double square) {
            double least = 1;
            for (int i = 0; i < sweep.size(); i++) {
                least = Math.min(least, square(sweep, i) + square);
            }
            return Math.sqrt(Math.max(0, least));
        }

        /**
         * A curve of the same shape at another place and with another bottom: |Γ|² changes by {@code square} throughout, and every
         * frequency by {@code factor}.
         */
        static Curve shifted(Sweep sweep, double square, double factor) {
            return new Curve() {
                @Override
                public Reflection at(double hz) {
                    return sweep.at(hz / factor)
                            .map(r -> new Reflection(
                                    Math.sqrt(Math.max(0, r.re() * r.re() + r.im() * r.im() + square)), 0))
                            .orElse(null);
                }

                @Override
                public boolean hasPhase() {
                    return false;
                }

                @Override
                public double bottom() {
                    return lowest(sweep, square);
                }
            };
        }

        /** A series circuit, which explains readings without phase. */
        static Curve seriesCircuit(double resonanceHz, double q, double resistanceOhm) {
            double least = Sweep.STANDARD_REFERENCE_OHM - resistanceOhm;
            double most = Sweep.STANDARD_REFERENCE_OHM + resistanceOhm;
            return new Curve() {
                /** The same as by {@link #at}, at a third of the work: nearly all windows are of such circuits. */
                @Override
                public boolean set(ChannelValues values, int c, double hz) {
                    double x = resistanceOhm * q * (hz / resonanceHz - resonanceHz / hz);
                    values.set(c, Math.sqrt((least * least + x * x) / (most * most + x * x)), x);
                    return true;
                }

                @Override
                public Reflection at(double hz) {
                    double x = resistanceOhm * q * (hz / resonanceHz - resonanceHz / hz);
                    return Reflection.of(new Impedance(resistanceOhm, x), Sweep.STANDARD_REFERENCE_OHM);
                }

                @Override
                public boolean hasPhase() {
                    return true;
                }

                @Override
                public OptionalDouble onlyDipHz() {
                    return OptionalDouble.of(resonanceHz);
                }

                @Override
                public double bottom() {
                    return Math.abs(resistanceOhm - Sweep.STANDARD_REFERENCE_OHM)
                            / (resistanceOhm + Sweep.STANDARD_REFERENCE_OHM);
                }
            };
        }
    }

    private static final int STEPS = 1121;
    private static final double LOWEST = Math.log(0.65);
    private static final double HIGHEST = Math.log(1.55);

    /** Of (limit − 1): missed by so much more is missed all the same. */
    private static final double NO_MATTER = 0.15;

    private static final double WIDE_SHARE = 0.08;
    private static final double WIDE_RISE = 0.07;

    /** A smooth curve is tried at every so many steps first: the narrowest circuit is some twenty steps wide. */
    private static final int COARSE = 4;

    private static final int HALVINGS = 10;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    /** What the rule says of one step. */
    private record Step(double shortfall, double misfit, double worstSwr) {}

    /** Worked out when they are asked for: of most circuits few ever are. */
    private final Step[] steps = new Step[STEPS];

    private final Curve curve;
    private final Optional<Line> line;
    private final AcceptanceRule rule;
    private final double[] hz;
    private final ChannelValues at;
    private final double bestFactor;
    private int best;
    private int low;
    private int high;
    private int hopelessHigh;
    private final boolean known;

    /**
     * @param curve at the antenna
     * @param line between the antenna and where the rule judges; empty for none
     * @param channels ascending
     * @param safety share of (limit − 1) that must be to spare at the window's ends
     * @param otherwise the factor to aim at where the curve reaches the channels by none
     */
    RuleWindow(
            Curve curve,
            Optional<Line> line,
            AcceptanceRule rule,
            List<WantedChannel> channels,
            double safety,
            double otherwise) {
        this.curve = curve;
        this.line = line;
        this.rule = rule;
        hz = channels.stream().mapToDouble(WantedChannel::frequencyHz).toArray();
        at = new ChannelValues(channels);
        best = bestStep();
        known = best >= 0;
        if (!known) {
            best = within(index(otherwise));
        }
        double spare = -safety * (rule.limitSwr() - 1);
        low = best;
        high = best;
        while (known && low > 0 && shortfallAt(low - 1) <= spare) {
            low--;
        }
        while (known && high < STEPS - 1 && shortfallAt(high + 1) <= spare) {
            high++;
        }
        bestFactor = known ? betweenSteps() : factor(best);
        hopelessHigh = best;
        while (known
                && hopelessHigh < STEPS - 1
                && shortfallAt(hopelessHigh + 1) <= shortfallAt(best) + NO_MATTER * (rule.limitSwr() - 1)) {
            hopelessHigh++;
        }
    }

    /** The step of least misfit; −1 where the curve reaches the channels at none. */
    private int bestStep() {
        OptionalDouble dipHz = curve.onlyDipHz();
        int found = -1;
        if (dipHz.isPresent()) {
            // With its dip beside all channels, each of them would be better where it is nearer: unless a line changes
            // them unlike.
            found = line.isPresent()
                    ? bestAboutCoarseSteps(0, STEPS - 1)
                    : bestAboutCoarseSteps(
                            within(index(hz[0] / dipHz.getAsDouble()) - COARSE),
                            within(index(hz[hz.length - 1] / dipHz.getAsDouble()) + COARSE));
        }
        if (found >= 0) {
            return found;
        }
        for (int i = 0; i < STEPS; i++) {
            found = better(i, found);
        }
        return found;
    }

    private static int within(int step) {
        return Math.max(0, Math.min(STEPS - 1, step));
    }

    /** About each of the coarse minima, since the rule may have several that are nearly as good; −1 where it is known at none. */
    private int bestAboutCoarseSteps(int first, int last) {
        int found = -1;
        for (int i = first; i <= last; i += COARSE) {
            double before = i == first ? Double.POSITIVE_INFINITY : misfitOf(i - COARSE);
            double after = i + COARSE > last ? Double.POSITIVE_INFINITY : misfitOf(i + COARSE);
            if (misfitOf(i) < Double.POSITIVE_INFINITY && misfitOf(i) <= Math.min(before, after)) {
                for (int k = Math.max(first, i - COARSE + 1); k <= Math.min(last, i + COARSE - 1); k++) {
                    found = better(k, found);
                }
            }
        }
        return found;
    }

    /** The first of them where they are alike. */
    private int better(int i, int than) {
        double here = misfitOf(i);
        return here < Double.POSITIVE_INFINITY
                        && (than < 0 || here < misfitOf(than) || here == misfitOf(than) && i < than)
                ? i
                : than;
    }

    private double misfitOf(int i) {
        return step(i).misfit;
    }

    private double shortfallAt(int i) {
        return step(i).shortfall;
    }

    private double worstAt(int i) {
        return step(i).worstSwr;
    }

    private Step step(int i) {
        if (steps[i] == null) {
            boolean here = move(FACTORS[i]);
            steps[i] = new Step(
                    here ? rule.shortfall(at) : Double.POSITIVE_INFINITY,
                    here ? rule.misfit(at) : Double.POSITIVE_INFINITY,
                    at.worstSwr());
        }
        return steps[i];
    }

    /** Fills in what the channels meet with the curve moved by {@code x}; false where it does not reach them all. */
    private boolean move(double x) {
        boolean here = true;
        for (int c = 0; c < hz.length; c++) {
            here &= line.isPresent() ? throughTheLine(c, x) : curve.set(at, c, hz[c] / x);
        }
        return here;
    }

    private boolean throughTheLine(int c, double x) {
        Reflection r = curve.at(hz[c] / x);
        if (r == null) {
            at.unknown(c);
            return false;
        }
        at.set(c, line.get().towardRadio(r, Sweep.STANDARD_REFERENCE_OHM, hz[c]), curve.hasPhase());
        return true;
    }

    /** The factor of least misfit between the steps beside the best one, by the golden section: a fine thread asks for it. */
    private double betweenSteps() {
        double low = factor(best - 1);
        double high = factor(best + 1);
        for (int i = 0; i < HALVINGS; i++) {
            double a = high - GOLDEN * (high - low);
            double b = low + GOLDEN * (high - low);
            if (misfitAt(a) <= misfitAt(b)) {
                high = b;
            } else {
                low = a;
            }
        }
        double found = (low + high) / 2;
        return misfitAt(found) < misfitOf(best) ? found : factor(best);
    }

    private double misfitAt(double x) {
        return move(x) ? rule.misfit(at) : Double.POSITIVE_INFINITY;
    }

    private static final double[] FACTORS =
            IntStream.range(0, STEPS).mapToDouble(RuleWindow::factor).toArray();

    private static double factor(double i) {
        return Math.exp(LOWEST + (HIGHEST - LOWEST) * i / (STEPS - 1));
    }

    private static int index(double x) {
        return (int) Math.round((Math.log(x) - LOWEST) / (HIGHEST - LOWEST) * (STEPS - 1));
    }

    /** Whether the curve, moved by {@code x}, is known at every channel. */
    boolean reaches(double x) {
        return move(x);
    }

    /** |Γ| at each channel, ascending, with the curve moved by {@code x}; 1 where it is not known. */
    double[] magnitudes(double x) {
        move(x);
        double[] all = new double[hz.length];
        for (int i = 0; i < hz.length; i++) {
            double swr = at.swr(i);
            all[i] = Double.isInfinite(swr) ? 1 : Swr.magnitude(swr);
        }
        return all;
    }

    /** SWR of the curve at its lowest, wherever that is. */
    double bottomSwr() {
        return Swr.ofMagnitude(Math.min(0.998, curve.bottom()));
    }

    /** Wider than sound antennas are: moved by {@value #WIDE_SHARE}, even its worst channel hardly changes. */
    boolean isWide() {
        double there = worstAt(index(Math.min(1.4, bestFactor * (1 + WIDE_SHARE))));
        return Swr.magnitude(Math.min(1e6, there)) - Swr.magnitude(Math.min(1e6, bestSwr())) < WIDE_RISE;
    }

    /** False where the curve reaches the channels by no factor of the grid. */
    boolean isKnown() {
        return known;
    }

    double best() {
        return bestFactor;
    }

    /** The last factor at which the rule is still met with the safety asked for; the best one where it never is. */
    double high() {
        return high == best ? bestFactor : factor(high);
    }

    /** Where no place meets the rule: the last factor at which it is missed by hardly more than at the best one. */
    double hopelessHigh() {
        return hopelessHigh == best ? bestFactor : factor(hopelessHigh);
    }

    double low() {
        return low == best ? bestFactor : factor(low);
    }

    /** Worst SWR of the channels at the best factor. */
    double bestSwr() {
        return worstAt(best);
    }

    /** Worst SWR of the channels as the curve lies now; infinite where it does not reach them all. */
    double swrNow() {
        return worstAt(index(1));
    }

    /** Shortfall at the best factor: 0 or less where length alone can meet the rule. */
    double bestShortfall() {
        return shortfallAt(best);
    }

    /** Least shortfall at any factor of {@code from} or more. */
    double leastShortfall(double from) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = Math.max(0, from <= 0 ? 0 : index(from)); i < STEPS; i++) {
            least = Math.min(least, shortfallAt(i));
        }
        return least;
    }

    /** Rule's shortfall at factor {@code x}, infinite beyond the grid. */
    double shortfall(double x) {
        int i = index(x);
        return i < 0 || i >= STEPS ? Double.POSITIVE_INFINITY : shortfallAt(i);
    }
}
