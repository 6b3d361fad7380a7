package dorada.server.people;

import dorada.server.problem.UserProblem;
import dorada.server.problem.Wrong;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people of the shop; only a lead adds one. */
@RestController
@RequestMapping("/api/people")
class PeopleController {

    private final PeopleService people;

    PeopleController(PeopleService people) {
        this.people = people;
    }

    @GetMapping
    List<PersonView> list() {
        return people.all().stream().map(PersonView::of).toList();
    }

    /** @param active false for somebody who leaves */
    record Change(
            @NotBlank(message = "{wrong.PERSON}") @Size(max = 120, message = "{wrong.LETTERS}")
            String displayName,

            @NotNull(message = "{wrong.ROLE}") Role role,

            @NotNull boolean active) {}

    @PutMapping("/{id}")
    PersonView change(@PathVariable UUID id, @Valid @RequestBody Change change) {
        return PersonView.of(people.change(id, change.displayName, change.role, change.active));
    }

    record NewPassword(
            @NotNull(message = "{wrong.CHOOSE_PASSWORD}") String password) {}

    /** For who forgot theirs; their sessions and tokens end. */
    @PostMapping("/{id}/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void resetPassword(@PathVariable UUID id, @Valid @RequestBody NewPassword request) {
        people.resetPassword(id, request.password);
    }

    @GetMapping("/{id}/tokens")
    List<TokenController.TokenView> tokens(@PathVariable UUID id) {
        return people.tokensOf(id).stream().map(TokenController.TokenView::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PersonView add(@Valid @RequestBody NewPerson person) {
        if (person.role() == null) {
            throw UserProblem.atField("role", Wrong.ROLE.of());
        }
        return PersonView.of(people.add(person.login(), person.displayName(), person.role(), person.password()));
    }
}
