package kinesia.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.RestAndTime;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Role;
import kinesia.core.plan.CareRules.Wanted;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * Care work in the time that main work leaves: at most twelve minutes, easy, no hard sets, what this client's places ask for
 * first (RULES 5, "The visit is used").
 */
final class CareWork {
    private static final int MOST_S = 720;
    private static final int REST_S = 30;
    private static final int MOST_SETS = 2;
    private static final double EASY = 4;
    // Of what would be right in earnest [house].
    private static final double LIGHT_SHARE = 0.6;

    private final CareRules rules;
    private final ExerciseModel model;
    private final Suitabilities suitabilities;
    private final PlanRequest request;
    private final Worth worth;

    CareWork(CareRules rules, ExerciseModel model, Suitabilities suitabilities, PlanRequest request) {
        this.rules = rules;
        this.model = model;
        this.suitabilities = suitabilities;
        this.request = request;
        this.worth = Worth.of(request);
    }

    /**
     * Units of care work, lettered after those of the main work, inside what sore places may still take.
     *
     * @param seconds that are left
     * @param work the main work, and the movements it has
     */
    List<Unit> within(int seconds, List<Unit> work, Set<String> done) {
        int letters = work.size();
        Map<PlanRequest.StressBudget, Double> room = new HashMap<>();
        for (PlanRequest.StressBudget budget : request.stressBudgets()) {
            double had = work.stream()
                    .flatMap(u -> u.slots().stream())
                    .mapToDouble(s -> request.learned().dose(s, budget.place()))
                    .sum();
            room.put(budget, budget.most() - had);
        }
        int left = Math.min(seconds, MOST_S);
        List<Unit> units = new ArrayList<>();
        Set<String> movements = new HashSet<>(done);
        for (Wanted wanted : rules.of(request.soreSites())) {
            Optional<Fit> found = find(wanted, movements);
            if (found.isEmpty()) {
                continue;
            }
            Exercise exercise = found.get().exercise();
            for (int sets = MOST_SETS; sets > 0; sets--) {
                // Nobody rests after the last set of all, so the rest between two exercises counts with the later one.
                int time = RestAndTime.SET_UP_S
                        + sets
                                * (RestAndTime.setSeconds(
                                                exercise, exercise.reps().low())
                                        + REST_S);
                Unit unit = unit(letters + units.size(), found.get(), sets, wanted);
                Slot slot = unit.slots().get(0);
                if (time <= left
                        && room.entrySet().stream()
                                .allMatch(r ->
                                        request.learned().dose(slot, r.getKey().place()) <= r.getValue())) {
                    left -= time;
                    movements.add(exercise.movementFamily());
                    room.replaceAll((budget, rest) -> rest - request.learned().dose(slot, budget.place()));
                    units.add(unit);
                    break;
                }
            }
        }
        return units;
    }

    private Optional<Fit> find(Wanted wanted, Set<String> taken) {
        return model.catalogue().all().stream()
                .filter(e -> e.role() == Role.CARE && e.isCalled(wanted.name()))
                .filter(e -> !taken.contains(e.movementFamily()))
                .filter(e -> !request.dislikes().contains(e.key())
                        && !request.wishes().banned().contains(e.key())
                        && !request.leftOut().containsKey(e.key()))
                .map(e -> Fit.of(suitabilities, request, worth, e))
                .filter(f -> f.isAllowed() && hasLoad(f) && f.arms().isEmpty())
                .filter(f -> request.againstComingIn(f.exercise(), f.stress()).isEmpty())
                .findFirst();
    }

    // Care that only the arm without the sore place may do would miss its point; a load has to be there.
    private static boolean hasLoad(Fit fit) {
        return !fit.loads().isEmpty();
    }

    private Unit unit(int letters, Fit fit, int sets, Wanted wanted) {
        Exercise exercise = fit.exercise();
        Map<Aspect, Reason> why = new EnumMap<>(Aspect.class);
        why.put(Aspect.CHOICE, choice(wanted));
        Load load = load(fit);
        why.put(Aspect.LOAD, light(load));
        Slot slot = new Slot(
                exercise.key(),
                exercise.name(),
                exercise.group(),
                exercise.arms(),
                exercise.movement(),
                sets,
                new Exercise.RepRange(exercise.reps().low(), exercise.reps().low()),
                load,
                false,
                Effort.of(EASY),
                exercise.tempo(),
                fit.stress(),
                why);
        return new Unit(
                letter(letters),
                Method.Layout.STRAIGHT,
                REST_S,
                RestAndTime.CHANGE_OVER_S,
                RestAndTime.SET_UP_S,
                List.of(slot),
                true);
    }

    private static String letter(int n) {
        return String.valueOf((char) ('A' + n));
    }

    /** What was used last time, else the lightest there is. */
    private Load load(Fit fit) {
        Carryover carried = request.carryovers().get(fit.exercise().key());
        double most =
                carried == null ? fit.boundKg() * LIGHT_SHARE : carried.load().kg();
        return carried == null && !fit.exercise().isModelled()
                ? fit.loads().lightest()
                : fit.loads().atMost(most).orElseGet(fit.loads()::lightest);
    }

    private static Reason choice(Wanted wanted) {
        SoreSite place = wanted.place();
        String exact = place == null
                ? "The arm work has what the week allows; this keeps shoulders, forearms and grip quiet and costs no hard set."
                : "The arm work has what the week allows; this is care for the " + place.words()
                        + " and costs no hard set.";
        Reason reason = Reason.of(
                "CARE-time",
                Tag.PRACTICE,
                "care work fills what main work leaves, at most 12 minutes",
                exact,
                place == null
                        ? "Easy work that keeps the joints happy."
                        : "Easy work that looks after the sore place.");
        return place == null ? reason : reason.with("place", place.words());
    }

    private static Reason light(Load load) {
        return Reason.of(
                        "CARE-light",
                        Tag.HOUSE,
                        "effort to 4",
                        "Care work stays light: " + load.label() + ", effort to 4.",
                        "This one stays easy.")
                .with("load", load.label());
    }
}
