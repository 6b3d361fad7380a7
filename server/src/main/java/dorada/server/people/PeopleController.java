package dorada.server.people;

import dorada.server.problem.JobException;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
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

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PersonView add(@Valid @RequestBody NewPerson person) {
        if (person.role() == null) {
            throw JobException.atField("role", "Please choose what this person may do.");
        }
        return PersonView.of(people.add(person.login(), person.displayName(), person.role(), person.password()));
    }
}
