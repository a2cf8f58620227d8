package kinesia.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kinesia.core.response.Changes;
import kinesia.core.response.Ruling;
import kinesia.shared.WrittenOnce;

/** One answer of a trainer to one change of the plan that follows the visit of a day. Never changed. */
@Entity
@Table(name = "ruling")
class StoredRuling extends WrittenOnce {
    private UUID roomId;
    private UUID clientId;
    private LocalDate afterVisit;
    private String changedKey;

    @Enumerated(EnumType.STRING)
    private Changes.Kind kind;

    private String ruleId;
    private String ruleWords;

    @Enumerated(EnumType.STRING)
    private Ruling.Choice choice;

    private String word;
    private Instant madeAt;
    private String madeBy;

    protected StoredRuling() {}

    StoredRuling(
            UUID id, UUID roomId, UUID clientId, LocalDate afterVisit, Ruling said, Instant madeAt, String madeBy) {
        super(id);
        this.roomId = roomId;
        this.clientId = clientId;
        this.afterVisit = afterVisit;
        this.changedKey = said.key();
        this.kind = said.kind();
        this.ruleId = said.ruleId();
        this.ruleWords = said.rule();
        this.choice = said.choice();
        this.word = said.word();
        this.madeAt = madeAt;
        this.madeBy = madeBy;
    }

    Ruling said() {
        return new Ruling(changedKey, kind, ruleId, ruleWords, choice, word);
    }
}
