package kinesia.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.dose.FirstLoad;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.RestAndTime;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * The first session of thirty written people in a full room, with each start load beside what the norms give. Printed by
 * {@code ops/print-starts}.
 */
public final class FirstSessions {
    private static final int PEOPLE = 30;
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods());

    private FirstSessions() {}

    /**
     * One exercise of a first session.
     *
     * @param first what it is started with at most; null for body weight
     * @param loads what the room has for it
     */
    record Start(FirstChoices.Written who, Slot slot, FirstLoad first, ReachableLoads loads) {}

    static List<Start> all() {
        List<Start> starts = new ArrayList<>();
        for (FirstChoices.Written who : FirstChoices.people().subList(0, PEOPLE)) {
            PlanRequest request = request(who);
            Plan plan = PLANNER.plan(request).plan();
            for (Slot slot : plan == null ? List.<Slot>of() : plan.slots()) {
                Exercise exercise = RuleFiles.model().catalogue().get(slot.exerciseKey());
                FirstLoad first = exercise.bodyWeightShare() > 0
                        ? null
                        : FirstLoad.of(PLANNER.strength(request), exercise.withMovement(slot.movement()));
                starts.add(new Start(who, slot, first, ReachableLoads.of(People.GYM, exercise, request.body())));
            }
        }
        return starts;
    }

    private static PlanRequest request(FirstChoices.Written who) {
        Map<Head.Group, PlanRequest.SetBudget> sets = new EnumMap<>(Head.Group.class);
        Reason week = Reason.of("WEEK-first", Tag.HOUSE, "", "The first week.", "The first week.");
        for (Head.Group group : Head.Group.values()) {
            sets.put(group, new PlanRequest.SetBudget(4, week));
        }
        return new PlanRequest(
                who.person().body(),
                who.person().age(),
                People.DAY,
                35,
                People.GYM,
                List.of(),
                who.sore(),
                Set.of(),
                new PlanRequest.Known(who.person().story(), List.of(), People.DAY),
                Map.of(),
                Map.of(),
                Map.of(),
                sets,
                RestAndTime.first(),
                Door.quiet(),
                null,
                false);
    }

    public static void main(String[] args) {
        String last = "";
        for (Start start : all()) {
            if (!start.who().who().equals(last)) {
                last = start.who().who();
                System.out.printf(
                        Locale.ROOT,
                        "%n%s, %d, %.0f kg: the norms give a curl of %.2f kg%n",
                        last,
                        start.who().person().age(),
                        start.who().person().body().massKg(),
                        start.who().curlKg());
            }
            System.out.printf(
                    Locale.ROOT,
                    "  %-50s %-26s %s  %s%n",
                    start.slot().name(),
                    start.slot().sets() + " x " + start.slot().reps().low() + "-"
                            + start.slot().reps().high() + ", "
                            + start.slot().load().label(),
                    start.first() == null
                            ? ""
                            : String.format(
                                    Locale.ROOT,
                                    "at most %.2f kg",
                                    start.first().kg()),
                    start.slot().why().get(Plan.Aspect.LOAD).exact());
        }
    }
}
