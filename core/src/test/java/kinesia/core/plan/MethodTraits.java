package kinesia.core.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import kinesia.core.RuleFiles;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Stance;
import kinesia.core.exercise.Traits;
import kinesia.core.plan.Method.Layout;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.screening.Limit;

/**
 * What makes each way of working what it is (common practice, no source), looked for in a finished plan without knowing how the
 * planner made it: what is missing, in words.
 */
final class MethodTraits {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Set<String> PRESSES = Set.of("close-press", "chin-line-press", "dip", "push-up");
    private static final double OVERHEAD_DEG = 120;

    private final PlanRequest request;
    private final Plan plan;
    private final List<Unit> work;
    private final List<Slot> arm;
    private final List<String> missing = new ArrayList<>();

    private MethodTraits(PlanRequest request, Plan plan) {
        this.request = request;
        this.plan = plan;
        this.work = plan.units().stream().filter(u -> !u.care()).toList();
        this.arm = work.stream()
                .flatMap(u -> u.slots().stream())
                .filter(s -> entry(s).role().trainsTheArm())
                .toList();
    }

    static List<String> missing(PlanRequest request, Plan plan) {
        MethodTraits traits = new MethodTraits(request, plan);
        traits.look(request.method().key());
        traits.order();
        return traits.missing;
    }

    private static Exercise entry(Slot slot) {
        return MODEL.catalogue().get(slot.exerciseKey());
    }

    private static boolean isPress(Slot slot) {
        return PRESSES.contains(entry(slot).movementFamily());
    }

    private static boolean isPushUp(Slot slot) {
        return entry(slot).bodyWeightShare() > 0;
    }

    private void look(String method) {
        switch (method) {
            case "preloaded-pairs" -> {
                need(work.stream().allMatch(u -> u.layout() == Layout.PAIRS), "pairs");
                need(
                        !arm.isEmpty()
                                && work.get(work.size() - 1).slots().stream().anyMatch(MethodTraits::isPress),
                        "press to close");
                need(
                        arm.stream().filter(MethodTraits::isPress).allMatch(s -> s.loadShare() < 1 || isPushUp(s)),
                        "reduced load");
            }
            case "single-drills" -> {
                need(count(Head.Group.FLEXORS) + count(Head.Group.EXTENSORS) >= 3, "three drills");
                need(arm.stream().noneMatch(s -> isPress(s) || entry(s).isCalled("press")), "single-joint drills");
                need(all(u -> u.layout() == Layout.STRAIGHT), "one at a time");
            }
            case "form-first" -> {
                need(arm.stream().allMatch(s -> s.reps().low() >= 8 && s.usual().high() <= 12), "8-12");
                int allowed = Math.max(request.setsFor(Head.Group.FLEXORS), request.setsFor(Head.Group.EXTENSORS));
                need(allowed < 4 || arm.stream().anyMatch(s -> s.sets() == 4), "four sets");
            }
            case "bands-only" -> {
                need(arm.stream().allMatch(s -> entry(s).implement() == Implement.BAND), "bands");
                boolean scarce = plan.bends().stream().anyMatch(b -> b.exact().contains("nothing else of the kind"));
                need(arm.size() >= 3, "three exercises");
                need(scarce || (count(Head.Group.FLEXORS) >= 2 && count(Head.Group.EXTENSORS) >= 2), "2 + 2");
                need(!arm.isEmpty() && arm.get(0).group() == Head.Group.EXTENSORS, "an extension opens");
            }
            case "blocks-of-three" ->
                need(
                        work.stream()
                                        .filter(u -> u.slots().size() > 1 || u.layout() == Layout.BLOCKS)
                                        .allMatch(u ->
                                                u.slots().stream().anyMatch(s -> entry(s).role() == Role.COMPANION))
                                && all(u -> true)
                                && work.stream().anyMatch(u -> u.layout() == Layout.BLOCKS),
                        "a shoulder exercise in each block");
            case "seated" -> need(arm.stream().allMatch(s -> entry(s).stance() == Stance.SEATED), "all seated");
            case "timed-circuit" -> {
                List<Slot> stations = work.isEmpty() ? List.of() : work.get(0).slots();
                need(stations.size() >= 4 && work.get(0).layout() == Layout.CIRCUIT, "four stations");
                need(stations.stream().map(s -> entry(s).stance()).distinct().count() <= 2, "two stances");
            }
            case "household" ->
                need(arm.stream().anyMatch(s -> entry(s).implement() == Implement.HOUSEHOLD), "an object of the house");
            case "compound-then-finish" -> {
                need(!arm.isEmpty() && isPress(arm.get(0)), "press opens");
                need(arm.isEmpty() || entry(arm.get(0)).traits().rung() != Traits.Rung.WALL, "no wall to open with");
                need(
                        arm.stream()
                                .filter(s -> entry(s).movementFamily().contains("kickback"))
                                .allMatch(s -> s == arm.get(arm.size() - 1)),
                        "kickback last");
            }
            case "extension-day" -> {
                Set<String> kinds =
                        arm.stream().map(s -> entry(s).movementFamily()).collect(Collectors.toSet());
                long two = List.of("close-press", "extension-lying", "extension-overhead").stream()
                        .filter(k -> kinds.stream().anyMatch(f -> f.startsWith(k)))
                        .count();
                need(two >= 2, "two of the three");
                need(kinds.contains("push-up"), "push-ups");
            }
            case "short-visit" ->
                need(all(u -> u.layout() == Layout.PAIRS && u.slots().size() == 2), "pairs");
            case "joint-sparing" -> need(arm.stream().allMatch(s -> elevation(s) <= 45), "arms at the sides");
            case "mechanics-led" -> {
                need(arm.stream().allMatch(s -> elevation(s) <= OVERHEAD_DEG), "nothing overhead");
                need(arm.stream().noneMatch(s -> s.exerciseKey().contains("half")), "no partials");
            }
            case "effort-block" -> {
                Unit first = work.get(0);
                need(first.layout() == Layout.CIRCUIT && first.slots().size() > 1, "a circuit");
                need(first.slots().stream().allMatch(s -> s.tempo().downS() >= 3), "3 s down");
                need(first.slots().stream().allMatch(s -> s.targetEffort().value() >= 7), "effort 7-8");
            }
            case "elbow-sparing-heavy" -> {
                if (plan.bends().stream().anyMatch(b -> b.ruleId().equals("METHOD-too-soon"))) {
                    need(arm.stream().noneMatch(MethodTraits::isPress), "no press between");
                    return;
                }
                Slot first = arm.get(0);
                need(entry(first).movementFamily().equals("chin-line-press"), "partial-depth press");
                need(first.reps().low() >= 6 && first.usual().high() <= 10, "6-10");
                need(first.targetEffort().value() >= 7, "effort 7");
            }
            case "hybrids" -> {
                need(count(Head.Group.FLEXORS) > 0 && count(Head.Group.EXTENSORS) > 0, "both sides of the arm");
            }
            case "low-load-cuff" -> {
                need(count(Head.Group.FLEXORS) > 0 && count(Head.Group.EXTENSORS) > 0, "both muscles");
                need(arm.stream().allMatch(s -> entry(s).arms() == Exercise.Arms.TOGETHER), "released in time");
            }
            case "alternating-arms" ->
                need(arm.stream().noneMatch(s -> entry(s).arms() == Exercise.Arms.TOGETHER), "one arm at a time");
            default -> {}
        }
    }

