package kinesia.floor;

import java.util.UUID;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.screening.Standings;
import kinesia.shared.Download;
import kinesia.shared.FigureDrawing;
import kinesia.shared.Letter;
import kinesia.shared.Problem;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A session on paper, for the wall. */
@RestController
class SheetController {
    private final TrainingSessions sessions;
    private final Clients clients;
    private final SessionViews views;
    private final FigureDrawing figures;
    private final Standings standings;

    SheetController(
            TrainingSessions sessions,
            Clients clients,
            SessionViews views,
            FigureDrawing figures,
            Standings standings) {
        this.standings = standings;
        this.figures = figures;
        this.sessions = sessions;
        this.clients = clients;
        this.views = views;
    }

    @GetMapping("/api/sessions/{id}/sheet.pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> sheet(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Letter.Paper paper,
            @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = sessions.findById(id).orElseThrow(() -> Problem.notFound());
        Client client = clients.require(session.clientId(), who.roomId());
        return Download.pdf(
                "session-" + session.visitOn() + ".pdf",
                SheetPdf.of(
                        client.name(),
                        views.session(session, client),
                        standings.of(client.id(), session.visitOn()).inForce().limits(),
                        figures,
                        paper));
    }
}
