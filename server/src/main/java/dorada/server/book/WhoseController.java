package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.book.Whose;
import dorada.server.installation.Installation;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** To which installation a sweep belongs that came as a file. */
@Validated
@RestController
class WhoseController {

    private final Book book;

    WhoseController(Book book) {
        this.book = book;
    }

    /** @param isOpen a pass can be recorded on it now; otherwise a visit is opened first */
    record WhoseView(
            @NotNull UUID id,
            @NotNull String shopNumber,
            @NotNull String title,
            @NotNull Progress state,
            @NotNull boolean isOpen,
            @NotNull Whose.By by) {

        static WhoseView of(Whose.Match<BookRepository.NamedRow> match) {
            BookRepository.NamedRow row = match.candidate().name();
            return new WhoseView(
                    row.id(),
                    Installation.shopNumber(row.shopNumber()),
                    row.title(),
                    row.state(),
                    match.candidate().isOpen(),
                    match.by());
        }
    }

    /** The likeliest first; nothing is recorded. */
    @GetMapping("/api/book/whose")
    List<WhoseView> whose(
            @RequestParam @Size(max = 300, message = "{wrong.LETTERS}") String fileName,
            @RequestParam double startHz,
            @RequestParam double stopHz) {
        return book.whose(fileName, startHz, stopHz).stream().map(WhoseView::of).toList();
    }
}
