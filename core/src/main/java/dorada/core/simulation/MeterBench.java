package dorada.core.simulation;

import dorada.core.instrument.BenchRadio;
import dorada.core.instrument.DirectionalWattmeter;
import dorada.core.instrument.DirectionalWattmeter.Direction;
import dorada.core.instrument.InlineMeter;
import dorada.core.instrument.Span;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * The radio, the in-line meter and the directional wattmeter of the practice bench, in the feedline of what lies on it. They
 * are read by eye, as their real kin are: nothing but the needle's place is known.
 */
public final class MeterBench {

    /** Spread of the stand-in radios: within 1 ppm, spurious −60 to −75 dBc; common practice, no source. */
    private static final double PPM = 1;

    private static final double SPURIOUS_DBC = -60;
    private static final double SPURIOUS_SPREAD_DB = 15;
    /** Error of a wattmeter's plug as a share of full scale; common practice, no source. */
    private static final double PLUG_ERROR = 0.05;

    /** Full scales of the plugs in watts; each for a range of frequencies. */
    public static final List<Double> PLUGS_W = List.of(1.0, 5.0, 25.0, 50.0, 100.0);

    /** Ranges of frequency of the plugs. */
    public static final List<Span> PLUG_BANDS =
            List.of(new Span(25e6, 60e6), new Span(100e6, 250e6), new Span(200e6, 500e6));

    private final Bench bench;
    private final double errorPpm;
    private final double spuriousDbc;
    private final double plugError;

    /** @param random makes this radio and these plugs */
    public MeterBench(Bench bench, Random random) {
        this.bench = bench;
        errorPpm = PPM * (2 * random.nextDouble() - 1);
        spuriousDbc = SPURIOUS_DBC - SPURIOUS_SPREAD_DB * random.nextDouble();
        plugError = PLUG_ERROR * (2 * random.nextDouble() - 1);
    }

    /**
     * @param frequencyHz of the channel, above 0
     * @param powerW of the radio into a matched load, above 0
     * @param ceilingSwr highest SWR that the radio is rated for
     * @param meterRangeW range of the in-line meter, in watts
     * @param setFor the carrier for which the meter's needle was set; empty where it was not
     * @param plugW full scale of the wattmeter's plug, in watts
     * @param plugLowHz lowest frequency of the plug
     * @param plugHighHz highest frequency of the plug
     */
    public record Settings(
            double frequencyHz,
            double powerW,
            double ceilingSwr,
            double meterRangeW,
            Optional<Carrier> setFor,
            double plugW,
            double plugLowHz,
            double plugHighHz) {

        public Settings {
            if (!(frequencyHz > 0) || !(powerW > 0) || !(ceilingSwr > 1) || !(meterRangeW > 0) || !(plugW > 0)) {
                throw new Refusal(Refused.NO_SUCH_METER);
            }
        }
    }

    /** A carrier: frequency in Hz, forward watts. */
    public record Carrier(double frequencyHz, double forwardW) {}

    /**
     * What a person reads.
     *
     * @param meterSwr off the in-line meter's scale; empty where it can't be read
     * @param meterTrouble why not
     * @param watts off the wattmeter
     * @param doubtW by which either of its readings may be wrong
     * @param carrier of the radio: its frequency as a counter shows it, and its forward watts
     * @param foldedBack true where the radio lowered its power
     */
    public record Reading(
            Optional<Double> meterSwr,
            Optional<Outcome> meterTrouble,
            Watts watts,
            double doubtW,
            Carrier carrier,
            boolean foldedBack) {}

    /**
     * @param forwardW with the plug's arrow toward the antenna
     * @param reflectedW with the arrow turned
     * @param swr of the two readings; empty where they say nothing
     * @param trouble why there are no watts
     */
    public record Watts(
            Optional<Double> forwardW, Optional<Double> reflectedW, Optional<Double> swr, Optional<Outcome> trouble) {}

    /** The carrier that the radio makes into what is connected: what the in-line meter's needle is set by. */
    public Carrier carrier(Settings s) {
        return carrier(s, connected(s));
    }

    /** Keys the radio, reads both meters, unkeys. */
    public Reading read(Settings s) {
        Reflection load = connected(s);
        Carrier carrier = carrier(s, load);
        Optional<Double> swr = Optional.empty();
        Optional<Outcome> trouble = Optional.empty();
        try {
            InlineMeter meter = new InlineMeter(s.meterRangeW);
            s.setFor.ifPresent(c -> meter.set(c.frequencyHz, c.forwardW));
            swr = Optional.of(meter.swr(load, s.frequencyHz, carrier.forwardW));
        } catch (Refusal e) {
            trouble = Optional.of(e.outcome());
        }
        boolean folded = carrier.forwardW < s.powerW * (1 - 1e-9);
        return new Reading(swr, trouble, watts(s, load, carrier), plugDoubtW(s.plugW), carrier, folded);
    }

    private Watts watts(Settings s, Reflection load, Carrier carrier) {
        DirectionalWattmeter plug = new DirectionalWattmeter(s.plugW, s.plugLowHz, s.plugHighHz, plugError);
        try {
            double forward = plug.read(Direction.FORWARD, load, s.frequencyHz, carrier.forwardW);
            double reflected = plug.read(Direction.REFLECTED, load, s.frequencyHz, carrier.forwardW);
            Optional<Double> swr = forward > 0 && reflected < forward
                    ? Optional.of(Swr.ofMagnitude(Swr.magnitudeOfWatts(forward, reflected)))
                    : Optional.empty();
            return new Watts(Optional.of(forward), Optional.of(reflected), swr, Optional.empty());
        } catch (Refusal e) {
            return new Watts(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(e.outcome()));
        }
    }

    /** What a plug may be wrong by: a person knows the kind's error, not this plug's. */
    private static double plugDoubtW(double plugW) {
        return new DirectionalWattmeter(plugW, 0, Double.MAX_VALUE, PLUG_ERROR).doubtW();
    }

    /** Level of the radio's strongest spurious emission against its carrier, in dBc: the bench's spectrum analyser shows it. */
    public double spuriousDbc() {
        return spuriousDbc;
    }

    private Carrier carrier(Settings s, Reflection load) {
        BenchRadio radio = new BenchRadio(s.powerW, errorPpm, spuriousDbc, s.ceilingSwr);
        return new Carrier(radio.carrierHz(s.frequencyHz), radio.forwardW(load));
    }

    private Reflection connected(Settings s) {
        return bench.connected(Watch.NOBODY)
                .reflection(new double[] {s.frequencyHz})
                .reflection(0);
    }
}
