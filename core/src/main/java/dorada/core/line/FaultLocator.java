package dorada.core.line;

import dorada.core.line.FaultReport.Event;
import dorada.core.line.FaultReport.Finding;
import dorada.core.line.FaultReport.What;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Swr;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Finds what sends a part of the signal back along a line: peaks of the {@link EchoProfile} that stand out of the noise, out
 * of the window's side lobes about stronger echoes, and of what a good joint sends back.
 *
 * <p>What it is can be told by the size alone: total reflection is an open or a short, and which of them only where the span is
 * wide against its frequency; a joint, a kink and water look alike. The thresholds are common practice, no source.
 */
public final class FaultLocator {

    /** What a good joint sends back at VHF is below this. */
    private static final double WORTH_A_LOOK_DB = 30;

    private static final double DAMAGE_DB = 18;
    private static final double TOTAL_DB = 3;

    /** As little as this is lost where nothing is connected, over a span in which an antenna would take something. */
    private static final double NOTHING_CONNECTED_DB = 0.2;

    private static final double ABOVE_NOISE = 6;
    private static final double SIDE_LOBES = 0.012;
    private static final double PROMINENCE = 1.3;
    private static final double MOST_GIVEN_BACK_DB = 40;

    /** An echo's main lobe reaches so many resolutions to either side; nothing is told apart within. */
    private static final double BLIND = 1.6;

    /** A length from a drum's print or a tape is right within this. */
    private static final double LENGTH_DOUBT = 0.05;

    /** Open and short are told apart where the span is at least this share of its middle frequency. */
    private static final double WIDE = 0.5;

    private static final double END_SPLITS = 2.2;
    private static final int MOST_ROUNDS = 3;

    /** A repeated echo may seem larger than two sizes worked out apart would make it. */
    private static final double AGAIN = 2;

    private static final double RULE_OF_SPAN_M = 1;
    private static final int USUAL_POINTS = 401;

    private final Line line;
    private final Window window;

    /** @param line its length is where the antenna should be; 0 where it is not known */
    public FaultLocator(Line line, Window window) {
        this.line = line;
        this.window = window;
    }

    /** @throws Refusal for too few points */
    public FaultReport locate(Sweep sweep) {
        return locate(EchoProfile.of(sweep, line, window));
    }

    public FaultReport locate(EchoProfile profile) {
        double resolution = profile.resolutionM();
        double blind = BLIND * resolution;
        boolean lengthKnown = line.lengthM() > 0;
        double farthest = Math.min(
                profile.reachM() - blind,
                lengthKnown ? line.lengthM() * (1 + LENGTH_DOUBT) + resolution : profile.reachM());
        List<Event> events = tooCoarse(blind) ? List.of() : events(profile, peaks(profile, farthest), blind);
        return new FaultReport(
                resolution, profile.reachM(), events, finding(profile, events, blind), better(profile, blind));
    }

    /** Between the blind stretches at both ends nothing of the line is left. */
    private boolean tooCoarse(double blind) {
        return line.lengthM() > 0 && line.lengthM() < 2 * blind;
    }

    /** An echo: where, and its size as it arrives. */
    private record Peak(double distanceM, double arriving) {}

    private static List<Peak> peaks(EchoProfile profile, double farthest) {
        int last = Math.min(profile.size() - 2, profile.bin(Math.max(0, farthest)));
        List<Peak> peaks = new ArrayList<>();
        for (int i = 1; i <= last; i++) {
            double here = profile.arriving(i);
            if (here > profile.arriving(i - 1) && here >= profile.arriving(i + 1)) {
                double a = Math.log(profile.arriving(i - 1));
                double b = Math.log(here);
                double c = Math.log(profile.arriving(i + 1));
                double bend = a - 2 * b + c;
                double off = bend < 0 ? (a - c) / 2 / bend : 0;
                double at = profile.distanceM(i) + off * (profile.distanceM(1) - profile.distanceM(0));
                peaks.add(new Peak(at, here));
            }
        }
        if (profile.arriving(0) >= profile.arriving(1)) {
            peaks.add(new Peak(0, profile.arriving(0)));
        }
        return peaks;
    }

