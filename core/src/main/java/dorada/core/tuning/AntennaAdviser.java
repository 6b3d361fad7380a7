package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import java.util.List;

/** Advice for an antenna by its kind: one length, with a match, with a fine piece, or two bands with a piece each. */
public final class AntennaAdviser {

    private final AntennaKind kind;
    private final TrimTask task;

    public AntennaAdviser(AntennaKind kind, TrimTask task) {
        this.kind = kind;
        this.task = task.matchedBy(MatchControl.of(kind));
    }

    /** Advice after all {@code passes}, oldest first, at least one. */
    public TrimAdvice advise(List<Pass> passes) {
        boolean hasPieceForEach = kind.upperBandPiece().isPresent()
                && kind.lowerBandPiece().isPresent()
                && WantedChannel.bands(task.channels()).size() == 2;
        if (hasPieceForEach) {
            return new StagedAdviser(
                            task,
                            kind.upperBandPiece().get(),
                            kind.lowerBandPiece().get())
                    .advise(passes);
        }
        return FineAdviser.pieceOf(kind)
                .map(ring -> new FineAdviser(task, ring).advise(passes))
                .orElseGet(() -> new TrimAdviser(task).advise(passes));
    }
}
