package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Curves;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** A job as somebody types it: kind, channels in MHz, rule, and passes by meter or sweep. */
final class Tried {

    final AntennaKind kind;
    final List<WantedChannel> channels;
    AcceptanceRule rule = new UnderLimit(2);
    Adjustment adjustment;
    double lengthM;
    Optional<Carrier> carrier = Optional.empty();
    final List<Pass> passes = new ArrayList<>();

    Tried(AntennaKind kind, double... mhz) {
        this.kind = kind;
        channels = Arrays.stream(mhz)
                .mapToObj(f -> new WantedChannel(f + " MHz", f * 1e6, false))
                .toList();
        adjustment = kind.cutOnly()
                ? new Adjustment.OneWayCut(kind.smallestStepM())
                : new Adjustment.Slide(kind.smallestStepM());
    }

    Tried under(double limit) {
        rule = new UnderLimit(limit);
        return this;
    }

    Tried sliding() {
        adjustment = new Adjustment.Slide(kind.smallestStepM());
        return this;
    }

    Tried on(Carrier fittedTo) {
        carrier = Optional.of(fittedTo);
        return this;
    }

    Tried long_(double metres) {
        lengthM = metres;
        return this;
    }

    /** What a needle shows on the wanted channels after a change. */
    Tried read(double changeMm, double... swr) {
        return readAt(
                changeMm,
                channels.stream()
                        .limit(swr.length)
                        .mapToDouble(WantedChannel::frequencyHz)
                        .toArray(),
                swr);
    }

    Tried readAt(double changeMm, double[] hz, double[] swr) {
        List<SpotReading> spots = new ArrayList<>();
        for (int i = 0; i < swr.length; i++) {
            spots.add(SpotReading.ofSwr(ReadingKind.INLINE_METER, hz[i], swr[i]));
        }
        passes.add(Pass.ofSpots(changeMm / 1000, spots).orElseThrow());
        return this;
    }

    /** What a needle shows of a circuit, to the hundredth. */
    Tried readOf(double changeMm, double dipMhz, double q, double ohm) {
        double[] swr = channels.stream()
                .mapToDouble(c -> Math.min(10, Math.round(100 * swr(c.frequencyHz(), dipMhz * 1e6, q, ohm)) / 100.0))
                .toArray();
        return read(changeMm, swr);
    }

    static double swr(double hz, double dipHz, double q, double ohm) {
        return Reflection.of(new Impedance(ohm, ohm * q * (hz / dipHz - dipHz / hz)), 50)
                .swr();
    }

    Tried swept(double changeMm, double fromMhz, double toMhz, double dipMhz, double q, double ohm) {
        passes.add(new Pass(changeMm / 1000, Curves.resonance(fromMhz * 1e6, toMhz * 1e6, 401, dipMhz * 1e6, ohm, q)));
        return this;
    }

    /** The last pass again, as changed. */
    Tried lastly(java.util.function.UnaryOperator<Pass> how) {
        passes.set(passes.size() - 1, how.apply(passes.get(passes.size() - 1)));
        return this;
    }

    TrimAdvice advice() {
        TrimTask bare = TrimTask.of(rule, channels, adjustment, TrimPrior.of(kind));
        TrimTask task = carrier.map(bare::on).orElse(bare);
        return new AntennaAdviser(kind, lengthM > 0 ? task.ofLength(lengthM) : task).advise(passes);
    }

    String words() {
        TrimAdvice a = advice();
        StringBuilder all = new StringBuilder(String.format(
                "%s %s %.0f mm (%.0f to %.0f), too far %.4f, dip %s%n    ",
                a.action(),
                a.fit(),
                a.amountM() * 1000,
                a.needLowM() * 1000,
                a.needHighM() * 1000,
                a.overshootChance(),
                a.dipHz()));
        a.hypotheses()
                .likeliest()
                .forEach(
                        w -> all.append(String.format("%s %.3f ", w.hypothesis().id(), w.probability())));
        a.expectedReadings().forEach(r -> all.append(String.format(" → %.2f", r.swr())));
        a.reasons().forEach(r -> all.append("\n      ").append(r));
        a.causes().forEach(c -> all.append("\n      * ").append(c.id()));
        return all.toString();
    }
}