    /** Strongest first, each against those taken before it; then by distance until the line ends. */
    private List<Event> events(EchoProfile profile, List<Peak> peaks, double blind) {
        List<Peak> strongest = new ArrayList<>(peaks);
        strongest.sort(Comparator.comparingDouble((Peak p) -> given(profile, p)).reversed());
        List<Peak> taken = new ArrayList<>();
        for (Peak p : strongest) {
            if (standsOut(profile, p, taken, blind)) {
                taken.add(p);
            }
        }
        taken.sort(Comparator.comparingDouble(Peak::distanceM));
        List<Event> events = new ArrayList<>();
        double passed = 1;
        Peak end = taken.isEmpty() ? null : endOf(profile, taken);
        List<Peak> real = new ArrayList<>();
        for (Peak p : taken) {
            if (p != end && (belongsToEnd(p, end, profile) || goesRoundAgain(p, real, profile))) {
                continue;
            }
            real.add(p);
            double size = Math.min(1, given(profile, p) / passed);
            // An end where an echo between two others would be may be that echo.
            boolean sureOfTheEnd = p != end || !goesRoundAgain(p, real.subList(0, real.size() - 1), profile);
            Event e = event(profile, p, size, p == end, sureOfTheEnd);
            if (e.what() == What.JOINT && e.returnLossDb() > WORTH_A_LOOK_DB) {
                continue;
            }
            events.add(e);
            passed *= Math.max(0.05, 1 - size * size);
            if (p == end || e.what() == What.OPEN || e.what() == What.SHORT || e.what() == What.TOTAL) {
                // Whatever seems to lie behind is the same echo going round again.
                break;
            }
        }
        return events;
    }

    private boolean standsOut(EchoProfile profile, Peak p, List<Peak> stronger, double blind) {
        if (p.arriving < ABOVE_NOISE * profile.noise()
                || profile.lossThereAndBackDb(p.distanceM) > MOST_GIVEN_BACK_DB
                || p.distanceM < blind / 2 && Swr.returnLossDb(Math.min(1, p.arriving)) > DAMAGE_DB) {
            return false;
        }
        for (Peak other : stronger) {
            if (Math.abs(other.distanceM - p.distanceM) < blind || p.arriving < SIDE_LOBES * other.arriving) {
                return false;
            }
        }
        return Swr.returnLossDb(Math.min(1, given(profile, p))) <= WORTH_A_LOOK_DB || isEnd(p, profile);
    }

    /** An antenna's resonance inside the span splits its echo; within this there is only the antenna. */
    private boolean belongsToEnd(Peak p, Peak end, EchoProfile profile) {
        return end != null
                && isEnd(p, profile)
                && Math.abs(p.distanceM - end.distanceM) < END_SPLITS * profile.resolutionM();
    }

