package dorada.server.book;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What the book refuses. */
enum Refused implements OutcomeId {
    NOTHING_DONE_YET;

    @Override
    public String area() {
        return "refused.book";
    }

    @Override
    public List<String> takes() {
        return List.of();
    }
}
