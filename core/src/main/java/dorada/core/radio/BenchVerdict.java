package dorada.core.radio;

import dorada.core.instrument.SpotReading;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a radio is fit to tune an antenna by.
 *
 * @param verdict of all that was read
 * @param findings one for each thing, the gravest first
 * @param causes of a spurious emission that is too strong, where it is known where it lies
 */
public record BenchVerdict(Verdict verdict, List<Outcome> findings, List<SpuriousCause> causes) {

    /** Of a radio on the bench. */
    public enum Verdict implements OutcomeId {
        FIT,
        /** A reading decides nothing as it is. */
        READ_AGAIN,
        /** Something that matters has not been read or can't be judged. */
        INCOMPLETE,
        UNFIT;

        @Override
        public String area() {
            return "radioVerdict";
        }
    }

    /**
     * Carrier power may be this far below the rated one: 1.5 dB, as for land mobile transmitters under normal conditions in ETSI EN 300 086
     * (from memory).
     */
    public static final double MOST_BELOW_RATED_DB = 1.5;

    /** A load that reflects more than this for certain, or its jumper, is faulty (common practice, no source). */
    private static final double MOST_LOAD_SWR = 1.3;

    /** Below this share of full scale a needle says little (common practice, no source). */
    private static final double LEAST_OF_SCALE = 0.25;

    /** Clearly more than rated, in shares. */
    private static final double ABOVE_RATED = 1.1;

    /** Levels of a usual analyser of spectra are within this, in dB (common practice, no source). */
    private static final double LEVEL_DOUBT_DB = 2;

    /**
     * The strongest that a spurious emission may be, in dBc: 43 + 10·log P below the carrier, or 70 dB, whichever is less strict, as for
     * the land mobile service in ITU-R SM.329 and the Radio Regulations' Appendix 3 (from memory).
     *
     * @param carrierW above 0
     */
    public static double mostSpuriousDbc(double carrierW) {
        return -Math.min(70, 43 + 10 * Math.log10(carrierW));
    }

    /** @param tolerance of the service; empty where nobody knows it, and then the frequency is told and not judged */
    public static BenchVerdict of(BenchReadings r, Optional<FrequencyTolerance> tolerance) {
        List<Found> found = new ArrayList<>();
        r.power().ifPresentOrElse(p -> power(r, p, found), () -> add(found, BenchFinding.NO_POWER_READ));
        r.counter()
                .ifPresentOrElse(
                        c -> frequency(r, c, tolerance, found), () -> add(found, BenchFinding.NO_FREQUENCY_READ));
        boolean isTooStrong = spurious(r, found);
        found.sort(Comparator.comparing((Found f) -> f.kind.weight()).reversed());
        List<SpuriousCause> causes = isTooStrong
                ? r.spurious()
                        .filter(s -> s.atHz().isPresent())
                        .map(s -> SpuriousCause.of(r.channelHz(), s.atHz().orElseThrow()))
                        .orElse(List.of())
                : List.of();
        return new BenchVerdict(
                verdict(found), found.stream().map(Found::outcome).toList(), causes);
    }

    private record Found(BenchFinding kind, Outcome outcome) {}

    private static void add(List<Found> found, BenchFinding kind, Object... values) {
        found.add(new Found(kind, kind.of(values)));
    }

    private static Verdict verdict(List<Found> found) {
        // A load that reflects pulls at all that is read into it: it says nothing of the radio, not even ill.
        if (found.stream().anyMatch(f -> f.kind == BenchFinding.LOAD_REFLECTS)) {
            return Verdict.READ_AGAIN;
        }
        // The gravest stands first.
        return switch (found.get(0).kind.weight()) {
            case UNFIT -> Verdict.UNFIT;
            case READ_AGAIN -> Verdict.READ_AGAIN;
            case OPEN -> Verdict.INCOMPLETE;
            default -> Verdict.FIT;
        };
    }

