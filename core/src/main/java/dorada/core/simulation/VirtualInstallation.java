package dorada.core.simulation;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.WireAntenna;
import dorada.core.line.Line;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;

/**
 * An installation to practise on.
 *
 * @param id short and stable
 * @param kind of its antenna
 * @param carrier what it is fitted to: road vehicle, handheld, aircraft, mast, indoor or portable
 * @param lowHz lowest wanted frequency
 * @param highHz highest wanted frequency
 * @param controls what can be adjusted, in the order of the settings
 * @param conditions what can be switched on and off
 * @param feedline from the connector to the radio
 * @param antenna from the settings, in metres, to dimensions
 */
public record VirtualInstallation(
        String id,
        AntennaKind kind,
        Carrier carrier,
        double lowHz,
        double highHz,
        List<Control> controls,
        Set<Condition> conditions,
        Line feedline,
        Built antenna) {

    /** From settings, in metres, and whether a hand is near, to dimensions. */
    @FunctionalInterface
    public interface Built {
        WireAntenna of(double[] settingsM, boolean handNear);
    }

    private static final double DUMMY_OHM = 51.5;
    private static final double SLIP_SHARE = 0.03;
    private static final double KINK_M = 0.06;
    private static final double LOOSE_OHM = 14;

    public VirtualInstallation {
        controls = List.copyOf(controls);
        conditions = Set.copyOf(conditions);
    }

    /** Gathers the parts of one installation in the order in which they are read. */
    public static Draft make(String id, AntennaKind kind, Carrier place, double lowHz, double highHz) {
        return new Draft(id, kind, place, lowHz, highHz);
    }

    /** An installation of which not all is said yet. */
    public static final class Draft {
        private final String id;
        private final AntennaKind kind;
        private final Carrier place;
        private final double lowHz;
        private final double highHz;
        private List<Control> controls = List.of();
        private Set<Condition> conditions = Set.of();
        private Line line;

        private Draft(String id, AntennaKind kind, Carrier place, double lowHz, double highHz) {
            this.id = id;
            this.kind = kind;
            this.place = place;
            this.lowHz = lowHz;
            this.highHz = highHz;
        }

        public Draft set(Control... some) {
            controls = List.of(some);
            return this;
        }

        public Draft on(Set<Condition> some) {
            conditions = some;
            return this;
        }

        public Draft line(Line feedline) {
            line = feedline;
            return this;
        }

        public VirtualInstallation as(Function<double[], WireAntenna> antenna) {
            return asWith((s, hand) -> antenna.apply(s));
        }

        public VirtualInstallation asWith(Built built) {
            return new VirtualInstallation(id, kind, place, lowHz, highHz, controls, conditions, line, built);
        }
    }

    /** What it is. */
    public Outcome title() {
        return new Outcome("practice." + id, Map.of());
    }

    /** The same behind another line. */
    public VirtualInstallation fedBy(Line other) {
        return new VirtualInstallation(id, kind, carrier, lowHz, highHz, controls, conditions, other, antenna);
    }

    /** The same with its first piece {@code factor} times as long before the first cut. */
    public VirtualInstallation leftLonger(double factor) {
        Control c = controls.get(0);
        List<Control> others = new ArrayList<>(controls);
        others.set(0, new Control(c.name(), c.startM() * factor, c.lowM(), c.highM() * factor, c.stepM(), c.oneWay()));
        return new VirtualInstallation(id, kind, carrier, lowHz, highHz, others, conditions, feedline, antenna);
    }

    /** The settings before anything was changed. */
    public double[] startM() {
        return controls.stream().mapToDouble(Control::startM).toArray();
    }

    /**
     * The antenna with these settings and conditions, ready to be solved.
     *
     * @throws Refusal where a setting is missing or beyond its range
     */
    public Assembly assembly(double[] settingsM, Set<Condition> now, double topHz) {
        if (settingsM.length != controls.size()) {
            throw new Refusal(Refused.OTHER_SETTINGS.of(controls.size()));
        }
        for (int i = 0; i < settingsM.length; i++) {
            Control c = controls.get(i);
            if (!(settingsM[i] >= c.lowM() - 1e-9 && settingsM[i] <= c.highM() + 1e-9)) {
                throw new Refusal(Refused.BEYOND_ITS_RANGE.of(c.name(), c.lowM(), c.highM()));
            }
        }
        double[] real = settingsM.clone();
        if (now.contains(Condition.SLIPPED_SET_SCREW)) {
            real[0] *= 1 - SLIP_SHARE;
        }
        return Surroundings.of(
                antenna.of(real, now.contains(Condition.HAND_NEAR)).assemble(), now, topHz);
    }

    /**
     * The reflection over frequency, free of any instrument's error.
     *
     * @param atRadio true at the radio's end of the feedline, false at the antenna's connector
     * @param random for what is unsteady
     */
    public Sweep sweep(
            double[] settingsM, Set<Condition> now, boolean atRadio, double[] hz, Random random, Watch watch) {
        return sweep(settingsM, now, atRadio, hz, hz[hz.length - 1], random, watch);
    }

    /**
     * The same, solved as finely as {@code topHz} needs: sweeps of several spans with one top are of the very same antenna, while
     * finer wires have their dip a few tenths of a per cent elsewhere.
     *
     * @param topHz the highest of {@code hz} or more
     */
    public Sweep sweep(
            double[] settingsM,
            Set<Condition> now,
            boolean atRadio,
            double[] hz,
            double topHz,
            Random random,
            Watch watch) {
        Sweep bare = now.contains(Condition.DUMMY_LOAD)
                ? constant(hz)
                : AntennaSweep.of(assembly(settingsM, now, topHz), hz, topHz, watch)
                        .sweep();
        List<Line> line = atRadio ? line(now) : List.of();
        double[] re = new double[hz.length];
        double[] im = new double[hz.length];
        double looseOhm = 0;
        for (int i = 0; i < hz.length; i++) {
            Reflection r = bare.reflection(i);
            if (now.contains(Condition.LOOSE_CONNECTOR)) {
                // Contact comes and goes between points: a walk, not white noise.
                looseOhm = Math.max(0, 0.7 * looseOhm + LOOSE_OHM * random.nextGaussian());
                r = Reflection.of(
                        r.impedance(Sweep.STANDARD_REFERENCE_OHM).plus(new Impedance(looseOhm, -looseOhm)),
                        Sweep.STANDARD_REFERENCE_OHM);
            }
            for (Line section : line) {
                r = section.towardRadio(r, Sweep.STANDARD_REFERENCE_OHM, hz[i]);
            }
            re[i] = r.re();
            im[i] = r.im();
        }
        return new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM);
    }

    private static Sweep constant(double[] hz) {
        double[] re = new double[hz.length];
        java.util.Arrays.fill(
                re,
                Reflection.of(new Impedance(DUMMY_OHM, 0), Sweep.STANDARD_REFERENCE_OHM)
                        .re());
        return new Sweep(hz, re, new double[hz.length], Sweep.STANDARD_REFERENCE_OHM);
    }

    /** The feedline's pieces from the antenna to the radio. */
    private List<Line> line(Set<Condition> now) {
        List<Line> pieces = new ArrayList<>();
        double third = feedline.lengthM() / 3;
        boolean wet = now.contains(Condition.WET_LINE);
        pieces.add(
                wet
                        ? new Line(
                                third,
                                feedline.velocityFactor() * 0.93,
                                feedline.impedanceOhm() * 0.88,
                                feedline.k1DbPer100mSqrtMHz() * 1.5,
                                feedline.k2DbPer100mMHz() * 12 + 0.05)
                        : piece(third));
        pieces.add(piece(third));
        if (now.contains(Condition.KINKED_LINE)) {
            pieces.add(new Line(KINK_M, feedline.velocityFactor(), feedline.impedanceOhm() * 0.5, 0, 0));
        }
        pieces.add(piece(third));
        return pieces;
    }

    private Line piece(double lengthM) {
        return new Line(
                lengthM,
                feedline.velocityFactor(),
                feedline.impedanceOhm(),
                feedline.k1DbPer100mSqrtMHz(),
                feedline.k2DbPer100mMHz());
    }
}
