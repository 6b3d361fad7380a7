package dorada.core.tuning;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.SecondPiece.FinePiece;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.List;
import java.util.Optional;

/**
 * An antenna whose length is set by two pieces, a coarse one and a fine one that can be put back: the tip of a loaded whip and the
 * ring below its coil. The ring is moved wherever it reaches; else the tip, and the ring has the last word.
 */
public final class FineAdviser {

    private final TrimTask task;
    private final FinePiece ring;

    public FineAdviser(TrimTask task, FinePiece ring) {
        this.task = task;
        this.ring = ring;
    }

    /** The fine piece of {@code kind}; empty where it has none. */
    public static Optional<FinePiece> pieceOf(AntennaKind kind) {
        return kind.second().filter(FinePiece.class::isInstance).map(FinePiece.class::cast);
    }

    /** Advice after all {@code passes}, oldest first, at least one; what was done to the ring is their second change. */
    public TrimAdvice advise(List<Pass> passes) {
        TrimAdvice coarse = new TrimAdviser(task).advise(passes);
        if (coarse.action() == Action.STOP || coarse.dipHz().isEmpty()) {
            return coarse;
        }
        double movedM = passes.stream().mapToDouble(Pass::secondChangeM).sum();
        Room room = new Room(Math.max(0, ring.travelM() / 2 + movedM), Math.max(0, ring.travelM() / 2 - movedM));
        TrimAdvice fine = new TrimAdviser(task.forFine(
                        ring.smallestStepM(), new TrimPrior(task.prior().waves(), ring.lengthRatio(), ring.doubt())))
                .advise(passes.stream()
                        .map(p -> p.after(p.secondChangeM(), p.changeM()))
                        .toList());
        boolean outward = fine.action() == Action.LENGTHEN;
        double reach = outward ? room.lengthenM() : room.shortenM();
        if ((outward || fine.action() == Action.SHORTEN) && fine.amountM() <= reach) {
            return fine.because(Reason.RING_REACHES.of()).ofSecond();
        }
        return changes(coarse) ? coarse.because(Reason.RING_FALLS_SHORT.of(room.shortenM(), room.lengthenM())) : coarse;
    }

    private static boolean changes(TrimAdvice advice) {
        return advice.action() == Action.SHORTEN || advice.action() == Action.LENGTHEN;
    }
}
