package kinesia.client;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A set that was done before the client came here, from a log of another kind: it tells strength and nothing of pain. */
@Entity
public class OldSet implements Persistable<UUID> {
    @Id
    private UUID id;

    private UUID clientId;
    private LocalDate doneOn;
    private String exerciseKey;

    @Enumerated(EnumType.STRING)
    private @Nullable Side side;

    private int setNumber;
    private double loadKg;
    private String loadLabel;
    private int reps;
    private @Nullable Double effort;
    private Instant broughtAt;
    private String broughtBy;

    // The id is made of what it says, so its presence does not tell a stored row from a new one.
    @Transient
    private boolean fresh;

    protected OldSet() {}

    /** {@code set} of a client, brought in by somebody; the same set makes the same id. */
    public OldSet(UUID clientId, LoggedSet set, Instant at, String by) {
        this.id = id(clientId, set);
        this.clientId = clientId;
        this.doneOn = set.on();
        this.exerciseKey = set.exerciseKey();
        this.side = set.side();
        this.setNumber = set.setNumber();
        this.loadKg = set.load().kg();
        this.loadLabel = set.load().label();
        this.reps = set.reps();
        Effort said = set.effort();
        this.effort = said == null ? null : said.value();
        this.broughtAt = at;
        this.broughtBy = by;
        this.fresh = true;
    }

    /** What tells {@code set} of a client from every other. */
    public static UUID id(UUID clientId, LoggedSet set) {
        String says = clientId + "/" + set.on() + "/" + set.exerciseKey() + "/" + set.side() + "/" + set.setNumber();
        return UUID.nameUUIDFromBytes(says.getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    public UUID clientId() {
        return clientId;
    }

    /** As the core knows it. */
    public LoggedSet set() {
        return new LoggedSet(
                doneOn,
                exerciseKey,
                side,
                setNumber,
                new Load(loadKg, loadLabel),
                reps,
                effort == null ? null : Effort.of(effort),
                PainScore.NONE,
                null,
                null);
    }
}
