package dorada.server.safety;

import dorada.core.safety.Caution;
import dorada.core.safety.CautionWords;
import dorada.core.safety.Cautions;
import dorada.core.safety.Situation;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A caution as sent.
 *
 * @param id what it is about
 * @param params what it depends on: numbers in SI units, or names; what is infinite is left out
 * @param text the same in words
 */
public record CautionView(
        @NotNull Caution.Id id,
        @NotNull Map<String, Object> params,
        @NotNull String text) {

    public static List<CautionView> of(Situation situation) {
        return Cautions.of(situation).stream().map(CautionView::of).toList();
    }

    static CautionView of(Caution c) {
        Map<String, Object> finite = c.params().entrySet().stream()
                .filter(e -> !(e.getValue() instanceof Double d) || Double.isFinite(d))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        return new CautionView(c.id(), finite, CautionWords.of(c));
    }
}