    private static void power(BenchReadings r, BenchReadings.Power p, List<Found> found) {
        Plug plug = p.plug();
        if (!plug.isFor(r.channelHz())) {
            add(found, BenchFinding.OTHER_PLUG, plug.lowHz(), plug.highHz(), r.channelHz());
            return;
        }
        if (plug.isAtEnd(p.forwardW())) {
            add(found, BenchFinding.NEEDLE_AT_END, plug.fullScaleW());
            return;
        }
        Optional<SpotReading> load = load(r, p);
        if (load.isPresent() && load.get().lowSwr() > MOST_LOAD_SWR) {
            add(found, BenchFinding.LOAD_REFLECTS, load.get().lowSwr());
            return;
        }
        if (load.isPresent() && load.get().swr() <= MOST_LOAD_SWR) {
            add(found, BenchFinding.LOAD_TAKES_ALL);
        }
        double low = Math.max(0, p.forwardW() - plug.doubtW());
        double high = p.forwardW() + plug.doubtW();
        double least = r.ratedW() * Math.pow(10, -MOST_BELOW_RATED_DB / 10);
        if (high < least) {
            add(found, BenchFinding.POWER_LOW, p.forwardW(), high, r.ratedW(), least);
        } else if (low < least) {
            add(found, BenchFinding.POWER_UNSURE, p.forwardW(), low, high, least);
        } else {
            boolean isAbove = low > ABOVE_RATED * r.ratedW();
            add(
                    found,
                    isAbove ? BenchFinding.POWER_ABOVE_RATED : BenchFinding.POWER_AS_RATED,
                    p.forwardW(),
                    low,
                    high,
                    r.ratedW());
        }
        if (p.forwardW() < LEAST_OF_SCALE * plug.fullScaleW()) {
            add(found, BenchFinding.LOW_ON_SCALE, p.forwardW(), plug.fullScaleW(), plug.doubtW());
        }
    }

    /** What the two readings say of the load; empty where nobody read what comes back. More than goes is as much as goes. */
    private static Optional<SpotReading> load(BenchReadings r, BenchReadings.Power p) {
        if (p.reflectedW().isEmpty() || !(p.forwardW() > 0)) {
            return Optional.empty();
        }
        double reflected = Math.min(p.forwardW(), p.reflectedW().getAsDouble());
        return Optional.of(SpotReading.ofWatts(
                r.channelHz(),
                new SpotReading.Watts(
                        p.forwardW(),
                        reflected,
                        p.plug().fullScaleW(),
                        Math.max(reflected, p.reflectedPlug().fullScaleW())),
                SpotReading.USUAL_ERROR_SHARE));
    }

    private static void frequency(
            BenchReadings r, BenchReadings.Counter c, Optional<FrequencyTolerance> tolerance, List<Found> found) {
        double off = c.carrierHz() - r.channelHz();
        double ppm = off / r.channelHz() * 1e6;
        if (tolerance.isEmpty()) {
            add(found, BenchFinding.FREQUENCY_NOT_JUDGED, off, ppm);
            return;
        }
        double most = tolerance.get().hzAt(r.channelHz());
        double doubt = c.doubtPpm() * r.channelHz() * 1e-6;
        if (Math.abs(off) - doubt > most) {
            add(found, BenchFinding.FREQUENCY_OFF, off, ppm, most);
        } else if (Math.abs(off) + doubt > most) {
            add(found, BenchFinding.FREQUENCY_UNSURE, off, ppm, most, c.doubtPpm());
        } else {
            add(found, BenchFinding.FREQUENCY_RIGHT, off, ppm, most);
        }
    }

    /** To two digits: a level is never known better. */
    private static int oneIn(double parts) {
        double step = Math.pow(10, Math.max(0, Math.floor(Math.log10(parts)) - 1));
        return (int) Math.min(1e9, Math.rint(parts / step) * step);
    }

    /** Whether it is, or may be, too strong. */
    private static boolean spurious(BenchReadings r, List<Found> found) {
        if (r.spurious().isEmpty()) {
            add(found, BenchFinding.NO_SPURIOUS_READ);
            return false;
        }
        BenchReadings.Spurious s = r.spurious().get();
        // By the power that was read, where it can be believed: a weak radio is held to no more than its own carrier.
        double carrierW = r.power()
                .filter(p -> p.forwardW() > 0
                        && p.plug().isFor(r.channelHz())
                        && !p.plug().isAtEnd(p.forwardW()))
                .map(BenchReadings.Power::forwardW)
                .orElse(r.ratedW());
        double most = mostSpuriousDbc(carrierW);
        BenchFinding kind = s.levelDbc() - LEVEL_DOUBT_DB > most
                ? BenchFinding.SPURIOUS_HIGH
                : s.levelDbc() + LEVEL_DOUBT_DB > most ? BenchFinding.SPURIOUS_UNSURE : BenchFinding.SPURIOUS_LOW;
        add(found, kind, s.levelDbc(), oneIn(1 / s.share()), most);
        return kind != BenchFinding.SPURIOUS_LOW;
    }
}
