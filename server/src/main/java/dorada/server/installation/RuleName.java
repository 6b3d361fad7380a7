package dorada.server.installation;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.BestOnMain;
import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.Relaxed;
import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.UnderLimit;

/** The acceptance rules to choose from. */
public enum RuleName {
    UNDER_LIMIT {
        @Override
        AcceptanceRule rule(double limitSwr, double ceilingSwr) {
            return new UnderLimit(limitSwr);
        }
    },
    EVEN_ENDS {
        @Override
        AcceptanceRule rule(double limitSwr, double ceilingSwr) {
            return new EvenEnds();
        }
    },
    BEST_ON_MAIN {
        @Override
        AcceptanceRule rule(double limitSwr, double ceilingSwr) {
            return new BestOnMain(ceilingSwr);
        }
    },
    RESONANCE_FIRST {
        @Override
        AcceptanceRule rule(double limitSwr, double ceilingSwr) {
            return new ResonanceFirst(limitSwr);
        }
    },
    RELAXED {
        @Override
        AcceptanceRule rule(double limitSwr, double ceilingSwr) {
            return new Relaxed(ceilingSwr);
        }
    };

    /**
     * @param limitSwr typed with the rule, where it has a limit of its own
     * @param ceilingSwr what the radio stands
     */
    abstract AcceptanceRule rule(double limitSwr, double ceilingSwr);
}
