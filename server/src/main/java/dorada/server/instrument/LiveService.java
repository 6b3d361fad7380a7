package dorada.server.instrument;

import dorada.core.calibration.Calibration;
import dorada.core.instrument.Analyser;
import dorada.core.instrument.DipSearch;
import dorada.core.instrument.Span;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.server.calibration.Calibrations;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import jakarta.annotation.PreDestroy;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Continuous sweeps, one conversation and one thread for each. Each ends when it is told to, or when nobody has listened for
 * a while.
 */
@Service
class LiveService {

    private static final int MOST = 8;
    private static final Duration UNHEARD = Duration.ofSeconds(20);
    private static final Duration LONGEST = Duration.ofHours(4);
    private static final long REST_MS = 60;
    private static final long AFTER_TROUBLE_MS = 1500;
    private static final double DECIMALS = 1e6;
    private static final int MOST_LOOKS = 7;

    private final InstrumentService instruments;
    private final Calibrations calibrations;
    private final LiveJudge judges;
    private final Map<UUID, Live> all = new ConcurrentHashMap<>();

    LiveService(InstrumentService instruments, Calibrations calibrations, LiveJudge judges) {
        this.judges = judges;
        this.instruments = instruments;
        this.calibrations = calibrations;
    }

    record LiveView(@NotNull UUID id, @NotNull LiveRequest settings) {}

    /**
     * One sweep, as it goes to the page.
     *
     * @param number counts from 1
     * @param re real parts of the reflection re 50 Ω, evenly spaced from start to stop
     * @param im imaginary parts
     * @param dipHz absent where the sweep is flat
     * @param flatAndLow too good to be true: loss or a dummy load, no antenna
     * @param looking true while the search for the dip goes on; the span moves with it
     * @param warnings what a calibration of the shop left out
     * @param verdict by the rule of the installation that was asked for
     */
    record LiveSweep(
            @NotNull long number,
            @NotNull double startHz,
            @NotNull double stopHz,
            @NotNull double[] re,
            @NotNull double[] im,
            @NotNull double tookMs,
            Double dipHz,
            Double dipSwr,
            Boolean dipAtEdge,
            @NotNull boolean flatAndLow,
            @NotNull boolean looking,
            @NotNull List<OutcomeView> warnings,
            LiveJudge.LiveVerdict verdict) {}

    record LiveTrouble(@NotNull OutcomeView says) {}

    private final class Live implements Runnable {
        final UUID id = UUID.randomUUID();
        final UUID owner;
        volatile LiveRequest settings;
        private Calibration calibration;
        private Function<SweepAnalysis, LiveJudge.LiveVerdict> judge;
        private int looks;
        private final Span limits;
        volatile boolean over;
        volatile boolean changed = true;
        volatile SseEmitter listener;
        volatile long heardNanos = System.nanoTime();

        Live(UUID owner, LiveRequest settings, Span limits) {
            this.owner = owner;
            this.limits = limits;
            set(settings);
        }

        @Override
        public void run() {
            long number = 0;
            try (Analyser analyser = instruments.open(settings.instrument())) {
                while (!over && heard()) {
                    if (listener == null || settings.hold()) {
                        Thread.sleep(REST_MS);
                        continue;
                    }
                    LiveRequest now;
                    Optional<Calibration> with;
                    Optional<Function<SweepAnalysis, LiveJudge.LiveVerdict>> by;
                    synchronized (this) {
                        now = settings;
                        with = Optional.ofNullable(calibration);
                        by = Optional.ofNullable(judge);
                        changed = false;
                    }
                    long begun = System.nanoTime();
                    try {
                        Calibration.Corrected s = InstrumentService.sweep(
                                analyser,
                                now.span(),
                                now.points(),
                                now.averages(),
                                with,
                                () -> !over && !changed && listener != null);
                        double tookMs = (System.nanoTime() - begun) / 1e6;
                        SweepAnalysis analysis = new SweepAnalysis(s.sweep());
                        tell(
                                "sweep",
                                view(
                                        ++number,
                                        analysis,
                                        s.warnings(),
                                        tookMs,
                                        lookOn(now, analysis),
                                        by.map(j -> j.apply(analysis))));
                        Thread.sleep(REST_MS);
                    } catch (CancellationException e) {
                        // New settings, or nobody there: the loop looks again.
                        continue;
                    } catch (Refusal e) {
                        tell("trouble", new LiveTrouble(OutcomeView.of(e.outcome())));
                        Thread.sleep(AFTER_TROUBLE_MS);
                    }
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } finally {
                all.remove(id);
                SseEmitter last = listener;
                if (last != null) {
                    last.complete();
                }
            }
        }

        private boolean heard() {
            return listener != null || System.nanoTime() - heardNanos < UNHEARD.toNanos();
        }

        private void tell(String event, Object what) {
            SseEmitter to = listener;
            try {
                if (to != null) {
                    to.send(SseEmitter.event().name(event).data(what));
                }
            } catch (IOException | IllegalStateException e) {
                forget(to);
            }
        }

        /** The next look for the dip, unless somebody changed the settings meanwhile; true while it goes on. */
        private synchronized boolean lookOn(LiveRequest now, SweepAnalysis swept) {
            if (!now.find() || settings != now) {
                return settings.find();
            }
            DipSearch next = DipSearch.after(swept, limits);
            boolean goOn = !next.found() && ++looks < MOST_LOOKS;
            settings = now.on(next.span(), goOn);
            return goOn || next.found();
        }

        final synchronized void set(LiveRequest wanted) {
            looks = 0;
            judge = wanted.installationId() == null ? null : judges.judgeFor(wanted.installationId());
            calibration = wanted.calibrationId() == null ? null : calibrations.forUse(wanted.calibrationId());
            settings = wanted.find()
                    ? wanted.on(DipSearch.begin(wanted.span(), limits).span(), true)
                    : wanted;
            changed = true;
        }

        void forget(SseEmitter emitter) {
            if (listener == emitter) {
                listener = null;
                heardNanos = System.nanoTime();
            }
        }
    }

