package dorada.server.sweep;

import dorada.core.rf.Band;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/** From the lowest to the highest channel of one band, in Hz. */
public record BandView(@NotNull double lowHz, @NotNull double highHz) {

    public static List<BandView> of(List<Band> bands) {
        return bands.stream().map(b -> new BandView(b.lowHz(), b.highHz())).toList();
    }
}
