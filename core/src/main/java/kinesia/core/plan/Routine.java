package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.exercise.Head;
import kinesia.core.plan.PlanCheck.Written;
import kinesia.core.plan.PlanCheck.WrittenUnit;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/**
 * A routine brought along: each line is found in the catalogue, held against this client, and given back with the smallest changes
 * that make it fit, each with its reason. What is written stays as long as nothing stands against it.
 */
public final class Routine {
    private static final int USUAL_REST_S = 60;

    private final Planner planner;

    public Routine(Planner planner) {
        this.planner = planner;
    }

    /** What a change is about. */
    public enum About {
        EXERCISE,
        LOAD,
        SETS,
        REPS,
        EFFORT,
        LEFT_OUT
    }

    /** One thing that is otherwise than it was written. */
    public record Altered(About about, String was, String now, Reason reason) {}

    /** An exercise that a name may mean. */
    public record Meaning(String exerciseKey, String name) {}

    /**
     * One line of the routine.
     *
     * @param written as it was
     * @param meant what it was taken for; null while nobody can tell
     * @param options what it may mean, best first
     * @param sure whether the first of them was taken without asking
     * @param done what stands in the session for it; null when it is left out or not understood
     */
    public record BroughtLine(
            String written,
            @Nullable Meaning meant,
            List<Meaning> options,
            boolean sure,
            @Nullable Meaning done,
            List<Altered> altered) {}

    /** The lines, and the session they make; empty when no line is understood. */
    public record Brought(List<BroughtLine> lines, List<WrittenUnit> written) {}

    /**
     * Reads {@code text} for the client of {@code request}; {@code chosen} says by line, from 0, what was meant. Throws
     * {@link InvalidValue} for a text without exercises or one too long.
     */
    public Brought bring(PlanRequest request, String text, Map<Integer, String> chosen) {
        List<RoutineText.Line> read = RoutineText.read(text);
        Map<String, Fit> fits = new HashMap<>();
        Candidates candidates = planner.toWriteBy(request);
        List<Fit> all = candidates.fits();
        all.forEach(f -> fits.put(f.exercise().key(), f));
        RoutineMatch match = new RoutineMatch(all.stream()
                .sorted(Comparator.comparing((Fit f) -> !f.isAllowed())
                        .thenComparing(Comparator.comparingDouble(Fit::worth).reversed())
                        .thenComparing(f -> f.exercise().key()))
                .map(Fit::exercise)
                .toList());
        List<Drafted> drafts = new ArrayList<>();
        Set<String> used = new HashSet<>();
        for (int i = 0; i < read.size(); i++) {
            RoutineMatch.Found found = match.find(read.get(i).name());
            String key = chosen.get(i);
            @Nullable
            Fit fit = key != null
                    ? fits.get(key)
                    : found.sure() ? fits.get(found.options().get(0).key()) : null;
            if (key != null && fit == null) {
                throw new InvalidValue("chosen[" + i + "]", "'" + key + "' is no exercise for the arm");
            }
            drafts.add(drafted(request, candidates, read.get(i), found, fit, used));
        }
        fitTheWeek(request, drafts);
        return new Brought(
                drafts.stream().map(Drafted::line).toList(),
                drafts.stream().flatMap(d -> d.unit().stream()).toList());
    }

    /** A line while it is fitted. */
    private static final class Drafted {
        private final RoutineText.Line read;
        private final @Nullable Meaning meant;
        private final List<Meaning> options;
        private final boolean sure;
        private final List<Altered> altered = new ArrayList<>();
        private @Nullable Fit fit;
        private int sets;
        private RepRange reps;
        private @Nullable Double loadKg;
        private @Nullable Double effort;

        private Drafted(RoutineText.Line read, RoutineMatch.Found found, @Nullable Fit meant) {
            this.read = read;
            this.meant = meant == null ? null : meaning(meant.exercise());
            this.options = found.options().stream().map(Routine::meaning).toList();
            this.sure = found.sure();
            this.sets = read.sets();
            this.reps = read.reps();
            this.loadKg = read.loadKg();
            this.effort = read.effort();
        }

