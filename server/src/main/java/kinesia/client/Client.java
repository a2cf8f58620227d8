package kinesia.client;

import com.fasterxml.jackson.core.type.TypeReference;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Period;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Body;
import kinesia.core.screening.ScreenAnswers.CautionDetail;
import kinesia.core.screening.ScreenAnswers.PastStop;
import kinesia.room.Place;
import kinesia.shared.Json;
import org.jspecify.annotations.Nullable;

/** A client of a room. */
@Entity
public class Client {
    @Id
    private UUID id;

    @Version
    private long version;

    private UUID roomId;

    @ManyToOne(optional = false)
    private Place place;

    private String name;
    private LocalDate bornOn;

    @Enumerated(EnumType.STRING)
    private Sex sex;

    @Column(name = "stature_m")
    private double statureM;

    private double bodyMassKg;

    @Enumerated(EnumType.STRING)
    private Side hand;

    @Enumerated(EnumType.STRING)
    private ClientDetails.Goal goal;

    private String life;
    private boolean newToTraining;

    @Enumerated(EnumType.STRING)
    private ClientDetails.Units units;

    private int visitsPerWeek;
    private int minutes;
    private String cautions;
    private String cautionDetails;
    private String dislikes;
    private String otherTraining;
    private String heavyDays;
    private String days;
    private String events;
    private String otherPlaces;
    private @Nullable LocalDate holdSince;
    private @Nullable String holdReason;

    protected Client() {}

    public Client(UUID id, UUID roomId, Place place, ClientDetails details) {
        this.id = id;
        this.roomId = roomId;
        change(place, details);
    }

    final void change(Place newPlace, ClientDetails d) {
        place = newPlace;
        name = d.name().strip();
        bornOn = d.bornOn();
        sex = d.sex();
        statureM = d.statureM();
        bodyMassKg = d.bodyMassKg();
        hand = d.hand();
        goal = d.goal();
        life = d.life().strip();
        newToTraining = d.newToTraining();
        units = d.units();
        visitsPerWeek = d.visitsPerWeek();
        minutes = d.minutes();
        cautions = Json.write(d.cautions());
        cautionDetails = Json.write(Objects.requireNonNull(d.cautionDetails()));
        dislikes = Json.write(d.dislikes());
        otherTraining = Objects.requireNonNull(d.otherTraining()).strip();
        heavyDays = Json.write(Objects.requireNonNull(d.heavyDays()));
        days = Json.write(Objects.requireNonNull(d.days()));
        events = Json.write(Objects.requireNonNull(d.events()));
        otherPlaces = Json.write(Objects.requireNonNull(d.otherPlaces()));
    }

    /** Everything the intake holds. */
    public ClientDetails details() {
        return new ClientDetails(
                name,
                bornOn,
                sex,
                statureM,
                bodyMassKg,
                hand,
                goal,
                life,
                newToTraining,
                units,
                visitsPerWeek,
                minutes,
                place.id(),
                cautions(),
                cautionDetails(),
                Json.read(dislikes, new TypeReference<List<String>>() {}),
                otherTraining,
                Json.read(heavyDays, new TypeReference<List<DayOfWeek>>() {}),
                Json.read(days, new TypeReference<List<DayOfWeek>>() {}),
                Json.read(events, new TypeReference<List<ClientDetails.ComingEvent>>() {}),
                Json.read(otherPlaces, new TypeReference<List<UUID>>() {}));
    }

    public UUID id() {
        return id;
    }

    public long version() {
        return version;
    }

    public UUID roomId() {
        return roomId;
    }

    public String name() {
        return name;
    }

    public Place place() {
        return place;
    }

    public Body body() {
        return new Body(sex, statureM, bodyMassKg);
    }

    public int ageOn(LocalDate day) {
        return Period.between(bornOn, day).getYears();
    }

    public Map<String, Boolean> cautions() {
        return Json.read(cautions, new TypeReference<Map<String, Boolean>>() {});
    }

    /** What was said of cautions beyond yes: which arm, which medicine, the last dose. */
    public Map<String, CautionDetail> cautionDetails() {
        return Json.read(cautionDetails, new TypeReference<Map<String, CautionDetail>>() {});
    }

    /** Holds planning until a new screen, with what happened. */
    public void hold(LocalDate since, String reason) {
        holdSince = since;
        holdReason = reason;
    }

    /** A new screen ends the hold; whether training goes on is what that screen says. */
    public void endHold() {
        holdSince = null;
        holdReason = null;
    }

    /** What stopped the last session; null when nothing holds. */
    public @Nullable PastStop stop() {
        return holdSince == null || holdReason == null ? null : new PastStop(holdReason, holdSince);
    }

    public @Nullable String holdReason() {
        return holdReason;
    }
}
