package kinesia.screening;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.core.plan.SoreSite;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Outcome;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenAnswers;
import kinesia.core.screening.SiteRecord;
import kinesia.shared.StoredJson;
import kinesia.shared.WrittenOnce;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** One screen as it was taken; never changed afterwards. */
@Entity
public class Screen extends WrittenOnce {
    private UUID clientId;
    private LocalDate takenOn;
    private Instant takenAt;
    private String takenBy;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable ScreenAnswers answers;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private @Nullable Assessment assessment;

    // Of the assessment, for lists; null where that could not be read when it was taken out.
    @Enumerated(EnumType.STRING)
    private @Nullable Outcome outcome;

    protected Screen() {}

    public Screen(
            UUID id,
            UUID clientId,
            LocalDate takenOn,
            Instant takenAt,
            String takenBy,
            ScreenAnswers answers,
            Assessment assessment) {
        super(id);
        this.clientId = clientId;
        this.takenOn = takenOn;
        this.takenAt = takenAt;
        this.takenBy = takenBy;
        this.answers = answers;
        this.assessment = assessment;
        this.outcome = assessment.outcome();
    }

    public UUID id() {
        return getId();
    }

    public UUID clientId() {
        return clientId;
    }

    public LocalDate takenOn() {
        return takenOn;
    }

    public String takenBy() {
        return takenBy;
    }

    public ScreenAnswers answers() {
        return StoredJson.readable(answers, "screen");
    }

    public Assessment assessment() {
        return StoredJson.readable(assessment, "judgement of a screen");
    }

    /** The sore places of this screen with their usual pain. */
    public List<SoreSite> soreSites() {
        List<SiteRecord> sites = answers().soreSites();
        return sites == null
                ? List.of()
                : sites.stream()
                        .map(s -> new SoreSite(
                                s.site(), s.side(), s.usualPain() == null ? PainScore.NONE : s.usualPain()))
                        .toList();
    }
}