        private BroughtLine line() {
            return new BroughtLine(
                    read.written(), meant, options, sure, fit == null ? null : meaning(fit.exercise()), altered);
        }

        private List<WrittenUnit> unit() {
            if (fit == null) {
                return List.of();
            }
            boolean series = read.setReps().size() == sets && reps.equals(read.reps());
            Written written = new Written(
                    fit.exercise().key(), sets, reps, loadKg, effort, null, series ? read.setReps() : null, null, null);
            return List.of(new WrittenUnit(
                    Method.Layout.STRAIGHT,
                    read.restSeconds() == null ? USUAL_REST_S : read.restSeconds(),
                    List.of(written)));
        }
    }

    private static Meaning meaning(Exercise exercise) {
        return new Meaning(exercise.key(), exercise.name());
    }

    private static Drafted drafted(
            PlanRequest request,
            Candidates candidates,
            RoutineText.Line read,
            RoutineMatch.Found found,
            @Nullable Fit meant,
            Set<String> used) {
        Drafted draft = new Drafted(read, found, meant);
        if (meant == null) {
            return draft;
        }
        Optional<Fit> fit = meant.isAllowed() && !used.contains(meant.exercise().key())
                ? Optional.of(meant)
                : nearest(meant, candidates.fits(), used);
        Reason against = meant.isAllowed() ? twice(meant) : meant.against().get(0);
        if (fit.isEmpty()) {
            draft.altered.add(new Altered(About.LEFT_OUT, meant.exercise().name(), "", against));
            return draft;
        }
        draft.fit = fit.get();
        used.add(fit.get().exercise().key());
        if (!fit.get().exercise().key().equals(meant.exercise().key())) {
            draft.altered.add(new Altered(
                    About.EXERCISE,
                    meant.exercise().name(),
                    fit.get().exercise().name(),
                    against));
            // What was lifted in another exercise says nothing of this one.
            draft.loadKg = null;
        }
        fitTheDose(request, draft, fit.get(), candidates.loadsSore(fit.get()));
        return draft;
    }

    private static Reason twice(Fit meant) {
        return Reason.of(
                "ROUTINE-twice",
                Tag.HOUSE,
                "each exercise once",
                meant.exercise().name() + " stands in the routine already.",
                "We have that one already.");
    }

    /** Allowed and not used yet: its kinder sibling, another form of the same movement, else what does most for that side. */
    private static Optional<Fit> nearest(Fit meant, List<Fit> all, Set<String> used) {
        Exercise exercise = meant.exercise();
        return all.stream()
                .filter(f -> f.isAllowed()
                        && f.exercise().role() == exercise.role()
                        && f.exercise().group() == exercise.group()
                        && !used.contains(f.exercise().key()))
                .min(Comparator.comparing((Fit f) ->
                                !f.exercise().key().equals(exercise.traits().safer()))
                        .thenComparing(f -> !f.exercise().alike().equals(exercise.alike()))
                        .thenComparing(f -> f.exercise().implement() != exercise.implement())
                        .thenComparing(f -> f.exercise().stance() != exercise.stance())
                        .thenComparing(Comparator.comparingDouble(Fit::worth).reversed())
                        .thenComparing(f -> f.exercise().key()));
    }

