package kinesia.screening;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Clients;
import kinesia.shared.Json;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A screen that was begun and not kept yet: saved as it is filled in, and taken up again on any device. */
@RestController
class ScreenDraftController {
    private static final int LARGEST = 60_000;
    private static final DraftView NONE = new DraftView(null, null, null, null);

    private final Clients clients;
    private final ScreenDrafts drafts;
    private final Screens screens;
    private final RoomCalendar calendar;

    ScreenDraftController(Clients clients, ScreenDrafts drafts, Screens screens, RoomCalendar calendar) {
        this.screens = screens;
        this.clients = clients;
        this.drafts = drafts;
        this.calendar = calendar;
    }

    /** @param draft the page's own form of it; missing when nothing was begun */
    record DraftView(
            @Nullable Long version,
            @Nullable JsonNode draft,
            @Nullable Instant changedAt,
            @Nullable String changedBy) {}

    /**
     * @param version of what the change was made to; missing for the first save
     * @param screenId the screen that this becomes when it is kept; missing when the page does not say
     */
    record SaveDraft(@Nullable Long version, @Nullable UUID screenId, JsonNode draft) {}

    @GetMapping("/api/clients/{clientId}/screen-draft")
    @Transactional(readOnly = true)
    DraftView draft(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        return drafts.findById(clientId).map(ScreenDraftController::view).orElse(NONE);
    }

    /**
     * Saves the draft; somebody else's newer one is answered with a conflict and stays. A save that arrives after its screen was
     * kept brings nothing back: there is no draft then.
     */
    @PutMapping("/api/clients/{clientId}/screen-draft")
    @Transactional
    DraftView save(@PathVariable UUID clientId, @RequestBody SaveDraft body, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        String text = Json.write(body.draft());
        if (text.length() > LARGEST) {
            throw Problem.invalid(List.of(new Problem.Field("draft", "is larger than a screen can be")));
        }
        if (text.contains("\\u0000")) {
            throw Problem.invalid(List.of(new Problem.Field("draft", "has a character that nobody can write")));
        }
        clients.lock(clientId);
        if (body.screenId() != null && screens.existsById(body.screenId())) {
            return NONE;
        }
        ScreenDraft draft = drafts.findById(clientId).orElse(null);
        if (draft != null && (body.version() == null || body.version() != draft.version())) {
            throw Problem.conflict(draft.changedBy() + " went on with this screen meanwhile.", view(draft));
        }
        if (draft == null) {
            draft = new ScreenDraft(clientId);
        }
        draft.change(body.draft(), calendar.now(), who.name());
        return view(drafts.saveAndFlush(draft));
    }

    @DeleteMapping("/api/clients/{clientId}/screen-draft")
    @Transactional
    void drop(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        drafts.deleteById(clientId);
    }

    private static DraftView view(ScreenDraft draft) {
        return new DraftView(draft.version(), draft.draft(), draft.changedAt(), draft.changedBy());
    }
}
