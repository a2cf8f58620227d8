package kinesia.floor;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Clients;
import kinesia.shared.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Notes beside a session's sets, in whatever state the session is. */
@RestController
class NoteController {
    private final TrainingSessions sessions;
    private final SessionNotes notes;
    private final Clients clients;
    private final RoomCalendar calendar;

    NoteController(TrainingSessions sessions, SessionNotes notes, Clients clients, RoomCalendar calendar) {
        this.sessions = sessions;
        this.notes = notes;
        this.clients = clients;
        this.calendar = calendar;
    }

    record KeepNote(
            @NotBlank(message = "is needed") @Size(max = 500, message = "at most 500 characters")
            String text) {}

    /** Keeps a note under an id made by the page. The same id again is the same note. */
    @PutMapping("/api/sessions/{id}/notes/{noteId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void keep(
            @PathVariable UUID id,
            @PathVariable UUID noteId,
            @RequestBody KeepNote body,
            @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = sessions.findById(id).orElseThrow(Problem::notFound);
        clients.require(session.clientId(), who.roomId());
        SessionNote known = notes.findById(noteId).orElse(null);
        if (known == null) {
            notes.saveAndFlush(new SessionNote(noteId, id, body.text().strip(), calendar.now(), who.name()));
        } else if (!known.sessionId().equals(id)) {
            throw Problem.notFound();
        }
    }
}
