package kinesia.screening;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Clients;
import kinesia.core.plan.Method;
import kinesia.core.plan.Methods;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.Limit;
import kinesia.core.screening.LimitChange;
import kinesia.core.screening.LimitTargets;
import kinesia.core.screening.LimitsInForce;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The limits that hold for a client today, and changing them on the record. */
@RestController
class LimitController {
    private final Clients clients;
    private final Standings standings;
    private final LimitChanges changes;
    private final LimitTargets targets;
    private final Methods methods;
    private final RoomCalendar calendar;

    LimitController(
            Clients clients,
            Standings standings,
            LimitChanges changes,
            LimitTargets targets,
            Methods methods,
            RoomCalendar calendar) {
        this.targets = targets;
        this.methods = methods;
        this.clients = clients;
        this.standings = standings;
        this.changes = changes;
        this.calendar = calendar;
    }

    /** A limit, the key that a change names it by, and whether a person may loosen it. */
    record KeyedLimit(String key, Limit limit, boolean loosenable) {}

    /**
     * @param screenedOn day of the screen they come from; missing before the first
     * @param setAside limits of the screen that a change loosened or lifted
     * @param log every change ever made, newest first
     */
    record LimitsView(
            @Nullable LocalDate screenedOn,
            List<KeyedLimit> limits,
            List<LimitsInForce.SetAside> setAside,
            List<LimitChange> log) {}

    /**
     * @param limitKey the limit that is changed; missing when one is added
     * @param added what is added; missing when one is changed
     * @param value the new number; missing lifts the limit
     * @param until last day; missing means the day it would be looked at again, or today for a single session
     */
    record ChangeLimit(
            @NotNull(message = "is needed") LimitChange.Kind kind,
            @Nullable String limitKey,
            LimitChange.@Nullable Added added,
            @Nullable Double value,
            @NotNull(message = "is needed") String why,
            @Nullable String clinician,
            @Nullable LocalDate until) {}

    /**
     * What a limit added by hand may say.
     *
     * @param unit of its number; missing for kinds without one
     * @param targets what can be left out; empty for kinds that leave nothing named out
     */
    record LimitKind(Limit.Kind kind, @Nullable String unit, double least, double most, List<String> targets) {}

    @GetMapping("/api/screening/limit-kinds")
    List<LimitKind> kinds() {
        return Stream.of(Limit.Kind.values())
                .map(k -> new LimitKind(k, k.unit(), k.least(), k.most(), targets(k)))
                .toList();
    }

    /** What may be named; kinds that leave nothing named out take none, though the core lets them hold for one movement. */
    private List<String> targets(Limit.Kind kind) {
        return kind == Limit.Kind.NO_METHOD
                ? methods.all().stream().map(Method::key).toList()
                : kind.hasTarget() ? targets.of(kind) : List.of();
    }

    @GetMapping("/api/clients/{clientId}/limits")
    @Transactional(readOnly = true)
    LimitsView limits(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        return view(clientId, who);
    }

    /** Records a change under an id made by the page; the same id again changes nothing. */
    @PutMapping("/api/clients/{clientId}/limit-changes/{id}")
    @Transactional
    LimitsView change(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody ChangeLimit body,
            @AuthenticationPrincipal SignedIn who) {
        clients.require(clientId, who.roomId());
        StoredLimitChange known = changes.findById(id).orElse(null);
        if (known != null) {
            if (!known.clientId().equals(clientId)) {
                throw Problem.notFound();
            }
            return view(clientId, who);
        }
        LocalDate today = calendar.today(who.roomId());
        Standing standing = standings.of(clientId, today);
        if (standing.screen() == null) {
            throw Problem.refused("There is no screen yet, and so no limits to change.");
        }
        requireTarget(body.added());
        changes.saveAndFlush(
                new StoredLimitChange(id, clientId, made(body, standing, today, who.name()), calendar.now()));
        return view(clientId, who);
    }

    /** A name that nothing has would leave nothing out. */
    private void requireTarget(LimitChange.@Nullable Added added) {
        if (added != null && added.target() != null && !targets(added.kind()).contains(added.target())) {
            throw new InvalidValue(
                    "added.target", "'" + added.target() + "' is not something this limit can leave out");
        }
    }

    private static LimitChange made(ChangeLimit body, Standing standing, LocalDate today, String author) {
        Limit limit = null;
        if (body.kind() != LimitChange.Kind.STRICTER) {
            limit = standing.inForce().limits().stream()
                    .filter(l -> l.key().equals(body.limitKey()))
                    .findFirst()
                    .orElseThrow(() -> new InvalidValue("limitKey", "is not a limit that holds today"));
            if (!mayBeLoosened(limit, standing)) {
                throw Problem.refused("This limit keeps a referral, or the rule on cuffs: only a clearance lifts it.");
            }
        }
        LocalDate until = body.until();
        if (until == null) {
            until = body.kind() == LimitChange.Kind.OVERRIDE
                    ? today
                    : limit == null || limit.lookAgainOn().isBefore(today) ? today.plusDays(28) : limit.lookAgainOn();
        }
        return new LimitChange(
                body.kind(),
                body.limitKey(),
                body.added(),
                body.value(),
                body.why(),
                author,
                body.clinician(),
                today,
                until);
    }

    private static boolean mayBeLoosened(Limit limit, Standing standing) {
        return standing.assessment() != null && LimitsInForce.mayBeLoosened(limit, standing.assessment());
    }

    private LimitsView view(UUID clientId, SignedIn who) {
        Standing standing = standings.of(clientId, calendar.today(who.roomId()));
        Screen screen = standing.screen();
        List<LimitChange> log = new ArrayList<>(changes.findByClientIdInOrderByMadeAt(List.of(clientId)).stream()
                .map(StoredLimitChange::change)
                .toList());
        java.util.Collections.reverse(log);
        return new LimitsView(
                screen == null ? null : screen.takenOn(),
                standing.inForce().limits().stream()
                        .map(l -> new KeyedLimit(l.key(), l, mayBeLoosened(l, standing)))
                        .toList(),
                standing.inForce().setAside(),
                log);
    }
}