    private static LiveSweep view(
            long number,
            SweepAnalysis analysis,
            List<Outcome> warnings,
            double tookMs,
            boolean looking,
            Optional<LiveJudge.LiveVerdict> verdict) {
        Sweep s = analysis.sweep();
        double[] re = new double[s.size()];
        double[] im = new double[s.size()];
        for (int i = 0; i < s.size(); i++) {
            re[i] = Math.rint(s.re(i) * DECIMALS) / DECIMALS;
            im[i] = Math.rint(s.im(i) * DECIMALS) / DECIMALS;
        }
        var dip = analysis.deepestDip();
        return new LiveSweep(
                number,
                s.startHz(),
                s.stopHz(),
                re,
                im,
                tookMs,
                dip.map(d -> d.frequencyHz()).orElse(null),
                dip.map(d -> d.reading()).map(Reading::swr).orElse(null),
                dip.map(d -> d.atEdge()).orElse(null),
                analysis.isFlatAndLow(),
                looking,
                OutcomeView.of(warnings),
                verdict.orElse(null));
    }

    LiveView start(UUID owner, LiveRequest settings) {
        // Whoever begins anew has left the old one.
        all.values().stream()
                .filter(l -> l.owner.equals(owner) && l.listener == null)
                .forEach(l -> l.over = true);
        if (all.size() >= MOST) {
            throw UserProblem.conflict(Refused.TOO_MANY_SWEEP.of());
        }
        Live live = new Live(
                owner,
                settings.checked(),
                instruments.limits(settings.instrument()).span());
        all.put(live.id, live);
        Thread thread = new Thread(live, "live-sweep");
        thread.setDaemon(true);
        thread.start();
        return new LiveView(live.id, settings);
    }

    LiveView change(UUID id, UUID owner, LiveRequest settings) {
        Live live = mine(id, owner);
        if (!live.settings.instrument().equals(settings.instrument())) {
            throw UserProblem.atField("instrument", Refused.STOP_FIRST.of());
        }
        live.set(settings.checked());
        return new LiveView(id, settings);
    }

    SseEmitter listen(UUID id, UUID owner) {
        Live live = mine(id, owner);
        SseEmitter emitter = new SseEmitter(LONGEST.toMillis());
        emitter.onCompletion(() -> live.forget(emitter));
        emitter.onTimeout(() -> live.forget(emitter));
        emitter.onError(e -> live.forget(emitter));
        SseEmitter before = live.listener;
        live.listener = emitter;
        if (before != null) {
            before.complete();
        }
        return emitter;
    }

    void stop(UUID id, UUID owner) {
        mine(id, owner).over = true;
    }

    private Live mine(UUID id, UUID owner) {
        Live live = all.get(id);
        if (live == null || !live.owner.equals(owner)) {
            throw UserProblem.notFound(Missing.RUNNING_SWEEP);
        }
        return live;
    }

    /** An open stream would hold up the shutdown. */
    @EventListener(ContextClosedEvent.class)
    @PreDestroy
    void closeAll() {
        all.values().forEach(l -> {
            l.over = true;
            SseEmitter e = l.listener;
            if (e != null) {
                e.complete();
            }
        });
    }
}
