package dorada.core.planning;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What a change is worth, one at a time, between two ways to build the same station. */
public final class Alternatives {

    private Alternatives() {}

    /**
     * @param what was exchanged
     * @param eirpW with this alone exchanged
     * @param gainDb against the first way
     * @param receiveGainDb for what is received
     */
    public record Step(Exchange what, double eirpW, double gainDb, double receiveGainDb) {}

    /** Exchanges the radio, what lies between, and the antenna of {@code from} for those of {@code to}, each alone. */
    public static List<Step> worth(PowerChain from, PowerChain to, double frequencyHz) {
        PowerChain.Result base = from.at(frequencyHz);
        List<Step> steps = new ArrayList<>();
        if (from.ratedW() != to.ratedW() || from.ceilingSwr() != to.ceilingSwr()) {
            steps.add(step(
                    Exchange.RADIO,
                    base,
                    new PowerChain(to.ratedW(), to.ceilingSwr(), from.parts(), from.antenna(), from.tunerDb()),
                    frequencyHz));
        }
        if (!from.parts().equals(to.parts()) || !from.tunerDb().equals(to.tunerDb())) {
            steps.add(step(
                    Exchange.LINE,
                    base,
                    new PowerChain(from.ratedW(), from.ceilingSwr(), to.parts(), from.antenna(), to.tunerDb()),
                    frequencyHz));
        }
        if (!from.antenna().equals(to.antenna())) {
            steps.add(step(
                    Exchange.ANTENNA,
                    base,
                    new PowerChain(from.ratedW(), from.ceilingSwr(), from.parts(), to.antenna(), from.tunerDb()),
                    frequencyHz));
        }
        if (steps.size() > 1) {
            steps.add(step(Exchange.ALL, base, to, frequencyHz));
        }
        return steps;
    }

    /** Nobody hears less than this, in dB; common practice, no source. */
    private static final double HEARD_DB = 0.5;

    /**
     * A way as it comes out.
     *
     * @param name what the planner calls it
     */
    public record Way(String name, double erpW) {}

    /** Which of {@code ways} puts most on the air, and by how much more than the next; at least one. */
    public static Outcome best(List<Way> ways) {
        List<Way> sorted = ways.stream()
                .sorted(Comparator.comparingDouble(Way::erpW).reversed())
                .toList();
        Way best = sorted.get(0);
        if (sorted.size() == 1) {
            return Best.ONE.of(best.name, best.erpW);
        }
        Way next = sorted.get(1);
        double db = 10 * Math.log10(best.erpW / next.erpW);
        return db < HEARD_DB
                ? Best.ALIKE.of(best.name, next.name, best.erpW)
                : (sorted.size() > 2 ? Best.OF_SEVERAL : Best.OF_TWO)
                        .of(best.name, next.name, db, best.erpW, next.erpW);
    }

    private static Step step(Exchange what, PowerChain.Result base, PowerChain with, double frequencyHz) {
        PowerChain.Result r = with.at(frequencyHz);
        return new Step(what, r.eirpW(), 10 * Math.log10(r.eirpW() / base.eirpW()), r.receiveDb() - base.receiveDb());
    }

    private enum Best implements OutcomeId {
        ONE("best", "erpFineW"),
        ALIKE("best", "other", "erpFineW"),
        OF_TWO("best", "other", "moreFineDb", "erpFineW", "otherFineW"),
        OF_SEVERAL("best", "other", "moreFineDb", "erpFineW", "otherFineW");

        private final List<String> takes;

        Best(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "ways";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }

    /** What is exchanged. */
    public enum Exchange implements OutcomeId {
        RADIO,
        LINE,
        ANTENNA,
        ALL;

        @Override
        public String area() {
            return "exchange";
        }
    }
}
