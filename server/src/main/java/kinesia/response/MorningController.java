package kinesia.response;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Head;
import kinesia.core.response.Morning;
import kinesia.core.response.MorningSigns;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SitePain;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The morning after: asked once for each session, corrected as often as needed. */
@RestController
class MorningController {
    private final TrainingSessions sessions;
    private final MorningChecks mornings;
    private final Mornings asked;
    private final SessionHistory history;
    private final Clients clients;
    private final RoomCalendar calendar;

    MorningController(
            TrainingSessions sessions,
            MorningChecks mornings,
            Mornings asked,
            SessionHistory history,
            Clients clients,
            RoomCalendar calendar) {
        this.sessions = sessions;
        this.mornings = mornings;
        this.asked = asked;
        this.history = history;
        this.clients = clients;
        this.calendar = calendar;
    }

    record MorningView(
            UUID sessionId,
            UUID clientId,
            String clientName,
            LocalDate sessionOn,
            LocalDate today,
            boolean mayAnswer,
            List<Mornings.PlaceToAsk> places,
            List<MorningSigns.Sign> signs,
            int askMuscleFrom,
            @Nullable Morning answers,
            @Nullable Long version) {}

    /**
     * @param version of the answers that these correct; missing where none were seen
     * @param flag one sign, as a page sends it that was open before several could be said
     */
    record MorningAnswers(
            @Nullable Long version,
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
        Morning on(LocalDate day) {
            return new Morning(
                    day,
                    sites,
                    muscleSoreness,
                    soreMuscle,
                    soreSide,
                    sleepHours,
                    sharp,
                    tinglingStays,
                    stiffMinutes,
                    MorningSigns.said(flag, flags));
        }
    }

    @GetMapping("/api/sessions/{id}/morning")
    @Transactional(readOnly = true)
    MorningView ask(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = require(id);
        return view(session, clients.require(session.clientId(), who.roomId()));
    }

    @PutMapping("/api/sessions/{id}/morning")
    @Transactional
    MorningView answer(@PathVariable UUID id, @RequestBody MorningAnswers body, @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = require(id);
        Client client = clients.require(session.clientId(), who.roomId());
        LocalDate today = calendar.today(who.roomId());
        if (!Mornings.mayAnswer(session, today)) {
            throw Problem.refused("The morning after this session is still to come.");
        }
        Morning morning = body.on(today);
        MorningCheck known = mornings.findById(id).orElse(null);
        if (known == null) {
            asked.keep(session, client, morning);
        } else if (!known.answers().equals(morning)) {
            if (body.version() == null || body.version() != known.version()) {
                throw Problem.conflict(
                        "This morning was answered from another screen meanwhile.", view(session, client));
            }
            asked.holdFor(client, morning);
            known.change(morning, calendar.now());
            mornings.flush();
        }
        return view(session, client);
    }

    private TrainingSession require(UUID id) {
        return sessions.findById(id).orElseThrow(() -> Problem.notFound());
    }

    private MorningView view(TrainingSession session, Client client) {
        LocalDate today = calendar.today(client.roomId());
        SessionRecord record = history.one(session);
        return new MorningView(
                session.id(),
                client.id(),
                client.name(),
                session.visitOn(),
                today,
                Mornings.mayAnswer(session, today),
                asked.places(session),
                asked.signs(),
                Morning.ASK_MUSCLE_FROM,
                record.morning(),
                mornings.findById(session.id()).map(MorningCheck::version).orElse(null));
    }
}
