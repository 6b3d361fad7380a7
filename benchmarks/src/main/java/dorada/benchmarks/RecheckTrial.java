package dorada.benchmarks;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.design.Designs;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.recheck.Finding;
import dorada.core.recheck.Recheck;
import dorada.core.simulation.Condition;
import dorada.core.simulation.Control;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Cause;
import dorada.core.tuning.Pass;
import dorada.core.wire.Load;
import dorada.core.wire.Lumped;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Watch;
import dorada.core.wire.Wire;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Blind rechecks: antennas solved as they were signed off and once more after something happened to their wires, their joint or
 * their line; each swept by an analyser with calibration errors of its own. What happened is done to the wires and solved, not to the
 * curve.
 */
final class RecheckTrial {

    private static final int POINTS = 401;
    private static final double BESIDE = 0.1;

    /** A shift of so much, or a channel that changed by so many dB, must be found. */
    private static final double TO_BE_FOUND_SHARE = 0.005;

    private static final double TO_BE_FOUND_DB = 3;

    /** Below this a change of return loss is within what two calibrations leave. */
    private static final double SEEN_GAMMA = 0.03;

    private static final double ICE_PERMITTIVITY = 3.1;
    private static final double REPEATS = 0.0005;

    /** What may happen between sign-off and recheck. */
    enum Happened {
        NOTHING,
        SLIPPED(Cause.Id.SLIPPED_JOINT, Cause.Id.SET_UP_OTHERWISE),
        ICE(Cause.Id.ICE),
        WATER(Cause.Id.WATER_IN_THE_LINE, Cause.Id.WATER_IN_THE_STRUCTURE),
        CORROSION(Cause.Id.CORRODED_GROUND, Cause.Id.LOOSE_BOND),
        BESIDE(
                Cause.Id.SOMETHING_ON_THE_ROOF,
                Cause.Id.HELD_OTHERWISE,
                Cause.Id.AIRCRAFT_SURROUNDINGS,
                Cause.Id.MAST_SURROUNDINGS,
                Cause.Id.SOMETHING_PUT_BESIDE_IT,
                Cause.Id.SOMETHING_NEW_BESIDE_IT);

        private final Set<Cause.Id> names;

        Happened(Cause.Id... names) {
            this.names = Set.of(names);
        }
    }

    private record Case(Happened happened, double shift, double db, Optional<Recheck> says) {

        boolean mustBeFound() {
            return happened != Happened.NOTHING && (Math.abs(shift) >= TO_BE_FOUND_SHARE || db >= TO_BE_FOUND_DB);
        }

        boolean isFound() {
            return says.isPresent() && says.get().finding() != Finding.UNCHANGED;
        }

        int rank() {
            List<Recheck.Likely> causes = says.map(Recheck::causes).orElse(List.of());
            for (int i = 0; i < causes.size(); i++) {
                if (happened.names.contains(causes.get(i).cause().id())) {
                    return i;
                }
            }
            return Integer.MAX_VALUE;
        }
    }

    private RecheckTrial() {}

    static void print(PrintStream out, long seed, int trials) {
        out.printf("Recheck, seed %d, %d pairs%n", seed, trials);
        long[] seeds = new Random(seed).longs(trials).toArray();
        List<Case> all = IntStream.range(0, trials)
                .parallel()
                .mapToObj(i -> one(new Random(seeds[i])))
                .toList();
        List<Case> same =
                all.stream().filter(c -> c.happened == Happened.NOTHING).toList();
        out.printf(
                Locale.ROOT,
                "unchanged and called changed: %d of %d (%.1f %%)%n",
                count(same, Case::isFound),
                same.size(),
                share(same, Case::isFound));
        List<Case> found = all.stream().filter(Case::mustBeFound).toList();
        out.printf(
                Locale.ROOT,
                "a shift of 0.5 %% or 3 dB found: %d of %d (%.1f %%)%n",
                count(found, Case::isFound),
                found.size(),
                share(found, Case::isFound));
        List<Case> named = found.stream().filter(Case::isFound).toList();
        out.printf(
                Locale.ROOT,
                "cause among the first two: %.1f %% of those found, first %.1f %%%n",
                share(named, c -> c.rank() < 2),
                share(named, c -> c.rank() < 1));
        for (Happened h : Happened.values()) {
            List<Case> of = named.stream().filter(c -> c.happened == h).toList();
            List<Case> due = found.stream().filter(c -> c.happened == h).toList();
            if (!due.isEmpty()) {
                out.printf(
                        Locale.ROOT,
                        "  %-10s found %d of %d, cause first %.0f %%, among the first two %.0f %%; instead %s%n",
                        h,
                        of.size(),
                        due.size(),
                        share(of, c -> c.rank() < 1),
                        share(of, c -> c.rank() < 2),
                        instead(of));
            }
        }
    }

