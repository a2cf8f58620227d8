package kinesia.floor;

import com.fasterxml.jackson.core.type.TypeReference;
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
import kinesia.core.response.SiteSignal;
import kinesia.shared.Json;
import org.jspecify.annotations.Nullable;

/** One session; its plan is kept beside it as it was when it was planned. */
@Entity
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

    private String soreSites;
    private String door;
    private String changes;
    private String signals;
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
        this.soreSites = Json.write(soreSites);
        this.door = Json.write(door);
        this.changes = Json.write(changes);
        this.signals = Json.write(signals);
        this.plannedBy = plannedBy;
    }

    /** An outline of one that is stored, never stored itself. */
    TrainingSession(UUID id, UUID clientId, LocalDate visitOn, Status status, String soreSites, String door) {
        this.id = id;
        this.clientId = clientId;
        this.visitOn = visitOn;
        this.status = status;
        this.soreSites = soreSites;
        this.door = door;
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
        return Json.read(soreSites, new TypeReference<>() {});
    }

    public DoorAnswers door() {
        return Json.read(door, DoorAnswers.class);
    }

    public List<Change> changes() {
        return Json.read(changes, new TypeReference<>() {});
    }

    public List<SiteSignal> signals() {
        return Json.read(signals, new TypeReference<>() {});
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

    /** Ends it; a second time changes nothing. */
    public void finish(Instant at) {
        if (isOpen()) {
            status = Status.DONE;
            finishedAt = at;
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
