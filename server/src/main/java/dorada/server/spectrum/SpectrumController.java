package dorada.server.spectrum;

import dorada.core.radio.FrequencyTolerance;
import dorada.core.spectrum.AirbandChannel;
import dorada.core.spectrum.ChannelList;
import dorada.core.spectrum.RadioService;
import dorada.core.spectrum.RadioServices;
import dorada.core.spectrum.ServiceChannel;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Radio services, their channels and limits; a shop's own lists. */
@RestController
@RequestMapping("/api")
class SpectrumController {

    record ChannelView(
            @NotNull String name,
            @NotNull double transmitHz,
            @NotNull double receiveHz,
            @NotNull String note) {

        static ChannelView of(ServiceChannel c) {
            return new ChannelView(c.name(), c.transmitHz(), c.receiveHz(), c.note());
        }
    }

    /** How far a carrier may be off its channel. */
    record ToleranceView(
            @NotNull double value,
            @NotNull FrequencyTolerance.Unit unit,
            @NotNull String source) {

        static ToleranceView of(FrequencyTolerance t) {
            return new ToleranceView(t.value(), t.unit(), t.source());
        }
    }

    /**
     * @param shortTitle before a channel's number
     * @param frequencyTolerance absent where no rule is known here
     * @param usual names of the channels by which an antenna is judged
     * @param evenEnds the usual acceptance rule asks for ends that are alike
     * @param forbidden why only the built-in antenna may be used; absent where others may
     * @param reminders limits of power, height and licence
     */
    record ServiceView(
            @NotNull String id,
            @NotNull OutcomeView title,
            @NotNull OutcomeView shortTitle,
            @NotNull OutcomeView country,
            @NotNull int year,
            @NotNull String source,
            ToleranceView frequencyTolerance,
            @NotNull double bandwidthHz,
            @NotNull List<ChannelView> channels,
            @NotNull List<String> usual,
            @NotNull boolean evenEnds,
            OutcomeView forbidden,
            @NotNull List<OutcomeView> reminders) {

        static ServiceView of(RadioService s) {
            return new ServiceView(
                    s.id(),
                    OutcomeView.phrase(s.title()),
                    OutcomeView.phrase(s.shortTitle()),
                    OutcomeView.phrase(s.country()),
                    s.year(),
                    s.source(),
                    s.frequencyTolerance().map(ToleranceView::of).orElse(null),
                    s.bandwidthHz(),
                    s.channels().stream().map(ChannelView::of).toList(),
                    s.usual(),
                    s.evenEnds(),
                    s.externalAntenna().map(OutcomeView::phrase).orElse(null),
                    OutcomeView.of(s.reminders()));
        }
    }

    record ListText(@NotNull String text) {}

    @GetMapping("/services")
    List<ServiceView> services() {
        return RadioServices.ALL.stream().map(ServiceView::of).toList();
    }

    /** Channels of a pasted list; 422 with the line where one can't be read. */
    @PostMapping("/channels/parse")
    List<ChannelView> parse(@Valid @RequestBody ListText list) {
        try {
            return ChannelList.parse(list.text == null ? "" : list.text).stream()
                    .map(ChannelView::of)
                    .toList();
        } catch (ChannelList.LineException e) {
            throw UserProblem.inFile(e);
        }
    }

    /** The carrier of an airband channel, whose name is not always its frequency. */
    @GetMapping("/airband/{name}")
    ChannelView airband(@PathVariable String name) {
        try {
            AirbandChannel c = AirbandChannel.named(name);
            return new ChannelView(
                    c.name(), c.frequencyHz(), c.frequencyHz(), c.spacingHz() > 10_000 ? "25 kHz" : "8.33 kHz");
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("name", e);
        }
    }
}
