package dorada.server.row;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/**
 * A row that has its id before it is stored. Storing a new one adds it, without looking for another of that id first, and never
 * writes over one: where there is one already, the database says so.
 */
@MappedSuperclass
public abstract class AddedRow implements Persistable<UUID> {

    @Transient
    private boolean stored;

    @PostLoad
    @PostPersist
    void isStored() {
        stored = true;
    }

    public abstract UUID id();

    @Override
    public UUID getId() {
        return id();
    }

    @Override
    public boolean isNew() {
        return !stored;
    }
}
