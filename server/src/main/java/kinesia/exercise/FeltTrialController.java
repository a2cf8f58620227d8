package kinesia.exercise;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.Clients;
import kinesia.core.exercise.Exercise;
import kinesia.core.plan.Atlas;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.response.FeltTrial;
import kinesia.shared.Problem;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Felt trials: two exercises tried with a light load and rated, kept with the client beside what the model says. */
@RestController
class FeltTrialController {
    private final Clients clients;
    private final FeltTrials trials;
    private final ClientAtlas clientAtlas;
    private final RoomCalendar calendar;

    FeltTrialController(Clients clients, FeltTrials trials, ClientAtlas clientAtlas, RoomCalendar calendar) {
        this.clients = clients;
        this.trials = trials;
        this.clientAtlas = clientAtlas;
        this.calendar = calendar;
    }

    /**
     * A kept trial.
     *
     * @param firstStress what the model says of the first at the watched site and the load tried (1.0 = the reference)
     */
    record FeltTrialView(
            UUID id,
            LocalDate triedOn,
            String triedBy,
            FeltTrial trial,
            String firstName,
            String secondName,
            double firstStress,
            double secondStress,
            Reason says) {}

    @GetMapping("/api/clients/{clientId}/felt-trials")
    @Transactional
    List<FeltTrialView> all(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        ClientAtlas.For asked = clientAtlas.of(client.id(), false, who);
        return trials.findByClientIdOrderByTriedAtDesc(client.id()).stream()
                .map(row -> view(row, asked))
                .toList();
    }

    /** Keeps a trial under an id made by the page; the same id again returns what was kept. */
    @PutMapping("/api/clients/{clientId}/felt-trials/{id}")
    @Transactional
    FeltTrialView keep(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody FeltTrial trial,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        ClientAtlas.For asked = clientAtlas.of(client.id(), false, who);
        FeltTrialRow kept = trials.findById(id).orElse(null);
        if (kept != null && !kept.clientId().equals(clientId)) {
            throw Problem.notFound();
        }
        if (kept == null) {
            known("first.exerciseKey", trial.first(), asked);
            known("second.exerciseKey", trial.second(), asked);
            kept = trials.save(
                    new FeltTrialRow(id, clientId, trial, calendar.today(who.roomId()), calendar.now(), who.name()));
        }
        return view(kept, asked);
    }

    private static void known(String field, FeltTrial.Felt felt, ClientAtlas.For asked) {
        if (asked.model().catalogue().find(felt.exerciseKey()).isEmpty()) {
            throw new InvalidValue(field, "is not an exercise of this room");
        }
    }

    private static FeltTrialView view(FeltTrialRow row, ClientAtlas.For asked) {
        FeltTrial trial = row.trial();
        Atlas atlas = asked.atlas();
        String first = name(trial.first(), asked);
        String second = name(trial.second(), asked);
        return new FeltTrialView(
                row.id(),
                row.triedOn(),
                row.triedBy(),
                trial,
                first,
                second,
                stress(atlas, trial, trial.first(), asked),
                stress(atlas, trial, trial.second(), asked),
                trial.says(first, second));
    }

    // A variation that was dropped since keeps its trial, only without its name.
    private static String name(FeltTrial.Felt felt, ClientAtlas.For asked) {
        return asked.model()
                .catalogue()
                .find(felt.exerciseKey())
                .map(Exercise::name)
                .orElse("a dropped variation");
    }

    private static double stress(Atlas atlas, FeltTrial trial, FeltTrial.Felt felt, ClientAtlas.For asked) {
        return asked.model()
                .catalogue()
                .find(felt.exerciseKey())
                .map(e -> atlas.entry(e, felt.loadKg()).stress().getOrDefault(trial.site(), 0.0))
                .orElse(0.0);
    }
}
