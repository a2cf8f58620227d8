package kinesia.dose;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Person;
import kinesia.core.dose.StrengthPicture;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.screening.PainScore;
import kinesia.screening.Standings;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How strong somebody is: of a client, and stateless from what is said. */
@RestController
class StrengthController {
    private static final String EXAMPLE = """
            {"sex": "FEMALE", "statureM": 1.62, "bodyMassKg": 58, "age": 72,
              "story": {"visits": 0, "trainedBefore": false, "risesWithoutHands": true}, "moderatelySore": [], "on": "2026-05-04",
              "sets": [{"on": "2026-05-01", "exerciseKey": "standing-curl", "loadKg": 2, "reps": 12, "effort": 7, "pain": 0}]}""";

    private final Clients clients;
    private final Standings standings;
    private final ClientStrengths strengths;
    private final RoomCalendar calendar;
    private final ExerciseModel model;

    StrengthController(
            Clients clients,
            Standings standings,
            ClientStrengths strengths,
            RoomCalendar calendar,
            ExerciseModel model) {
        this.clients = clients;
        this.standings = standings;
        this.strengths = strengths;
        this.calendar = calendar;
        this.model = model;
    }

    /**
     * A set as it was done.
     *
     * @param side missing when both arms worked together
     * @param effort missing when nobody said
     */
    record SetThatShows(
            LocalDate on,
            String exerciseKey,
            @Nullable Side side,
            double loadKg,
            int reps,
            @Nullable Effort effort,
            int pain) {}

    /** @param moderatelySore arms with a place that is usually sore at 4 or more */
    record StrengthAsk(
            Sex sex,
            double statureM,
            double bodyMassKg,
            int age,
            TrainingStory story,
            Set<Side> moderatelySore,
            LocalDate on,
            List<SetThatShows> sets) {}

    @Operation(
            summary = "How strong both arms are in front and behind",
            description =
                    "From logged sets with their repetitions and said effort; from the published arm-curl norms where"
                            + " there are none; fading with time. Stateless: nothing is stored.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = @Content(examples = @ExampleObject(name = "a woman of 72", value = EXAMPLE))))
    @PostMapping("/api/dose/strength")
    StrengthPicture strength(@RequestBody StrengthAsk ask) {
        List<LoggedSet> sets = new ArrayList<>();
        List<Problem.Field> wrong = new ArrayList<>();
        for (int i = 0; i < ask.sets().size(); i++) {
            SetThatShows done = ask.sets().get(i);
            if (model.catalogue().find(done.exerciseKey()).isEmpty()) {
                wrong.add(new Problem.Field(
                        "sets[" + i + "].exerciseKey", "'" + done.exerciseKey() + "' is no exercise of the catalogue"));
            } else {
                sets.add(new LoggedSet(
                        done.on(),
                        done.exerciseKey(),
                        done.side(),
                        1,
                        Load.ofKg(done.loadKg()),
                        done.reps(),
                        done.effort(),
                        PainScore.of(done.pain()),
                        null,
                        null));
            }
        }
        if (!wrong.isEmpty()) {
            throw Problem.invalid(wrong);
        }
        Person person = new Person(
                new Body(ask.sex(), ask.statureM(), ask.bodyMassKg()), ask.age(), ask.story(), ask.moderatelySore());
        return StrengthPicture.of(ClientStrength.of(model, person, sets, ask.on()));
    }

    /** The strength of a client as it is known today. */
    @GetMapping("/api/clients/{clientId}/strength")
    @Transactional(readOnly = true)
    StrengthPicture ofClient(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        LocalDate today = calendar.today(who.roomId());
        return StrengthPicture.of(
                strengths.of(client, standings.of(client.id(), today), today).strength());
    }
}