    private static Map<Cause.Id, Integer> instead(List<Case> of) {
        Map<Cause.Id, Integer> all = new EnumMap<>(Cause.Id.class);
        of.stream()
                .filter(c -> c.rank() > 0)
                .flatMap(c -> c.says.orElseThrow().causes().stream().limit(1))
                .forEach(l -> all.merge(l.cause().id(), 1, Integer::sum));
        return all;
    }

    private static long count(List<Case> cases, java.util.function.Predicate<Case> which) {
        return cases.stream().filter(which).count();
    }

    private static double share(List<Case> cases, java.util.function.Predicate<Case> which) {
        return cases.isEmpty() ? Double.NaN : 100.0 * count(cases, which) / cases.size();
    }

    private static Case one(Random random) {
        List<VirtualInstallation> possible = Designs.ALL.installations();
        VirtualInstallation v = possible.get(random.nextInt(possible.size()));
        Control c = v.controls().get(0);
        double[] settings = v.startM();
        // Signed off somewhere in its range, where its dip is near the band.
        settings[0] = c.allowed(c.lowM() + (c.highM() - c.lowM()) * random.nextDouble());
        Happened happened = random.nextInt(3) == 0
                ? Happened.NOTHING
                : Happened.values()[1 + random.nextInt(Happened.values().length - 1)];
        if (happened == Happened.ICE && (v.carrier() == Carrier.INDOOR || v.carrier() == Carrier.HANDHELD)) {
            happened = Happened.SLIPPED;
        }
        double centre = (v.lowHz() + v.highHz()) / 2;
        double[] hz = new Span(centre * (1 - BESIDE), centre * (1 + BESIDE)).points(POINTS);
        Sweep before = atTheAntenna(v, settings, Set.of(), hz, Happened.NOTHING, random);
        Optional<Dip> dip = new SweepAnalysis(before).deepestDip().filter(d -> !d.atEdge());
        if (dip.isEmpty()
                || dip.get().reading().swr() > 2.5
                || Math.abs(dip.get().frequencyHz() / centre - 1) > BESIDE - 0.02) {
            return one(random);
        }
        Happened really = happened;
        Sweep after = happened == Happened.SLIPPED
                ? slipped(v, settings, hz, random)
                : happened == Happened.BESIDE
                        ? besides(v, settings, hz, random)
                        : atTheAntenna(v, settings, Set.of(), hz, really, random);
        if (after == null) {
            return one(random);
        }
        double middle = dip.get().frequencyHz();
        List<WantedChannel> channels = List.of(
                new WantedChannel("low", middle * 0.99, false),
                new WantedChannel("middle", middle, true),
                new WantedChannel("high", middle * 1.01, false));
        Pass then = new Pass(0, read(before, hz, random));
        Pass now = new Pass(0, read(after, hz, random));
        AcceptanceRule rule = new UnderLimit(2.5);
        boolean met = rule.judge(ChannelReading.of(new SweepAnalysis(now.sweep()), channels), ReferencePlane.ANTENNA)
                .met();
        Optional<Dip> moved = new SweepAnalysis(after).deepestDip().filter(d -> !d.atEdge());
        return new Case(
                really,
                moved.map(m -> m.frequencyHz() / middle - 1).orElse(1.0),
                db(before, after, channels),
                Recheck.of(then, now, channels, v.carrier(), met, true));
    }

