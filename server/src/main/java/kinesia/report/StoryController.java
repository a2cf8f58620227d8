package kinesia.report;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.response.ClientStory;
import kinesia.core.response.SessionRecord;
import kinesia.core.screening.ReferralSummary;
import kinesia.core.screening.ScreeningRules;
import kinesia.plan.ClientDays;
import kinesia.response.SessionHistory;
import kinesia.room.RoomCatalogue;
import kinesia.screening.Screen;
import kinesia.screening.Standings;
import kinesia.shared.Download;
import kinesia.shared.Letter;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A client's record as the client's page draws it and a letter tells it. */
@RestController
class StoryController {
    private final Clients clients;
    private final SessionHistory history;
    private final RoomCatalogue rooms;
    private final ClientDays days;
    private final Standings standings;
    private final RoomCalendar calendar;
    private final ScreeningRules rules;

    StoryController(
            Clients clients,
            SessionHistory history,
            RoomCatalogue rooms,
            ClientDays days,
            Standings standings,
            RoomCalendar calendar,
            ScreeningRules rules) {
        this.rules = rules;
        this.clients = clients;
        this.history = history;
        this.rooms = rooms;
        this.days = days;
        this.standings = standings;
        this.calendar = calendar;
    }

    /** As far back as the next visit looks. */
    @GetMapping("/api/clients/{clientId}/story")
    @Transactional(readOnly = true)
    ClientStory story(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        return told(clients.require(clientId, who.roomId()), calendar.today(who.roomId()));
    }

    /** How the training goes, for a clinician. */
    @GetMapping("/api/clients/{clientId}/letter.pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> letter(
            @PathVariable UUID clientId,
            @RequestParam(defaultValue = "A4") Letter.Paper paper,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        Screen screen = standings.of(clientId, today).screen();
        ReferralSummary seen = screen == null
                ? null
                : ReferralSummary.of(rules.questions(), screen.takenOn(), screen.answers(), screen.assessment());
        return Download.pdf(
                Download.plain(client.name()) + "-letter-" + today + ".pdf",
                ClinicianLetterPdf.of(
                        client, seen, told(client, today), new ClinicianLetterPdf.Written(today, who.name()), paper));
    }

    private ClientStory told(Client client, LocalDate today) {
        UUID clientId = client.id();
        List<SessionRecord> sessions = history.of(clientId, null).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        return ClientStory.of(
                sessions,
                rooms.of(client.roomId(), client.body()).model().catalogue(),
                new ClientStory.Weeks(
                        days.of(client, today).week(),
                        client.details().story().after(0),
                        !standings.of(clientId, today).soreSites().isEmpty()));
    }
}
