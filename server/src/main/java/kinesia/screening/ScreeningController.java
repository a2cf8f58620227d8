package kinesia.screening;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Sex;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Figure;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Continuity;
import kinesia.core.screening.Outcome;
import kinesia.core.screening.ScreenAnswers;
import kinesia.core.screening.ScreenAnswers.Earlier;
import kinesia.core.screening.ScreenComparison;
import kinesia.core.screening.ScreenComparison.Comparison;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningRules;
import kinesia.shared.Problem;
import kinesia.shared.StoredJson;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The screen: its questions, a running assessment as answers change, keeping it, and comparing two. */
@RestController
class ScreeningController {
    private static final Body DRAWN = new Body(Sex.FEMALE, 1.65, 68);

    private final Clients clients;
    private final Screens screens;
    private final ScreenDrafts drafts;
    private final Standings standings;
    private final ScreeningRules rules;
    private final ExerciseModel model;
    private final RoomCalendar calendar;

    ScreeningController(
            Clients clients,
            Screens screens,
            ScreenDrafts drafts,
            Standings standings,
            ScreeningRules rules,
            ExerciseModel model,
            RoomCalendar calendar) {
        this.clients = clients;
        this.screens = screens;
        this.drafts = drafts;
        this.standings = standings;
        this.rules = rules;
        this.model = model;
        this.calendar = calendar;
    }

    record ScreenView(UUID id, LocalDate takenOn, String takenBy, ScreenAnswers answers, Assessment assessment) {}

    /**
     * The latest screen; missing when there was none.
     *
     * @param now what it says today, with the clearances that hold now
     * @param earlier what the next screen has to know: a stop nobody has answered for, the last reading
     */
    record LatestScreen(
            @Nullable ScreenView screen, @Nullable Assessment now, Earlier earlier) {}

    record ScreenTaken(UUID id, LocalDate takenOn, String takenBy, Outcome outcome) {}

    @GetMapping("/api/screening/questions")
    ScreenQuestions questions() {
        return rules.questions();
    }

    /** A drawing of each movement check, by its key. */
    @GetMapping("/api/screening/figures")
    Map<String, Figure> figures() {
        Map<String, Figure> figures = new LinkedHashMap<>();
        rules.questions()
                .checks()
                .forEach(c ->
                        figures.put(c.key(), Figure.unloaded(model, Movement.between(c.start(), c.end()), DRAWN)));
        return figures;
    }

    @Operation(
            summary = "Assess a screen",
            description =
                    "Stateless: answers in; outcome, findings, limits, what is missing, checks worth doing and every"
                            + " reason out. Null or absent means not asked, and never no. Nothing is kept.")
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content =
                    @Content(
                            examples = {
                                @ExampleObject(name = "Nothing asked yet", value = ScreenExamples.NOTHING_ASKED),
                                @ExampleObject(name = "A stop", value = ScreenExamples.STOP),
                                @ExampleObject(name = "A sore elbow", value = ScreenExamples.SORE_ELBOW)
                            }))
    @PostMapping("/api/screening/assess")
    @Transactional(readOnly = true)
    Assessment assess(@RequestBody ScreenAnswers answers, @AuthenticationPrincipal SignedIn who) {
        LocalDate today = calendar.today(who.roomId());
        rules.requireSensible(answers, today);
        return rules.assess(answers, today);
    }

    @GetMapping("/api/clients/{clientId}/screen")
    @Transactional(readOnly = true)
    LatestScreen latest(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        Standing standing = standings.of(client.id(), calendar.today(who.roomId()));
        Screen screen = standing.screen();
        return new LatestScreen(
                screen == null ? null : view(screen),
                standing.assessment(),
                Continuity.before(screen == null ? null : taken(screen), client.stop()));
    }

    /** Assesses a screen of this client as it is filled in, beside the clearances and stops on record. Nothing is kept. */
    @PostMapping("/api/clients/{clientId}/screen/assess")
    @Transactional(readOnly = true)
    Assessment assessFor(
            @PathVariable UUID clientId, @RequestBody ScreenAnswers answers, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        rules.requireSensible(answers, today);
        return rules.assess(standings.completed(answers, client), today);
    }

    /** Every screen of a client, newest first. */
    @GetMapping("/api/clients/{clientId}/screens")
    @Transactional(readOnly = true)
    List<ScreenTaken> all(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        return screens.findLines(clientId).stream()
                .map(s -> new ScreenTaken(
                        s.getId(), s.getTakenOn(), s.getTakenBy(), StoredJson.readable(s.getOutcome(), "screen")))
                .toList();
    }

    @GetMapping("/api/clients/{clientId}/screens/{id}")
    @Transactional(readOnly = true)
    ScreenView one(@PathVariable UUID clientId, @PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        return view(own(clientId, id));
    }

    /** What changed from one screen to another, beyond measurement error. */
    @GetMapping("/api/clients/{clientId}/screens/compare")
    @Transactional(readOnly = true)
    Comparison compare(
            @PathVariable UUID clientId,
            @RequestParam UUID older,
            @RequestParam UUID newer,
            @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        return ScreenComparison.between(rules.questions(), taken(own(clientId, older)), taken(own(clientId, newer)));
    }

    /**
     * Keeps a screen under an id made by the page; the same id again returns what was kept. The clearances are those on
     * record, whatever the page said, and the draft ends with it.
     */
    @PutMapping("/api/clients/{clientId}/screens/{id}")
    @Transactional
    ScreenView keep(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody ScreenAnswers answers,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        if (screens.existsById(id)) {
            return view(own(clientId, id));
        }
        LocalDate today = calendar.today(who.roomId());
        rules.requireSensible(answers, today);
        ScreenAnswers onRecord = standings.completed(answers, client);
        Assessment assessment = rules.assess(onRecord, today);
        client.endHold();
        drafts.deleteById(clientId);
        return view(screens.saveAndFlush(
                new Screen(id, clientId, today, calendar.now(), who.name(), onRecord, assessment)));
    }

    private Screen own(UUID clientId, UUID id) {
        return screens.findById(id).filter(s -> s.clientId().equals(clientId)).orElseThrow(() -> Problem.notFound());
    }

    private static ScreenComparison.Taken taken(Screen screen) {
        return new ScreenComparison.Taken(screen.takenOn(), screen.answers(), screen.assessment());
    }

    private static ScreenView view(Screen screen) {
        return new ScreenView(screen.id(), screen.takenOn(), screen.takenBy(), screen.answers(), screen.assessment());
    }
}
