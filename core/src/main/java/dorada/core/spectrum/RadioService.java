package dorada.core.spectrum;

import dorada.core.outcome.Outcome;
import dorada.core.radio.FrequencyTolerance;
import dorada.core.rf.Band;
import java.util.List;
import java.util.Optional;

/**
 * A radio service in one country or region. Its limits are reminders: the licence and the local rules decide.
 *
 * @param id short name, as in an address
 * @param title what people call it; {@code shortTitle} before a channel's number
 * @param country where these rules hold
 * @param year of the rules as known here
 * @param source the rule, and how it came here
 * @param frequencyTolerance of a transmitter, where a rule is known here; services for amateurs have none
 * @param bandwidthHz of one channel
 * @param band where the service has a band rather than numbered channels; empty otherwise
 * @param channels numbered channels, or the band's edges and well-known frequencies
 * @param usual names of the channels by which an antenna for all of it is judged: lowest, main, highest
 * @param evenEnds an antenna for all of it is judged by its ends being alike, as on CB
 * @param externalAntenna empty where any antenna may be used, otherwise why no other may be
 * @param reminders limits of power, height and licence, each a sentence without a full stop
 */
public record RadioService(
        String id,
        Outcome title,
        Outcome shortTitle,
        Outcome country,
        int year,
        String source,
        Optional<FrequencyTolerance> frequencyTolerance,
        double bandwidthHz,
        Optional<Band> band,
        List<ServiceChannel> channels,
        List<String> usual,
        boolean evenEnds,
        Optional<Outcome> externalAntenna,
        List<Outcome> reminders) {

    public RadioService {
        channels = List.copyOf(channels);
        usual = List.copyOf(usual);
        reminders = List.copyOf(reminders);
    }
}
