package dorada.server.installation;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.BandPiece;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.PermanentStep;
import dorada.core.antenna.PieceId;
import dorada.core.design.Designs;
import dorada.core.instrument.Span;
import dorada.core.rf.Band;
import dorada.core.safety.Cautions;
import dorada.core.safety.Situation;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Pieces;
import dorada.server.sweep.BandView;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;

/**
 * An installation as sent to the page; SI units. Fields as in {@link InstallationRequest}.
 *
 * @param sweepStartHz where a first sweep begins, to find the dip
 * @param sweepStopHz and where it ends
 * @param bands of the channels, ascending: no single resonance serves two of them
 * @param circumstances that a person can say of a reading on this carrier
 * @param signOff of the newest visit; absent while that is open
 * @param visits the first one first
 */
public record InstallationView(
        @NotNull UUID id,
        @NotNull String shopNumber,
        @NotNull String title,
        @NotNull String customer,
        @NotNull Carrier carrier,
        @NotNull String carrierDetail,
        @NotNull AntennaKind antennaKind,
        @NotNull OutcomeView antennaPiece,
        @NotNull double sweepStartHz,
        @NotNull double sweepStopHz,
        @NotNull String sheetKind,
        @NotNull String antennaDetail,
        @NotNull boolean oneWay,
        @NotNull double smallestStepM,
        Double startLengthM,
        Double shortestLengthM,
        Double longestLengthM,
        @NotNull double ratedPowerW,
        @NotNull double swrCeiling,
        @NotNull RuleName ruleName,
        @NotNull double limitSwr,
        @NotNull String ruleWords,
        @NotNull OutcomeView rule,
        @NotNull double ruleLimitSwr,
        @NotNull ReferencePlane measuredAt,
        @NotNull List<Channel> channels,
        @NotNull List<BandView> bands,
        @NotNull List<OtherRadio> otherRadios,
        String feedlineType,
        Double feedlineLengthM,
        UUID radioId,
        @NotNull String carriedBy,
        @NotNull String antennaName,
        @NotNull String baseName,
        @NotNull String feedlineName,
        @NotNull String adapterName,
        SecondPieceView second,
        PiecesView pieces,
        @NotNull List<PermanentStep> permanentSteps,
        @NotNull List<Circumstance> circumstances,
        @NotNull String createdBy,
        @NotNull Instant createdAt,
        VisitView.SignOffView signOff,
        @NotNull List<VisitView> visits,
        @NotNull List<OutcomeView> cautions,
        @NotNull long version) {

    /**
     * What else is adjusted.
     *
     * @param isLength it is a length of its own, cut like the first; false where it is slid or turned
     */
    public record SecondPieceView(
            @NotNull PieceId id, @NotNull boolean isLength) {

        static SecondPieceView of(Installation i) {
            if (i.antennaKind().hasPieceForEachOf(i.bandsHz().length)) {
                BandPiece lower = i.antennaKind().lowerBandPiece().orElseThrow();
                return new SecondPieceView(lower.id(), true);
            }
            return i.antennaKind()
                    .second()
                    .map(s -> new SecondPieceView(s.id(), false))
                    .orElse(null);
        }
    }

    /** One of several like pieces, or all of them by as much each; and what is usual. Absent where there is but one. */
    public record PiecesView(
            @NotNull OutcomeView one,
            @NotNull OutcomeView all,
            @NotNull Pieces usual) {

        static PiecesView of(AntennaKind kind) {
            return kind.piecesWords()
                    .map(w -> new PiecesView(
                            OutcomeView.phrase(w.one()),
                            OutcomeView.phrase(w.all()),
                            kind.isChangedAlike() ? Pieces.ALIKE : Pieces.THIS))
                    .orElse(null);
        }
    }

    public static InstallationView of(Installation i) {
        double[] hz = i.channels().stream().mapToDouble(Channel::frequencyHz).toArray();
        Span span = Span.aroundBand(
                Arrays.stream(hz).min().orElseThrow(), Arrays.stream(hz).max().orElseThrow());
        return new InstallationView(
                i.id(),
                i.shopNumber(),
                i.title(),
                i.customer(),
                i.carrier(),
                i.carrierDetail(),
                i.antennaKind(),
                OutcomeView.phrase(i.antennaKind().piece()),
                span.startHz(),
                span.stopHz(),
                Designs.ALL.of(i.antennaKind()).sheet().id(),
                i.antennaDetail(),
                i.isOneWay(),
                i.smallestStepM(),
                i.startLengthM().orElse(null),
                i.setLength().shortestM().orElse(null),
                i.setLength().longestM().orElse(null),
                i.ratedPowerW(),
                i.swrCeiling(),
                i.ruleName(),
                i.limitSwr(),
                Words.ENGLISH.phrase(i.rule().outcome()),
                OutcomeView.phrase(i.rule().outcome()),
                i.rule().limitSwr(),
                i.measuredAt(),
                List.copyOf(i.channels()),
                BandView.of(Band.of(hz)),
                List.copyOf(i.otherRadios()),
                i.feedlineType(),
                i.feedlineLengthM(),
                i.radioId().orElse(null),
                i.carriedBy(),
                i.antennaName(),
                i.baseName(),
                i.feedlineName(),
                i.adapterName(),
                SecondPieceView.of(i),
                PiecesView.of(i.antennaKind()),
                i.antennaKind().permanentSteps(i.carrier()),
                Circumstance.saidOn(i.carrier()),
                i.createdBy().displayName(),
                i.createdAt(),
                i.signOff().map(VisitView.SignOffView::of).orElse(null),
                i.visits().stream().map(VisitView::of).toList(),
                OutcomeView.of(Cautions.of(Situation.tuning(i.carrier(), i.ratedPowerW()))),
                i.version());
    }
}
