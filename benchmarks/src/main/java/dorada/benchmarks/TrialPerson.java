package dorada.benchmarks;

import dorada.benchmarks.AdviserTrial.Way;
import dorada.benchmarks.HiddenAntenna.Setting;
import dorada.core.antenna.AntennaKind;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.SimulatedMeter;
import dorada.core.instrument.Span;
import dorada.core.line.ThroughLine;
import dorada.core.rf.Reflection;
import dorada.core.simulation.Control;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.AntennaAdviser;
import dorada.core.tuning.Cause;
import dorada.core.tuning.MatchControl;
import dorada.core.tuning.Pass;
import dorada.core.tuning.Pieces;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimPrior;
import dorada.core.tuning.TrimTask;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;

/**
 * Whoever tunes a hidden antenna and does what is advised.
 *
 * <p>Told to find the fault, the person looks about and measures once more, in the surroundings of the end; what is broken
 * is mended where one of the causes named it, and stays so where none did. Told to measure again by meter, the person reads
 * channels farther apart as well. Where the rule is met at its limit, a change that is offered for room is made. The first control is moved, and by the adviser a match or a ring where there is one.
 */
final class TrialPerson {

    static final int MOST_CUTS = 8;
    private static final double TAPE_M = 0.0003;

    private TrialPerson() {}

    private static Room secondRoom(HiddenAntenna job, Setting at) {
        Control match = job.kind().controls().get(1);
        return new Room(Math.max(0, at.secondM() - match.lowM()), Math.max(0, match.highM() - at.secondM()));
    }

    /** @param seen the pass by whose surroundings it was last measured */
    record Outcome(
            boolean met,
            int cuts,
            int seen,
            Setting at,
            boolean saidFault,
            boolean namedFault,
            boolean saidOfSound,
            boolean lastWasCut,
            double wastedM,
            String ended,
            String read,
            int harmful,
            int roomTaken,
            int roomWorse,
            List<Double> stated,
            Optional<TrimPrior.Lesson> lesson) {}

    /** Looks on at each order before it is followed. */
    interface Onlooker {
        Onlooker NOBODY = (job, at, task, passes, advice) -> {};

        void sees(HiddenAntenna job, Setting at, TrimTask task, List<Pass> passes, TrimAdvice advice);
    }

    static Outcome follow(HiddenAntenna drawn, Way way) {
        return follow(drawn, way, TrialKinds.prior(drawn.kind()));
    }

    /** @param prior what is known of it before its first reading */
    static Outcome follow(HiddenAntenna drawn, Way way, TrimPrior prior) {
        return follow(drawn, way, prior, Onlooker.NOBODY);
    }

