package dorada.server.people;

import dorada.server.problem.UserProblem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
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
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A person's own access tokens for scripts. */
@RestController
@RequestMapping("/api/tokens")
class TokenController {

    private static final int USUAL_DAYS = 90;

    private final PeopleService people;

    TokenController(PeopleService people) {
        this.people = people;
    }

    record TokenView(
            @NotNull UUID id, @NotNull String name, @NotNull Instant createdAt, Instant expiresAt) {
        static TokenView of(AccessToken t) {
            return new TokenView(t.id(), t.name(), t.createdAt(), t.expiresAt());
        }
    }

    /** The only time that a token's text is shown. */
    record CreatedToken(@NotNull TokenView token, @NotNull String text) {}

    record TokenRequest(
            @NotBlank(message = "{wrong.TOKEN}") @Size(max = 120, message = "{wrong.LETTERS}")
            String name,

            @Min(value = 1, message = "{wrong.DAYS}") @Max(value = 365, message = "{wrong.DAYS}")
            Integer days) {

        int life() {
            return days == null ? USUAL_DAYS : days;
        }
    }

    @GetMapping
    List<TokenView> list(@AuthenticationPrincipal SignedIn me) {
        return people.tokensOf(me.id()).stream().map(TokenView::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CreatedToken create(
            @AuthenticationPrincipal SignedIn me, @Valid @RequestBody TokenRequest request, HttpServletRequest sent) {
        if (BearerTokenFilter.hasToken(sent)) {
            throw UserProblem.forbidden(Refused.TOKEN_NO_TOKENS.of());
        }
        PeopleService.NewToken made = people.createToken(me.id(), request.name().strip(), request.life());
        return new CreatedToken(TokenView.of(made.token()), made.text());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@AuthenticationPrincipal SignedIn me, @PathVariable UUID id) {
        people.revoke(me, id);
    }
}
