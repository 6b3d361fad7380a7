package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import java.util.List;

/** Advice for an antenna by its kind: one length, with a match, with a fine piece, or two bands with a piece each. */
public final class AntennaAdviser {

    private final AntennaKind kind;
    private final TrimTask task;

    /** @param task without a match of its own, the kind's usual one is moved, as far as it takes */
    public AntennaAdviser(AntennaKind kind, TrimTask task) {
        this.kind = kind;
        this.task = task.match().isPresent() ? task : task.matchedBy(MatchControl.of(kind));
    }

    /** Advice after all {@code passes}, oldest first, at least one. */
    public TrimAdvice advise(List<Pass> passes) {
        if (kind.hasPieceForEachOf(WantedChannel.bands(task.channels()).size())) {
            return new StagedAdviser(
                            task,
                            kind.upperBandPiece().orElseThrow(),
                            kind.lowerBandPiece().orElseThrow())
                    .advise(passes);
        }
        return FineAdviser.pieceOf(kind)
                .map(ring -> new FineAdviser(task, ring).advise(passes))
                .orElseGet(() -> new TrimAdviser(task).advise(passes));
    }
}
