package kinesia.link;

import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.core.response.HomeLog;
import kinesia.core.response.Morning;
import kinesia.core.response.MorningSigns;
import kinesia.core.response.SitePain;
import kinesia.floor.SessionViews;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.response.Mornings;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.screening.Standings;
import kinesia.shared.PrivateToken;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/**
 * What a client sees behind a private link, and their answers. Whatever does not open anything, be it guessed, expired, taken back
 * or answered already, is refused with the same words.
 */
@RestController
class LinkController {
    private static final String LINK = "Kinesia-Link";

    private final PrivateLinks links;
    private final HomeSessions homes;
    private final HomePlans homePlans;
    private final Mornings mornings;
    private final TrainingSessions sessions;
    private final SessionViews views;
    private final Clients clients;
    private final Places places;
    private final Standings standings;
    private final LinkLimiter limiter;
    private final RoomCalendar calendar;

    LinkController(
            PrivateLinks links,
            HomeSessions homes,
            HomePlans homePlans,
            Mornings mornings,
            TrainingSessions sessions,
            SessionViews views,
            Clients clients,
            Places places,
            Standings standings,
            LinkLimiter limiter,
            RoomCalendar calendar) {
        this.links = links;
        this.homes = homes;
        this.homePlans = homePlans;
        this.mornings = mornings;
        this.sessions = sessions;
        this.views = views;
        this.clients = clients;
        this.places = places;
        this.standings = standings;
        this.limiter = limiter;
        this.calendar = calendar;
    }

    /**
     * What the link holds.
     *
     * @param opensOn the day from which it can be answered
     * @param morning missing where it is not asked, or answered already
     * @param home missing where there is none, or it is done
     */
    record LinkView(
            String firstName,
            LocalDate today,
            LocalDate opensOn,
            @Nullable MorningAsked morning,
            @Nullable HomeAsked home) {}

    record MorningAsked(
            LocalDate sessionOn, List<Mornings.PlaceToAsk> places, List<MorningSigns.Sign> signs, int askMuscleFrom) {}

    /** @param soreSites where it may hurt, with what is usual there */
    record HomeAsked(
            LocalDate on,
            ClientDetails.Units units,
            Plan plan,
            List<SessionViews.SlotGuide> guides,
            List<SoreSite> soreSites) {}

    /**
     * @param answerId made by the page: sent again it is the same answer
     * @param flag one sign, as a page sends it that was open before several could be said
     */
    record LinkMorning(
            UUID answerId,
            List<SitePain> sites,
            int muscleSoreness,
            Head.@Nullable Group soreMuscle,
            @Nullable Side soreSide,
            @Nullable Double sleepHours,
            boolean sharp,
            boolean tinglingStays,
            @Nullable Integer stiffMinutes,
            @Nullable String flag,
            @Nullable List<String> flags) {
        List<String> signs() {
            return MorningSigns.said(flag, flags);
        }
    }

    /** @param answerId made by the page: sent again it is the same answer */
    record LinkHome(UUID answerId, List<HomeLog.ExerciseSaid> exercises) {}

    /** @param call whom to call now; missing where nothing was said that asks for it */
    record LinkTaken(boolean isAll, MorningSigns.@Nullable Sign call) {}

    @GetMapping("/api/link")
    @Transactional(readOnly = true)
    LinkView open(@RequestHeader(value = LINK, required = false) @Nullable String token, HttpServletRequest request) {
        limiter.ask(request.getRemoteAddr());
        PrivateLink link = opened(links.findByTokenHash(PrivateToken.hash(said(token))), request);
        Client client = clients.findById(link.clientId()).orElseThrow(LinkController::refused);
        LocalDate today = calendar.today(client.roomId());
        return new LinkView(
                Invitations.firstName(client),
                today,
                link.opensOn(),
                session(link)
                        .filter(s -> !today.isBefore(link.opensOn()))
                        .map(s -> new MorningAsked(
                                s.visitOn(), mornings.places(s), mornings.signs(), Morning.ASK_MUSCLE_FROM))
                        .orElse(null),
                home(link, client).map(h -> asked(h, client)).orElse(null));
    }

