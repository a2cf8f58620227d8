package kinesia.core.response;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.plan.PlanCheck;
import kinesia.core.plan.PlanRequest;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * A plan as the trainer's answers to its changes leave it. Overruled, a number is what it was the session before; softened, it is
 * half way, rounded to the careful side and to a load there is [house]. What stands against that is marked on the plan.
 */
public final class Rulings {
    private final PlanCheck check;

    public Rulings(PlanCheck check) {
        this.check = check;
    }

    /** {@code next} by {@code rulings} of its changes from {@code last}; the same plan where they change nothing. */
    public Plan applied(PlanRequest request, Plan last, Plan next, List<Ruling> rulings) {
        List<Ruling> effective = rulings.stream().filter(r -> !r.accepts()).toList();
        if (effective.isEmpty()) {
            return next;
        }
        Edit edit = new Edit(last, next, check.loads(request), effective);
        List<Unit> units = edit.units();
        return units.equals(next.units()) || units.stream().allMatch(Unit::care)
                ? next
                : check.adjusted(request, next, units, edit.whyRest(), edit.changed);
    }

    /** One plan in the hands of its trainer. */
    private static final class Edit {
        private final Plan last;
        private final Plan next;
        private final Map<String, ReachableLoads> loads;
        private final List<Ruling> rulings;
        private final Set<String> changed = new HashSet<>();

        Edit(Plan last, Plan next, Map<String, ReachableLoads> loads, List<Ruling> rulings) {
            this.last = last;
            this.next = next;
            this.loads = loads;
            this.rulings = rulings;
        }

        List<Unit> units() {
            List<Slot> back = last.mainSlots().stream()
                    .filter(s -> loads.containsKey(s.exerciseKey()))
                    .filter(s -> find(next, s.exerciseKey()).isEmpty())
                    .flatMap(s -> on(s.exerciseKey(), Changes.Kind.SWAPPED_OUT).map(r -> back(s, r)).stream())
                    .collect(Collectors.toCollection(ArrayList::new));
            List<Unit> units = new ArrayList<>();
            for (Unit unit : next.units()) {
                List<Slot> slots = unit.care()
                        ? unit.slots()
                        : unit.slots().stream()
                                .flatMap(s -> edited(s, back).stream())
                                .toList();
                if (!slots.isEmpty()) {
                    units.add(with(unit, rest(unit), slots, units.size()));
                }
            }
            Unit like = next.units().get(0);
            int care = (int) units.stream().filter(Unit::care).count();
            for (Slot slot : back) {
                Unit alone = new Unit(
                        "",
                        last.units().stream()
                                .filter(u -> u.slots()
                                        .contains(find(last, slot.exerciseKey()).orElseThrow()))
                                .findFirst()
                                .map(Unit::layout)
                                .orElse(like.layout()),
                        next.restSeconds(),
                        like.changeOverSeconds(),
                        like.setUpSeconds(),
                        List.of(slot));
                units.add(units.size() - care, alone);
            }
            List<Unit> lettered = new ArrayList<>();
            units.forEach(u -> lettered.add(with(u, u.restSeconds(), u.slots(), lettered.size())));
            return lettered;
        }

        /** What comes back takes the place of what came in for the same muscle; what was overruled as new goes. */
        private Optional<Slot> edited(Slot slot, List<Slot> back) {
            Optional<Slot> before = find(last, slot.exerciseKey());
            if (before.isPresent()) {
                return Optional.of(renumbered(before.get(), slot));
            }
            Optional<Slot> instead =
                    back.stream().filter(b -> b.group() == slot.group()).findFirst();
            if (instead.isPresent()) {
                back.remove(instead.get());
                return instead;
            }
            Optional<Ruling> unwanted =
                    on(slot.exerciseKey(), Changes.Kind.SWAPPED_IN).filter(r -> r.choice() == Ruling.Choice.OVERRULED);
            return unwanted.isPresent() ? Optional.empty() : Optional.of(slot);
        }

        private Slot back(Slot slot, Ruling ruling) {
            changed.add(slot.exerciseKey());
            boolean soft = ruling.choice() == Ruling.Choice.SOFTENED;
            Reason because =
                    said(ruling, soft ? "It stays in, with half its sets" : "It stays in, as the session before");
            Map<Aspect, Reason> why = new EnumMap<>(Aspect.class);
            slot.why().keySet().forEach(a -> why.put(a, because));
            return slot.withSets(soft ? Math.max(1, slot.sets() / 2) : slot.sets(), null)
                    .because(why);
        }

        /** {@code slot} with what was ruled on, of the session before or half way to it. */
        private Slot renumbered(Slot before, Slot slot) {
            Slot ruled = slot;
            for (Ruling ruling : rulings) {
                Aspect aspect = ruling.key().equals(slot.exerciseKey()) ? aspect(ruling.kind()) : null;
                if (aspect != null) {
                    boolean soft = ruling.choice() == Ruling.Choice.SOFTENED;
                    Slot now = dosed(before, ruled, aspect, soft);
                    ruled = now.because(Map.of(aspect, said(ruling, what(soft, before, ruled, now, aspect))));
                    changed.add(slot.exerciseKey());
                }
            }
            return ruled;
        }

