package dorada.server.planning;

import dorada.core.planning.AntennaChoice.Assessment;
import dorada.core.planning.AntennaTrial.Computed;
import dorada.core.planning.Candidate;
import dorada.core.planning.Part;
import dorada.core.sweep.Trace;
import dorada.server.tuning.PassView.TraceView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/** Candidates as sent. */
final class CandidateViews {

    private CandidateViews() {}

    /**
     * Said at once.
     *
     * @param claim what the trade says of it
     * @param effort 1 (fit and cut once) to 3 (two controls to tune)
     * @param excluded why it can't be; absent where it can
     */
    record AssessmentView(
            @NotNull Candidate candidate,
            @NotNull String title,
            @NotNull String claim,
            @NotNull int effort,
            @NotNull double lengthM,
            @NotNull double tipM,
            @NotNull List<String> reasons,
            String excluded) {

        static AssessmentView of(Assessment a) {
            return new AssessmentView(
                    a.candidate(),
                    a.candidate().title(),
                    a.candidate().claim(),
                    a.candidate().effort(),
                    a.lengthM(),
                    a.tipM(),
                    a.reasons(),
                    a.excluded().orElse(null));
        }
    }

    /** Pieces of metal that are alike. */
    record PartView(
            @NotNull int count,
            @NotNull double lengthM,
            @NotNull double diameterM,
            @NotNull String material,
            @NotNull boolean tube) {

        static PartView of(Part p) {
            return new PartView(p.count(), p.lengthM(), p.diameterM(), p.material(), p.isTube());
        }
    }

    /**
     * Solved on this surface.
     *
     * @param lowHz where the limit is crossed below the dip; absent where the dip is not under the limit
     * @param highHz and above it
     * @param wantedDbi gain toward what is to be reached, in the polarisation that is asked for
     * @param takeOffDeg elevation where it is strongest
     * @param beamwidthDeg on the horizon; absent where it has no direction
     * @param massKg of its own metal, without brackets and boom
     * @param packedM longest piece when taken apart
     * @param merit what it brings for its trouble, in dB: the greatest is advised among those that hold the band
     */
    record ComputedView(
            @NotNull Candidate candidate,
            @NotNull TraceView trace,
            @NotNull double worstSwr,
            @NotNull boolean holds,
            Double lowHz,
            Double highHz,
            @NotNull double wantedDbi,
            @NotNull double maxGainDbi,
            @NotNull double takeOffDeg,
            Double beamwidthDeg,
            @NotNull double lengthM,
            @NotNull double massKg,
            @NotNull List<PartView> parts,
            @NotNull double packedM,
            @NotNull double merit,
            @NotNull int unknowns) {

        static ComputedView of(Computed c) {
            return new ComputedView(
                    c.candidate(),
                    TraceView.of(Trace.of(c.sweep())),
                    c.worstSwr(),
                    c.holds(),
                    c.bandwidth().map(b -> b.lowHz()).orElse(null),
                    c.bandwidth().map(b -> b.highHz()).orElse(null),
                    c.wantedDbi(),
                    c.maxGainDbi(),
                    c.takeOffDeg(),
                    c.beamwidthDeg().orElse(null),
                    c.lengthM(),
                    c.massKg(),
                    c.parts().stream().map(PartView::of).toList(),
                    c.packedM(),
                    c.merit(),
                    c.unknowns());
        }
    }
}