    static Outcome follow(HiddenAntenna drawn, Way way, TrimPrior prior, Onlooker onlooker) {
        HiddenAntenna job = drawn;
        Control c = job.kind().controls().get(0);
        Random random = new Random(job.seed());
        AntennaKind kind = job.kind().kind();
        Optional<MatchControl> match = MatchControl.of(kind);
        Adjustment adjustment = c.oneWay() ? new Adjustment.OneWayCut(c.stepM()) : new Adjustment.Slide(c.stepM());
        double low = job.channels().get(0).frequencyHz();
        double high = job.channelHz()[job.channelHz().length - 1];
        double beside = job.world() == World.NARROW ? 0.003 : 0.1;
        Span span = new Span(low * (1 - beside), high * (1 + beside));
        Setting at = job.start();
        double change = 0;
        double secondChange = 0;
        int cuts = 0;
        boolean saidFault = false;
        boolean namedFault = false;
        boolean saidOfSound = false;
        boolean lookedAbout = false;
        boolean lookedForAFault = false;
        boolean hasLooked = false;
        boolean fartherApart = false;
        boolean cutLast = false;
        boolean signedOff = false;
        int harmful = 0;
        StringBuilder harmfulM = new StringBuilder();
        int roomTaken = 0;
        int roomWorse = 0;
        List<Double> stated = new ArrayList<>();
        String ended = "cuts used up";
        List<Pass> passes = new ArrayList<>();
        for (int look = 0; look < 3 * MOST_CUTS && cuts <= MOST_CUTS; look++) {
            int seen = job.world() == World.DRIFT ? (signedOff ? look : 0) : seen(job, cuts, lookedAbout);
            Pass pass = job.byMeter()
                    ? byMeter(
                            job,
                            at,
                            seen,
                            change,
                            fartherApart && change == 0 ? job.channelsBesideHz() : job.channelHz(),
                            random)
                    : bySweep(job, at, seen, change, span, random);
            passes.add(pass.after(change, secondChange)
                    .afterALook(hasLooked)
                    .changing(job.world() == World.ALIKE ? Optional.of(Pieces.ALIKE) : Optional.empty()));
            hasLooked = false;
            double length = at.lengthM();
            Room second = match.isPresent() ? secondRoom(job, at) : Room.ANY;
            TrimTask task = TrimTask.of(job.rule(), job.channels(), adjustment, prior)
                    .within(new Room(length - c.lowM(), c.oneWay() ? 0 : c.highM() - length))
                    .matchedBy(match.map(m -> m.within(second)));
            TrimTask judged = job.lineIsKnown() ? task.behind(job.kind().feedline()) : task;
            TrimAdvice advice = new AntennaAdviser(kind, judged).advise(passes);
            Action action = advice.action();
            onlooker.sees(job, at, judged, List.copyOf(passes), advice);
            if (job.world() == World.DRIFT && !signedOff) {
                // Read until it shows what it is, which is within its rule; signed off, and read again later.
                signedOff = action == Action.STOP;
                if (!signedOff) {
                    passes.remove(passes.size() - 1);
                }
                continue;
            }
            if (action == Action.READ_THE_OTHER_BAND) {
                saidFault = true;
                ended = "says: " + action;
                break;
            }
            if (action == Action.SWEEP_WIDER && !job.byMeter()) {
                span = reachable(advice.widerSweep().orElseThrow(), job);
                change = 0;
                secondChange = 0;
                continue;
            }
            if (way == Way.ADVISER && looksForFaults(advice)) {
                saidFault = true;
                if (job.world() != World.YARD) {
                    ended = "says: " + action + " (" + advice.reasons().get(0) + ")";
                    if (job.world().everyOrderHarms() || job.world() == World.STUCK || lookedForAFault) {
                        break;
                    }
                    lookedForAFault = true;
                    fartherApart = false;
                    lookedAbout = true;
                    hasLooked = true;
                    change = 0;
                    secondChange = 0;
                    continue;
                }
                // Somebody who stood near and went away is what has changed since it was read before.
                boolean wentAway = lookedAbout
                        && !job.before().isEmpty()
                        && advice.causes().stream()
                                .anyMatch(cause -> cause.id() == Cause.Id.SOMEBODY_CAME_AND_WENT
                                        || cause.id() == Cause.Id.SOMETHING_NEW_BESIDE_IT);
                boolean named = wentAway || TrialKinds.isNamed(advice.causes(), job.fault());
                namedFault = namedFault || named && !wentAway;
                saidOfSound = saidOfSound || job.isUndisturbed(seen) && !wentAway;
                ended = "says: " + action + " (" + advice.reasons().get(0) + ")";
                if (lookedAbout && !named) {
                    break;
                }
                job = named && !wentAway ? job.mended() : job;
                lookedAbout = true;
                hasLooked = true;
                change = 0;
                secondChange = 0;
                continue;
            }
            // Nobody signs off what was only measured with something near it, and whoever is told to measure again
            // looks about.
            fartherApart = job.byMeter()
                    && action == Action.MEASURE_AGAIN
                    && !pass.spots().isEmpty();
            if (action == Action.MEASURE_AGAIN || action == Action.STOP && !job.isUndisturbed(seen)) {
                lookedAbout = true;
                change = 0;
                secondChange = 0;
                continue;
            }
            // Whoever is offered room to a limit that a needle just meets takes it.
            boolean takesRoom = way == Way.ADVISER
                    && action == Action.STOP
                    && advice.spareM() != 0
                    && job.world() != World.DRIFT
                    && cuts < MOST_CUTS;
            roomTaken += takesRoom ? 1 : 0;
            if (action == Action.STOP && !takesRoom || cuts == MOST_CUTS) {
                ended = action == Action.STOP ? "says: stop" : ended;
                break;
            }
            if (way == Way.ADVISER && advice.onSecond()) {
                harmful += job.world().everyOrderHarms() ? 1 : 0;
                change = 0;
                secondChange = advice.action() == Action.LENGTHEN ? advice.amountM() : -advice.amountM();
                at = new Setting(
                        length,
                        job.kind()
                                .controls()
                                .get(1)
                                .allowed(at.secondM() + secondChange + TAPE_M * random.nextGaussian()));
                cuts++;
                continue;
            }
            double amount = takesRoom ? advice.spareM() : amount(way, advice, job, c, length, prior);
            if (amount == 0) {
                ended = "says: " + action + " (" + advice.reasons().get(0) + ")";
                break;
            }
            double next = Math.max(
                    c.lowM(),
                    Math.min(c.oneWay() ? length : c.highM(), length + amount + TAPE_M * random.nextGaussian()));
            if (takesRoom) {
                roomWorse += job.isWorse(at, next - length, seen) ? 1 : 0;
            } else if (way == Way.ADVISER) {
                // The first order of what does not follow can be known by nobody.
                boolean unknowable = job.world() == World.STUCK && cuts == 0;
                if (!unknowable && !hasReadAll(job, passes) && job.isHarmed(at, amount, seen)) {
                    harmful++;
                    harmfulM.append(String.format(Locale.ROOT, " %+.0f", 1000 * amount));
                }
                if (c.oneWay()) {
                    stated.add(advice.overshootChance());
                }
            }
            if (Math.abs(next - length) < 1e-6) {
                ended = "no room left";
                break;
            }
            change = amount;
            secondChange = 0;
            at = job.world() == World.ALIKE ? new Setting(next, at.secondM() + next - length) : at.ofLength(next);
            cuts++;
            cutLast = true;
        }
        // Where it was last measured is where it stands.
        int seen = seen(job, cuts, lookedAbout);
        Sweep truth = job.truth(at, seen, job.channelHz(), new Random(job.seed()));
        boolean met = job.shortfall(truth, job.spare()) <= 0;
        double wasted =
                met && cuts > 0 && c.oneWay() ? job.longestGood(job.start().lengthM(), at, seen) - at.lengthM() : 0;
        return new Outcome(
                met,
                cuts,
                seen,
                at,
                saidFault,
                namedFault,
                saidOfSound,
                cutLast,
                wasted,
                ended,
                read(passes, job) + (harmfulM.isEmpty() ? "" : ", harmful:" + harmfulM),
                harmful,
                roomTaken,
                roomWorse,
                stated,
                TrialKinds.prior(job.kind()).lessonOf(passes));
    }

