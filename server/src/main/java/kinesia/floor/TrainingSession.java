package kinesia.floor;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.core.plan.SoreSite;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.SitePain;
import kinesia.core.response.SiteSignal;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** One session; its plan is kept beside it as it was when it was planned. */
@Entity
@DynamicUpdate
public class TrainingSession {
    private static final String SIGN_AFTER_SIGN = "; ";

    @Id
    private UUID id;

    @Version
    private long version;

    private UUID clientId;
    private LocalDate visitOn;

    @Enumerated(EnumType.STRING)
    private Status status;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable List<SoreSite> soreSites;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable DoorAnswers door;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable List<Change> changes;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable List<SiteSignal> signals;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable List<SitePain> rightAfter;

    private String plannedBy;
    private @Nullable Instant finishedAt;
    private @Nullable String stopSign;
    private int lateSets;

    protected TrainingSession() {}

    /** Where a session stands. */
    public enum Status {
        PLANNED,
        RUNNING,
        DONE,
        STOPPED
    }

    public TrainingSession(
            UUID id,
            UUID clientId,
            LocalDate visitOn,
            List<SoreSite> soreSites,
            DoorAnswers door,
            List<Change> changes,
            List<SiteSignal> signals,
            String plannedBy) {
        this.id = id;
        this.clientId = clientId;
        this.visitOn = visitOn;
        this.status = Status.PLANNED;
        this.soreSites = soreSites;
        this.door = door;
        this.changes = changes;
        this.signals = signals;
        this.plannedBy = plannedBy;
    }

    /** An outline of one that is stored, never stored itself. */
    TrainingSession(
            UUID id,
            UUID clientId,
            LocalDate visitOn,
            Status status,
            List<SoreSite> soreSites,
            DoorAnswers door,
            @Nullable List<SitePain> rightAfter) {
        this.id = id;
        this.clientId = clientId;
        this.visitOn = visitOn;
        this.status = status;
        this.soreSites = soreSites;
        this.door = door;
        this.rightAfter = rightAfter;
    }

    public UUID id() {
        return id;
    }

    public UUID clientId() {
        return clientId;
    }

    public LocalDate visitOn() {
        return visitOn;
    }

    public Status status() {
        return status;
    }

    public boolean isOpen() {
        return status == Status.PLANNED || status == Status.RUNNING;
    }

    public List<SoreSite> soreSites() {
        return StoredJson.readable(soreSites, "list of sore places");
    }

    public DoorAnswers door() {
        return StoredJson.readable(door, "door check");
    }

    public List<Change> changes() {
        return StoredJson.readable(changes, "list of changes");
    }

    public List<SiteSignal> signals() {
        return StoredJson.readable(signals, "list of signals");
    }

    public @Nullable String stopSign() {
        return stopSign;
    }

    /** A set was logged: the first one begins it, and one that comes in after it was over is counted. */
    void takeSet() {
        if (status == Status.PLANNED) {
            status = Status.RUNNING;
        } else if (!isOpen()) {
            lateSets++;
        }
    }

    /** How places were right after the last set; empty where nobody asked. */
    public List<SitePain> rightAfter() {
        return rightAfter == null ? List.of() : StoredJson.readable(rightAfter, "pain right after");
    }

    /** Ends it; a second time changes nothing. */
    public void finish(Instant at, List<SitePain> said) {
        if (isOpen()) {
            status = Status.DONE;
            finishedAt = at;
            rightAfter = said.isEmpty() ? null : said;
        }
    }

    /** A stop sign was seen, in whatever state the session is; what was seen before stays beside it. */
    void stop(Instant at, String sign) {
        if (finishedAt == null) {
            finishedAt = at;
        }
        if (stopSign == null) {
            stopSign = sign;
        } else if (!List.of(stopSign.split(SIGN_AFTER_SIGN)).contains(sign)) {
            stopSign = stopSign + SIGN_AFTER_SIGN + sign;
        }
        status = Status.STOPPED;
    }
}
