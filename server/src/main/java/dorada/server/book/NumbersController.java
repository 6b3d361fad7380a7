package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.antenna.Carrier;
import dorada.core.book.ShopNumbers;
import dorada.core.outcome.Outcome;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How the shop's work goes: what a lead looks at on a Friday. */
@Validated
@RestController
class NumbersController {

    private static final double HOURS_OF_A_DAY = 24;

    private final Numbers numbers;

    NumbersController(Numbers numbers) {
        this.numbers = numbers;
    }

    /** Jobs in one state, and how many days nobody has touched them. */
    record StandingView(
            @NotNull Progress state,
            @NotNull int count,
            @NotNull double medianDays,
            @NotNull double longestDays) {

        static StandingView of(ShopNumbers.Standing s) {
            return new StandingView(s.state(), s.count(), days(s.medianIdle()), days(s.longestIdle()));
        }
    }

    /**
     * Jobs that were signed off in one week, from its Monday to its Sunday; medians of each, absent where there was none.
     *
     * @param days from plan to sign-off
     * @param cutOffM of all of them together
     */
    record WeekView(
            @NotNull LocalDate monday,
            @NotNull LocalDate sunday,
            @NotNull int signedOff,
            Double changes,
            Double readings,
            Double days,
            @NotNull double cutOffM,
            @NotNull int overshoots) {

        static WeekView of(ShopNumbers.Week w) {
            return new WeekView(
                    w.monday(),
                    w.monday().plusDays(6),
                    w.signedOff(),
                    w.changes().orElse(null),
                    w.readings().orElse(null),
                    w.days().orElse(null),
                    w.cutOffM(),
                    w.overshoots());
        }
    }

    record FaultCountView(
            @NotNull OutcomeView fault, @NotNull int jobs) {

        static FaultCountView of(ShopNumbers.Fault f) {
            return new FaultCountView(OutcomeView.phrase(new Outcome(f.id(), Map.of())), f.jobs());
        }
    }

    /** @param movedHz by how much dips had moved, up or down; absent where none of these rechecks tells */
    record HeldView(
            @NotNull Carrier carrier,
            @NotNull ShopNumbers.Age age,
            @NotNull int rechecks,
            @NotNull int changed,
            BookController.SpreadView movedHz) {

        static HeldView of(ShopNumbers.Held h) {
            return new HeldView(
                    h.carrier(),
                    h.age(),
                    h.rechecks(),
                    h.changed(),
                    h.movedHz().map(BookController.SpreadView::of).orElse(null));
        }
    }

    /** @param unwritten installations that are not counted yet: their rows are being written */
    record NumbersView(
            @NotNull List<StandingView> standing,
            @NotNull List<WeekView> weeks,
            @NotNull List<FaultCountView> faults,
            @NotNull List<HeldView> held,
            @NotNull int unwritten) {}

    /** @param weeks how far back, this one included */
    @GetMapping("/api/numbers")
    NumbersView numbers(
            @RequestParam(defaultValue = "26")
                    @Min(value = 1, message = "{wrong.WEEKS}")
                    @Max(value = 260, message = "{wrong.WEEKS}")
                    int weeks) {
        Numbers.Known known = numbers.of(weeks);
        ShopNumbers n = known.numbers();
        return new NumbersView(
                n.standing().stream().map(StandingView::of).toList(),
                n.weeks().stream().map(WeekView::of).toList(),
                n.faults().stream().map(FaultCountView::of).toList(),
                n.held().stream().map(HeldView::of).toList(),
                known.unwritten());
    }

    private static double days(Duration d) {
        return d.toHours() / HOURS_OF_A_DAY;
    }
}
