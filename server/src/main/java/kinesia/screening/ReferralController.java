package kinesia.screening;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.screening.ReferralSummary;
import kinesia.core.screening.ScreeningRules;
import kinesia.shared.Download;
import kinesia.shared.Problem;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Referral summaries: drafted from a screen, handed over as a page or a PDF. Findings, never diagnoses. */
@RestController
class ReferralController {
    private final Clients clients;
    private final Screens screens;
    private final Referrals referrals;
    private final ScreeningRules rules;
    private final RoomCalendar calendar;

    ReferralController(
            Clients clients, Screens screens, Referrals referrals, ScreeningRules rules, RoomCalendar calendar) {
        this.clients = clients;
        this.screens = screens;
        this.referrals = referrals;
        this.rules = rules;
        this.calendar = calendar;
    }

    record ReferralView(
            UUID id,
            String clientName,
            LocalDate bornOn,
            String addressedTo,
            String note,
            LocalDate madeOn,
            String madeBy,
            ReferralSummary summary) {}

    record MakeReferral(
            @NotNull(message = "is needed") UUID screenId,

            @NotBlank(message = "is needed") @Size(max = 120, message = "at most 120 characters")
            String addressedTo,

            @NotNull(message = "is needed") @Size(max = 1200, message = "at most 1200 characters")
            String note) {}

    @GetMapping("/api/clients/{clientId}/referrals")
    @Transactional(readOnly = true)
    List<ReferralView> all(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        return referrals.findByClientIdOrderByMadeAt(clientId).stream()
                .map(r -> view(client, r))
                .toList();
    }

    /** What a referral from the screen {@code screenId} would say. */
    @GetMapping("/api/clients/{clientId}/screens/{screenId}/referral-summary")
    @Transactional(readOnly = true)
    ReferralSummary summary(
            @PathVariable UUID clientId, @PathVariable UUID screenId, @AuthenticationPrincipal SignedIn who) {
        return summary(clients.require(clientId, who.roomId()), screenId);
    }

    /** Keeps a referral under an id made by the page; the same id again keeps nothing new. */
    @PutMapping("/api/clients/{clientId}/referrals/{id}")
    @Transactional
    ReferralView make(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody MakeReferral body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        Referral known = referrals.findById(id).orElse(null);
        if (known != null) {
            return view(client, own(known, clientId));
        }
        summary(client, body.screenId()); // refuses a screen of somebody else
        return view(
                client,
                referrals.saveAndFlush(new Referral(
                        id,
                        clientId,
                        body.screenId(),
                        body.addressedTo().strip(),
                        body.note().strip(),
                        calendar.today(who.roomId()),
                        calendar.now(),
                        who.name())));
    }

    @GetMapping("/api/clients/{clientId}/referrals/{id}/pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID clientId, @PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        Referral referral = own(referrals.findById(id).orElseThrow(() -> Problem.notFound()), clientId);
        return Download.pdf("referral-" + referral.madeOn() + ".pdf", ReferralPdf.of(view(client, referral)));
    }

    private static Referral own(Referral referral, UUID clientId) {
        if (!referral.clientId().equals(clientId)) {
            throw Problem.notFound();
        }
        return referral;
    }

    private ReferralSummary summary(Client client, UUID screenId) {
        Screen screen = screens.findById(screenId)
                .filter(s -> s.clientId().equals(client.id()))
                .orElseThrow(() -> Problem.notFound());
        return ReferralSummary.of(rules.questions(), screen.takenOn(), screen.answers(), screen.assessment());
    }

    private ReferralView view(Client client, Referral r) {
        return new ReferralView(
                r.getId(),
                client.name(),
                client.details().bornOn(),
                r.addressedTo(),
                r.note(),
                r.madeOn(),
                r.madeBy(),
                summary(client, r.screenId()));
    }
}
