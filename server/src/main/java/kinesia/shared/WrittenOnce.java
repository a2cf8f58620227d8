package kinesia.shared;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A row under an id made elsewhere: the id's presence does not tell a stored row from a new one, so this remembers. */
@MappedSuperclass
public abstract class WrittenOnce implements Persistable<UUID> {
    @Id
    private UUID id;

    @Transient
    private boolean fresh;

    /** For rows that are read. */
    protected WrittenOnce() {}

    /** For a new row. */
    protected WrittenOnce(UUID id) {
        this.id = id;
        this.fresh = true;
    }

    @PostLoad
    @PostPersist
    void stored() {
        fresh = false;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }
}