    /** Greatest change of return loss on a channel, where both are more than calibrations leave apart. */
    private static double db(Sweep before, Sweep after, List<WantedChannel> channels) {
        double most = 0;
        for (WantedChannel w : channels) {
            double a = before.at(w.frequencyHz()).orElseThrow().magnitude();
            double b = after.at(w.frequencyHz()).orElseThrow().magnitude();
            if (Math.abs(a - b) > SEEN_GAMMA) {
                most = Math.max(most, Math.abs(20 * Math.log10(a / b)));
            }
        }
        return most;
    }

    /** An analyser that is calibrated anew, on an antenna that is put back as well as can be. */
    private static Sweep read(Sweep truth, double[] hz, Random random) {
        double put = 1 + REPEATS * random.nextGaussian();
        return new SimulatedAnalyser(
                        f -> {
                            double[] re = new double[f.length];
                            double[] im = new double[f.length];
                            for (int i = 0; i < f.length; i++) {
                                double at = Math.max(truth.startHz(), Math.min(truth.stopHz(), f[i] * put));
                                re[i] = truth.at(at).orElseThrow().re();
                                im[i] = truth.at(at).orElseThrow().im();
                            }
                            return new Sweep(f, re, im, Sweep.STANDARD_REFERENCE_OHM);
                        },
                        random)
                .sweep(new Span(hz[0], hz[hz.length - 1]), POINTS);
    }

    private static Sweep slipped(VirtualInstallation v, double[] settings, double[] hz, Random random) {
        Control c = v.controls().get(0);
        double share = 0.004 + 0.036 * random.nextDouble();
        double length = settings[0] * (1 + (random.nextBoolean() ? share : -share));
        if (length < c.lowM() || length > c.highM()) {
            return null;
        }
        double[] others = settings.clone();
        others[0] = length;
        return atTheAntenna(v, others, Set.of(), hz, Happened.SLIPPED, random);
    }

    private static Sweep besides(VirtualInstallation v, double[] settings, double[] hz, Random random) {
        List<Condition> possible = v.conditions().stream()
                .filter(x -> x == Condition.PERSON_NEAR
                        || x == Condition.INDOORS
                        || x == Condition.DOOR_OPEN
                        || x == Condition.HAND_NEAR)
                .sorted()
                .toList();
        return possible.isEmpty()
                ? null
                : atTheAntenna(
                        v,
                        settings,
                        Set.of(possible.get(random.nextInt(possible.size()))),
                        hz,
                        Happened.BESIDE,
                        random);
    }

    private static Sweep atTheAntenna(
            VirtualInstallation v,
            double[] settings,
            Set<Condition> now,
            double[] hz,
            Happened happened,
            Random random) {
        Assembly a = v.assembly(settings, now, hz[hz.length - 1]);
        Structure s = a.structure();
        List<Wire> wires = new ArrayList<>(s.wires());
        List<Load> loads = new ArrayList<>(s.loads());
        if (happened == Happened.ICE) {
            double thick = 0.001 + 0.006 * random.nextDouble();
            wires.replaceAll(
                    w -> w.sheaths().isEmpty() ? w.in(Sheath.insulation(w.radiusM(), thick, ICE_PERMITTIVITY)) : w);
        }
        if (happened == Happened.CORROSION) {
            loads.add(new Load(a.feed(), Lumped.Series.resistor(4 + 40 * random.nextDouble())));
        }
        Sweep bare = AntennaSweep.of(
                        a.in(new Structure(wires, s.overPerfectGround(), loads, s.links())), hz, Watch.NOBODY)
                .sweep();
        if (happened != Happened.WATER) {
            return bare;
        }
        // A soaked length of the same line: loss, and a shunt capacitance where the water stands in the connector.
        double lossDb = 0.3 + 2.5 * random.nextDouble();
        double farad = 3e-12 * random.nextDouble();
        double[] re = new double[hz.length];
        double[] im = new double[hz.length];
        double there = Math.pow(10, -2 * lossDb / 20);
        for (int i = 0; i < hz.length; i++) {
            var shunted = bare.reflection(i)
                    .impedance(Sweep.STANDARD_REFERENCE_OHM)
                    .shuntedBy(-1 / (2 * Math.PI * hz[i] * farad));
            var r = dorada.core.rf.Reflection.of(shunted, Sweep.STANDARD_REFERENCE_OHM);
            re[i] = r.re() * there;
            im[i] = r.im() * there;
        }
        return new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM);
    }
}
