package dorada.core.planning;

import dorada.core.line.Line;
import dorada.core.outcome.OutcomeId;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * From the transmitter to the air: jumper, meter, line, connectors, antenna, in this order.
 *
 * @param ratedW of the transmitter into a matched load, above 0
 * @param ceilingSwr above which it folds its power back, above 1
 * @param parts between radio and antenna, from the radio on
 * @param antenna what is at the end
 * @param tunerDb loss of a tuner at the radio, 0 or more; empty without one
 */
public record PowerChain(double ratedW, double ceilingSwr, List<Part> parts, Antenna antenna, OptionalDouble tunerDb) {

    /** A dipole's gain over isotropic, by which ERP and EIRP differ: 2.15 dB. */
    private static final double DIPOLE_DBI = 2.15;

    private static final double REFERENCE_OHM = 50;

    /** Loss of one connector in dB; common practice, no source. */
    public static final double CONNECTOR_DB = 0.1;

    /** Without a tuner. */
    public PowerChain(double ratedW, double ceilingSwr, List<Part> parts, Antenna antenna) {
        this(ratedW, ceilingSwr, parts, antenna, OptionalDouble.empty());
    }

    public PowerChain {
        parts = List.copyOf(parts);
        if (!(ratedW > 0) || Double.isInfinite(ratedW)) {
            throw new Refusal(Refused.NO_POWER);
        }
        if (!(ceilingSwr > 1)) {
            throw new Refusal(Refused.LIMIT_NOT_ABOVE_1);
        }
        if (tunerDb.isPresent() && !(tunerDb.getAsDouble() >= 0)) {
            throw new Refusal(Refused.LOSS_BELOW_0.of(Place.TUNER));
        }
    }

    /** Something that the watts pass. */
    public sealed interface Part {
        Place name();

        /** Matched loss in dB, positive. */
        double matchedLossDb(double frequencyHz);

        /** What is seen at the radio's side of a load, both against 50 Ω. */
        Reflection towardRadio(Reflection load, double frequencyHz);

        /** Size of the load's reflection against the part's own impedance. */
        double ownMagnitude(Reflection load);

        /**
         * Total loss in dB into this load: what goes in less what comes out. Source: P_out/P_in = (1 − ρ²)/(a − ρ²/a) with
         * a the matched loss as a ratio and ρ at the load (D. M. Pozar, Microwave Engineering, eq. 2.94).
         */
        default double lossDb(Reflection load, double frequencyHz) {
            double a = Math.pow(10, matchedLossDb(frequencyHz) / 10);
            double rho = Math.min(ownMagnitude(load), 1);
            return -10 * Math.log10((1 - rho * rho) / (a - rho * rho / a)) + 0.0;
        }
    }

    /** A piece of line. */
    public record Run(Place name, Line line) implements Part {
        @Override
        public double matchedLossDb(double frequencyHz) {
            return line.matchedLossDb(frequencyHz);
        }

        @Override
        public Reflection towardRadio(Reflection load, double frequencyHz) {
            return line.towardRadio(load, REFERENCE_OHM, frequencyHz);
        }

        @Override
        public double ownMagnitude(Reflection load) {
            return load.renormalised(REFERENCE_OHM, line.impedanceOhm()).magnitude();
        }
    }

    /** A meter or a handful of connectors: short, 50 Ω, with a loss of its own, 0 dB or more. */
    public record Fixed(Place name, double lossDb) implements Part {
        public Fixed {
            if (!(lossDb >= 0)) {
                throw new Refusal(Refused.LOSS_BELOW_0.of(name));
            }
        }

        @Override
        public double matchedLossDb(double frequencyHz) {
            return lossDb;
        }

        @Override
        public Reflection towardRadio(Reflection load, double frequencyHz) {
            double size = Math.pow(10, -lossDb / 10);
            return new Reflection(load.re() * size, load.im() * size);
        }

        @Override
        public double ownMagnitude(Reflection load) {
            return load.magnitude();
        }
    }

    /**
     * @param impedance at the frequency in question
     * @param gainDbi in the wanted direction, losses of the antenna itself included
     */
    public record Antenna(Impedance impedance, double gainDbi) {

        /** One of which only the SWR is known: taken as a resistance above 50 Ω, since the phase is not known. */
        public static Antenna ofSwr(double swr, double gainDbi) {
            if (!(swr >= 1)) {
                throw new Refusal(Refused.SWR_BELOW_1);
            }
            return new Antenna(new Impedance(REFERENCE_OHM * swr, 0), gainDbi);
        }
    }

    /**
     * A place on the way.
     *
     * @param name of what comes next
     * @param netW watts that pass here for good
     * @param forwardW of the wave toward the antenna, against 50 Ω
     * @param reflectedW of the wave back
     * @param swr here
     * @param matchedLossDb of what comes next
     * @param mismatchLossDb what the standing wave adds to it
     */
    public record Stage(
            Place name,
            double netW,
            double forwardW,
            double reflectedW,
            double swr,
            double matchedLossDb,
            double mismatchLossDb) {}

