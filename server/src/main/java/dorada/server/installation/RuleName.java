package dorada.server.installation;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.UnderLimit;

/** The acceptance rules to choose from. */
public enum RuleName {
    UNDER_LIMIT {
        @Override
        AcceptanceRule rule(double limitSwr) {
            return new UnderLimit(limitSwr);
        }
    },
    EVEN_ENDS {
        @Override
        AcceptanceRule rule(double limitSwr) {
            return new EvenEnds();
        }
    };

    abstract AcceptanceRule rule(double limitSwr);
}
