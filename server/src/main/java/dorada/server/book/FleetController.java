package dorada.server.book;

import dorada.server.book.BookController.BookRowView;
import dorada.server.book.BookController.SpreadView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A fleet in one table. */
@RestController
@RequestMapping("/api/installations/{id}/fleet")
class FleetController {

    private final Fleets fleets;

    FleetController(Fleets fleets) {
        this.fleets = fleets;
    }

    /**
     * @param rows in the order of their numbers
     * @param lengthM where those that met their rule ended; absent where nobody knows
     * @param startM to what the next is cut or set before its first reading
     * @param untouched how many nobody has read, and of which no length is known
     */
    record FleetView(
            @NotNull List<BookRowView> rows,
            SpreadView lengthM,
            Double startM,
            @NotNull boolean oneWay,
            @NotNull int untouched) {

        static FleetView of(Fleets.Fleet f) {
            return new FleetView(
                    f.members().stream().map(BookRowView::of).toList(),
                    f.done().lengthM().map(SpreadView::of).orElse(null),
                    f.done().startLengthM(f.isOneWay()).orElse(null),
                    f.isOneWay(),
                    f.untouched().size());
        }
    }

    @GetMapping
    FleetView fleet(@PathVariable UUID id) {
        return FleetView.of(fleets.of(id));
    }

    /** The length that those that are done lead to becomes the start of those that nobody has read yet. */
    @PostMapping("/begin")
    FleetView begin(@PathVariable UUID id) {
        return FleetView.of(fleets.begin(id));
    }
}
