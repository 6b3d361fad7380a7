package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.book.Likes;
import dorada.core.book.Spread;
import dorada.core.book.Traits;
import dorada.core.outcome.Outcome;
import dorada.core.tuning.TrimPrior;
import dorada.server.installation.Installation;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shop's book: every installation in a row, found by anything that is known of it, and what is like it. */
@Validated
@RestController
class BookController {

    private final Book book;
    private final Clock clock;

    BookController(Book book, Clock clock) {
        this.book = book;
        this.clock = clock;
    }

    /**
     * One installation in a row.
     *
     * @param finalLengthM of the adjusted piece; absent where nobody knows it
     * @param sensitivityHzPerM how far its dip moved per metre of set length, negative; absent where nothing was learnt
     * @param met its rule, when it was signed off last; false before
     * @param worstSwr when it was signed off last
     * @param faults met on the way
     */
    record BookRowView(
            @NotNull UUID id,
            @NotNull String shopNumber,
            @NotNull String title,
            @NotNull String customer,
            @NotNull Carrier carrier,
            @NotNull String mount,
            @NotNull AntennaKind kind,
            @NotNull String antenna,
            @NotNull double middleHz,
            @NotNull Progress state,
            Double finalLengthM,
            Double sensitivityHzPerM,
            @NotNull int changes,
            @NotNull int readings,
            @NotNull boolean met,
            Double worstSwr,
            @NotNull List<OutcomeView> faults,
            @NotNull List<String> people,
            Instant signedAt,
            @NotNull Instant touchedAt) {

        static BookRowView of(BookEntry e) {
            Traits t = e.traits();
            return new BookRowView(
                    e.installationId(),
                    Installation.shopNumber(e.shopNumber()),
                    e.title(),
                    e.customer(),
                    t.carrier(),
                    t.mount(),
                    t.kind(),
                    t.antenna(),
                    t.middleHz(),
                    e.state(),
                    e.finalLengthM().orElse(null),
                    e.lesson()
                            .map(l -> TrimPrior.of(t.kind()).hzPerM(l, t.middleHz()))
                            .orElse(null),
                    e.changes(),
                    e.readings(),
                    e.isMet(),
                    e.worstSwr().orElse(null),
                    e.faults().stream()
                            .map(id -> OutcomeView.phrase(new Outcome(id, Map.of())))
                            .toList(),
                    e.people(),
                    e.signedAt().orElse(null),
                    e.touchedAt());
        }
    }

    /** @param total on all pages together */
    record BookPageView(
            @NotNull List<BookRowView> rows, @NotNull long total) {}

    private Instant midnight(LocalDate day) {
        return day.atStartOfDay(clock.getZone()).toInstant();
    }

    /**
     * @param person whose name is among those who worked on it
     * @param signedFrom first day on which it was signed off
     * @param signedTo last such day
     * @param page counted from 0
     */
    @GetMapping("/api/book")
    BookPageView search(
            @RequestParam(defaultValue = "") @Size(max = 200, message = "{wrong.LETTERS}") String search,
            @RequestParam(required = false) @Size(max = 60) String kind,
            @RequestParam(required = false) Carrier carrier,
            @RequestParam(required = false) Progress state,
            @RequestParam(required = false) @Size(max = 120) String fault,
            @RequestParam(required = false) @Size(max = 120) String person,
            @RequestParam(required = false) LocalDate signedFrom,
            @RequestParam(required = false) LocalDate signedTo,
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "{wrong.FROM_PAGE_0}")
                    @Max(value = 1000, message = "{wrong.SEARCH_FOR_LESS}")
                    int page,
            @RequestParam(defaultValue = "50")
                    @Min(value = 1, message = "{wrong.ROWS}")
                    @Max(value = 200, message = "{wrong.ROWS}")
                    int size) {
        Book.Found found = book.search(
                search,
                new Book.Filter(
                        Optional.ofNullable(kind),
                        Optional.ofNullable(carrier),
                        Optional.ofNullable(state),
                        Optional.ofNullable(fault),
                        Optional.ofNullable(person).filter(p -> !p.isBlank()),
                        Optional.ofNullable(signedFrom).map(this::midnight),
                        Optional.ofNullable(signedTo).map(d -> midnight(d.plusDays(1)))),
                page,
                size);
        return new BookPageView(found.entries().stream().map(BookRowView::of).toList(), found.total());
    }

    /** Where most lie: half of them between {@code low} and {@code high}. */
    record SpreadView(
            @NotNull double median,
            @NotNull double low,
            @NotNull double high) {

        static SpreadView of(Spread s) {
            return new SpreadView(s.median(), s.low(), s.high());
        }
    }

    /** @param scaledM its final length, on the band that is asked for; absent where nobody knows it */
    record LikeView(@NotNull BookRowView row, @NotNull double likeness, Double scaledM) {}

    /**
     * The finished installations that are most like one.
     *
     * @param lengthM where they ended, on the band that is asked for; absent where nobody knows
     * @param startM to what the next is cut or set before its first reading
     */
    record LikesView(@NotNull List<LikeView> nearest, SpreadView lengthM, SpreadView changes, Double startM) {

        static LikesView of(Book.Alike alike) {
            Likes<UUID> l = alike.likes();
            return new LikesView(
                    l.nearest().stream()
                            .filter(n -> alike.rows().containsKey(n.finished().name()))
                            .map(n -> new LikeView(
                                    BookRowView.of(alike.rows().get(n.finished().name())),
                                    n.likeness(),
                                    Double.isNaN(n.scaledM()) ? null : n.scaledM()))
                            .toList(),
                    l.lengthM().map(SpreadView::of).orElse(null),
                    l.changes().map(SpreadView::of).orElse(null),
                    l.startLengthM(alike.isOneWay()).orElse(null));
        }
    }

    /** @param withItself where it is an example for another one */
    @GetMapping("/api/installations/{id}/like")
    LikesView like(@PathVariable UUID id, @RequestParam(defaultValue = "false") boolean withItself) {
        return LikesView.of(book.like(id, withItself));
    }

    /** Of one that is planned and not there yet. */
    @GetMapping("/api/book/like")
    LikesView likePlanned(
            @RequestParam @NotNull AntennaKind kind,
            @RequestParam @Size(min = 1, max = 60, message = "{wrong.HOW_MANY}")
                    List<
                                    @DecimalMin(value = "1e6", message = "{wrong.FREQUENCY}")
                                    @DecimalMax(value = "1e9", message = "{wrong.FREQUENCY}") Double>
                            channelsHz,
            @RequestParam Carrier carrier,
            @RequestParam boolean oneWay,
            @RequestParam(defaultValue = "") @Size(max = 600, message = "{wrong.LETTERS}") String mount,
            @RequestParam(defaultValue = "") @Size(max = 600, message = "{wrong.LETTERS}") String antenna) {
        return LikesView.of(book.like(new Traits(kind, Book.middleHz(channelsHz), carrier, mount, antenna), oneWay));
    }
}
