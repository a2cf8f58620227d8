package kinesia.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.reason.Reason;
import kinesia.core.response.TrainingHold;
import kinesia.core.screening.ScreenAnswers.Reading;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Pressure and pulse before a visit, of those for whom they are read each time. */
@RestController
class PressureController {
    private final Clients clients;
    private final PressureReadings readings;
    private final Standings standings;
    private final RoomCalendar calendar;

    PressureController(Clients clients, PressureReadings readings, Standings standings, RoomCalendar calendar) {
        this.clients = clients;
        this.readings = readings;
        this.standings = standings;
        this.calendar = calendar;
    }

    /**
     * Whether a reading is due.
     *
     * @param due whether nothing is planned before one
     * @param today those of today, oldest first
     * @param holds why the client may not train after them; empty where nothing holds
     */
    record PressureView(boolean due, List<Reading> today, List<Reason> holds, List<String> missing) {}

    @GetMapping("/api/clients/{clientId}/readings")
    @Transactional(readOnly = true)
    PressureView today(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        return view(clients.require(clientId, who.roomId()), calendar.today(who.roomId()));
    }

    /** Keeps a reading of today under an id made by the page; the same id again keeps nothing more. */
    @PutMapping("/api/clients/{clientId}/readings/{id}")
    @Transactional
    PressureView read(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody Reading body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        PressureReading known = readings.findById(id).orElse(null);
        if (known != null) {
            if (!known.clientId().equals(clientId)) {
                throw Problem.notFound();
            }
            return view(client, today);
        }
        if (body.systolic() == null) {
            throw Problem.invalid(List.of(new Problem.Field("systolic", "is needed, with the lower number")));
        }
        if (body.on() != null && !body.on().equals(today)) {
            throw Problem.invalid(List.of(new Problem.Field("on", "is read today")));
        }
        readings.saveAndFlush(new PressureReading(id, clientId, today, calendar.now(), who.name(), body));
        return view(client, today);
    }

    private PressureView view(Client client, LocalDate today) {
        Standing standing = standings.of(client.id(), today);
        @Nullable TrainingHold hold = standing.hold(client.stop());
        return new PressureView(
                standing.readingDue(),
                readings.findByClientIdInOrderByReadAt(List.of(client.id())).stream()
                        .filter(r -> r.readOn().equals(today))
                        .map(PressureReading::reading)
                        .toList(),
                hold == null ? List.of() : hold.reasons(),
                standing.assessment() == null
                        ? List.of()
                        : standing.assessment().missing());
    }
}
