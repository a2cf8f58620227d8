package kinesia.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Role;
import kinesia.core.plan.LimitCheck;
import kinesia.core.plan.PlanCheck;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.screening.Limit;
import kinesia.floor.TrainingSessions;
import kinesia.room.Places;
import kinesia.room.RoomCatalogue;
import kinesia.room.RoomMethods;
import kinesia.screening.Standing;
import kinesia.screening.Standings;
import kinesia.shared.Problem;
import kinesia.shared.StoredJson;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How a client's next visits are composed, and the room's templates. */
@RestController
class CompositionController {
    private static final int LONGEST_NAME = 60;

    private final Clients clients;
    private final Compositions compositions;
    private final SessionTemplates templates;
    private final Standings standings;
    private final Places places;
    private final RoomMethods methods;
    private final RoomCatalogue rooms;
    private final ClientDays clientDays;
    private final TrainingSessions sessions;
    private final RoomCalendar calendar;

    CompositionController(
            Clients clients,
            Compositions compositions,
            SessionTemplates templates,
            Standings standings,
            Places places,
            RoomMethods methods,
            RoomCatalogue rooms,
            ClientDays clientDays,
            TrainingSessions sessions,
            RoomCalendar calendar) {
        this.clients = clients;
        this.compositions = compositions;
        this.templates = templates;
        this.standings = standings;
        this.places = places;
        this.methods = methods;
        this.rooms = rooms;
        this.clientDays = clientDays;
        this.sessions = sessions;
        this.calendar = calendar;
    }

    /** A way of working and what of this client's limits stands against it. */
    record MethodChoice(String key, String name, String what, List<Reason> against) {}

    record PlaceChoice(UUID id, String name) {}

    record ExerciseChoice(String key, String name) {}

    /**
     * @param usualMinutes what is booked for the next visit, or else usual
     * @param usualPlaceId where that is
     * @param version missing when nothing was composed yet
     */
    record CompositionView(
            UUID clientId,
            String clientName,
            ClientDetails.Units units,
            int usualMinutes,
            UUID usualPlaceId,
            List<SoreSite> soreSites,
            @Nullable Long version,
            Composition composition,
            @Nullable Instant changedAt,
            @Nullable String changedBy,
            List<MethodChoice> methods,
            List<PlaceChoice> places,
            List<ExerciseChoice> exercises) {}

    /** @param version of what the change was made to; missing for the first one */
    record SaveComposition(@Nullable Long version, Composition composition) {}

    record TemplateView(UUID id, String name, Composition composition, Instant madeAt, String madeBy) {}

    record SaveTemplate(String name, Composition composition) {}

    @GetMapping("/api/clients/{clientId}/composition")
    @Transactional(readOnly = true)
    CompositionView one(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        return view(client, compositions.findById(clientId).orElse(null), who);
    }

    /** Keeps the composition for the client's next visits; somebody else's newer one is answered with a conflict. */
    @PutMapping("/api/clients/{clientId}/composition")
    @Transactional
    CompositionView keep(
            @PathVariable UUID clientId, @RequestBody SaveComposition body, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        check(body.composition(), who);
        StoredComposition stored = compositions.findById(clientId).orElse(null);
        if (stored != null && (body.version() == null || body.version() != stored.version())) {
            throw Problem.conflict(
                    stored.changedBy() + " changed this composition meanwhile.", view(client, stored, who));
        }
        if (stored == null) {
            stored = new StoredComposition(clientId);
        }
        stored.change(body.composition(), calendar.now(), who.name());
        return view(client, compositions.saveAndFlush(stored), who);
    }

    @GetMapping("/api/templates")
    @Transactional(readOnly = true)
    List<TemplateView> all(@AuthenticationPrincipal SignedIn who) {
        return StoredJson.readable(templates.findByRoomIdOrderByName(who.roomId()), SessionTemplate::composition)
                .stream()
                .map(CompositionController::view)
                .toList();
    }

