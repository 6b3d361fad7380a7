package dorada.core.instrument;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Swr;
import dorada.core.sweep.Reading;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A value at one frequency from an instrument without phase, with the doubt of its kind.
 *
 * @param frequencyHz above 0
 * @param swr as read or worked out from watts, 1 or more, finite
 * @param lowSwr least that it may stand for
 * @param highSwr greatest that it may stand for, perhaps infinite
 * @param resistanceOhm where a dial shows it
 * @param reactanceSizeOhm |X| where a dial shows it; its sign is not known
 * @param watts what the SWR was worked out from, where it was watts
 */
public record SpotReading(
        double frequencyHz,
        double swr,
        double lowSwr,
        double highSwr,
        OptionalDouble resistanceOhm,
        OptionalDouble reactanceSizeOhm,
        Optional<Watts> watts) {

    /**
     * Two readings of a directional wattmeter, in watts.
     *
     * @param forwardFullScaleW full scale of the plug or range for the forward reading
     * @param reflectedFullScaleW the same for the reflected reading
     */
    public record Watts(double forwardW, double reflectedW, double forwardFullScaleW, double reflectedFullScaleW) {}

    /** Half a division and a few per cent: what a good plug of a wattmeter may err by, of full scale (common practice). */
    public static final double USUAL_ERROR_SHARE = 0.05;

    private static final double MOST_SWR = 1000;

    /** Where the scale of a usual meter ends: a needle there may mean anything beyond. */
    private static final double END_OF_SCALE_SWR = 10;

    /** The last marks stand far apart: what is read as 10 may be 7, as a difference of |Γ|. */
    private static final double LAST_MARKS = 0.03;

    /** @throws Refusal for what can't be */
    public SpotReading {
        if (!(frequencyHz > 0) || Double.isInfinite(frequencyHz)) {
            throw new Refusal(Refused.A_FREQUENCY_MUST_BE_ABOVE_0);
        }
        if (!(swr >= 1) || swr > MOST_SWR) {
            throw new Refusal(Refused.SWR_BELOW_1);
        }
    }

    /** An SWR read off a scale of an instrument of {@code kind}. */
    public static SpotReading ofSwr(ReadingKind kind, double frequencyHz, double swr) {
        requireSwr(swr);
        double rho = Swr.magnitude(swr);
        boolean atTheEnd = swr >= END_OF_SCALE_SWR && !kind.isSwept();
        double doubt = kind.doubt(rho) + (atTheEnd ? LAST_MARKS : 0);
        return new SpotReading(
                frequencyHz,
                swr,
                Swr.ofMagnitude(Math.max(0, rho - doubt)),
                atTheEnd ? Double.POSITIVE_INFINITY : Swr.ofMagnitude(Math.min(1, rho + doubt)),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty());
    }

    /** A reading of a dial analyser, which also shows R and |X|. */
    public static SpotReading ofDial(
            double frequencyHz, double swr, OptionalDouble resistanceOhm, OptionalDouble reactanceSizeOhm) {
        SpotReading plain = ofSwr(ReadingKind.DIAL_ANALYSER, frequencyHz, swr);
        return new SpotReading(
                frequencyHz, swr, plain.lowSwr, plain.highSwr, resistanceOhm, reactanceSizeOhm, plain.watts);
    }

    /**
     * Forward and reflected watts of a directional wattmeter.
     *
     * @param read of one channel
     * @param errorShare what it may err by as a share of full scale, such as {@value #USUAL_ERROR_SHARE}
     * @throws Refusal for what can't be, where the watts contradict one another or the range
     */
    public static SpotReading ofWatts(double frequencyHz, Watts read, double errorShare) {
        double forwardW = read.forwardW;
        double reflectedW = read.reflectedW;
        double forwardFullScaleW = read.forwardFullScaleW;
        double reflectedFullScaleW = read.reflectedFullScaleW;
        if (forwardW > forwardFullScaleW || reflectedW > reflectedFullScaleW) {
            throw new Refusal(Refused.A_READING_ABOVE_FULL_SCALE);
        }
        if (!(forwardW > 0) || Double.isInfinite(forwardW)) {
            throw new Refusal(Refused.NO_FORWARD_POWER);
        }
        if (!(reflectedW >= 0) || reflectedW > forwardW) {
            throw new Refusal(Refused.REFLECTED_ABOVE_FORWARD.of(forwardW, reflectedW));
        }
        double swr = Swr.ofMagnitude(Math.min(0.998, Swr.magnitudeOfWatts(forwardW, reflectedW)));
        double forwardDoubt = errorShare * forwardFullScaleW;
        double reflectedDoubt = errorShare * reflectedFullScaleW;
        double least = Math.sqrt(Math.max(0, reflectedW - reflectedDoubt) / (forwardW + forwardDoubt));
        double leftForward = forwardW - forwardDoubt;
        double most = leftForward <= 0 ? 1 : Math.min(1, Math.sqrt((reflectedW + reflectedDoubt) / leftForward));
        return new SpotReading(
                frequencyHz,
                swr,
                Swr.ofMagnitude(least),
                Swr.ofMagnitude(most),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(read));
    }

    private static void requireSwr(double swr) {
        if (!(swr >= 1)) {
            throw new Refusal(Refused.SWR_BELOW_1);
        }
    }

    /** As every table and verdict takes it. */
    public Reading reading() {
        return Reading.ofSwr(frequencyHz, swr, lowSwr, highSwr);
    }

    /** |Γ| as read. */
    public double magnitude() {
        return Swr.magnitude(swr);
    }

    /** Standard deviation of |Γ|: a quarter of its whole doubt, at least that of reading a scale. */
    public double magnitudeDeviation() {
        double high = Double.isInfinite(highSwr) ? 1 : Swr.magnitude(highSwr);
        return Math.max(0.008, (high - Swr.magnitude(lowSwr)) / 4);
    }

    /** How far a |Γ| of {@code modelled} is off this reading, in standard deviations; 0 beyond the end of the scale. */
    public double off(double modelled) {
        double off = (modelled - magnitude()) / magnitudeDeviation();
        return Double.isInfinite(highSwr) && off > 0 ? 0 : off;
    }
}
