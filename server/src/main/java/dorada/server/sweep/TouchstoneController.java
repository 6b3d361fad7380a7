package dorada.server.sweep;

import dorada.core.format.FrequencyUnit;
import dorada.core.format.NumberFormat;
import dorada.core.format.TouchstoneWriter;
import dorada.core.sweep.Sweep;
import dorada.server.problem.UserProblem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Writes a sweep that is only on a screen, such as a live one, as a file; nothing is stored. */
@RestController
class TouchstoneController {

    private static final int MOST_POINTS = 10_001;

    /**
     * @param re real parts of the reflection re 50 Ω, evenly spaced from start to stop
     * @param im imaginary parts
     */
    record EvenSweep(
            @NotNull String note,
            @NotNull double startHz,
            @NotNull double stopHz,

            @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            double[] re,

            @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            double[] im) {}

    @PostMapping(path = "/api/touchstone", produces = MediaType.TEXT_PLAIN_VALUE)
    String write(@Valid @RequestBody EvenSweep even) throws IOException {
        int points = even.re == null ? 0 : even.re.length;
        if (points < 2 || points > MOST_POINTS || even.im == null || even.im.length != points) {
            throw UserProblem.atField("re", "A sweep needs 2 to " + MOST_POINTS + " points, real and imaginary alike.");
        }
        double[] hz = new double[points];
        for (int i = 0; i < points; i++) {
            hz[i] = even.startHz + (even.stopHz - even.startHz) * i / (points - 1);
        }
        StringBuilder out = new StringBuilder();
        try {
            Sweep sweep = new Sweep(hz, even.re, even.im, Sweep.STANDARD_REFERENCE_OHM);
            new TouchstoneWriter(FrequencyUnit.HZ, NumberFormat.RI).write(sweep, List.of(even.note), out);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("startHz", e);
        }
        return out.toString();
    }
}
