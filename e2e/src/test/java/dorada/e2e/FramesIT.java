package dorada.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Prints how long frames take while eight traces of 2,001 points are zoomed and moved; run by {@code ./dorada bench frames}. */
@Tag("frames")
class FramesIT {

    private static final String WATCH = "() => { window.frames_ = []; let last = performance.now();"
            + " const step = now => { window.frames_.push(now - last); last = now; window.watch_ = requestAnimationFrame(step) };"
            + " window.watch_ = requestAnimationFrame(step) }";

    @TempDir
    private Path folder;

    @Test
    void eightLongTracesAreZoomedAndMoved() throws Exception {
        List<Path> files = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            files.add(Traces.antenna(folder.resolve("trace-" + i + ".s1p"), 150 + i, 130, 175, 2001, 0));
        }
        try (RunningDorada dorada = RunningDorada.demo();
                Desk desk = new Desk()) {
            Page page = desk.page();
            new Technician(page, dorada.address()).signsIn("ines");
            page.navigate(dorada.address() + "/desk");
            page.locator("input[type=file]").first().setInputFiles(files.toArray(Path[]::new));
            page.locator("path.trace").nth(7).waitFor();
            page.waitForTimeout(1000);
            var box = page.locator(".surface").boundingBox();
            page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
            page.evaluate(WATCH);
            for (int i = 0; i < 20; i++) {
                page.mouse().wheel(0, i < 12 ? -120 : 120);
                page.waitForTimeout(30);
            }
            page.mouse().down();
            for (int i = 0; i < 40; i++) {
                page.mouse().move(box.x + box.width / 2 + 4 * i, box.y + box.height / 2);
                page.waitForTimeout(16);
            }
            page.mouse().up();
            @SuppressWarnings("unchecked")
            List<Number> frames = (List<Number>)
                    page.evaluate("() => { cancelAnimationFrame(window.watch_); return window.frames_ }");
            double[] sorted =
                    frames.stream().mapToDouble(Number::doubleValue).sorted().toArray();
            System.out.printf(
                    Locale.ROOT,
                    "Eight traces of 2,001 points, zoomed and moved: %d frames, median %.0f ms, 95 %% %.0f ms, longest %.0f ms, "
                            + "above 50 ms: %d (wanted: none)%n",
                    sorted.length,
                    sorted[sorted.length / 2],
                    sorted[(int) (sorted.length * 0.95)],
                    sorted[sorted.length - 1],
                    frames.stream().filter(f -> f.doubleValue() > 50).count());
        }
    }
}
