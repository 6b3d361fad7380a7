package dorada.server.lesson;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What the shop's lessons refuse. */
enum Refused implements OutcomeId {
    HOLDS_OF_EVERYTHING;

    @Override
    public String area() {
        return "refused.lessons";
    }

    @Override
    public List<String> takes() {
        return List.of();
    }
}