    /** Nobody's analyser, nor the solver, goes to where a rod is no thin wire any more. */
    private static Span reachable(Span wanted, HiddenAntenna job) {
        double[] hz = job.channelHz();
        return new Span(wanted.startHz(), Math.min(wanted.stopHz(), HiddenAntenna.HIGHEST_SWEPT * hz[hz.length - 1]));
    }

    /** The readings one after the other, with what was changed before each. */
    private static String read(List<Pass> passes, HiddenAntenna job) {
        StringBuilder all = new StringBuilder();
        for (Pass p : passes) {
            all.append(
                            p.changeM() == 0 && p.secondChangeM() == 0
                                    ? " | "
                                    : String.format(Locale.ROOT, " | %+.0f", 1000 * (p.changeM() + p.secondChangeM())))
                    .append(p.secondChangeM() == 0 ? " " : " (second) ");
            boolean isBeside = p.spots().stream().anyMatch(r -> r.frequencyHz() == job.channelsBesideHz()[0]);
            for (double hz : isBeside ? job.channelsBesideHz() : job.channelHz()) {
                all.append(isBeside ? String.format(Locale.ROOT, "%.1f:", hz / 1e6) : "")
                        .append(String.format(
                                Locale.ROOT,
                                "%.1f ",
                                p.isSwept()
                                        ? p.sweep().at(hz).map(Reflection::swr).orElse(Double.NaN)
                                        : p.spots().stream()
                                                .filter(r -> r.frequencyHz() == hz)
                                                .findFirst()
                                                .map(r -> r.swr())
                                                .orElse(Double.NaN)));
            }
        }
        return all.toString();
    }

    /** Whether a wide sweep has shown the other band after all. */
    private static boolean hasReadAll(HiddenAntenna job, List<Pass> passes) {
        Pass last = passes.get(passes.size() - 1);
        return job.world() == World.BANDS
                && last.isSwept()
                && job.channels().stream().allMatch(c -> last.sweep().covers(c.frequencyHz()));
    }

    /** Names causes to be ruled out before anything is changed. */
    private static boolean looksForFaults(TrimAdvice advice) {
        return advice.action() == Action.FIND_THE_FAULT
                || advice.action() == Action.REPLACE_LONGER && !advice.causes().isEmpty();
    }

    private static int seen(HiddenAntenna job, int cuts, boolean lookedAbout) {
        return lookedAbout ? Math.max(cuts, job.changesAtPass()) : cuts;
    }

    private static double amount(
            Way way, TrimAdvice advice, HiddenAntenna job, Control c, double length, TrimPrior prior) {
        double side = advice.action() == Action.SHORTEN || advice.fit() == TrimAdvice.Fit.TOO_LONG
                ? -1
                : advice.action() == Action.LENGTHEN || advice.fit() == TrimAdvice.Fit.TOO_SHORT ? 1 : 0;
        if (way == Way.ADVISER) {
            return advice.action() == Action.SHORTEN || advice.action() == Action.LENGTHEN
                    ? side * advice.amountM()
                    : 0;
        }
        if (side > 0 && c.oneWay() || side == 0) {
            return 0;
        }
        if (way == Way.TWO_PER_CENT) {
            return side * 0.02 * length;
        }
        double dip = advice.dipHz().orElse(0.0);
        double middle = (job.channelHz()[0] + job.channelHz()[job.channelHz().length - 1]) / 2;
        return dip > 0 ? length * (dip / middle - 1) : side * 0.02 * length;
    }

    private static Pass bySweep(HiddenAntenna job, Setting at, int pass, double change, Span span, Random random) {
        Sweep read = new SimulatedAnalyser(hz -> job.truth(at, pass, hz, random), random).sweep(span, 401);
        return new Pass(
                change,
                job.lineIsKnown() ? ThroughLine.towardAntenna(read, job.kind().feedline()) : read);
    }

    private static Pass byMeter(
            HiddenAntenna job, Setting at, int pass, double change, double[] channelHz, Random random) {
        Sweep truth = job.truth(at, pass, channelHz, random);
        return Pass.ofSpots(change, SimulatedMeter.read(truth, random)).orElseThrow();
    }
}