    /** What holds in every way of working. */
    private void order() {
        for (Head.Group group : Head.Group.values()) {
            List<Slot> own = arm.stream().filter(s -> s.group() == group).toList();
            if (!own.isEmpty() && entry(own.get(0)).movementFamily().contains("kickback") && own.size() > 1) {
                missing.add("a kickback opens");
            }
            turns(own);
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i + 2 < arm.size(); i++) {
            if (lies(arm.get(i)) && !lies(arm.get(i + 1)) && lies(arm.get(i + 2)) && seen.add("down and up")) {
                missing.add("down, up and down again");
            }
        }
    }

    /** What a limit's sentence promises: what opens does, what comes last has nothing of its muscle after it. */
    private void turns(List<Slot> own) {
        List<LimitCheck.Turn> turns = own.stream()
                .map(s -> LimitCheck.turn(entry(s), request.limits()))
                .toList();
        int last = turns.indexOf(LimitCheck.Turn.LAST);
        need(
                last < 0 || turns.subList(last, turns.size()).stream().allMatch(t -> t == LimitCheck.Turn.LAST),
                "after everything else");
        boolean opens = request.limits().stream().anyMatch(l -> l.kind() == Limit.Kind.OPENS);
        need(
                !opens
                        || own.isEmpty()
                        || own.get(0).group() == Head.Group.FLEXORS
                        || turns.get(0) == LimitCheck.Turn.OPENS,
                "press-downs open");
        need(
                !request.known().story().isFrail(request.age()) || own.stream().noneMatch(MethodTraits::lies),
                "the frail stay off the floor");
    }

    private static boolean lies(Slot slot) {
        return SessionNumbers.isOnFloor(entry(slot));
    }

    private static double elevation(Slot slot) {
        return slot.movement().keyframes().stream()
                .mapToDouble(k -> k.pose().elevationDeg())
                .max()
                .orElse(0);
    }

    private long count(Head.Group group) {
        return arm.stream()
                .filter(s -> s.group() == group)
                .map(Slot::exerciseKey)
                .distinct()
                .count();
    }

    private boolean all(Predicate<Unit> what) {
        return work.stream().allMatch(what);
    }

    private void need(boolean there, String what) {
        if (!there) {
            missing.add(what);
        }
    }
}
