package kinesia.floor;

import java.io.IOException;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.dose.WarmUp;
import kinesia.core.plan.Method;
import kinesia.core.plan.Plan;
import kinesia.floor.SessionViews.SessionView;
import kinesia.floor.SessionViews.SlotGuide;
import kinesia.shared.Letter;
import kinesia.shared.Problem;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A session on paper, for the wall: what to do in which order, how to get the weight up and down, and the danger line of each. */
@RestController
class SheetController {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.UK);
    private static final String BLANKS = "____  ";

    private final TrainingSessions sessions;
    private final Clients clients;
    private final SessionViews views;

    SheetController(TrainingSessions sessions, Clients clients, SessionViews views) {
        this.sessions = sessions;
        this.clients = clients;
        this.views = views;
    }

    @GetMapping("/api/sessions/{id}/sheet.pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> sheet(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Letter.Paper paper,
            @AuthenticationPrincipal SignedIn who) {
        TrainingSession session = sessions.findById(id).orElseThrow(() -> Problem.notFound());
        Client client = clients.require(session.clientId(), who.roomId());
        SessionView view = views.session(session, client);
        byte[] pdf = Letter.of(
                "Session of " + client.name() + ", " + session.visitOn(), paper, letter -> write(letter, client, view));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("session-" + session.visitOn() + ".pdf")
                                .build()
                                .toString())
                .body(pdf);
    }

    private static void write(Letter letter, Client client, SessionView view) throws IOException {
        Plan plan = view.plan();
        letter.title(client.name() + ", " + DAY.format(view.visitOn()));
        letter.text(plan.minutes().warmUp() + " minutes of warm-up, "
                + plan.minutes().work() + " of work");
        letter.section("Warm-up", plan.warmUp().stream().map(WarmUp.Step::words).toList());
        for (Plan.Unit unit : plan.units()) {
            letter.heading((unit.care() ? "Care " : unit.layout() == Method.Layout.STRAIGHT ? "" : "Together ")
                    + unit.letter() + ", rest " + unit.restSeconds() + " s");
            for (Plan.Slot slot : unit.slots()) {
                slot(letter, slot, view.guides());
            }
        }
        letter.section(
                "Stop",
                List.of(
                        "Pain over 5, or sharp, catching or tingling: that exercise ends.",
                        "Pressure in chest, jaw or arm, breathlessness, dizziness, sudden headache, numbness or weakness:"
                                + " stop at once and call the local emergency number."));
    }

    private static void slot(Letter letter, Plan.Slot slot, List<SlotGuide> guides) throws IOException {
        String reps = slot.reps().low() == slot.reps().high()
                ? String.valueOf(slot.reps().high())
                : slot.reps().low() + " to " + slot.reps().high();
        letter.pair(
                slot.name(),
                slot.loadWords() + ", " + slot.sets() + (slot.sets() == 1 ? " set of " : " sets of ") + reps
                        + ", effort "
                        + kinesia.core.reason.Numbers.plain(slot.targetEffort().value())
                        + ". Done: " + BLANKS.repeat(slot.sets()).strip());
        for (SlotGuide guide : guides) {
            if (guide.exerciseKey().equals(slot.exerciseKey())) {
                letter.pair("Set up", guide.setUp().stream().collect(Collectors.joining(". ")));
                letter.pair("Up and down", guide.up() + " " + guide.down());
                letter.pair("Watch", guide.danger());
                return;
            }
        }
    }
}
