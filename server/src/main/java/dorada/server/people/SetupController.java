package dorada.server.people;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The first run: the lead makes their own login. */
@RestController
@RequestMapping("/api/setup")
class SetupController {

    private final PeopleService people;
    private final FirstLead first;

    SetupController(PeopleService people, FirstLead first) {
        this.people = people;
        this.first = first;
    }

    /** Whether the shop still waits for its first login. */
    record Setup(@NotNull boolean needed) {}

    @GetMapping
    Setup state() {
        return new Setup(people.isEmpty());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PersonView first(@Valid @RequestBody NewPerson lead) {
        return PersonView.of(first.add(lead));
    }
}
