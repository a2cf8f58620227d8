package kinesia.floor;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.response.BetweenRounds;
import kinesia.core.response.RampPain;
import kinesia.core.response.SitePain;
import kinesia.core.screening.PainScore;
import kinesia.floor.SessionViews.SessionView;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A session on the floor: shown, finished, and stopped at a sign that ends everything. */
@RestController
class FloorController {
    private static final int LONGEST_SIGN = 500;
    // What a person or a strap can count at all.
    private static final int LEAST_PULSE = 30;
    private static final int MOST_PULSE = 220;

    private final TrainingSessions sessions;
    private final Clients clients;
    private final SessionViews views;
    private final RoomCalendar calendar;
    private final ApplicationEventPublisher events;

    FloorController(
            TrainingSessions sessions,
            Clients clients,
            SessionViews views,
            RoomCalendar calendar,
            ApplicationEventPublisher events) {
        this.events = events;
        this.sessions = sessions;
        this.clients = clients;
        this.views = views;
        this.calendar = calendar;
    }

    /** @param sign what was seen; whatever was typed is taken, and only what cannot be kept of it is left out */
    record Stop(
            @Schema(maxLength = 100_000, pattern = "[\\s\\S]*")
            String sign) {}

    @GetMapping("/api/sessions/{id}")
    @Transactional(readOnly = true)
    SessionView one(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = require(id);
        return views.session(session, clients.require(session.clientId(), who.roomId()));
    }

    /** @param rightAfter how places are right after the last set; missing or empty where nobody asked */
    record Finish(@Nullable List<SitePain> rightAfter) {}

    @PostMapping("/api/sessions/{id}/finish")
    @Transactional
    SessionView finish(
            @PathVariable UUID id,
            @RequestBody(required = false) @Nullable Finish body,
            @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = locked(id);
        Client client = clients.require(session.clientId(), who.roomId());
        boolean ends = session.isOpen();
        session.finish(calendar.now(), body == null || body.rightAfter() == null ? List.of() : body.rightAfter());
        if (ends) {
            events.publishEvent(new SessionFinished(id, session.clientId(), session.visitOn()));
        }
        sessions.flush();
        return views.session(session, client);
    }

    /** @param pains at the place in each easy set of the exercise, in order */
    record EasySets(
            Site site,
            Side side,
            @NotEmpty(message = "say how it was") List<PainScore> pains) {}

    /** @param swap why another exercise comes before the working sets; missing for go */
    record EasySetsSay(@Nullable Reason swap) {}

    /** What a sore place says over the easy sets of an exercise; nothing is stored. */
    @PostMapping("/api/sessions/{id}/easy-sets")
    @Transactional(readOnly = true)
    EasySetsSay easySets(
            @PathVariable UUID id, @Valid @RequestBody EasySets body, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = require(id);
        clients.require(session.clientId(), who.roomId());
        PainScore usual = session.soreSites().stream()
                .filter(s -> s.site() == body.site() && s.side() == body.side())
                .map(SoreSite::usual)
                .findFirst()
                .orElse(PainScore.NONE);
        return new EasySetsSay(RampPain.swap(new Place(body.site(), body.side()), usual, body.pains())
                .orElse(null));
    }

    /**
     * What was found after a round of a circuit.
     *
     * @param unit its letter
     * @param round the one that is over, from 1
     * @param pulse beats per minute; missing where nobody counted
     */
    record RoundDone(
            String unit,
            int round,
            @Nullable Integer pulse,
            @Nullable Effort effort) {}

    /** What pulse or effort after a round say about the next one; nothing is stored. */
    @PostMapping("/api/sessions/{id}/rounds")
    @Transactional(readOnly = true)
    BetweenRounds.RoundAdvice round(
            @PathVariable UUID id, @RequestBody RoundDone body, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = require(id);
        Client client = clients.require(session.clientId(), who.roomId());
        InvalidValue.requireWithin(
                "pulse",
                body.pulse() == null ? LEAST_PULSE : body.pulse(),
                LEAST_PULSE,
                MOST_PULSE,
                "beats per minute");
        return views.afterRound(
                session, client, body.unit(), new BetweenRounds.Found(body.round(), body.pulse(), body.effort()));
    }

    /**
     * One of the signs that end everything was seen: the session is stopped in whatever state it is, finished as well, and
     * nothing is planned before a new screen. What was seen has to be said: an empty one is refused at its field.
     */
    @PostMapping("/api/sessions/{id}/stop")
    @Transactional
    SessionView stop(@PathVariable UUID id, @RequestBody Stop body, @AuthenticationPrincipal SignedIn who) {
        String sign = seen(body);
        TrainingSession session = locked(id);
        clients.lock(session.clientId());
        Client client = clients.require(session.clientId(), who.roomId());
        session.stop(calendar.now(), sign);
        client.hold(calendar.today(who.roomId()), Objects.requireNonNull(session.stopSign()));
        sessions.flush();
        return views.session(session, client);
    }

    /** What was seen, without what no text can hold. */
    private static String seen(Stop body) {
        String sign = body.sign().replaceAll("\\p{Cntrl}+", " ").strip();
        if (sign.isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field("sign", "say what was seen")));
        }
        return sign.substring(0, Math.min(LONGEST_SIGN, sign.length()));
    }

    private TrainingSession locked(UUID id) {
        return sessions.lock(id).orElseThrow(() -> Problem.notFound());
    }

    private TrainingSession require(UUID id) {
        return sessions.findById(id).orElseThrow(() -> Problem.notFound());
    }
}