    /** True where {@code p} is what bounces between two things before it, once or more often. */
    private static boolean goesRoundAgain(Peak p, List<Peak> before, EchoProfile profile) {
        for (int j = 0; j < before.size(); j++) {
            for (int i = 0; i < j; i++) {
                double there = given(profile, before.get(i)) * given(profile, before.get(j));
                double apart = before.get(j).distanceM - before.get(i).distanceM;
                double size = given(profile, before.get(j));
                for (int round = 1; round <= MOST_ROUNDS; round++) {
                    size *= there;
                    double at = before.get(j).distanceM + round * apart;
                    if (Math.abs(p.distanceM - at) < profile.resolutionM() && given(profile, p) < AGAIN * size) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private static double given(EchoProfile profile, Peak p) {
        return p.arriving * Math.pow(10, profile.lossThereAndBackDb(p.distanceM) / 20);
    }

    private boolean isEnd(Peak p, EchoProfile profile) {
        return line.lengthM() > 0
                && Math.abs(p.distanceM - line.lengthM()) <= line.lengthM() * LENGTH_DOUBT + profile.resolutionM();
    }

    /** Where the length is known, the echo there; else the strongest one. */
    private Peak endOf(EchoProfile profile, List<Peak> taken) {
        Comparator<Peak> bySize = Comparator.comparingDouble(p -> given(profile, p));
        if (line.lengthM() > 0) {
            return taken.stream().filter(p -> isEnd(p, profile)).max(bySize).orElse(null);
        }
        return taken.stream().max(bySize).orElse(null);
    }

    private Event event(EchoProfile profile, Peak p, double size, boolean isEnd, boolean sureOfTheEnd) {
        double rl = Swr.returnLossDb(size);
        double doubt =
                Math.max(profile.resolutionM() * (0.1 + profile.noise() / p.arriving), p.distanceM * LENGTH_DOUBT / 5);
        boolean beyond = line.lengthM() > 0 && p.distanceM > line.lengthM() * (1 + LENGTH_DOUBT);
        if (beyond && !isEnd) {
            // Longer than was said, or slowed by water: there is no cable there to be at fault.
            return new Event(p.distanceM, doubt, rl, What.END, false);
        }
        if (isEnd && line.lengthM() > 0) {
            // An antenna sends nearly everything back outside its band, but not quite: some of it is always lost on it.
            boolean nothingThere = rl < NOTHING_CONNECTED_DB && profile.spanHz() >= WIDE * profile.middleHz();
            return new Event(
                    p.distanceM, doubt, rl, nothingThere ? What.OPEN : What.END, sureOfTheEnd && !nothingThere);
        }
        if (rl <= TOTAL_DB) {
            boolean wide = profile.spanHz() >= WIDE * profile.middleHz();
            double angle = Math.abs(Math.IEEEremainder(profile.phase(p.distanceM), 2 * Math.PI));
            What what = !wide
                    ? What.TOTAL
                    : angle < Math.PI / 3 ? What.OPEN : angle > 2 * Math.PI / 3 ? What.SHORT : What.TOTAL;
            return new Event(p.distanceM, doubt, rl, what, wide && what != What.TOTAL);
        }
        if (isEnd) {
            return new Event(p.distanceM, doubt, rl, What.END, false);
        }
        return new Event(p.distanceM, doubt, rl, rl < DAMAGE_DB ? What.DAMAGE : What.JOINT, false);
    }

    private Outcome finding(EchoProfile profile, List<Event> events, double blind) {
        if (tooCoarse(blind)) {
            return Finding.TOO_COARSE.of(profile.resolutionM(), line.lengthM());
        }
        if (line.lengthM() > profile.reachM() - blind) {
            return Finding.REPEATS.of(profile.reachM());
        }
        List<Event> faults = events.stream().filter(e -> e.what() != What.END).toList();
        if (faults.isEmpty()) {
            return events.isEmpty()
                    ? Finding.NOTHING.of(blind, line.lengthM() > 0 ? line.lengthM() : profile.reachM())
                    : Finding.NOTHING_BEFORE_THE_END.of(
                            blind, events.get(events.size() - 1).distanceM());
        }
        Event worst = faults.stream()
                .min(Comparator.comparingDouble(Event::returnLossDb))
                .orElseThrow();
        return faults.size() > 1
                ? Finding.LOOK_AT_SEVERAL.of(
                        worst.distanceM(), worst.doubtM(), worst.what(), worst.returnLossDb(), faults.size() - 1)
                : Finding.LOOK_AT.of(worst.distanceM(), worst.doubtM(), worst.what(), worst.returnLossDb());
    }

    /** What span and points would show a metre on this line. */
    private Optional<Outcome> better(EchoProfile profile, double blind) {
        double speed = Wavelength.SPEED_OF_LIGHT_M_PER_S * line.velocityFactor();
        double length = line.lengthM() > 0 ? line.lengthM() : profile.reachM() / 2;
        double wanted = Math.max(RULE_OF_SPAN_M / 2, Math.min(RULE_OF_SPAN_M * 2, length / 12));
        boolean coarse = profile.resolutionM() > wanted * 1.2;
        boolean shortReach = profile.reachM() - blind < length * (1 + LENGTH_DOUBT);
        if (!coarse && !shortReach) {
            return Optional.empty();
        }
        double span = coarse ? speed / 2 / wanted : profile.spanHz();
        int points = (int) Math.max(USUAL_POINTS, Math.ceil(2 * span / (speed / 2 / length) / 100) * 100 + 1);
        return Optional.of(Finding.BETTER.of(span, speed / 2 / span, points, speed / 2 * (points - 1) / span));
    }
}
