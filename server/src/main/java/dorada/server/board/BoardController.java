package dorada.server.board;

import dorada.core.acceptance.Progress;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.rf.Band;
import dorada.server.installation.Installation;
import dorada.server.sweep.BandView;
import dorada.server.sweep.ReadingView;
import dorada.server.tuning.InBrief;
import dorada.server.tuning.Newest;
import dorada.server.tuning.PassView.TraceView;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The board: the installations of the shop, newest first, a page at a time, with their state and a small trace. */
@Validated
@RestController
class BoardController {

    /** Of all pages of a list. */
    static final String TOTAL = "X-Total-Count";

    private final Board board;

    BoardController(Board board) {
        this.board = board;
    }

    /** @param worstSwr absent where it is infinite, and where {@code isRead} says that no wanted channel was read */
    record NewestView(
            @NotNull int passNumber,
            Double dipHz,
            @NotNull boolean dipAtEdge,
            Double worstSwr,
            @NotNull boolean isRead,
            @NotNull boolean met,
            @NotNull TraceView trace,
            @NotNull String recordedBy,
            @NotNull Instant recordedAt) {

        static NewestView of(Newest.Row row, InBrief s, double[] channelsHz) {
            return new NewestView(
                    row.number(),
                    s.dipHz(),
                    s.dipAtEdge(),
                    ReadingView.finite(s.worstSwr()),
                    anyRead(s, channelsHz),
                    s.met(),
                    TraceView.of(s.outline()),
                    row.recordedBy(),
                    row.recordedAt());
        }
    }

    record CardView(
            @NotNull UUID id,
            @NotNull String shopNumber,
            @NotNull String title,
            @NotNull String customer,
            @NotNull Carrier carrier,
            @NotNull AntennaKind antennaKind,
            @NotNull Progress state,
            @NotNull double lowestHz,
            @NotNull double highestHz,
            @NotNull List<BandView> bands,
            @NotNull double ruleLimitSwr,
            @NotNull String createdBy,
            String signedOffBy,
            NewestView newest) {}

    /** What was read at single channels has no curve, and an SWR that ends somewhere. */
    private static boolean anyRead(InBrief s, double[] channelsHz) {
        double[] swept = s.outline().frequencyHz();
        return swept.length == 0
                ? Double.isFinite(s.worstSwr())
                : Arrays.stream(channelsHz).anyMatch(hz -> hz >= swept[0] && hz <= swept[swept.length - 1]);
    }

    /** @param page counted from 0; the header X-Total-Count says how many there are on all pages together */
    @GetMapping("/api/installations")
    ResponseEntity<List<CardView>> board(
            @RequestParam(defaultValue = "") @Size(max = 200, message = "{wrong.LETTERS}") String search,
            @RequestParam(required = false) Progress state,
            @RequestParam(defaultValue = "0") @Min(value = 0, message = "{wrong.FROM_PAGE_0}") int page,
            @RequestParam(defaultValue = "60")
                    @Min(value = 1, message = "{wrong.ROWS}")
                    @Max(value = 200, message = "{wrong.ROWS}")
                    int size) {
        Board.Page found = board.page(search, Optional.ofNullable(state), page, size);
        return ResponseEntity.ok()
                .header(TOTAL, Integer.toString(found.total()))
                .body(found.entries().stream().map(BoardController::card).toList());
    }

    /** How many installations of a search are how far. */
    record CountView(@NotNull Progress state, @NotNull int count) {}

    @GetMapping("/api/installations/counts")
    List<CountView> counts(
            @RequestParam(defaultValue = "") @Size(max = 200, message = "{wrong.LETTERS}") String search) {
        Map<Progress, Integer> counts = board.counts(search);
        return Stream.of(Progress.values())
                .map(s -> new CountView(s, counts.getOrDefault(s, 0)))
                .toList();
    }

    private static CardView card(Board.Entry entry) {
        Installation i = entry.installation();
        double[] hz = i.wantedChannels().stream()
                .mapToDouble(WantedChannel::frequencyHz)
                .sorted()
                .toArray();
        return new CardView(
                i.id(),
                i.shopNumber(),
                i.title(),
                i.customer(),
                i.carrier(),
                i.antennaKind(),
                entry.state(),
                hz[0],
                hz[hz.length - 1],
                BandView.of(Band.of(hz)),
                i.rule().limitSwr(),
                i.createdBy().displayName(),
                i.signOff().map(s -> s.signedBy().displayName()).orElse(null),
                entry.pass()
                        .flatMap(row -> entry.newest().map(s -> NewestView.of(row, s, hz)))
                        .orElse(null));
    }
}
