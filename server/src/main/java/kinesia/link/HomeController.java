package kinesia.link;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.plan.Plan;
import kinesia.core.plan.PlanRequest;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.floor.SessionViews;
import kinesia.plan.VisitPlanner;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.screening.Standings;
import kinesia.shared.Download;
import kinesia.shared.FigureDrawing;
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

/** Sessions to be done alone: planned by the trainer, sent as a link, taken back. */
@RestController
class HomeController {
    private final HomeSessions homes;
    private final HomePlans planner;
    private final Invitations invitations;
    private final PrivateLinks links;
    private final Clients clients;
    private final Places places;
    private final RoomCalendar calendar;
    private final SessionViews views;
    private final FigureDrawing figures;
    private final Standings standings;

    HomeController(
            HomeSessions homes,
            HomePlans planner,
            Invitations invitations,
            PrivateLinks links,
            Clients clients,
            Places places,
            RoomCalendar calendar,
            SessionViews views,
            FigureDrawing figures,
            Standings standings) {
        this.standings = standings;
        this.figures = figures;
        this.views = views;
        this.homes = homes;
        this.planner = planner;
        this.invitations = invitations;
        this.links = links;
        this.clients = clients;
        this.places = places;
        this.calendar = calendar;
    }

    record HomeAsk(LocalDate on, UUID placeId, int minutes) {}

    /** How it stands. */
    enum HomeState {
        TO_DO,
        DONE,
        TAKEN_BACK
    }

    record HomeView(UUID id, LocalDate dueOn, HomeState state, Plan plan) {}

    /** @param sent whether a link went out; not where the client did not agree */
    record HomePlanned(@Nullable HomeView session, boolean sent, List<Reason> refusals, List<String> whatToDo) {}

    @GetMapping("/api/clients/{clientId}/home")
    @Transactional(readOnly = true)
    List<HomeView> all(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        return homes.findByClientIdOrderByDueOnDesc(clientId).stream()
                .map(HomeController::view)
                .toList();
    }

    /** Plans a session at home under an id made by the page, and sends its link. The same id again is the same session. */
    @PutMapping("/api/clients/{clientId}/home/{id}")
    @Transactional
    HomePlanned plan(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody HomeAsk body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        HomeSession known = homes.findById(id).orElse(null);
        if (known != null) {
            if (!known.clientId().equals(clientId)) {
                throw Problem.notFound();
            }
            return new HomePlanned(view(known), false, List.of(), List.of());
        }
        if (body.on().isBefore(calendar.today(who.roomId()))) {
            throw Problem.invalid(List.of(new Problem.Field("on", "is over")));
        }
        InvalidValue.requireWithin(
                "minutes", body.minutes(), PlanRequest.SHORTEST_MINUTES, PlanRequest.LONGEST_MINUTES, "minutes");
        Place place = places.findByIdAndRoomId(body.placeId(), who.roomId())
                .orElseThrow(
                        () -> Problem.invalid(List.of(new Problem.Field("placeId", "is not a place of this room"))));
        VisitPlanner.Outcome outcome = planner.plan(client, place, body.on(), body.minutes());
        Plan plan = outcome.result().plan();
        if (plan == null) {
            return new HomePlanned(null, false, outcome.result().refusals(), outcome.whatToDo());
        }
        HomeSession home = homes.saveAndFlush(
                new HomeSession(id, clientId, place.id(), plan, outcome.soreSites(), who.name(), calendar.now()));
        boolean sent = invitations.home(client, home).isPresent();
        return new HomePlanned(view(home), sent, List.of(), List.of());
    }

    /** The session on paper. */
    @GetMapping("/api/clients/{clientId}/home/{id}/sheet.pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> sheet(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Letter.Paper paper,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        HomeSession home =
                homes.findById(id).filter(h -> h.clientId().equals(clientId)).orElseThrow(Problem::notFound);
        Place place = places.findByIdAndRoomId(home.placeId(), who.roomId()).orElseThrow(Problem::notFound);
        return Download.pdf(
                "at-home-" + home.dueOn() + ".pdf",
                HomeSheetPdf.of(
                        client.name(),
                        home,
                        standings.of(clientId, home.dueOn()).inForce().limits(),
                        views.guides(client, place, home.plan()),
                        figures,
                        paper));
    }

    /** Takes a session at home back, and its link; one that is done stays. */
    @PostMapping("/api/clients/{clientId}/home/{id}/take-back")
    @Transactional
    HomeView takeBack(@PathVariable UUID clientId, @PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        HomeSession home =
                homes.lock(id).filter(h -> h.clientId().equals(clientId)).orElseThrow(Problem::notFound);
        if (home.isDone()) {
            throw Problem.refused("This session is done already.");
        }
        home.withdraw(calendar.now());
        links.findByClientId(clientId).stream()
                .filter(l -> id.equals(l.homeId()))
                .forEach(l -> l.revoke(calendar.now()));
        return view(home);
    }

    private static HomeView view(HomeSession home) {
        return new HomeView(
                home.getId(),
                home.dueOn(),
                home.isDone() ? HomeState.DONE : home.isOpen() ? HomeState.TO_DO : HomeState.TAKEN_BACK,
                home.plan());
    }
}
