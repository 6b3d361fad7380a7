package dorada.core.cutsheet;

import dorada.core.outcome.OutcomeId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What each dimension is.
 *
 * @param values by the dimension's id, SI units
 */
public record Shape(Map<String, Double> values) {

    public Shape {
        values = Map.copyOf(values);
    }

    /** By rule, and where there is none as good as is known before solving. */
    public static Shape start(List<Dimension> dimensions) {
        Map<String, Double> all = new HashMap<>();
        dimensions.forEach(d -> all.put(d.id(), d.start()));
        return new Shape(all);
    }

    public double get(String id) {
        return values.get(id);
    }

    public Shape with(String id, double value) {
        if (!values.containsKey(id)) {
            throw new InputException(id, Say.NO_SUCH_DIMENSION.of(id));
        }
        Map<String, Double> more = new HashMap<>(values);
        more.put(id, value);
        return new Shape(more);
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        NO_SUCH_DIMENSION("dimension");

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.shape";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
