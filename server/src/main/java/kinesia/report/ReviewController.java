package kinesia.report;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.core.arm.Side;
import kinesia.core.dose.ArmCurlNorms;
import kinesia.core.response.BlockReview;
import kinesia.core.response.Outcomes;
import kinesia.core.response.Outcomes.Activity;
import kinesia.core.response.Outcomes.OfArms;
import kinesia.report.Reviews.PastReview;
import kinesia.shared.Download;
import kinesia.shared.Letter;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The review every four to six weeks: measured, compared, decided and written down. */
@RestController
class ReviewController {
    private final Clients clients;
    private final Reviews reviews;
    private final StoredReviews stored;
    private final RoomCalendar calendar;

    ReviewController(Clients clients, Reviews reviews, StoredReviews stored, RoomCalendar calendar) {
        this.clients = clients;
        this.reviews = reviews;
        this.stored = stored;
        this.calendar = calendar;
    }

    /**
     * What a review asks, and those there were.
     *
     * @param painless arms at which the curl test may be done
     * @param norm of the client's age and sex, for that test
     * @param reviews the latest first
     */
    record ReviewsView(
            UUID clientId,
            String clientName,
            LocalDate today,
            ClientDetails.Units units,
            List<String> rungs,
            List<Side> painless,
            ArmCurlNorms.Row norm,
            List<PastReview> reviews) {}

    record SaidReview(
            List<Activity> activities,
            @Nullable Integer pushes,
            @Nullable String rung,
            OfArms curls,
            OfArms girth,
            OfArms grip,

            @Valid
            @NotBlank(message = "say what changes, or that nothing does")
            @Size(max = 400, message = "at most 400 characters")
            String decision) {}

    @GetMapping("/api/clients/{clientId}/reviews")
    @Transactional(readOnly = true)
    ReviewsView reviews(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        return view(clients.require(clientId, who.roomId()), who);
    }

    /** What the numbers of a review come to beside the last one, before it is kept; missing at the first. */
    @PostMapping("/api/clients/{clientId}/reviews/compared")
    @Transactional(readOnly = true)
    Compared compared(
            @PathVariable UUID clientId, @Valid @RequestBody SaidReview body, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        List<PastReview> past = reviews.of(client);
        Outcomes now = measured(client, today, body);
        return new Compared(
                past.isEmpty()
                        ? null
                        : BlockReview.between(
                                new BlockReview.Taken(
                                        past.get(0).on(), past.get(0).outcomes()),
                                new BlockReview.Taken(today, now),
                                Reviews.row(client, today)));
    }

    record Compared(BlockReview.@Nullable Result result) {}

    /** Keeps a review under an id made by the page; the same id again keeps nothing new. */
    @PutMapping("/api/clients/{clientId}/reviews/{id}")
    @Transactional
    ReviewsView keep(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @Valid @RequestBody SaidReview body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        StoredReview known = stored.findById(id).orElse(null);
        if (known != null && !known.clientId().equals(clientId)) {
            throw Problem.notFound();
        }
        if (known == null) {
            LocalDate today = calendar.today(who.roomId());
            stored.saveAndFlush(new StoredReview(
                    id,
                    clientId,
                    today,
                    calendar.now(),
                    who.name(),
                    measured(client, today, body),
                    body.decision().strip()));
        }
        return view(client, who);
    }

    /** A review for the client, in plain words. */
    @GetMapping("/api/clients/{clientId}/reviews/{id}/pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Letter.Paper paper,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        PastReview review = reviews.of(client).stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.notFound());
        return Download.pdf("review-" + review.on() + ".pdf", ReviewPdf.of(client.name(), review, paper));
    }

    private Outcomes measured(Client client, LocalDate today, SaidReview body) {
        return reviews.measured(
                client, today, body.activities(), body.pushes(), body.rung(), body.curls(), body.girth(), body.grip());
    }

    private ReviewsView view(Client client, SignedIn who) {
        LocalDate today = calendar.today(who.roomId());
        return new ReviewsView(
                client.id(),
                client.name(),
                today,
                client.details().units(),
                Outcomes.RUNGS,
                reviews.painless(client, today),
                Reviews.row(client, today),
                reviews.of(client));
    }
}
