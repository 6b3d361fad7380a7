package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.line.Line;
import dorada.core.rf.Wavelength;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is to be tuned, and to what.
 *
 * @param rule what counts as good enough
 * @param channels the wanted channels, at least one, ascending in frequency
 * @param adjustment how the length is changed
 * @param prior what is known of the antenna before its first change
 * @param instrument what the instrument can sweep
 * @param room how far the length can still be changed
 * @param match a second control, which is moved first where no length alone would do: it can be undone
 * @param phaseIsTheAntennas true where the passes were read at the antenna, or with the line taken off
 * @param line between the antenna, where the passes are, and the radio, where the rule judges; empty for none
 * @param lengthM how long the piece is now, as its rule measures it; empty where nobody has said
 * @param usualLengthM how long such a piece usually is on the wanted channels; empty where the kind has no usual length
 * @param carrier what it is fitted to; empty where nobody has said
 */
public record TrimTask(
        AcceptanceRule rule,
        List<WantedChannel> channels,
        Adjustment adjustment,
        TrimPrior prior,
        Span instrument,
        Room room,
        Optional<MatchControl> match,
        boolean phaseIsTheAntennas,
        Optional<Line> line,
        Optional<Double> lengthM,
        Optional<Double> usualLengthM,
        Optional<Carrier> carrier) {

    /** @throws IllegalArgumentException where no channel is wanted */
    public TrimTask {
        if (channels.isEmpty()) {
            throw new IllegalArgumentException("Advice needs at least one wanted channel.");
        }
        channels = channels.stream()
                .sorted(Comparator.comparingDouble(WantedChannel::frequencyHz))
                .toList();
    }

    /** One length, changed as far as it takes, read and judged at the same place, with the usual instrument. */
    public static TrimTask of(
            AcceptanceRule rule, List<WantedChannel> channels, Adjustment adjustment, TrimPrior prior) {
        return new TrimTask(
                rule,
                channels,
                adjustment,
                prior,
                AnalyserLimits.NOT_STATED.span(),
                Room.ANY,
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** Of the lowest band, which the length is looked for in. */
    double middleOfLowestBandHz() {
        return WantedChannel.middleOfLowestBandHz(channels);
    }

    /** The same for one of its bands, which has a piece of its own. */
    TrimTask forBand(List<WantedChannel> band, TrimPrior own) {
        return new TrimTask(
                rule,
                band,
                adjustment,
                own,
                instrument,
                Room.ANY,
                Optional.empty(),
                phaseIsTheAntennas,
                line,
                Optional.empty(),
                Optional.empty(),
                carrier);
    }

    /** The same for a fine piece of the same antenna, which slides. */
    TrimTask forFine(double smallestStepM, TrimPrior own) {
        return adjustedBy(new Adjustment.Slide(smallestStepM), own, Room.ANY)
                .matchedBy(Optional.empty())
                .withLength(Optional.empty(), Optional.empty());
    }

    /** The same with another way to change its length. */
    TrimTask adjustedBy(Adjustment other, TrimPrior own, Room otherRoom) {
        return new TrimTask(
                rule,
                channels,
                other,
                own,
                instrument,
                otherRoom,
                match,
                phaseIsTheAntennas,
                line,
                lengthM,
                usualLengthM,
                carrier);
    }

    /** The same with an instrument that sweeps {@code other}. */
    public TrimTask sweptBy(Span other) {
        return new TrimTask(
                rule,
                channels,
                adjustment,
                prior,
                other,
                room,
                match,
                phaseIsTheAntennas,
                line,
                lengthM,
                usualLengthM,
                carrier);
    }

    /** The same with {@code other} room to change the length. */
    public TrimTask within(Room other) {
        return adjustedBy(adjustment, prior, other);
    }

    /** The same with a match to move. */
    public TrimTask matchedBy(Optional<MatchControl> control) {
        return new TrimTask(
                rule,
                channels,
                adjustment,
                prior,
                instrument,
                room,
                control,
                phaseIsTheAntennas,
                line,
                lengthM,
                usualLengthM,
                carrier);
    }

    /** The same for passes that were read at the antenna itself. */
    public TrimTask readAtTheAntenna() {
        return at(true, line);
    }

    /**
     * The same for passes from which {@code feedline} was taken off, judged at its other end: the antenna is moved where it is, and
     * the rule looks at what the radio meets.
     */
    public TrimTask behind(Line feedline) {
        return at(true, Optional.of(feedline));
    }

    private TrimTask at(boolean theAntenna, Optional<Line> behind) {
        return new TrimTask(
                rule,
                channels,
                adjustment,
                prior,
                instrument,
                room,
                match,
                theAntenna,
                behind,
                lengthM,
                usualLengthM,
                carrier);
    }

    /** The same for an antenna on {@code fittedTo}. */
    public TrimTask on(Carrier fittedTo) {
        return new TrimTask(
                rule,
                channels,
                adjustment,
                prior,
                instrument,
                room,
                match,
                phaseIsTheAntennas,
                line,
                lengthM,
                usualLengthM,
                Optional.of(fittedTo));
    }

    /** The same for a piece that is {@code nowM} long. */
    public TrimTask ofLength(double nowM) {
        return withLength(Optional.of(nowM), usualLengthM);
    }

    TrimTask withLength(Optional<Double> nowM, Optional<Double> usualM) {
        return new TrimTask(
                rule,
                channels,
                adjustment,
                prior,
                instrument,
                room,
                match,
                phaseIsTheAntennas,
                line,
                nowM,
                usualM,
                carrier);
    }

    /** How long the piece is: as said, else as usual, else by its waves. */
    double pieceM() {
        return lengthM.or(() -> usualLengthM)
                .orElse(prior.waves() * Wavelength.ofHz(middleOfLowestBandHz()) * prior.lengthRatio());
    }
}
