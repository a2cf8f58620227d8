package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import kinesia.core.arm.Side;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.reason.Reason;
import kinesia.core.screening.Limit;

/**
 * What a record says: how each place answered each visit, what each exercise starts from next time, and what the next visit may
 * hold. Planner, Today and floor work from the same request.
 *
 * @param visits in order, each with the signal of every place that is judged
 * @param exercises of every exercise done, last decided first
 */
public record Decisions(List<Answered> visits, List<Decision> exercises, Next next) {
    // Of two arms that differ, the one whose change is said first.
    private static final List<What> FIRST_SAID = List.of(What.TRIAL, What.STEP_BACK, What.PROGRESS, What.SAME);

    public Decisions {
        visits = List.copyOf(visits);
        exercises = List.copyOf(exercises);
    }

    /** How the places answered one visit. */
    public record Answered(LocalDate on, List<SiteSignal> signals) {}

    /** What is done with an exercise. */
    public enum What {
        /** More load, repetitions or a slower lowering. */
        PROGRESS,
        SAME,
        /** Less load or a set fewer. */
        STEP_BACK,
        /** Out for now, something else in its place. */
        SWAP,
        /** The place it loads rests. */
        REST,
        /** Its load is not found yet. */
        TRIAL
    }

    /** One exercise: what is done with it, the change in words ("4 kg to 4.5 kg"), and why. */
    public record Decision(String exerciseKey, String name, What what, String change, Reason reason) {}

    /**
     * What the next visit may hold.
     *
     * @param sets hard sets of each muscle
     * @param rested places that were referred: they rest until a screen or a note
     * @param askAbout places with new pain, to be asked about first
     * @param lighter less load and fewer sets for once
     * @param returning a point less effort, back after a break
     * @param limits those given and those of rested and new places
     */
    public record Next(
            LocalDate on,
            Map<Head.Group, SetBudget> sets,
            int restSeconds,
            boolean lighter,
            boolean returning,
            Map<Place, Reason> rested,
            Map<Place, Reason> askAbout,
            List<Limit> limits) {}

    /** What {@code records}, oldest first, decide about the visit of {@code prepared}. */
    public static Decisions of(NextRequest.Prepared prepared, List<SessionRecord> records) {
        PlanRequest request = prepared.request();
        List<Answered> visits = new ArrayList<>();
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(records);
        for (int i = 0; i < records.size(); i++) {
            visits.add(
                    new Answered(records.get(i).on(), List.copyOf(signals.get(i).values())));
        }
        return new Decisions(
                visits,
                exercises(prepared, records),
                new Next(
                        request.visitOn(),
                        request.budget(),
                        request.rest().seconds(),
                        request.lighter(),
                        request.returning(),
                        prepared.places().referred(),
                        prepared.places().provisional(),
                        request.limits()));
    }

    private static List<Decision> exercises(NextRequest.Prepared prepared, List<SessionRecord> records) {
        PlanRequest request = prepared.request();
        Map<String, Decision> decided = new LinkedHashMap<>();
        for (int i = records.size() - 1; i >= 0; i--) {
            SessionRecord record = records.get(i);
            for (Slot slot : record.plan().slots()) {
                List<LoggedSet> sets = record.setsOf(slot.exerciseKey());
                Carryover carried = request.carryovers().get(slot.exerciseKey());
                if (!sets.isEmpty() && carried != null && !decided.containsKey(slot.exerciseKey())) {
                    decided.put(slot.exerciseKey(), decision(prepared, slot, sets, carried));
                }
            }
        }
        return List.copyOf(decided.values());
    }

    private static Decision decision(
            NextRequest.Prepared prepared, Slot slot, List<LoggedSet> sets, Carryover carried) {
        for (Map.Entry<Place, Reason> rested : prepared.places().referred().entrySet()) {
            if (SlotDecisions.loads(slot, rested.getKey())) {
                return new Decision(
                        slot.exerciseKey(),
                        slot.name(),
                        What.REST,
                        "out while the " + rested.getKey().words() + " rests",
                        rested.getValue());
            }
        }
        Reason out = prepared.request().leftOut().get(slot.exerciseKey());
        if (out != null) {
            return new Decision(slot.exerciseKey(), slot.name(), What.SWAP, "swapped", out);
        }
        List<Decision> arms = carried.arms().keySet().stream()
                .sorted()
                .map(arm -> ofArm(arm, slot, sets, carried))
                .flatMap(Optional::stream)
                .toList();
        return arms.stream()
                .min(Comparator.comparing(d -> FIRST_SAID.indexOf(d.what())))
                .map(told -> new Decision(
                        slot.exerciseKey(),
                        slot.name(),
                        told.what(),
                        arms.stream().map(Decision::change).collect(Collectors.joining("; ")),
                        told.reason()))
                .orElseGet(() -> decided(slot, sets, carried));
    }

    private static Optional<Decision> ofArm(Side arm, Slot slot, List<LoggedSet> sets, Carryover carried) {
        List<LoggedSet> own =
                sets.stream().filter(s -> s.side() == null || s.side() == arm).toList();
        return own.isEmpty()
                ? Optional.empty()
                : Optional.of(decided(slot.of(arm), own, carried.of(arm)))
                        .map(d -> new Decision(
                                d.exerciseKey(), d.name(), d.what(), arm.word() + " " + d.change(), d.reason()));
    }

    private static Decision decided(Slot slot, List<LoggedSet> sets, Carryover carried) {
        LoggedSet last = sets.get(sets.size() - 1);
        double before = last.load().kg();
        double now = carried.load().kg();
        boolean more = now > before + 1e-9
                || (now >= before - 1e-9 && carried.reps().high() > slot.reps().high())
                || carried.lowering() > slot.tempo().downS();
        boolean less = now < before - 1e-9 || carried.mostSets() < Carryover.ANY_SETS;
        What what = carried.trial() ? What.TRIAL : less ? What.STEP_BACK : more ? What.PROGRESS : What.SAME;
        return new Decision(slot.exerciseKey(), slot.name(), what, change(slot, last, carried), carried.reason());
    }

    private static String change(Slot slot, LoggedSet last, Carryover carried) {
        List<String> parts = new ArrayList<>();
        if (!carried.load().label().equals(last.load().label())) {
            parts.add(last.load().label() + " to " + carried.load().label());
        }
        if (!carried.reps().equals(slot.reps())) {
            parts.add(slot.reps().low() + "-" + slot.reps().high() + " to "
                    + carried.reps().low() + "-" + carried.reps().high() + " repetitions");
        }
        if (carried.lowering() > slot.tempo().downS()) {
            parts.add("lowered in " + carried.lowering() + " s");
        }
        if (carried.mostSets() < Carryover.ANY_SETS) {
            parts.add(slot.sets() + " to " + carried.mostSets() + " sets");
        }
        return parts.isEmpty() ? "as it was" : String.join(", ", parts);
    }
}
