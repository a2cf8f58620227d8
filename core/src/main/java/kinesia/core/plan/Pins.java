package kinesia.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * What the trainer fixed by hand comes before likeness, what may give way in a method, and worth. What limits, equipment, the way
 * of working or the minutes do not allow is let go, and said with its one reason.
 */
final class Pins {
    private final Planner planner;

    Pins(Planner planner) {
        this.planner = planner;
    }

    /** The session with what is pinned, as far as it can be kept, planned by {@code plan}. */
    PlanResult kept(PlanRequest request, Function<PlanRequest, PlanResult> plan) {
        List<WhyNot> lost = new ArrayList<>();
        Set<String> pinned = new TreeSet<>(request.wishes().pinned());
        PlanRequest wanted = request.leavingOut(withoutBlockChange(request, pinned));
        Candidates candidates = planner.candidates(wanted);
        Shape shape = new Shape(wanted, candidates, true);
        for (String key : sorted(request)) {
            Optional<Reason> against = against(wanted, candidates, shape, key);
            against.ifPresent(reason -> {
                lost.add(whyNot(request, key, reason));
                pinned.remove(key);
            });
        }
        PlanRequest possible = pinning(wanted, pinned);
        PlanResult result = plan.apply(possible);
        if (result.plan() == null && !result.blocked() && !pinned.isEmpty()) {
            PlanRequest fewer = fewer(possible);
            Set<String> room = fewer.wishes().pinned();
            pinned.stream()
                    .filter(key -> !room.contains(key))
                    .forEach(key -> lost.add(whyNot(request, key, noRoom(fewer, key))));
            result = plan.apply(fewer);
        }
        return result.plan() == null || lost.isEmpty()
                ? result
                : result.with(result.plan().without(lost));
    }

    private static PlanRequest pinning(PlanRequest request, Set<String> keys) {
        return request.wishing(new PlanRequest.Wishes(keys, request.wishes().banned()));
    }

    private static Map<String, Reason> withoutBlockChange(PlanRequest request, Set<String> pinned) {
        Map<String, Reason> others = new HashMap<>(request.leftOut());
        others.entrySet()
                .removeIf(e -> pinned.contains(e.getKey()) && e.getValue().equals(NewExercises.REASON));
        return others;
    }

    /** Why {@code key} cannot be in a session of {@code request}, whatever else is; empty when it can. */
    private static Optional<Reason> against(PlanRequest request, Candidates candidates, Shape shape, String key) {
        if (shape.allCandidates().stream().anyMatch(c -> c.exercise().key().equals(key))) {
            return Optional.empty();
        }
        Optional<Fit> fit = candidates.fits().stream()
                .filter(f -> f.exercise().key().equals(key))
                .findFirst();
        Optional<Reason> own = fit.flatMap(f -> f.against().stream().findFirst())
                .or(() -> Optional.ofNullable(candidates.unused(key)));
        return own.or(() -> Optional.of(Reason.of(
                        "PIN-method",
                        Tag.PRACTICE,
                        request.method().what(),
                        fit.filter(f -> SessionNumbers.isOnFloor(f.exercise())).isPresent()
                                ? "It is done on the floor, and stations worked in turn leave no time to go down and up."
                                : "It is no exercise of " + request.method().name() + ": "
                                        + request.method().what() + ".",
                        "It does not belong to how we work today.")
                .with("method", request.method().name())));
    }

    /**
     * The request that pins what has a session together: all but the one whose absence leaves the session worth most, else one
     * after the other as long as they fit.
     */
    private PlanRequest fewer(PlanRequest request) {
        PlanRequest best = null;
        double most = Double.NaN;
        for (String key : sorted(request)) {
            Set<String> others = new TreeSet<>(request.wishes().pinned());
            others.remove(key);
            PlanRequest tried = pinning(request, others);
            double worth = planner.worth(tried);
            if (!Double.isNaN(worth) && (best == null || worth > most)) {
                best = tried;
                most = worth;
            }
        }
        if (best != null) {
            return best;
        }
        Set<String> kept = new TreeSet<>();
        for (String key : sorted(request)) {
            kept.add(key);
            if (Double.isNaN(planner.worth(pinning(request, kept)))) {
                kept.remove(key);
            }
        }
        return pinning(request, kept);
    }

    private static List<String> sorted(PlanRequest request) {
        return request.wishes().pinned().stream().sorted().toList();
    }

    /** Which of minutes, sore places and sets has no room for {@code key} beside what is kept. */
    private Reason noRoom(PlanRequest fewer, String key) {
        Set<String> with = new TreeSet<>(fewer.wishes().pinned());
        with.add(key);
        PlanRequest wanted = pinning(fewer, with);
        PlanRequest longer = wanted.lasting(PlanRequest.LONGEST_MINUTES);
        boolean others = !fewer.wishes().pinned().isEmpty();
        String beside = others ? " beside what else is kept in." : ".";
        String exact;
        if (!Double.isNaN(planner.worth(longer))) {
            exact = "The " + fewer.minutes() + " minutes have no room for it" + beside;
        } else if (!Double.isNaN(planner.worth(longer.within(List.of())))) {
            exact = "It is more than the sore place may take today" + beside;
        } else {
            exact = "The sets of this visit have no room for it" + beside;
        }
        return Reason.of("PIN-room", Tag.HOUSE, "limits, minutes and sets come before pins", exact, "Not today.")
                .with("minutes", fewer.minutes());
    }

    private WhyNot whyNot(PlanRequest request, String key, Reason reason) {
        String name = planner.model(request).catalogue().nameOf(key);
        return new WhyNot(key, name, true, List.of(reason));
    }
}
