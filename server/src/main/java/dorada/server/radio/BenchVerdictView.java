package dorada.server.radio;

import dorada.core.radio.BenchVerdict;
import dorada.core.radio.Plug;
import dorada.core.radio.SpuriousCause;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * @param usualPlugW full scale of the plug to begin with
 * @param causes of a spurious emission that is too strong, the likelier first
 */
public record BenchVerdictView(
        @NotNull BenchVerdict.Verdict verdict,
        @NotNull OutcomeView says,
        @NotNull double usualPlugW,
        @NotNull List<OutcomeView> findings,
        @NotNull List<OutcomeView> causes) {

    static BenchVerdictView of(BenchCheckRequest read) {
        BenchVerdict v = read.verdict();
        return new BenchVerdictView(
                v.verdict(),
                OutcomeView.of(v.verdict().of()),
                Plug.usualFullScaleW(read.ratedPowerW()),
                OutcomeView.of(v.findings()),
                v.causes().stream().map(SpuriousCause::of).map(OutcomeView::of).toList());
    }
}
