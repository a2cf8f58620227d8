package kinesia.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.Progression;
import kinesia.core.dose.Things;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Role;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * What a place could have: of the small things that are not there, those that would open most to the clients who train there.
 * Worked out from the same candidates and loads that plans are made of; nothing is estimated.
 */
public final class PlaceWishes {
    private static final int MOST_WISHES = 3;
    // A set counts as hard from this share of what was shown on [house].
    private static final double COUNTS_FROM = 0.6;

    private final Planner planner;

    public PlaceWishes(Planner planner) {
        this.planner = planner;
    }

    /** Somebody who trains there, with what the next visit would be planned from. */
    public record Trainee(String name, PlanRequest request) {}

    /** A step to the next load of one exercise that is over a tenth now and would not be. */
    public record SmallerStep(String exercise, String from, String now, String then) {}

    /** What it would do for one client. */
    public record Gain(String name, List<String> exercises, List<SmallerStep> steps) {
        int size() {
            return exercises.size() + steps.size();
        }
    }

    /** One thing, what it does in a sentence, and the list behind that. */
    public record Wish(String thing, Reason reason, List<Gain> gains) {}

    /**
     * At most three things, each the one that does most beside those before it; of two that do as much the smaller one. Empty
     * where nothing small would open anything.
     */
    public List<Wish> of(Equipment here, List<Trainee> trainees) {
        List<Wish> all = new ArrayList<>();
        for (Things.Thing thing : Things.missingIn(here)) {
            List<Gain> gains = trainees.stream()
                    .map(t -> gain(t, here, thing))
                    .filter(g -> g.size() > 0)
                    .toList();
            if (!gains.isEmpty()) {
                all.add(new Wish(thing.words(), reason(thing.words(), gains), gains));
            }
        }
        List<Wish> best = new ArrayList<>();
        Set<String> done = new HashSet<>();
        for (Optional<Wish> next = most(all, done); best.size() < MOST_WISHES && next.isPresent(); ) {
            best.add(next.get());
            done.addAll(deeds(next.get()));
            next = most(all, done);
        }
        return best;
    }

    /** The one that does most beside what is {@code done}; the first of equals, which is the smallest. */
    private static Optional<Wish> most(List<Wish> wishes, Set<String> done) {
        Wish most = null;
        long best = 0;
        for (Wish wish : wishes) {
            long more = deeds(wish).stream().filter(d -> !done.contains(d)).count();
            if (more > best) {
                best = more;
                most = wish;
            }
        }
        return Optional.ofNullable(most);
    }

    private static Set<String> deeds(Wish wish) {
        Set<String> deeds = new HashSet<>();
        for (Gain gain : wish.gains()) {
            gain.exercises().forEach(e -> deeds.add(gain.name() + "|" + e));
            gain.steps().forEach(s -> deeds.add(gain.name() + "|step|" + s.exercise()));
        }
        return deeds;
    }

    private Gain gain(Trainee trainee, Equipment here, Things.Thing thing) {
        Map<String, Fit> now = fits(trainee.request().at(here), thing);
        Map<String, Fit> then = fits(trainee.request().at(thing.with()), thing);
        List<String> opened = new ArrayList<>();
        List<SmallerStep> steps = new ArrayList<>();
        then.forEach((key, fit) -> {
            Fit before = now.get(key);
            boolean wasThere = before != null && isOfUse(trainee.request(), before);
            if (isOfUse(trainee.request(), fit) && !wasThere) {
                opened.add(fit.exercise().name());
            } else if (before != null && before.isAllowed() && fit.isAllowed()) {
                step(trainee.request(), before, fit).ifPresent(steps::add);
            }
        });
        return new Gain(trainee.name(), opened, steps);
    }

    /** Whether it may be done with a load with which a set can count: some under what is right, and nothing over it. */
    private static boolean isOfUse(PlanRequest request, Fit fit) {
        if (!fit.isAllowed() || fit.worth() <= 0) {
            return false;
        }
        if (fit.exercise().bodyWeightShare() > 0 || fit.loads().isEmpty()) {
            return true;
        }
        double right = right(request, fit);
        return fit.loads()
                .atMost(right * (1 + StartLoad.NEARLY))
                .filter(load -> load.kg() >= COUNTS_FROM * right)
                .isPresent();
    }

    private static double right(PlanRequest request, Fit fit) {
        Carryover carried = request.carryovers().get(fit.exercise().key());
        return carried == null ? fit.boundKg() : carried.load().kg();
    }

    private Map<String, Fit> fits(PlanRequest request, Things.Thing thing) {
        Map<String, Fit> fits = new HashMap<>();
        // The ladder of push-ups is read as a whole, so that a rung that is not the client's own stays out.
        planner.candidates(request, e -> thing.concerns(e) || e.traits().rung() != null).fits().stream()
                .filter(f -> f.exercise().role() == Role.MAIN && thing.concerns(f.exercise()))
                .forEach(f -> fits.put(f.exercise().key(), f));
        return fits;
    }

    /** The step from the load that is right now, where it is over a tenth as things are and would not be. */
    private static Optional<SmallerStep> step(PlanRequest request, Fit now, Fit then) {
        Exercise exercise = now.exercise();
        if (exercise.bodyWeightShare() > 0 || now.loads().isEmpty()) {
            return Optional.empty();
        }
        Load load = now.loads().atMost(right(request, now)).orElseGet(now.loads()::lightest);
        Optional<Load> next = now.loads().above(load.kg());
        Optional<Load> with = then.loads().above(load.kg());
        double most = load.kg() * (1 + Progression.LARGEST_STEP) + 1e-9;
        boolean big = load.kg() > 0 && (next.isEmpty() || next.get().kg() > most);
        return big && with.isPresent() && with.get().kg() <= most
                ? Optional.of(new SmallerStep(
                        exercise.name(),
                        load.label(),
                        next.map(Load::label).orElse("nothing heavier"),
                        with.get().label()))
                : Optional.empty();
    }

    private static Reason reason(String thing, List<Gain> gains) {
        Set<String> exercises = new LinkedHashSet<>();
        gains.forEach(g -> exercises.addAll(g.exercises()));
        int opensTo = (int) gains.stream().filter(g -> !g.exercises().isEmpty()).count();
        int steps = gains.stream().mapToInt(g -> g.steps().size()).sum();
        int stepsOf = (int) gains.stream().filter(g -> !g.steps().isEmpty()).count();
        List<String> does = new ArrayList<>();
        if (!exercises.isEmpty()) {
            does.add("gives " + count(exercises.size(), "exercise") + " to " + count(opensTo, "client"));
        }
        if (steps > 0) {
            does.add("makes " + count(steps, "step") + " of " + count(stepsOf, "client") + " smaller than 10 %");
        }
        return Reason.of(
                        "PLACE-could-have",
                        Tag.HOUSE,
                        "exercises that limits and loads then allow, and next loads at most a tenth heavier",
                        thing.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + thing.substring(1) + " "
                                + String.join(" and ", does) + ".",
                        "With this here we would have more to choose from.")
                .with("exercises", exercises.size())
                .with("steps", steps);
    }

    private static String count(int number, String what) {
        return number + " " + what + (number == 1 ? "" : "s");
    }
}
