package dorada.core.instrument.scpi;

import dorada.core.instrument.Analyser;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Sweep;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;

/**
 * Drives an analyser on a line: sets it, begins a sweep, waits until it is over and fetches the data. A lost line is opened
 * once more. Not for several threads.
 */
public final class ScpiAnalyser implements Analyser {

    private static final Duration ANSWER = Duration.ofSeconds(5);
    private static final Duration DATA = Duration.ofSeconds(20);
    private static final long POLL_MS = 30;
    private static final int MEASURING = 16;

    private final Transport.Connector connector;
    private final CommandProfile profile;
    private final AnalyserLimits limits;
    private final Duration longestSweep;
    private Transport line;

    /** @param longestSweep after which a sweep is given up */
    public ScpiAnalyser(
            Transport.Connector connector, CommandProfile profile, AnalyserLimits limits, Duration longestSweep) {
        this.connector = connector;
        this.profile = profile;
        this.limits = limits;
        this.longestSweep = longestSweep;
    }

    @Override
    public AnalyserLimits limits() {
        return limits;
    }

    @Override
    public String identity() {
        return again(() -> ask(profile.identity(), ANSWER));
    }

    @Override
    public Sweep sweep(Span span, int points, int averages, BooleanSupplier goOn) {
        requireWithinLimits(span, points);
        return again(() -> {
            tell(profile.startHz(), number(span.startHz()));
            tell(profile.stopHz(), number(span.stopHz()));
            tell(profile.points(), Integer.toString(points));
            tell(profile.averages(), Integer.toString(averages));
            requireNoError();
            tell(profile.begin(), "");
            await(goOn);
            String data = ask(profile.data(), DATA);
            requireNoError();
            return read(data, span, points);
        });
    }

    @Override
    public Sweep rawSweep(Span span, int points, int averages, BooleanSupplier goOn) {
        requireWithinLimits(span, points);
        if (profile.raw().isEmpty()) {
            throw new InstrumentException(Trouble.NO_RAW_COMMAND);
        }
        return again(() -> {
            tell(profile.raw(), "");
            try {
                return sweep(span, points, averages, goOn);
            } finally {
                tell(profile.corrected(), "");
            }
        });
    }

    /** Before anything is said to it: some answer what they cannot do with what they can. */
    private void requireWithinLimits(Span span, int points) {
        try {
            limits.require(span, points);
        } catch (Refusal e) {
            throw new InstrumentException(e.outcome(), e);
        }
    }

    private void await(BooleanSupplier goOn) throws IOException {
        long until = System.nanoTime() + longestSweep.toNanos();
        while (!profile.isMeasuring().isEmpty() && (statusOf(ask(profile.isMeasuring(), ANSWER)) & MEASURING) != 0) {
            if (!goOn.getAsBoolean()) {
                tell(profile.abort(), "");
                throw new CancellationException("The sweep was stopped.");
            }
            if (System.nanoTime() > until) {
                tell(profile.abort(), "");
                throw new InstrumentException(Trouble.NOT_FINISHED.of((int) longestSweep.toSeconds()));
            }
            try {
                Thread.sleep(POLL_MS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                tell(profile.abort(), "");
                throw new CancellationException("The sweep was stopped.");
            }
        }
    }

    private static int statusOf(String answer) {
        try {
            return Integer.parseInt(answer.strip());
        } catch (NumberFormatException e) {
            throw new InstrumentException(Trouble.NO_STATUS.of(shortened(answer)));
        }
    }

    private void requireNoError() throws IOException {
        if (profile.error().isEmpty()) {
            return;
        }
        String error = ask(profile.error(), ANSWER).strip();
        if (!error.startsWith("0") && !error.startsWith("+0")) {
            throw new InstrumentException(Trouble.REFUSES.of(shortened(error)));
        }
    }

    private static Sweep read(String data, Span span, int points) {
        String[] parts = data.strip().split(",");
        if (parts.length != 2 * points) {
            throw new InstrumentException(Trouble.OTHER_NUMBERS.of(parts.length, 2 * points));
        }
        double[] hz = span.points(points);
        double[] re = new double[points];
        double[] im = new double[points];
        try {
            for (int i = 0; i < points; i++) {
                re[i] = Double.parseDouble(parts[2 * i].strip());
                im[i] = Double.parseDouble(parts[2 * i + 1].strip());
            }
            return new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM);
        } catch (IllegalArgumentException e) {
            throw new InstrumentException(Trouble.NO_READING.of(shortened(data)), e);
        }
    }

    private static String shortened(String text) {
        return text.length() > 80 ? text.substring(0, 80) + "…" : text;
    }

    private static String number(double hz) {
        return String.format(Locale.ROOT, "%.3f", hz);
    }

    private void tell(String command, String value) throws IOException {
        if (!command.isEmpty()) {
            line.send(command.replace("{}", value));
        }
    }

    private String ask(String query, Duration within) throws IOException {
        line.send(query);
        return line.receive(within);
    }

    private interface Talk<T> {
        T run() throws IOException;
    }

    /** Runs with an open line; where it breaks, opens another and tries once more. */
    private <T> T again(Talk<T> talk) {
        for (int attempt = 1; ; attempt++) {
            try {
                if (line == null) {
                    line = connector.open();
                    tell(profile.setUp(), "");
                }
                return talk.run();
            } catch (IOException e) {
                close();
                if (attempt == 2) {
                    throw new InstrumentException(Trouble.SILENT.of(String.valueOf(e.getMessage())), e);
                }
            } catch (InstrumentException e) {
                // What is still on its way would be taken for the next answer.
                close();
                throw e;
            }
        }
    }

    @Override
    public void close() {
        try {
            if (line != null) {
                line.close();
            }
        } catch (IOException e) {
            // It is being given up anyway.
        } finally {
            line = null;
        }
    }
}
