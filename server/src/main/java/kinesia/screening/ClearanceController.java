package kinesia.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Clients;
import kinesia.core.screening.Clearance;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Clearances of licensed clinicians: recorded by the trainer, never edited, withdrawn when they no longer hold. */
@RestController
class ClearanceController {
    private final Clients clients;
    private final Clearances clearances;
    private final RoomCalendar calendar;

    ClearanceController(Clients clients, Clearances clearances, RoomCalendar calendar) {
        this.clients = clients;
        this.clearances = clearances;
        this.calendar = calendar;
    }

    /** @param holds whether it holds today */
    record ClearanceView(
            UUID id,
            Clearance clearance,
            boolean holds,
            String recordedBy,
            @Nullable LocalDate withdrawnOn,
            @Nullable String withdrawnBy) {}

    @GetMapping("/api/clients/{clientId}/clearances")
    @Transactional(readOnly = true)
    List<ClearanceView> all(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        return clearances.findByClientIdOrderByRecordedAt(clientId).stream()
                .map(c -> view(c, today))
                .toList();
    }

    /** Records a clearance under an id made by the page; the same id again records nothing. */
    @PutMapping("/api/clients/{clientId}/clearances/{id}")
    @Transactional
    ClearanceView record(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody Clearance body,
            @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        StoredClearance known = clearances.findById(id).orElse(null);
        if (known != null) {
            return view(own(known, clientId), today);
        }
        if (body.givenOn().isAfter(today)) {
            throw Problem.invalid(List.of(new Problem.Field("givenOn", "is in the future")));
        }
        return view(
                clearances.saveAndFlush(new StoredClearance(id, clientId, body, calendar.now(), who.name())), today);
    }

    @PostMapping("/api/clients/{clientId}/clearances/{id}/withdraw")
    @Transactional
    ClearanceView withdraw(@PathVariable UUID clientId, @PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        StoredClearance clearance = own(clearances.findById(id).orElseThrow(() -> Problem.notFound()), clientId);
        if (clearance.withdrawnOn() == null) {
            clearance.withdraw(today, who.name());
        }
        return view(clearance, today);
    }

    private static StoredClearance own(StoredClearance clearance, UUID clientId) {
        if (!clearance.clientId().equals(clientId)) {
            throw Problem.notFound();
        }
        return clearance;
    }

    private static ClearanceView view(StoredClearance stored, LocalDate today) {
        Clearance clearance = stored.clearance();
        return new ClearanceView(
                stored.getId(),
                clearance,
                stored.withdrawnOn() == null && clearance.holdsOn(today),
                stored.recordedBy(),
                stored.withdrawnOn(),
                stored.withdrawnBy());
    }
}