    /**
     * @param stages radio first, antenna last
     * @param foldedBack true where the radio lowers its power
     * @param sentW forward watts of the radio
     * @param atAntennaW watts that the antenna accepts
     * @param eirpW over isotropic
     * @param erpW over a dipole
     * @param receiveDb what a signal gains on its way from the air to the radio, antenna's gain included; mostly negative
     */
    public record Result(
            List<Stage> stages,
            boolean foldedBack,
            double sentW,
            double atAntennaW,
            double eirpW,
            double erpW,
            double receiveDb) {}

    /** ERP in watts of an EIRP in watts. */
    public static double erpOfEirpW(double eirpW) {
        return eirpW / Math.pow(10, DIPOLE_DBI / 10);
    }

    /**
     * What the radio may meet where only the antenna's SWR is known, and with it no phase: on the way down a line of another
     * impedance, or past a jumper, that decides.
     *
     * @param lowSwr least SWR at the radio over all phases
     * @param highSwr greatest
     * @param mayFoldBack true where some of them are more than the radio takes at full power
     */
    public record Spread(double lowSwr, double highSwr, boolean mayFoldBack) {}

    private static final int PHASES = 72;

    /** The spread at {@code frequencyHz} behind the tuner, if there is one, over all phases of an antenna of this SWR. */
    public Spread spread(double frequencyHz) {
        if (tunerDb.isPresent()) {
            return new Spread(1, 1, false);
        }
        double size = Reflection.of(antenna.impedance, REFERENCE_OHM).magnitude();
        double low = Double.POSITIVE_INFINITY;
        double high = 1;
        for (int i = 0; i < PHASES; i++) {
            Reflection seen = Reflection.polar(size, 360.0 * i / PHASES);
            for (int part = parts.size() - 1; part >= 0; part--) {
                seen = parts.get(part).towardRadio(seen, frequencyHz);
            }
            low = Math.min(low, seen.swr());
            high = Math.max(high, seen.swr());
        }
        return new Spread(low, high, high > ceilingSwr);
    }

    /**
     * Watts at every point at {@code frequencyHz}. A tuner that is set right shows the radio a match, and sends all that it does not
     * lose into the line: what the standing wave costs on the line it does not touch.
     */
    public Result at(double frequencyHz) {
        int n = parts.size();
        Reflection[] seen = new Reflection[n + 1];
        seen[n] = Reflection.of(antenna.impedance, REFERENCE_OHM);
        for (int i = n - 1; i >= 0; i--) {
            seen[i] = parts.get(i).towardRadio(seen[i + 1], frequencyHz);
        }
        double ceiling = Swr.magnitude(ceilingSwr);
        double atRadio = seen[0].magnitude();
        boolean folds = tunerDb.isEmpty() && atRadio > ceiling;
        double sent = folds ? ratedW * ceiling * ceiling / (atRadio * atRadio) : ratedW;
        double passed = tunerDb.isPresent() ? Math.pow(10, -tunerDb.getAsDouble() / 10) : 1 - atRadio * atRadio;
        double net = sent * passed;
        double netAtRadio = net;
        List<Stage> stages = new ArrayList<>();
        tunerDb.ifPresent(db -> stages.add(new Stage(Place.TUNER, ratedW, ratedW, 0, 1, db, 0)));
        for (int i = 0; i <= n; i++) {
            double rho2 = seen[i].magnitude() * seen[i].magnitude();
            double forward = rho2 < 1 ? net / (1 - rho2) : 0;
            double total = i < n ? parts.get(i).lossDb(seen[i + 1], frequencyHz) : 0;
            double matched = i < n ? parts.get(i).matchedLossDb(frequencyHz) : 0;
            stages.add(new Stage(
                    i < n ? parts.get(i).name() : Place.ANTENNA,
                    net,
                    forward,
                    forward * rho2,
                    seen[i].swr(),
                    matched,
                    total - matched));
            net *= Math.pow(10, -total / 10);
        }
        double eirp = net * Math.pow(10, antenna.gainDbi / 10);
        // By reciprocity the way back costs what the way out does, the mismatch at the radio included.
        double back = 10 * Math.log10(passed * net / netAtRadio) + antenna.gainDbi;
        return new Result(stages, folds, sent, net, eirp, erpOfEirpW(eirp), back);
    }

    /** What the watts pass. */
    public enum Place implements OutcomeId {
        TUNER,
        JUMPER,
        METER,
        LINE,
        CONNECTORS,
        ANTENNA;

        @Override
        public String area() {
            return "station";
        }
    }

    /** What is wrong with a way to the air. */
    public enum Warning implements OutcomeId {
        FOLDS_BACK,
        MAY_FOLD_BACK("highSwr"),
        HIDES("radioSwr", "antennaSwr"),
        /** A tuner shows the radio a match, and mends neither line nor antenna. */
        TUNER_IS_NO_CURE("antennaSwr", "lineSwr", "extraFineDb", "atAntennaFineW", "ratedFineW"),
        TOO_WARM("part", "line", "averageW");

        private final List<String> takes;

        Warning(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "power";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