    private static void fitTheDose(PlanRequest request, Drafted draft, Fit fit, boolean sore) {
        List<Limit> limits = request.limits();
        if (draft.loadKg != null && !fit.loads().isEmpty()) {
            double most = fit.boundKg();
            double allowed = sore ? most : most * (1 + StartLoad.A_LITTLE);
            double wanted = Math.min(draft.loadKg, allowed);
            double here =
                    fit.loads().atMost(wanted).orElseGet(fit.loads()::lightest).kg();
            if (Math.abs(here - draft.loadKg) > 0.05) {
                boolean tooHeavy = draft.loadKg > allowed;
                draft.altered.add(new Altered(
                        About.LOAD,
                        kg(draft.loadKg),
                        kg(here),
                        Reason.of(
                                        "ROUTINE-load",
                                        Tag.HOUSE,
                                        "no more than is right for this client, and what the place has",
                                        tooHeavy && kg(most).equals(kg(here))
                                                ? kg(most) + " is right for this client here."
                                                : tooHeavy
                                                        ? kg(most) + " is right for this client here; " + kg(here)
                                                                + " is what the place has at or under it."
                                                        : kg(here) + " is the load this place has at or under "
                                                                + kg(draft.loadKg) + ".",
                                        tooHeavy ? "A lighter start for you." : "We take the weight we have.")
                                .with("right", kg(most))));
                draft.loadKg = here;
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.SETS_PER_EXERCISE, fit.full(), fit.stress(), limits)) {
            setsTo(draft, (int) limit.number(), limit.reason());
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.FEWEST_REPS, fit.full(), fit.stress(), limits)) {
            int low = (int) limit.number();
            if (draft.reps.low() < low) {
                repsTo(draft, new RepRange(low, Math.max(low, draft.reps.high())), limit.reason());
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.MOST_REPS, fit.full(), fit.stress(), limits)) {
            int high = (int) limit.number();
            if (draft.reps.high() > high) {
                repsTo(draft, new RepRange(Math.min(high, draft.reps.low()), high), limit.reason());
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.LARGEST_EFFORT, fit.full(), fit.stress(), limits)) {
            if (draft.effort == null) {
                // Nobody said how hard: nothing is otherwise than it was written.
                draft.effort = Math.min(Dosing.USUAL_EFFORT.value(), limit.number());
            } else if (draft.effort > limit.number()) {
                draft.altered.add(new Altered(
                        About.EFFORT, Numbers.plain(draft.effort), Numbers.plain(limit.number()), limit.reason()));
                draft.effort = limit.number();
            }
        }
    }

    private static void setsTo(Drafted draft, int most, Reason reason) {
        if (draft.sets > most && most > 0) {
            draft.altered.add(new Altered(About.SETS, String.valueOf(draft.sets), String.valueOf(most), reason));
            draft.sets = most;
        }
    }

    private static void repsTo(Drafted draft, RepRange reps, Reason reason) {
        draft.altered.add(new Altered(About.REPS, words(draft.reps), words(reps), reason));
        draft.reps = reps;
    }

    private static String words(RepRange reps) {
        return reps.low() == reps.high() ? String.valueOf(reps.low()) : reps.low() + " to " + reps.high();
    }

    private static String kg(double kg) {
        return Numbers.plain(kg, 1) + " kg";
    }

    /** Sets over what the visit may have go one by one from whatever has most, the last first; one set is kept of each. */
    private static void fitTheWeek(PlanRequest request, List<Drafted> drafts) {
        for (Head.Group group : Head.Group.values()) {
            List<Drafted> own = drafts.stream()
                    .filter(d -> d.fit != null
                            && d.fit.exercise().role().trainsTheArm()
                            && d.fit.exercise().group() == group)
                    .toList();
            Map<Drafted, Integer> before = new HashMap<>();
            own.forEach(d -> before.put(d, d.sets));
            int over = own.stream().mapToInt(d -> d.sets).sum() - request.setsFor(group);
            for (; over > 0; over--) {
                own.stream()
                        .filter(d -> d.sets > 1)
                        .reduce((a, b) -> b.sets >= a.sets ? b : a)
                        .ifPresent(most -> most.sets--);
            }
            PlanRequest.SetBudget budget = request.budget().get(group);
            before.forEach((draft, was) -> {
                if (draft.sets < was && budget != null) {
                    draft.altered.add(
                            new Altered(About.SETS, String.valueOf(was), String.valueOf(draft.sets), budget.reason()));
                }
            });
        }
    }
}
