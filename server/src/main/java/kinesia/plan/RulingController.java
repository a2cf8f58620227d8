package kinesia.plan;

import java.util.List;
import java.util.UUID;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.response.Changes;
import kinesia.core.response.Ruling;
import kinesia.core.response.SessionRecord;
import kinesia.response.SessionHistory;
import kinesia.shared.Problem;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a trainer answers to the changes of a plan, and how often the room goes against a rule. */
@RestController
class RulingController {
    private final Clients clients;
    private final SessionHistory history;
    private final RulingBook rulings;

    RulingController(Clients clients, SessionHistory history, RulingBook rulings) {
        this.clients = clients;
        this.history = history;
        this.rulings = rulings;
    }

    /**
     * An answer to one change.
     *
     * @param key as the change has it
     * @param ruleId of the change's reason
     * @param rule its threshold
     * @param word why; may be empty only where it is accepted
     */
    record SaidRuling(String key, Changes.Kind kind, String ruleId, String rule, Ruling.Choice choice, String word) {}

    /** Keeps the answer under an id made by the page; the same id again is the same answer. It stands for the next visit alone. */
    @PutMapping("/api/clients/{clientId}/rulings/{id}")
    @Transactional
    void rule(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody SaidRuling body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        List<SessionRecord> records = history.of(clientId, null).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        if (records.isEmpty()) {
            throw Problem.refused("Nothing has changed before the first visit.");
        }
        rulings.keep(
                id,
                client,
                records,
                new Ruling(body.key(), body.kind(), body.ruleId(), body.rule(), body.choice(), body.word()),
                who.name());
    }

    /** Rule by rule how often it was accepted, softened and overruled in this room, the most often overruled first. */
    @GetMapping("/api/rulings")
    @Transactional(readOnly = true)
    List<Ruling.RuledOn> all(@AuthenticationPrincipal SignedIn who) {
        return rulings.counted(who.roomId());
    }
}
