package kinesia.floor;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.PainKind;
import kinesia.core.exercise.Site;
import kinesia.core.screening.PainScore;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** One logged set. Its id is made by whoever logs it, so that sending it twice keeps it once. */
@Entity
@DynamicUpdate
public class SetLog implements Persistable<UUID> {
    @Id
    private UUID id;

    private UUID sessionId;
    private Instant loggedAt;
    private String exerciseKey;

    @Enumerated(EnumType.STRING)
    private @Nullable Side side;

    private int setNumber;
    private double loadKg;
    private String loadLabel;
    private int reps;
    private @Nullable Double effort;
    // Null in rows from before it was kept apart: then it may have been the plan's effort that nobody said.
    private @Nullable Boolean effortSaid;
    private int pain;

    @Enumerated(EnumType.STRING)
    private @Nullable Site painSite;

    @Enumerated(EnumType.STRING)
    private @Nullable Side painSide;

    @Enumerated(EnumType.STRING)
    private @Nullable PainKind painKind;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable List<String> faults;

    private boolean undone;

    // The id is made elsewhere, so its presence does not tell a stored row from a new one.
    @Transient
    private boolean fresh;

    protected SetLog() {}

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    public SetLog(UUID id, UUID sessionId, Instant loggedAt, LoggedSet set, List<String> faults) {
        this.id = id;
        this.fresh = true;
        this.sessionId = sessionId;
        this.loggedAt = loggedAt;
        take(set, faults);
    }

    /** What was done, without the faults seen: for reading a record, never stored itself. */
    SetLog(
            UUID sessionId,
            String exerciseKey,
            @Nullable Side side,
            int setNumber,
            double loadKg,
            String loadLabel,
            int reps,
            @Nullable Double effort,
            @Nullable Boolean effortSaid,
            int pain,
            @Nullable Site painSite,
            @Nullable Side painSide,
            @Nullable PainKind painKind) {
        this.sessionId = sessionId;
        this.exerciseKey = exerciseKey;
        this.side = side;
        this.setNumber = setNumber;
        this.loadKg = loadKg;
        this.loadLabel = loadLabel;
        this.reps = reps;
        this.effort = effort;
        this.effortSaid = effortSaid;
        this.pain = pain;
        this.painSite = painSite;
        this.painSide = painSide;
        this.painKind = painKind;
    }

    private void take(LoggedSet set, List<String> faults) {
        this.exerciseKey = set.exerciseKey();
        this.side = set.side();
        this.setNumber = set.setNumber();
        this.loadKg = set.load().kg();
        this.loadLabel = set.load().label();
        this.reps = set.reps();
        this.effort = set.effort() == null ? null : set.effort().value();
        this.effortSaid = set.effort() != null;
        this.pain = set.pain().value();
        this.painSite = set.painSite();
        this.painSide = set.painSide();
        this.painKind = set.painKind();
        this.faults = faults;
    }

    UUID id() {
        return id;
    }

    public UUID sessionId() {
        return sessionId;
    }

    boolean isUndone() {
        return undone;
    }

    void undo() {
        undone = true;
    }

    /** Comes back after an undo, as it is said now. */
    void again(LoggedSet set, List<String> said) {
        take(set, said);
        undone = false;
    }

    List<String> faults() {
        return StoredJson.readable(faults, "list of faults");
    }

    /** The set as the core knows it, done {@code on} that day. */
    public LoggedSet set(LocalDate on) {
        return new LoggedSet(
                on,
                exerciseKey,
                side,
                setNumber,
                new Load(loadKg, loadLabel),
                reps,
                effort == null || !Boolean.TRUE.equals(effortSaid) ? null : Effort.of(effort),
                PainScore.of(pain),
                painSite,
                painSide,
                painKind);
    }
}
