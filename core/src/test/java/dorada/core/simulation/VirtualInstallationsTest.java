package dorada.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.RibbonJPole;
import dorada.core.antenna.RoofWhip;
import dorada.core.antenna.WireAntenna;
import dorada.core.design.Designs;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Conductor;
import dorada.core.wire.Solution;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class VirtualInstallationsTest {

    /** What can change nothing, because the part that it belongs to is absent. */
    private static Set<String> silent(WireAntenna antenna) {
        if (antenna instanceof RoofWhip r && r.coilHenry() == 0) {
            return Set.of("coilQ");
        }
        if (antenna instanceof RibbonJPole r && r.tubeRadiusM() == 0) {
            return Set.of("tubeM");
        }
        return Set.of();
    }

    static List<VirtualInstallation> all() {
        return Designs.ALL.installations();
    }

    private static double[] band(VirtualInstallation v, double share, int points) {
        double middle = (v.lowHz() + v.highHz()) / 2;
        double[] hz = new double[points];
        for (int i = 0; i < points; i++) {
            hz[i] = middle * (1 - share + 2 * share * i / (points - 1));
        }
        return hz;
    }

    private static Sweep sweep(
            VirtualInstallation v, double[] settings, Set<Condition> now, boolean atRadio, double[] hz) {
        return v.sweep(settings, now, atRadio, hz, new Random(1), Watch.NOBODY);
    }

    private static double difference(Sweep a, Sweep b) {
        double most = 0;
        for (int i = 0; i < a.size(); i++) {
            most = Math.max(most, Math.hypot(a.re(i) - b.re(i), a.im(i) - b.im(i)));
        }
        return most;
    }

    @Test
    void thereAreEnoughOfThemForEveryCarrier() {
        assertThat(Designs.ALL.installations()).hasSizeGreaterThanOrEqualTo(16);
        assertThat(Designs.ALL.installations().stream().map(VirtualInstallation::carrier))
                .contains(Carrier.values());
        assertThat(new HashSet<>(Designs.ALL.installations().stream()
                        .map(VirtualInstallation::id)
                        .toList()))
                .hasSameSizeAs(Designs.ALL.installations());
        Set<Condition> used = EnumSet.noneOf(Condition.class);
        Designs.ALL.installations().forEach(v -> used.addAll(v.conditions()));
        assertThat(used).containsExactlyInAnyOrder(Condition.values());
        assertThat(Designs.ALL.installation("attic-loop")).isPresent();
        assertThat(Designs.ALL.installation("none")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("all")
    void shorterMeansHigher(VirtualInstallation v) {
        double[] hz = band(v, 0.3, 301);
        double[] shorter = v.startM();
        shorter[0] = v.controls().get(0).allowed(shorter[0] * 0.96);
        double before = dip(sweep(v, v.startM(), Set.of(), false, hz));
        double after = dip(sweep(v, shorter, Set.of(), false, hz));
        if (v.id().equals("airband-tab")) {
            // Nothing to stand on: no dip anywhere near the band, whatever the length.
            assertThat(before).isGreaterThan(1.2 * v.highHz());
        } else {
            assertThat(after).isGreaterThan(before);
            assertThat(before).isBetween(v.lowHz() * 0.85, v.highHz() * 1.02);
        }
    }

    private static double dip(Sweep sweep) {
        return new SweepAnalysis(sweep).deepestDip().orElseThrow().frequencyHz();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyConditionShows(VirtualInstallation v) {
        double[] hz = band(v, 0.05, 7);
        Sweep calm = sweep(v, v.startM(), Set.of(), true, hz);
        for (Condition c : v.conditions()) {
            assertThat(difference(calm, sweep(v, v.startM(), EnumSet.of(c), true, hz)))
                    .as("%s: %s", v.id(), c)
                    .isGreaterThan(0.002);
        }
        Sweep atAntenna = sweep(v, v.startM(), Set.of(), false, hz);
        assertThat(difference(calm, atAntenna)).isGreaterThan(0.001);
    }

    @ParameterizedTest
    @MethodSource("all")
    void theSolutionIsSound(VirtualInstallation v) {
        double hz = (v.lowHz() + v.highHz()) / 2;
        Assembly a = v.assembly(v.startM(), Set.of(), hz);
        Solution s = new Solver(a.structure(), List.of(a.feed()), hz).at(hz, Watch.NOBODY);
        assertThat(s.farField().averageGain()).isCloseTo(1, within(0.01));
        assertThat(s.efficiency()).isBetween(0.4, 1.0);
    }

    /** No formula in disguise: every dimension and material of every antenna changes what is solved. */
    @ParameterizedTest
    @MethodSource("all")
    void everyDimensionAndMaterialCounts(VirtualInstallation v) throws Exception {
        double hz = (v.lowHz() + v.highHz()) / 2;
        WireAntenna antenna = v.antenna().of(v.startM(), false);
        Reflection as = solved(antenna, hz);
        List<String> changed = new ArrayList<>();
        List<String> same = new ArrayList<>();
        perturb((Record) antenna, "", r -> r, (name, other) -> {
            Reflection now = solved((WireAntenna) other, hz);
            (Math.hypot(now.re() - as.re(), now.im() - as.im()) > 1e-6 ? changed : same).add(name);
        });
        assertThat(same).as(v.id()).isSubsetOf(silent(antenna));
        assertThat(changed).hasSizeGreaterThanOrEqualTo(4);
    }

    private interface Seen {
        void take(String name, Record changed) throws Exception;
    }

    /** Calls {@code seen} with one changed record for each number and material in it, however deep. */
    private static void perturb(Record of, String path, UnaryOperator<Record> wrap, Seen seen) throws Exception {
        RecordComponent[] parts = of.getClass().getRecordComponents();
        for (int i = 0; i < parts.length; i++) {
            int index = i;
            Object value = value(of, parts[i]);
            String name = path + parts[i].getName();
            UnaryOperator<Object> rebuilt = other -> wrap.apply(with(of, index, other));
            if (value instanceof Double d && d != 0) {
                seen.take(name, (Record) rebuilt.apply(d * (name.endsWith("spacingM") ? 1.35 : 1.03)));
            } else if (value instanceof Integer n) {
                seen.take(name, (Record) rebuilt.apply(n + 1));
            } else if (value instanceof Conductor) {
                seen.take(name, (Record) rebuilt.apply(new Conductor(2e5, 1)));
            } else if (value instanceof Record inner) {
                perturb(inner, "", r -> (Record) rebuilt.apply(r), seen);
            } else if (value instanceof List<?> list) {
                for (int k = 0; k < list.size(); k++) {
                    int at = k;
                    perturb(
                            (Record) list.get(k),
                            "",
                            r -> {
                                List<Object> more = new ArrayList<>(list);
                                more.set(at, r);
                                return (Record) rebuilt.apply(more);
                            },
                            seen);
                }
            }
        }
    }

    private static Object value(Record of, RecordComponent part) throws Exception {
        var accessor = part.getAccessor();
        accessor.setAccessible(true);
        return accessor.invoke(of);
    }

    private static Record with(Record of, int index, Object other) {
        try {
            RecordComponent[] parts = of.getClass().getRecordComponents();
            Object[] values = new Object[parts.length];
            for (int i = 0; i < parts.length; i++) {
                values[i] = i == index ? other : value(of, parts[i]);
            }
            var made = of.getClass()
                    .getDeclaredConstructor(
                            Arrays.stream(parts).map(RecordComponent::getType).toArray(Class[]::new));
            made.setAccessible(true);
            return (Record) made.newInstance(values);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static Reflection solved(WireAntenna antenna, double hz) {
        Assembly a = antenna.assemble();
        Impedance z = new Solver(a.structure(), List.of(a.feed()), hz * 1.1)
                .at(hz, Watch.NOBODY)
                .impedance();
        return Reflection.of(a.atConnector(z, hz), 50);
    }

    /** Trade: take the ground plane away and the match falls apart; with enough of it 2.5:1 is met. */
    @Test
    void theAirbandWhipNeedsItsCounterpoise() {
        double[] hz = band(Designs.ALL.installation("airband-tab").orElseThrow(), 0.01, 3);
        double[] swr = Stream.of("airband-tab", "airband-radials", "airband-skin")
                .map(id -> Designs.ALL.installation(id).orElseThrow())
                .mapToDouble(v -> sweep(
                                v, new double[] {v.id().equals("airband-radials") ? 0.6 : 0.57}, Set.of(), false, hz)
                        .reflection(1)
                        .swr())
                .toArray();
        assertThat(swr[0]).isGreaterThan(10);
        assertThat(swr[1]).isLessThan(2.5);
        assertThat(swr[2]).isLessThan(2.5);
    }

    @Test
    void aSettingBeyondItsRangeIsRefused() {
        VirtualInstallation v = Designs.ALL.installation("tube-j-pole").orElseThrow();
        assertThatThrownBy(() -> v.assembly(new double[] {1.2, 0.06}, Set.of(), 150e6))
                .hasMessageContaining("BEYOND_ITS_RANGE")
                .hasMessageContaining("LONG_TUBE_ABOVE_THE_STUB");
        assertThatThrownBy(() -> v.assembly(new double[] {1}, Set.of(), 150e6)).hasMessageContaining("settingsCount=2");
        assertThatThrownBy(() -> new Control(ControlName.TIP, 1, 2, 3, 0.1, true))
                .hasMessageContaining("low ≤ start");
    }

    @Test
    void aLooseConnectorIsUnsteadyAndADummyLoadIsFlat() {
        VirtualInstallation v = Designs.ALL.installation("rod-four-radials").orElseThrow();
        double[] hz = band(v, 0.05, 7);
        Set<Condition> loose = EnumSet.of(Condition.LOOSE_CONNECTOR);
        Sweep one = v.sweep(v.startM(), loose, true, hz, new Random(1), Watch.NOBODY);
        Sweep two = v.sweep(v.startM(), loose, true, hz, new Random(2), Watch.NOBODY);
        assertThat(difference(one, two)).isGreaterThan(0.02);
        Sweep dummy = sweep(v, v.startM(), EnumSet.of(Condition.DUMMY_LOAD), true, hz);
        for (int i = 0; i < dummy.size(); i++) {
            assertThat(dummy.reflection(i).swr()).isLessThan(1.1);
        }
    }
}