        /** Two loads or numbers of sets that lie side by side have nothing between them. */
        private String what(boolean soft, Slot before, Slot ruled, Slot now, Aspect aspect) {
            if (!soft) {
                return "As the session before";
            }
            if (now.equals(ruled)) {
                return "Nothing lies between the two, so the change stands";
            }
            return now.equals(dosed(before, ruled, aspect, false))
                    ? "Nothing lies between the two, so it stays as the session before"
                    : "Half of the change";
        }

        private Slot dosed(Slot before, Slot slot, Aspect aspect, boolean soft) {
            if (aspect == Aspect.SETS) {
                int sets = soft ? half(before.sets(), slot.sets()) : before.sets();
                // Sets written one by one cannot grow.
                return slot.withSets(slot.setReps().isEmpty() ? sets : Math.min(sets, slot.sets()), null);
            }
            Set<Side> arms = new HashSet<>(slot.sides().keySet());
            if (aspect == Aspect.LOAD && !soft) {
                arms.addAll(before.sides().keySet());
            }
            Map<Side, Plan.SideDose> sides = new EnumMap<>(Side.class);
            arms.forEach(arm -> sides.put(arm, dose(before.of(arm), slot.of(arm), aspect, soft)));
            return slot.dosed(dose(before, slot, aspect, soft), sides);
        }

        private Plan.SideDose dose(Slot before, Slot slot, Aspect aspect, boolean soft) {
            RepRange reps = aspect != Aspect.REPS
                    ? slot.reps()
                    : soft
                            ? new RepRange(
                                    half(before.reps().low(), slot.reps().low()),
                                    half(before.reps().high(), slot.reps().high()))
                            : before.reps();
            Load load = aspect != Aspect.LOAD
                    ? slot.load()
                    : soft ? halfWay(slot.exerciseKey(), before.load(), slot.load()) : before.load();
            Effort effort = aspect != Aspect.EFFORT
                    ? slot.targetEffort()
                    : soft
                            ? Effort.of(half(
                                            2 * before.targetEffort().value(),
                                            2 * slot.targetEffort().value())
                                    / 2.0)
                            : before.targetEffort();
            return new Plan.SideDose(slot.movement(), reps, load, effort);
        }

        /** The load half way, or the next lighter one there is; never past the two. */
        private Load halfWay(String key, Load before, Load next) {
            double middle = (before.kg() + next.kg()) / 2;
            Load lighter = before.kg() < next.kg() ? before : next;
            return Optional.ofNullable(loads.get(key))
                    .flatMap(l -> l.atMost(middle))
                    .filter(l -> l.kg() > lighter.kg())
                    .orElse(lighter);
        }

        private Optional<Ruling> on(String key, Changes.Kind kind) {
            return rulings.stream().filter(r -> r.isOf(key, kind)).findFirst();
        }

        private Reason whyRest() {
            return on(Changes.REST, Changes.Kind.REST)
                    .map(r -> said(
                            r, r.choice() == Ruling.Choice.SOFTENED ? "Half of the change" : "As the session before"))
                    .orElse(next.restReason());
        }

        private int rest(Unit unit) {
            return unit.restSeconds() != next.restSeconds()
                    ? unit.restSeconds()
                    : on(Changes.REST, Changes.Kind.REST)
                            .map(r -> r.choice() == Ruling.Choice.OVERRULED
                                    ? last.restSeconds()
                                    // The longer rest is the careful side.
                                    : (last.restSeconds() + next.restSeconds() + 1) / 2)
                            .orElse(unit.restSeconds());
        }
    }

    private static @Nullable Aspect aspect(Changes.Kind kind) {
        return switch (kind) {
            case LOAD -> Aspect.LOAD;
            case SETS -> Aspect.SETS;
            case REPS -> Aspect.REPS;
            case EFFORT -> Aspect.EFFORT;
            default -> null;
        };
    }

    /** Half way from {@code before} to {@code next}, rounded down. */
    private static int half(double before, double next) {
        return (int) Math.floor((before + next) / 2);
    }

    private static Reason said(Ruling ruling, String what) {
        return Reason.of(
                        "RULING-" + (ruling.choice() == Ruling.Choice.SOFTENED ? "softened" : "overruled"),
                        Tag.HOUSE,
                        "",
                        what + ", by the trainer: “" + ruling.word() + "”.",
                        "I decided this one for today.")
                .with("instead of", ruling.ruleId());
    }

    private static Optional<Slot> find(Plan plan, String key) {
        return plan.mainSlots().stream()
                .filter(s -> s.exerciseKey().equals(key))
                .findFirst();
    }

    private static Unit with(Unit unit, int restSeconds, List<Slot> slots, int place) {
        return new Unit(
                String.valueOf((char) ('A' + place)),
                unit.layout(),
                restSeconds,
                unit.changeOverSeconds(),
                unit.setUpSeconds(),
                slots,
                unit.care());
    }
}
