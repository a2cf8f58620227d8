package kinesia.screening;

import java.time.LocalDate;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.ScreenAnswers;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningRules;
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

/** The screen: its questions, a running assessment as answers change, and keeping it. */
@RestController
class ScreeningController {
    private final Clients clients;
    private final Screens screens;
    private final ScreeningRules rules;
    private final RoomCalendar calendar;

    ScreeningController(Clients clients, Screens screens, ScreeningRules rules, RoomCalendar calendar) {
        this.clients = clients;
        this.screens = screens;
        this.rules = rules;
        this.calendar = calendar;
    }

    record ScreenView(UUID id, LocalDate takenOn, String takenBy, ScreenAnswers answers, Assessment assessment) {}

    /** The latest screen; missing when there was none. */
    record LatestScreen(@Nullable ScreenView screen) {}

    @GetMapping("/api/screening/questions")
    ScreenQuestions questions() {
        return rules.questions();
    }

    /** Stateless: answers in; outcome, findings, limits, what is missing and every reason out. */
    @PostMapping("/api/screening/assess")
    @Transactional(readOnly = true)
    Assessment assess(@RequestBody ScreenAnswers answers, @AuthenticationPrincipal SignedIn who) {
        return rules.assess(answers, calendar.today(who.roomId()));
    }

    @GetMapping("/api/clients/{clientId}/screen")
    @Transactional(readOnly = true)
    LatestScreen latest(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        return new LatestScreen(screens.findFirstByClientIdOrderByTakenAtDesc(client.id())
                .map(ScreeningController::view)
                .orElse(null));
    }

    /** Keeps a screen under an id made by the page; the same id again returns what was kept. */
    @PutMapping("/api/clients/{clientId}/screens/{id}")
    @Transactional
    ScreenView keep(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody ScreenAnswers answers,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        Screen kept = screens.findById(id).orElse(null);
        if (kept != null) {
            if (!kept.clientId().equals(clientId)) {
                throw Problem.notFound("screen");
            }
            return view(kept);
        }
        LocalDate today = calendar.today(who.roomId());
        Assessment assessment = rules.assess(answers, today);
        client.endHold();
        return view(
                screens.saveAndFlush(new Screen(id, clientId, today, calendar.now(), who.name(), answers, assessment)));
    }

    private static ScreenView view(Screen screen) {
        return new ScreenView(screen.id(), screen.takenOn(), screen.takenBy(), screen.answers(), screen.assessment());
    }
}
