package dorada.core.simulation;

import dorada.core.instrument.Connected;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Watch;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * What is on the bench now: a virtual installation with its settings and conditions, or a calibration standard in its
 * place. Safe for several threads; the last solution is kept until something changes.
 */
public final class Bench {

    /** What is screwed to the analyser's test port. */
    public enum AtPort {
        ANTENNA,
        OPEN,
        SHORT,
        LOAD
    }

    /**
     * @param installation what is practised on
     * @param settingsM its settings
     * @param conditions what disturbs
     * @param atPort the antenna, or a standard instead
     * @param atRadio measured at the radio's end of the feedline, or at the antenna
     */
    public record State(
            VirtualInstallation installation,
            double[] settingsM,
            Set<Condition> conditions,
            AtPort atPort,
            boolean atRadio) {

        public State {
            settingsM = settingsM.clone();
            conditions = Set.copyOf(conditions);
            if (!installation.conditions().containsAll(conditions)) {
                throw new Refusal(Refused.UNKNOWN_CONDITION);
            }
            // Throws where a setting is missing or beyond its range.
            installation.assembly(settingsM, conditions, installation.highHz());
        }

        @Override
        public double[] settingsM() {
            return settingsM.clone();
        }

        boolean sameAntenna(State o) {
            return installation.id().equals(o.installation.id())
                    && Arrays.equals(settingsM, o.settingsM)
                    && conditions.equals(o.conditions)
                    && atPort == o.atPort
                    && atRadio == o.atRadio;
        }
    }

    private final List<VirtualInstallation> all;
    private final Random random;
    private State state;
    private State solvedFor;
    private double[] solvedHz = {};
    private Sweep solved;

    public Bench(VirtualInstallation only, Random random) {
        this(List.of(only), random);
    }

    /**
     * @param all what can be put on it; the first lies there
     * @param random for what is unsteady
     */
    public Bench(List<VirtualInstallation> all, Random random) {
        this.all = List.copyOf(all);
        this.random = random;
        VirtualInstallation first = all.get(0);
        state = new State(first, first.startM(), Set.of(), AtPort.ANTENNA, true);
    }

    /** What can be put on it. */
    public List<VirtualInstallation> all() {
        return all;
    }

    public Optional<VirtualInstallation> called(String id) {
        return all.stream().filter(v -> v.id().equals(id)).findFirst();
    }

    public synchronized State state() {
        return state;
    }

    public synchronized void set(State next) {
        state = next;
    }

    /** What is at the test port, for an instrument; the watch may end a long solution. */
    public Connected connected(Watch watch) {
        return hz -> reflection(hz, watch);
    }

    private Sweep reflection(double[] hz, Watch watch) {
        State now = state();
        if (now.atPort != AtPort.ANTENNA) {
            return standard(now.atPort, hz);
        }
        boolean steady = !now.conditions.contains(Condition.LOOSE_CONNECTOR);
        synchronized (this) {
            if (steady && solved != null && now.sameAntenna(solvedFor) && Arrays.equals(hz, solvedHz)) {
                return solved;
            }
        }
        Sweep fresh = now.installation.sweep(now.settingsM, now.conditions, now.atRadio, hz, random, watch);
        synchronized (this) {
            solved = fresh;
            solvedFor = now;
            solvedHz = hz.clone();
        }
        return fresh;
    }

    private static Sweep standard(AtPort standard, double[] hz) {
        double value = switch (standard) {
            case OPEN -> 1;
            case SHORT -> -1;
            default ->
                Reflection.of(new Impedance(Sweep.STANDARD_REFERENCE_OHM, 0), Sweep.STANDARD_REFERENCE_OHM)
                        .re();
        };
        double[] re = new double[hz.length];
        Arrays.fill(re, value);
        return new Sweep(hz, re, new double[hz.length], Sweep.STANDARD_REFERENCE_OHM);
    }
}
