package dorada.core.planning;

import dorada.core.outcome.OutcomeId;
import java.util.ArrayList;
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
                    new PowerChain(to.ratedW(), to.ceilingSwr(), from.parts(), from.antenna()),
                    frequencyHz));
        }
        if (!from.parts().equals(to.parts())) {
            steps.add(step(
                    Exchange.LINE,
                    base,
                    new PowerChain(from.ratedW(), from.ceilingSwr(), to.parts(), from.antenna()),
                    frequencyHz));
        }
        if (!from.antenna().equals(to.antenna())) {
            steps.add(step(
                    Exchange.ANTENNA,
                    base,
                    new PowerChain(from.ratedW(), from.ceilingSwr(), from.parts(), to.antenna()),
                    frequencyHz));
        }
        if (steps.size() > 1) {
            steps.add(step(Exchange.ALL, base, to, frequencyHz));
        }
        return steps;
    }

    private static Step step(Exchange what, PowerChain.Result base, PowerChain with, double frequencyHz) {
        PowerChain.Result r = with.at(frequencyHz);
        return new Step(what, r.eirpW(), 10 * Math.log10(r.eirpW() / base.eirpW()), r.receiveDb() - base.receiveDb());
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