    /** Keeps a composition under a name, with an id made by the page; the same id again is the same template. */
    @PutMapping("/api/templates/{id}")
    @Transactional
    TemplateView keep(@PathVariable UUID id, @RequestBody SaveTemplate body, @AuthenticationPrincipal SignedIn who) {
        String name = body.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Problem.invalid(List.of(new Problem.Field("name", "is needed, at most 60 characters")));
        }
        if (body.composition().written() != null) {
            PlanCheck.requireOnce("composition.written", body.composition().written());
        }
        SessionTemplate known = templates.findById(id).orElse(null);
        if (known != null && !known.roomId().equals(who.roomId())) {
            throw Problem.notFound();
        }
        return view(
                known != null
                        ? known
                        : templates.saveAndFlush(new SessionTemplate(
                                id, who.roomId(), name, body.composition(), calendar.now(), who.name())));
    }

    @DeleteMapping("/api/templates/{id}")
    @Transactional
    void drop(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        templates.findById(id).filter(t -> t.roomId().equals(who.roomId())).ifPresent(templates::delete);
    }

    private void check(Composition composition, SignedIn who) {
        if (composition.written() != null) {
            PlanCheck.requireOnce("composition.written", composition.written());
        }
        String method = composition.method();
        if (method != null && methods.find(who.roomId(), method).isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field("composition.method", "'" + method + "' is no method")));
        }
        if (composition.minutes() != null) {
            InvalidValue.requireWithin(
                    "composition.minutes",
                    composition.minutes(),
                    PlanRequest.SHORTEST_MINUTES,
                    PlanRequest.LONGEST_MINUTES,
                    "minutes");
        }
        if (composition.placeId() != null
                && places.findByIdAndRoomId(composition.placeId(), who.roomId()).isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field("composition.placeId", "is not a place of this room")));
        }
    }

    private CompositionView view(Client client, @Nullable StoredComposition stored, SignedIn who) {
        Standing standing = standings.of(client.id(), calendar.today(who.roomId()));
        List<Limit> limits = standing.inForce().limits();
        ClientDetails details = client.details();
        ClientDays.Booked booked = booked(client, calendar.today(who.roomId()));
        return new CompositionView(
                client.id(),
                client.name(),
                details.units(),
                booked == null ? details.minutes() : booked.minutes(),
                booked == null ? client.place().id() : booked.placeId(),
                standing.soreSites(),
                stored == null ? null : stored.version(),
                stored == null ? Composition.NONE : stored.composition(),
                stored == null ? null : stored.changedAt(),
                stored == null ? null : stored.changedBy(),
                methods.of(who.roomId()).all().stream()
                        .map(m -> new MethodChoice(
                                m.key(),
                                m.name(),
                                m.what(),
                                LimitCheck.againstMethod(m, limits).stream()
                                        .map(Limit::reason)
                                        .toList()))
                        .toList(),
                places.findByRoomIdOrderByName(who.roomId()).stream()
                        .map(p -> new PlaceChoice(p.id(), p.name()))
                        .toList(),
                rooms.outline(who.roomId()).choices().stream()
                        .filter(e -> e.role().trainsTheArm() || e.role() == Role.COMPANION || e.role() == Role.CARE)
                        .map(CompositionController::choice)
                        .toList());
    }

    /** The next visit that is booked; null when nothing is. */
    private ClientDays.@Nullable Booked booked(Client client, LocalDate today) {
        ClientDays.Days days = clientDays.of(client, today);
        LocalDate next = days.week()
                .nextBooked(
                        today, sessions.findLastEnded(client.id()).map(Set::of).orElse(Set.of()));
        return next == null ? null : days.on(next);
    }

    private static ExerciseChoice choice(Exercise exercise) {
        return new ExerciseChoice(exercise.key(), exercise.name());
    }

    private static TemplateView view(SessionTemplate template) {
        return new TemplateView(
                template.getId(), template.name(), template.composition(), template.madeAt(), template.madeBy());
    }
}
