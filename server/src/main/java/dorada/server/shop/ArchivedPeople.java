package dorada.server.shop;

import dorada.server.people.Person;

/** Who a login of an archive is, here. */
@FunctionalInterface
public interface ArchivedPeople {

    /** @throws dorada.server.problem.UserProblem where the archive does not name such a person */
    Person byLogin(String login);
}
