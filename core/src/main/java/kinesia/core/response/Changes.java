package kinesia.core.response;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanCheck;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/** What is different from the session before, each with the reason of the rule that made it so. */
public final class Changes {
    private Changes() {}

    /** What kind of difference, the most important first. */
    public enum Kind {
        SWAPPED_OUT,
        SWAPPED_IN,
        LOAD,
        SETS,
        REPS,
        EFFORT,
        REST
    }

    /** The key of the rest after each round, beside those of the exercises. */
    public static final String REST = "rest";

    /**
     * One difference: {@code from} and {@code to} in words.
     *
     * @param key the exercise, or {@link #REST}; missing in what was kept before it was told
     * @param ruling what the trainer answered to it; missing while nothing was said
     */
    public record Change(
            Kind kind,
            @Nullable String key,
            String exerciseName,
            String from,
            String to,
            Reason reason,
            @Nullable Ruling ruling) {
        Change(Kind kind, String key, String exerciseName, String from, String to, Reason reason) {
            this(kind, key, exerciseName, from, to, reason, null);
        }

        /** The same with what of {@code rulings} is about it. */
        public Change ruled(List<Ruling> rulings) {
            Ruling own = rulings.stream()
                    .filter(r -> key != null && r.isOf(key, kind))
                    .findFirst()
                    .orElse(null);
            return new Change(kind, key, exerciseName, from, to, reason, own);
        }
    }

    /**
     * The differences of {@code next} from {@code last}, all of one exercise together: first the exercise with the most important
     * one, and of alike ones in the order of the session.
     */
    public static List<Change> between(Plan last, Plan next) {
        List<Change> changes = new ArrayList<>();
        for (Slot before : last.mainSlots()) {
            if (find(next, before.exerciseKey()).isEmpty()) {
                whyNot(next, before.exerciseKey())
                        .ifPresent(r -> changes.add(new Change(
                                Kind.SWAPPED_OUT, before.exerciseKey(), before.name(), "in", "left out", r)));
            }
        }
        for (Slot after : next.mainSlots()) {
            Optional<Slot> before = find(last, after.exerciseKey());
            if (before.isEmpty()) {
                add(changes, Kind.SWAPPED_IN, after, "not in", after.loadWords(), Aspect.CHOICE);
                continue;
            }
            Slot b = before.get();
            if (Math.abs(b.load().kg() - after.load().kg()) > 0.005) {
                add(changes, Kind.LOAD, after, b.loadWords(), after.loadWords(), Aspect.LOAD);
            } else if (!b.loadWords().equals(after.loadWords())) {
                Aspect apart = after.why().containsKey(Aspect.ARMS) ? Aspect.ARMS : Aspect.LOAD;
                add(changes, Kind.LOAD, after, b.loadWords(), after.loadWords(), apart);
            }
            if (b.sets() != after.sets()) {
                add(changes, Kind.SETS, after, sets(b), sets(after), Aspect.SETS);
            }
            if (!b.reps().equals(after.reps())) {
                add(changes, Kind.REPS, after, reps(b), reps(after), Aspect.REPS);
            }
            if (!b.targetEffort().equals(after.targetEffort())) {
                add(changes, Kind.EFFORT, after, effort(b), effort(after), Aspect.EFFORT);
            }
        }
        if (last.restSeconds() != next.restSeconds()) {
            changes.add(new Change(
                    Kind.REST,
                    REST,
                    "Rest after each round",
                    last.restSeconds() + " s",
                    next.restSeconds() + " s",
                    next.restReason()));
        }
        Map<String, Kind> most = new HashMap<>();
        changes.forEach(c -> most.merge(c.exerciseName(), c.kind(), (a, b) -> a.compareTo(b) <= 0 ? a : b));
        return changes.stream()
                .sorted(Comparator.comparing((Change c) -> most.getOrDefault(c.exerciseName(), c.kind())))
                .toList();
    }

    /** What keeps {@code key} out of {@code next}; the trainer's hand where the trainer wrote it. */
    private static Optional<Reason> whyNot(Plan next, String key) {
        return next.whyNot().stream()
                .filter(w -> w.exerciseKey().equals(key))
                .flatMap(w -> w.reasons().stream())
                .findFirst()
                .or(() -> Optional.of(next.restReason()).filter(r -> r.ruleId().equals(PlanCheck.BY_HAND)));
    }

    private static void add(List<Change> changes, Kind kind, Slot slot, String from, String to, Aspect aspect) {
        Reason reason = slot.why().get(aspect);
        if (reason != null) {
            changes.add(new Change(kind, slot.exerciseKey(), slot.name(), from, to, reason));
        }
    }

    private static Optional<Slot> find(Plan plan, String key) {
        return plan.slots().stream().filter(s -> s.exerciseKey().equals(key)).findFirst();
    }

    private static String sets(Slot slot) {
        return slot.sets() + (slot.sets() == 1 ? " set" : " sets");
    }

    private static String reps(Slot slot) {
        return slot.reps().low() + " to " + slot.reps().high();
    }

    private static String effort(Slot slot) {
        return kinesia.core.reason.Numbers.plain(slot.targetEffort().value());
    }
}
