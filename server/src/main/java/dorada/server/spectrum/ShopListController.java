package dorada.server.spectrum;

import dorada.server.people.SignedIn;
import dorada.server.spectrum.SpectrumController.ChannelView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shop's own channel lists. */
@RestController
@RequestMapping("/api/channel-lists")
class ShopListController {

    private final ShopLists lists;

    ShopListController(ShopLists lists) {
        this.lists = lists;
    }

    /**
     * @param source where the shop has it from: a licence, a customer's sheet
     * @param text one channel on each line
     */
    record ListRequest(
            @NotBlank(message = "{wrong.NAME}") @Size(max = 120, message = "{wrong.LETTERS}")
            String name,

            @NotNull @Size(max = 300, message = "{wrong.LETTERS}")
            String source,

            @NotNull @Size(max = 40_000, message = "{wrong.LIST_TOO_LONG}")
            String text) {}

    record ShopListView(
            @NotNull UUID id,
            @NotNull long version,
            @NotNull String name,
            @NotNull String source,
            @NotNull List<ChannelView> channels,
            @NotNull String madeBy,
            @NotNull Instant madeAt) {

        static ShopListView of(ShopList l) {
            return new ShopListView(
                    l.id(),
                    l.version(),
                    l.name(),
                    l.source(),
                    l.channels().stream().map(ChannelView::of).toList(),
                    l.madeBy(),
                    l.madeAt());
        }
    }

    @GetMapping
    List<ShopListView> all() {
        return lists.all().stream().map(ShopListView::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ShopListView add(@AuthenticationPrincipal SignedIn me, @Valid @RequestBody ListRequest request) {
        return ShopListView.of(lists.add(me.id(), request));
    }

    /** Replaces a list; a stale {@code version} is refused with what is there now. */
    @PutMapping("/{id}")
    ShopListView change(@PathVariable UUID id, @RequestParam long version, @Valid @RequestBody ListRequest request) {
        return lists.change(id, version, request);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        lists.remove(id, me.id());
    }
}
