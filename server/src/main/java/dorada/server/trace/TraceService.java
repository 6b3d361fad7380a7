package dorada.server.trace;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ChannelVerdict;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.format.FormatException;
import dorada.core.format.SweepFileReader;
import dorada.core.format.TouchstoneReader;
import dorada.core.line.EchoProfile;
import dorada.core.line.FaultLocator;
import dorada.core.line.Line;
import dorada.core.line.LineEffect;
import dorada.core.line.ThroughLine;
import dorada.core.line.Window;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Comparison;
import dorada.core.sweep.Repeatability;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.sweep.TraceSays;
import dorada.core.sweep.TwoPort;
import dorada.server.line.FaultView;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.AnalysisView;
import dorada.server.sweep.ReadingView;
import dorada.server.sweep.TraceData;
import dorada.server.sweep.UploadedSweep;
import dorada.server.words.OutcomeView;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.web.multipart.MultipartFile;

/** Looks at traces; keeps nothing. */
@Service
class TraceService {

    private static final double DRAWN_BEYOND = 1.25;

    ReadFileView read(MultipartFile file, int port) {
        UploadedSweep upload = UploadedSweep.read(file, port);
        try {
            return ReadFileView.of(upload.name(), upload.file(), SweepFileReader.table(upload.bytes()));
        } catch (FormatException e) {
            throw UserProblem.inFile(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    LookView look(LookRequest request) {
        if (request.trace() == null) {
            throw UserProblem.atField("trace", Refused.NO_TRACE.of());
        }
        Sweep measured = request.trace().sweep("trace");
        List<Outcome> doubts = new ArrayList<>();
        try {
            Sweep bare = request.adapter() == null
                    ? measured
                    : withoutAdapter(measured, request.adapter().twoPort());
            Sweep extended = request.extension() == null
                    ? bare
                    : request.extension().extension().applied(bare);
            Optional<Line> line = Optional.ofNullable(request.line()).map(l -> l.line("line"));
            Sweep seen = seen(request.seen(), extended, line, doubts);
            return view(request, extended, seen, line, doubts);
        } catch (Refusal e) {
            throw UserProblem.atField("trace", e);
        }
    }

    private static Sweep withoutAdapter(Sweep measured, TwoPort adapter) {
        try {
            return adapter.removedFrom(measured);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("adapter", e);
        }
    }

    /** An adapter from its own two-port file. */
    LookRequest.AdapterData adapter(MultipartFile file) {
        try {
            return LookRequest.AdapterData.of(TouchstoneReader.readTwoPort(file.getBytes()));
        } catch (FormatException e) {
            throw UserProblem.inFile(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Sweep seen(LookRequest.View view, Sweep extended, Optional<Line> line, List<Outcome> doubts) {
        if (view == LookRequest.View.AS_MEASURED) {
            return extended;
        }
        Line between = line.orElseThrow(() -> UserProblem.atField("line", Refused.LINE.of()));
        if (view == LookRequest.View.AT_RADIO) {
            return ThroughLine.towardRadio(extended, between);
        }
        Sweep atAntenna = ThroughLine.towardAntenna(extended, between);
        doubts.addAll(ThroughLine.doubts(atAntenna, between));
        return atAntenna;
    }

    private static LookView view(
            LookRequest request, Sweep extended, Sweep seen, Optional<Line> line, List<Outcome> doubts) {
        SweepAnalysis analysis = new SweepAnalysis(seen);
        double[] wanted = request.wanted();
        boolean locates = line.isPresent() && seen.hasPhase() && extended.size() >= EchoProfile.FEWEST_POINTS;
        Optional<EchoProfile> profile = locates
                ? Optional.of(EchoProfile.of(extended, line.get(), FaultView.window(request.window())))
                : Optional.empty();
        Window window = FaultView.window(request.window());
        return new LookView(
                OutcomeView.of(TraceSays.of(analysis)),
                TraceData.of(seen),
                AnalysisView.of(seen.referenceOhm(), List.of(), analysis, wanted, AnalysisView.USUAL_SWR_LIMITS, false),
                met(request.rule(), analysis, wanted),
                ReadingView.finite(Repeatability.noiseOf(seen)),
                line.filter(l -> seen.hasPhase())
                        .map(l -> effects(request.seen(), extended, seen, l, wanted))
                        .orElse(List.of()),
                OutcomeView.of(doubts),
                profile.map(p -> FaultView.of(new FaultLocator(line.get(), window).locate(p)))
                        .orElse(null),
                profile.map(p -> LookView.ProfileView.of(p, farthest(p, line.get())))
                        .orElse(null));
    }

    /** By the same rule as an installation's. */
    private static double[] met(UnderLimit rule, SweepAnalysis analysis, double[] wantedHz) {
        if (wantedHz.length == 0) {
            return wantedHz;
        }
        List<WantedChannel> channels = Arrays.stream(wantedHz)
                .mapToObj(hz -> new WantedChannel("", hz, false))
                .toList();
        return rule.judge(ChannelReading.of(analysis, channels), ReferencePlane.ANTENNA).channels().stream()
                .filter(ChannelVerdict::met)
                .mapToDouble(c -> c.measured().channel().frequencyHz())
                .toArray();
    }

    private static double farthest(EchoProfile profile, Line line) {
        return line.lengthM() > 0
                ? Math.min(profile.reachM(), line.lengthM() * DRAWN_BEYOND + 2 * profile.resolutionM())
                : profile.reachM();
    }

    /** Seen as measured, a sweep is taken to be the antenna's own. */
    private static List<LookView.EffectView> effects(
            LookRequest.View view, Sweep extended, Sweep seen, Line line, double[] wanted) {
        Sweep atAntenna = view == LookRequest.View.AT_ANTENNA ? seen : extended;
        return Arrays.stream(wanted)
                .mapToObj(hz -> LineEffect.at(atAntenna, line, hz))
                .flatMap(Optional::stream)
                .map(LookView.EffectView::of)
                .toList();
    }

    CompareView compare(List<TraceData> traces, double[] wantedHz) {
        List<Sweep> sweeps = new ArrayList<>();
        for (int i = 0; i < traces.size(); i++) {
            sweeps.add(traces.get(i).sweep("traces[" + i + "]"));
        }
        try {
            Comparison comparison =
                    Comparison.of(sweeps.stream().map(SweepAnalysis::new).toList(), wantedHz);
            return new CompareView(
                    comparison.rows().stream()
                            .map(CompareView.ComparedRowView::of)
                            .toList(),
                    comparison.shifts().stream().map(CompareView.ShiftView::of).toList(),
                    comparison.bands().stream().map(CompareView.InBandView::of).toList(),
                    steadiness(sweeps, wantedHz));
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("traces", e);
        }
    }

    private static CompareView.SteadinessView steadiness(List<Sweep> sweeps, double[] wantedHz) {
        if (sweeps.size() < 2 || !sweeps.stream().allMatch(Sweep::hasPhase)) {
            return null;
        }
        try {
            Repeatability r = Repeatability.of(sweeps, wantedHz);
            return r.mayBeOneAntenna() ? CompareView.SteadinessView.of(r) : null;
        } catch (IllegalArgumentException e) {
            // Different bands are compared by their tables alone.
            return null;
        }
    }
}