    @PostMapping("/api/link/morning")
    @Transactional
    LinkTaken morning(
            @RequestHeader(value = LINK, required = false) @Nullable String token,
            @RequestBody LinkMorning body,
            HttpServletRequest request) {
        limiter.ask(request.getRemoteAddr());
        Optional<PrivateLink> held = links.findWithLockByTokenHash(PrivateToken.hash(said(token)));
        if (held.filter(l -> l.hasTaken(body.answerId())).isPresent()) {
            return new LinkTaken(held.get().isSpent(), sign(body.signs()));
        }
        PrivateLink link = opened(held, request);
        Client client = clients.findById(link.clientId()).orElseThrow(LinkController::refused);
        LocalDate today = calendar.today(client.roomId());
        TrainingSession session =
                session(link).filter(s -> Mornings.mayAnswer(s, today)).orElseThrow(LinkController::refused);
        clients.lock(client.id());
        Morning said = new Morning(
                today,
                body.sites(),
                body.muscleSoreness(),
                body.soreMuscle(),
                body.soreSide(),
                body.sleepHours(),
                body.sharp(),
                body.tinglingStays(),
                body.stiffMinutes(),
                body.signs());
        mornings.requireEachPlace(session, said);
        mornings.keep(session, client, said);
        boolean all = home(link, client).isEmpty();
        link.take(body.answerId(), all, calendar.now());
        return new LinkTaken(all, sign(body.signs()));
    }

    @PostMapping("/api/link/home")
    @Transactional
    LinkTaken home(
            @RequestHeader(value = LINK, required = false) @Nullable String token,
            @RequestBody LinkHome body,
            HttpServletRequest request) {
        limiter.ask(request.getRemoteAddr());
        Optional<PrivateLink> held = links.findWithLockByTokenHash(PrivateToken.hash(said(token)));
        if (held.filter(l -> l.hasTaken(body.answerId())).isPresent()) {
            return new LinkTaken(held.get().isSpent(), null);
        }
        PrivateLink link = opened(held, request);
        Client client = clients.findById(link.clientId()).orElseThrow(LinkController::refused);
        HomeSession home = home(link, client).orElseThrow(LinkController::refused);
        homes.lock(home.getId());
        homePlans.done(home, client, calendar.today(client.roomId()), body.exercises());
        boolean all = session(link).isEmpty();
        link.take(body.answerId(), all, calendar.now());
        return new LinkTaken(all, null);
    }

    /** The one that cannot wait, or else the first that was said. */
    private MorningSigns.@Nullable Sign sign(List<String> said) {
        return mornings.signs().stream()
                .filter(s -> said.contains(s.id()))
                .sorted(Comparator.comparing(s -> !s.now()))
                .findFirst()
                .orElse(null);
    }

    private static String said(@Nullable String token) {
        return token == null ? "" : token;
    }

    /** The link that was found, if it opens anything today. */
    private PrivateLink opened(Optional<PrivateLink> found, HttpServletRequest request) {
        return found.filter(l -> clients.findById(l.clientId())
                        .filter(c -> l.opens(calendar.today(c.roomId())))
                        .isPresent())
                .orElseThrow(() -> {
                    limiter.wrong(request.getRemoteAddr());
                    return refused();
                });
    }

    private static Problem refused() {
        return Problem.of(
                HttpStatus.NOT_FOUND,
                "Nothing here",
                "This link opens nothing, or nothing any more. Ask your trainer for a new one.");
    }

    /** The session whose morning is still to be answered. */
    private Optional<TrainingSession> session(PrivateLink link) {
        return Optional.ofNullable(link.sessionId())
                .flatMap(sessions::findById)
                .filter(s -> !mornings.isAnswered(s.id()));
    }

    /** The session that is still to be done, while nothing holds the client. */
    private Optional<HomeSession> home(PrivateLink link, Client client) {
        return Optional.ofNullable(link.homeId())
                .flatMap(homes::findById)
                .filter(HomeSession::isOpen)
                .filter(h -> standings
                                .of(client.id(), calendar.today(client.roomId()))
                                .hold(client.stop())
                        == null);
    }

    private HomeAsked asked(HomeSession home, Client client) {
        Place place = places.findByIdAndRoomId(home.placeId(), client.roomId()).orElse(client.place());
        return new HomeAsked(
                home.dueOn(),
                client.details().units(),
                home.plan(),
                views.guides(client, place, home.plan()),
                home.soreSites());
    }
}
