package kinesia.core.response;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanRequest.Incoming;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.plan.PlanRequest.StressBudget;
import kinesia.core.plan.StressDose;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * What an ease outranks (RULES 5): for two sessions neither the sets nor the stress at that place are more than the eased ones, whatever the
 * week has left, and what comes in for what hurt asks three fifths of it at most.
 */
final class EasedPlaces {
    private static final double OF_THE_STRESS = 0.6;
    private static final int DONE_WELL = 2;
    // What hardly loads a place may always be done: two sets at what counts as loading it [house].
    private static final double NEXT_TO_NOTHING = 5;

    private final List<SessionRecord> sessions;
    private final List<Map<Place, SiteSignal>> signals;

    EasedPlaces(List<SessionRecord> sessions, List<Map<Place, SiteSignal>> signals) {
        this.sessions = sessions;
        this.signals = signals;
    }

    /** {@code budgets} with those of eased places no larger than what was eased. */
    List<StressBudget> bounded(List<StressBudget> budgets) {
        List<StressBudget> all = new ArrayList<>(budgets);
        for (Eased eased : eased()) {
            StressBudget own = bounded(eased);
            Optional<StressBudget> before =
                    all.stream().filter(b -> b.place().equals(eased.place())).findFirst();
            before.ifPresent(all::remove);
            all.add(before.filter(b -> b.most() <= own.most())
                    .map(b -> b.with(own.incoming()))
                    .orElse(own));
        }
        return all;
    }

    /** {@code budget} at the second visit after an ease: no more sets of what loaded the place than the first one had. */
    void limit(Map<Head.Group, SetBudget> budget) {
        for (Eased eased : eased()) {
            if (eased.first()) {
                continue; // its own sets are cut where the ease is decided
            }
            for (Head.Group group : Head.Group.values()) {
                boolean loaded = eased.session().plan().mainSlots().stream()
                        .anyMatch(s -> s.group() == group && SlotDecisions.loads(s, eased.place()));
                int had = last().plan().mainSlots().stream()
                        .filter(s -> s.group() == group)
                        .mapToInt(Slot::sets)
                        .sum();
                if (loaded && had > 0) {
                    budget.computeIfPresent(
                            group, (g, now) -> now.sets() <= had ? now : SetBudget.cutTo(had, sets(eased, group, had)));
                }
            }
        }
    }

    /** @param first whether this is the first visit after it, and not the second */
    private record Eased(Place place, SiteSignal signal, SessionRecord session, boolean first) {}

    private List<Eased> eased() {
        List<Eased> all = new ArrayList<>();
        for (int i = Math.max(0, sessions.size() - 2); i < sessions.size(); i++) {
            SessionRecord session = sessions.get(i);
            boolean first = i == sessions.size() - 1;
            signals.get(i).forEach((place, signal) -> {
                if (signal.signal() == Signal.EASE) {
                    all.removeIf(e -> e.place().equals(place));
                    all.add(new Eased(place, signal, session, first));
                }
            });
        }
        return all;
    }

    private SessionRecord last() {
        return sessions.get(sessions.size() - 1);
    }

    private StressBudget bounded(Eased eased) {
        double planned = dose(eased.first() ? eased.session().plan() : last().plan(), eased.place());
        double most = Math.max(NEXT_TO_NOTHING, eased.first() ? OF_THE_STRESS * planned : planned);
        Reason why = Reason.of(
                        "EASE-outranks",
                        Tag.HOUSE,
                        "for two sessions neither sets nor stress over the eased ones",
                        "The " + eased.place().words() + " eased on "
                                + eased.session().on()
                                + ": for two sessions it gets no more than the eased work, whatever the week has left.",
                        "We leave it at less until it is calm again.")
                .with("eased on", eased.session().on());
        return new StressBudget(
                eased.place().site(),
                eased.place().side(),
                most,
                why,
                incoming(eased).orElse(null));
    }

    private static double dose(Plan plan, Place place) {
        return plan.slots().stream()
                .filter(s -> s.sides().isEmpty() || s.sides().containsKey(place.side()))
                .mapToDouble(s -> StressDose.of(s, place.site()))
                .sum();
    }

    /** What may come in for what hurt: by the largest stress that the eased session asked of the place. */
    private Optional<Incoming> incoming(Eased eased) {
        @Nullable
        Slot worst = NextVisit.easedOut(eased.place(), eased.session()).orElse(null);
        if (worst == null) {
            return Optional.empty();
        }
        double stress = worst.stress().getOrDefault(eased.place().site(), 0.0);
        Set<String> stays = new HashSet<>();
        stays.addAll(keys(eased.session()));
        stays.addAll(keys(last()));
        return Optional.of(new Incoming(
                OF_THE_STRESS * stress,
                stays,
                doneWell(eased.place()),
                Reason.of(
                                "EASE-incoming",
                                Tag.HOUSE,
                                "what comes in for what hurt asks three fifths of it at most, and was done well before",
                                "It would come in for " + worst.name() + ", in which the "
                                        + eased.place().words()
                                        + " flared on " + eased.session().on()
                                        + ", and asks too much of the same place or was not done well before.",
                                "We bring in nothing that asks as much of the sore place.")
                        .with("eased on", eased.session().on())));
    }

    private static Set<String> keys(SessionRecord session) {
        return session.plan().slots().stream().map(Slot::exerciseKey).collect(Collectors.toSet());
    }

    /** What was done without pain over 2 at {@code place} each time. */
    private Set<String> doneWell(Place place) {
        Set<String> well = new HashSet<>();
        Set<String> sore = new HashSet<>();
        for (SessionRecord session : sessions) {
            for (LoggedSet set : session.sets()) {
                boolean there = set.painSite() == place.site() && set.painSide() == place.side();
                (there && set.pain().atLeast(DONE_WELL + 1) ? sore : well).add(set.exerciseKey());
            }
        }
        well.removeAll(sore);
        return well;
    }

    private static Reason sets(Eased eased, Head.Group group, int had) {
        return Reason.of(
                        "EASE-outranks",
                        Tag.HOUSE,
                        "for two sessions neither sets nor stress over the eased ones",
                        "The " + eased.place().words() + " eased on "
                                + eased.session().on() + ": for the "
                                + group.where() + " it stays at the eased " + had + (had == 1 ? " set" : " sets")
                                + " once more, whatever the week has left.",
                        "We leave it at less until it is calm again.")
                .with("eased on", eased.session().on())
                .with("sets", had);
    }
}
