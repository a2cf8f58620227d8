package kinesia.client;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.time.Period;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Body;
import kinesia.core.plan.Goal;
import kinesia.core.screening.ScreenAnswers.CautionDetail;
import kinesia.core.screening.ScreenAnswers.PastStop;
import kinesia.room.Place;
import kinesia.shared.StoredJson;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A client of a room. */
@Entity
@DynamicUpdate
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
    private Goal goal;

    private String life;

    @Enumerated(EnumType.STRING)
    private ClientDetails.Units units;

    private int visitsPerWeek;
    private int minutes;
    private String otherTraining;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Intake intake;

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
        units = d.units();
        visitsPerWeek = d.visitsPerWeek();
        minutes = d.minutes();
        otherTraining = Objects.requireNonNull(d.otherTraining()).strip();
        intake = Intake.of(d);
    }

    /** Everything the intake holds. */
    public ClientDetails details() {
        Intake said = intake();
        return new ClientDetails(
                name,
                bornOn,
                sex,
                statureM,
                bodyMassKg,
                hand,
                goal,
                life,
                said.story(),
                units,
                visitsPerWeek,
                minutes,
                place.id(),
                said.cautions(),
                said.cautionDetails(),
                said.dislikes(),
                otherTraining,
                said.elsewhere(),
                said.heavyDays(),
                said.days(),
                said.events(),
                said.otherPlaces());
    }

    private Intake intake() {
        return StoredJson.readable(intake, "intake");
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
        return intake().cautions();
    }

    /** What was said of cautions beyond yes: which arm, which medicine, the last dose. */
    public Map<String, CautionDetail> cautionDetails() {
        return intake().cautionDetails();
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
