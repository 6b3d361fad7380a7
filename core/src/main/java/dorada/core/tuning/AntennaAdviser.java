package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import java.util.List;
import java.util.Optional;

/** Advice for an antenna by its kind: one length, with a match, with a fine piece, or two bands with a piece each. */
public final class AntennaAdviser {

    private final AntennaKind kind;
    private final TrimTask task;

    /** @param task without a match of its own, the kind's usual one is moved, as far as it takes */
    public AntennaAdviser(AntennaKind kind, TrimTask task) {
        this.kind = kind;
        TrimTask matched = task.match().isPresent() ? task : task.matchedBy(MatchControl.of(kind));
        this.task = kind.hasUsualLength()
                ? matched.withLength(matched.lengthM(), Optional.of(kind.usualLengthM(matched.middleOfLowestBandHz())))
                : matched.withLength(Optional.empty(), Optional.empty());
    }

    /** Advice after all {@code passes}, oldest first, at least one; for the pieces that were changed last. */
    public TrimAdvice advise(List<Pass> passes) {
        Pieces usual = kind.isChangedAlike() ? Pieces.ALIKE : Pieces.THIS;
        Optional<Double> other = kind.otherPiecesPerElectrical();
        if (other.isEmpty() || passes.stream().allMatch(p -> p.pieces().orElse(usual) == usual)) {
            return adviseOn(task, passes);
        }
        // All lengths in terms of the pieces that were changed last, which are those that are changed next.
        boolean nextIsOther =
                passes.stream().flatMap(p -> p.pieces().stream()).reduce(usual, (before, later) -> later) != usual;
        double otherByUsual = other.get() / kind.lengthRatio();
        List<Pass> counted = passes.stream()
                .map(p -> {
                    boolean isOther = p.pieces().orElse(usual) != usual;
                    double counts = isOther == nextIsOther ? 1 : nextIsOther ? otherByUsual : 1 / otherByUsual;
                    return p.after(p.changeM() * counts, p.secondChangeM());
                })
                .toList();
        if (!nextIsOther) {
            return adviseOn(task, counted);
        }
        TrimAdvice advice =
                adviseOn(task.adjustedBy(task.adjustment(), task.prior().times(otherByUsual), task.room()), counted);
        return advice.isChange()
                ? advice.because((usual == Pieces.THIS ? Reason.ALL_PIECES_ALIKE : Reason.THIS_PIECE_ALONE).of())
                : advice;
    }

    private TrimAdvice adviseOn(TrimTask given, List<Pass> passes) {
        if (kind.hasPieceForEachOf(WantedChannel.bands(given.channels()).size())) {
            return new StagedAdviser(
                            given,
                            kind.upperBandPiece().orElseThrow(),
                            kind.lowerBandPiece().orElseThrow())
                    .advise(passes);
        }
        return FineAdviser.pieceOf(kind)
                .map(ring -> new FineAdviser(given, ring).advise(passes))
                .orElseGet(() -> new TrimAdviser(given).advise(passes));
    }
}
