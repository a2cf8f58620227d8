package kinesia.exercise;

import java.util.List;
import java.util.UUID;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Debates;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Workbench;
import kinesia.core.plan.Atlas;
import kinesia.core.plan.LimitCheck;
import kinesia.core.plan.Methods;
import kinesia.core.screening.Limit;
import kinesia.exercise.AtlasViews.AtlasItem;
import kinesia.exercise.AtlasViews.AtlasView;
import kinesia.exercise.AtlasViews.ExerciseDetail;
import kinesia.exercise.AtlasViews.ForWhom;
import kinesia.exercise.AtlasViews.MethodView;
import kinesia.room.RoomMethods;
import kinesia.room.Variation;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The atlas for a client or for nobody in particular, one exercise in full, and the workbench. */
@RestController
class AtlasController {
    private final ClientAtlas clientAtlas;
    private final RoomMethods methods;
    private final Debates debates;

    AtlasController(ClientAtlas clientAtlas, RoomMethods methods, Debates debates) {
        this.clientAtlas = clientAtlas;
        this.methods = methods;
        this.debates = debates;
    }

    /**
     * What is on the workbench.
     *
     * @param exerciseKey a catalogue entry
     * @param loadKg missing: the load last used, or equal effort
     */
    record WorkbenchAsk(
            @Nullable UUID clientId,
            String exerciseKey,
            Adjustment adjustment,
            @Nullable Double loadKg) {}

    /** Every exercise, ranked by worth for the client; {@code longLength} counts load at long muscle length more. */
    @GetMapping("/api/atlas")
    @Transactional
    AtlasView atlas(
            @RequestParam(required = false) @Nullable UUID clientId,
            @RequestParam(defaultValue = "false") boolean longLength,
            @AuthenticationPrincipal SignedIn who) {
        ClientAtlas.For asked = clientAtlas.of(clientId, longLength, who);
        Methods all = methods.of(who.roomId());
        List<AtlasItem> items = asked.atlas().ranked().parallelStream()
                .map(e -> AtlasViews.item(
                        e, asked.body(), all, asked.own().get(e.exercise().key())))
                .toList();
        return new AtlasView(
                forWhom(asked),
                all.all().stream()
                        .map(m -> new MethodView(
                                m.key(),
                                m.name(),
                                m.what(),
                                LimitCheck.againstMethod(m, asked.limits()).stream()
                                        .map(Limit::reason)
                                        .toList()))
                        .toList(),
                items);
    }

    /** For whom the atlas is worked out: size, sore places, limits. */
    @GetMapping("/api/atlas/for")
    @Transactional
    ForWhom forWhom(@RequestParam(required = false) @Nullable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        return forWhom(clientAtlas.of(clientId, false, who));
    }

    private static ForWhom forWhom(ClientAtlas.For asked) {
        Client client = asked.client();
        return new ForWhom(
                client == null ? null : client.id(),
                client == null ? null : client.name(),
                asked.body(),
                asked.soreSites(),
                asked.limits());
    }

    @GetMapping("/api/atlas/{key}")
    @Transactional
    ExerciseDetail one(
            @PathVariable String key,
            @RequestParam(required = false) @Nullable UUID clientId,
            @AuthenticationPrincipal SignedIn who) {
        ClientAtlas.For asked = clientAtlas.of(clientId, false, who);
        Exercise exercise = asked.entry(key);
        Variation own = asked.own().get(key);
        Exercise base = own == null ? exercise : asked.entry(own.exerciseKey());
        Adjustment adjustment = own == null ? Adjustment.NONE : own.adjustment();
        return detail(asked, methods.of(who.roomId()), asked.atlas().entry(exercise), adjustment, base, own);
    }

    /** Stateless: an entry and what is turned on it in; figure, curve, stress and what stands against it out. */
    @PostMapping("/api/workbench")
    @Transactional
    ExerciseDetail workbench(@RequestBody WorkbenchAsk ask, @AuthenticationPrincipal SignedIn who) {
        ClientAtlas.For asked = clientAtlas.of(ask.clientId(), false, who);
        Exercise base = asked.entry(ask.exerciseKey());
        Exercise turned = new Workbench(base, asked.body(), asked.model().stimulusRules()).apply(ask.adjustment());
        Atlas atlas = asked.atlas();
        Double load = ask.loadKg();
        Atlas.Entry entry = load == null ? atlas.entry(turned) : atlas.entry(turned, load);
        return detail(
                asked, methods.of(who.roomId()), atlas.turned(entry, atlas.entry(base)), ask.adjustment(), base, null);
    }

    private ExerciseDetail detail(
            ClientAtlas.For asked,
            Methods all,
            Atlas.Entry entry,
            Adjustment adjustment,
            Exercise base,
            @Nullable Variation own) {
        AtlasItem item = AtlasViews.item(entry, asked.body(), all, own);
        return AtlasViews.detail(asked.atlas(), entry, item, adjustment, base, debates.about(base), asked);
    }
}
