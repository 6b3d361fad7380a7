package dorada.server.instrument;

import dorada.core.instrument.ReadingKind;
import dorada.core.safety.Cautions;
import dorada.core.safety.Situation;
import dorada.core.safety.Situation.Transmit;
import dorada.core.simulation.MeterBench;
import dorada.core.simulation.MeterBench.Carrier;
import dorada.core.simulation.MeterBench.Reading;
import dorada.core.simulation.MeterBench.Settings;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The radio, in-line meter and directional wattmeter of the practice bench. */
@RestController
@RequestMapping("/api/practice/meters")
class MeterController {

    private static final double LOWEST_HZ = 1e6;
    private static final double HIGHEST_HZ = 3e9;

    private final PracticeStand stand;

    MeterController(PracticeStand stand) {
        this.stand = stand;
    }

    /**
     * @param watts full scales; each plug comes for one of the bands
     * @param cautions before the first reading
     */
    record Plugs(
            @NotNull List<Double> watts,
            @NotNull List<PlugBand> bands,
            @NotNull List<OutcomeView> cautions) {}

    record PlugBand(@NotNull double lowHz, @NotNull double highHz) {}

    /** @param forwardW for which a needle was set, or which is sent */
    record CarrierView(@NotNull double frequencyHz, @NotNull double forwardW) {}

    /**
     * What is dialled.
     *
     * @param setFor the carrier to which the meter's needle was set; absent where it never was
     */
    record Dials(
            @NotNull double frequencyHz,
            @NotNull double powerW,
            @NotNull double ceilingSwr,
            @NotNull double meterRangeW,
            CarrierView setFor,
            @NotNull double plugW,
            @NotNull double plugLowHz,
            @NotNull double plugHighHz) {

        Settings settings() {
            if (!(frequencyHz >= LOWEST_HZ && frequencyHz <= HIGHEST_HZ)) {
                throw UserProblem.atField("frequencyHz", Refused.BENCH_RADIOS.of());
            }
            try {
                return new Settings(
                        frequencyHz,
                        powerW,
                        ceilingSwr,
                        meterRangeW,
                        Optional.ofNullable(setFor).map(c -> new Carrier(c.frequencyHz, c.forwardW)),
                        plugW,
                        plugLowHz,
                        plugHighHz);
            } catch (IllegalArgumentException e) {
                throw UserProblem.atField("frequencyHz", e);
            }
        }
    }

    /** What the eye reads; what can't be read is absent, with the reason beside it. */
    record MeterReadingView(
            Double meterSwr,
            OutcomeView meterTrouble,
            Double forwardW,
            Double reflectedW,
            @NotNull double doubtW,
            Double swrFromWatts,
            OutcomeView wattmeterTrouble,
            @NotNull double counterHz,
            @NotNull double spuriousDbc,
            @NotNull boolean foldedBack,
            @NotNull List<OutcomeView> cautions) {}

    @GetMapping("/plugs")
    Plugs plugs() {
        return new Plugs(
                MeterBench.PLUGS_W,
                MeterBench.PLUG_BANDS.stream()
                        .map(b -> new PlugBand(b.startHz(), b.stopHz()))
                        .toList(),
                OutcomeView.of(Cautions.of(Situation.reading(ReadingKind.INLINE_METER, 0, List.of()))));
    }

    /** Keys the radio with the meter's switch on forward, and sets the needle to full scale. */
    @PostMapping("/needle")
    CarrierView needle(@Valid @RequestBody Dials dials) {
        if (dials.powerW > dials.meterRangeW) {
            throw UserProblem.atField("meterRangeW", Refused.NEEDLE_PEGS.of());
        }
        Carrier c = stand.meters().carrier(dials.settings());
        return new CarrierView(c.frequencyHz(), c.forwardW());
    }

    /** Keys the radio and reads both meters. */
    @PostMapping("/reading")
    MeterReadingView reading(@Valid @RequestBody Dials dials) {
        Reading r = stand.meters().read(dials.settings());
        return new MeterReadingView(
                r.meterSwr().orElse(null),
                r.meterTrouble().map(OutcomeView::of).orElse(null),
                r.watts().forwardW().orElse(null),
                r.watts().reflectedW().orElse(null),
                r.doubtW(),
                r.watts().swr().orElse(null),
                r.watts().trouble().map(OutcomeView::of).orElse(null),
                r.carrier().frequencyHz(),
                stand.meters().spuriousDbc(),
                r.foldedBack(),
                OutcomeView.of(
                        Cautions.of(Situation.reading(ReadingKind.INLINE_METER, dials.powerW(), transmits(r, dials)))));
    }

    /** What the radio may do by the meter; nothing where its needle says nothing. */
    private static List<Transmit> transmits(Reading r, Dials dials) {
        return r.meterSwr().stream()
                .map(swr -> Transmit.into("", swr, dials.ceilingSwr(), dials.powerW()))
                .toList();
    }
}
