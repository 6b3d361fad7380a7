package dorada.server.planning;

import dorada.core.antenna.AntennaKind;
import dorada.core.planning.AntennaChoice.Assessment;
import dorada.core.planning.AntennaTrial.Computed;
import dorada.core.planning.Candidate;
import dorada.core.planning.Candidate.Ask;
import dorada.core.planning.Need.Band;
import dorada.core.planning.Part;
import dorada.core.sweep.Trace;
import dorada.server.tuning.PassView.ChannelVerdictView;
import dorada.server.tuning.PassView.TraceView;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Candidates as sent. */
final class CandidateViews {

    private CandidateViews() {}

    /**
     * What its cut sheet is asked for.
     *
     * @param kind id of the sheet
     * @param numbers that are not as usual, in SI units
     */
    record SheetAsk(
            @NotNull String kind,
            @NotNull Map<String, Double> numbers,
            @NotNull Map<String, String> choices) {

        static SheetAsk of(Ask ask, Map<String, String> found) {
            Map<String, String> choices = new TreeMap<>(ask.choices());
            choices.putAll(found);
            return new SheetAsk(ask.sheet().id(), new TreeMap<>(ask.numbers()), choices);
        }
    }

    /**
     * Said at once.
     *
     * @param antennaKind what an installation of it is tuned as
     * @param sheet what its cut sheet is asked for
     * @param claim what the trade says of it
     * @param effort 1 (fit and cut once) to 3 (two controls to tune)
     * @param excluded why it can't be; absent where it can
     */
    record AssessmentView(
            @NotNull Candidate candidate,
            @NotNull AntennaKind antennaKind,
            @NotNull SheetAsk sheet,
            @NotNull OutcomeView title,
            @NotNull OutcomeView claim,
            @NotNull int effort,
            @NotNull double lengthM,
            @NotNull double tipM,
            @NotNull List<OutcomeView> reasons,
            OutcomeView excluded) {

        static AssessmentView of(Assessment a) {
            return new AssessmentView(
                    a.candidate(),
                    a.candidate().kind(),
                    SheetAsk.of(a.ask(), Map.of()),
                    OutcomeView.phrase(a.candidate().title()),
                    OutcomeView.phrase(a.candidate().claim()),
                    a.candidate().effort(),
                    a.lengthM(),
                    a.tipM(),
                    OutcomeView.of(a.reasons()),
                    a.excluded().map(OutcomeView::of).orElse(null));
        }
    }

    /** Pieces of metal that are alike. */
    record PartView(
            @NotNull int count,
            @NotNull double lengthM,
            @NotNull double diameterM,
            @NotNull OutcomeView material,
            @NotNull boolean tube) {

        static PartView of(Part p) {
            return new PartView(p.count(), p.lengthM(), p.diameterM(), OutcomeView.phrase(p.material()), p.isTube());
        }
    }

    /**
     * Solved on this surface.
     *
     * @param ends both ends of the band, judged
     * @param lowHz where the limit is crossed below the dip; absent where the dip is not under the limit
     * @param highHz and above it
     * @param wantedDbi gain toward what is to be reached, in the polarisation that is asked for
     * @param takeOffDeg elevation where it is strongest
     * @param beamwidthDeg on the horizon; absent where it has no direction
     * @param massKg of its own metal, without brackets and boom
     * @param packedM longest piece when taken apart
     * @param gainLessEffortDb what it brings for its trouble, in dB: the greatest is advised among those that hold the band
     */
    record ComputedView(
            @NotNull Candidate candidate,
            @NotNull SheetAsk sheet,
            @NotNull TraceView trace,
            @NotNull double worstSwr,
            @NotNull boolean holds,
            @NotNull List<ChannelVerdictView> ends,
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
            @NotNull double gainLessEffortDb,
            @NotNull int unknowns) {

        static ComputedView of(Computed c, Ask ask, Band band) {
            return new ComputedView(
                    c.candidate(),
                    SheetAsk.of(ask, c.choices()),
                    TraceView.of(Trace.of(c.sweep())),
                    c.worstSwr(),
                    c.holds(),
                    band.ends(c.sweep()).stream().map(ChannelVerdictView::of).toList(),
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
                    c.gainLessEffortDb(),
                    c.unknowns());
        }
    }
}
