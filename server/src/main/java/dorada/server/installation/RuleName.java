package dorada.server.installation;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.BestOnMain;
import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.Relaxed;
import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.UnderLimit;

/** The acceptance rules to choose from. */
public enum RuleName {
    UNDER_LIMIT((limitSwr, ceilingSwr) -> new UnderLimit(limitSwr)),
    EVEN_ENDS((limitSwr, ceilingSwr) -> new EvenEnds()),
    BEST_ON_MAIN((limitSwr, ceilingSwr) -> new BestOnMain(ceilingSwr)),
    RESONANCE_FIRST((limitSwr, ceilingSwr) -> new ResonanceFirst(limitSwr)),
    RELAXED((limitSwr, ceilingSwr) -> new Relaxed(ceilingSwr));

    private interface Maker {
        AcceptanceRule make(double limitSwr, double ceilingSwr);
    }

    private final Maker maker;

    RuleName(Maker maker) {
        this.maker = maker;
    }

    /** Whether a limit is typed with it: two limits make two rules of it. */
    boolean hasOwnLimit() {
        return !rule(2, 3).equals(rule(2.5, 3));
    }

    /**
     * @param limitSwr typed with the rule, where it has a limit of its own
     * @param ceilingSwr what the radio is rated for
     */
    AcceptanceRule rule(double limitSwr, double ceilingSwr) {
        return maker.make(limitSwr, ceilingSwr);
    }
}
