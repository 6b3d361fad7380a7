package dorada.server.removed;

import dorada.server.people.Role;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Where the removed things of one kind lie. A kind that can be removed has one such bean, and everything else follows. */
public interface Shelf {

    RemovedKind kind();

    /** Who may put such a thing back: whoever may remove it. */
    default Role least() {
        return Role.TECHNICIAN;
    }

    /** All that are laid aside. */
    List<? extends Removable> removed();

    Optional<? extends Removable> find(UUID id);

    /** Another one that has the name of {@code thing} by now, where names are taken. */
    default boolean isNameTaken(Removable thing) {
        return false;
    }
}
