package kinesia.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.InSession;
import kinesia.core.response.Morning;
import kinesia.core.response.SitePain;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenAnswers.Reading;
import org.jspecify.annotations.Nullable;

/** How an invented client's arms answer a plan: repetitions, effort and pain from a made-up strength and a fixed seed. */
final class InventedResponse {
    // The arm that does not write has a little less.
    private static final double OTHER_ARM = 0.93;
    // Usual effort in the model is roughly a ten-repetition load.
    private static final double MAXIMUM_OVER_USUAL = 1.33;
    // What an arm of strength 1 holds at the elbow.
    private static final ElbowStrength INVENTED = ElbowStrength.ofFlexors(19);
    private static final int QUIET_MINUTES = 5;
    private static final int HURTS_IN_THREE = 3;
    private static final int WORSE_IN_FOUR = 4;
    private static final int FRESH_PAIN = 3;

    private final DemoClient who;
    private final ExerciseModel model;
    private final Body body;
    private final Random random;
    private @Nullable String hurtsIn;
    private boolean hurtsNow;

    InventedResponse(DemoClient who, ExerciseModel model, Body body, long seed) {
        this.who = who;
        this.model = model;
        this.body = body;
        this.random = new Random(seed);
    }

    /** A quiet reading at rest, as the room's meter shows it. */
    Reading reading() {
        return new Reading(
                118 + random.nextInt(18), 70 + random.nextInt(12), 60 + random.nextInt(16), false, QUIET_MINUTES, null);
    }

    /** All sets of {@code plan}, following the advice after each. */
    List<LoggedSet> work(Plan plan, LocalDate on, double weeks, int usual, kinesia.core.dose.Equipment equipment) {
        noticeWhatHurts(plan);
        List<LoggedSet> sets = new ArrayList<>();
        for (Slot slot : plan.slots()) {
            Exercise exercise = model.catalogue().get(slot.exerciseKey());
            ReachableLoads loads = ReachableLoads.of(equipment, exercise, body);
            List<Arm> arms = Stream.of(
                            slot.arms() == Exercise.Arms.IN_TURN
                                    ? new Side[] {who.hand().other(), who.hand()}
                                    : new Side[] {null})
                    .filter(side -> slot.sides().isEmpty() || slot.sides().containsKey(side))
                    .map(side -> new Arm(slot, side, loads))
                    .toList();
            for (int n = 1; n <= slot.sets(); n++) {
                for (Arm arm : arms) {
                    if (!arm.ended) {
                        LoggedSet done = set(arm.slot, exercise, arm.load, arm.aim, n, arm.side, on, weeks, usual);
                        sets.add(done);
                        arm.did(done, loads);
                    }
                }
            }
        }
        return sets;
    }

    /** One arm, or both together, through the sets of a slot. */
    private static final class Arm {
        private final Slot slot;
        private final Side side;
        private final List<LoggedSet> done = new ArrayList<>();
        private Load load;
        private int aim;
        private boolean ended;

        private Arm(Slot slot, Side side, ReachableLoads loads) {
            this.slot = slot.of(side);
            this.side = side;
            heard(InSession.first(slot, side, loads));
        }

        private void did(LoggedSet set, ReachableLoads loads) {
            done.add(set);
            heard(InSession.after(slot, done, loads));
        }

        private void heard(InSession.Advice advice) {
            ended = advice.next() == InSession.Next.END_EXERCISE;
            load = advice.load();
            aim = advice.reps();
        }
    }

    private LoggedSet set(
            Slot slot, Exercise exercise, Load load, int aim, int n, Side side, LocalDate on, double weeks, int usual) {
        double strength = who.strength()
                * (1 + who.gainPerWeek() * weeks)
                * (side == who.hand().other() ? OTHER_ARM : 1);
        double maximum = exercise.bodyWeightShare() > 0
                ? load.kg() * 1.5 * strength
                : model.equalEffortLoad(exercise, body, INVENTED) * MAXIMUM_OVER_USUAL * strength;
        double possible = Math.max(3, 30 * (maximum / Math.max(load.kg(), 0.5) - 1) - (n - 1) + random.nextGaussian());
        int reps = (int) Math.min(aim, Math.max(2, Math.floor(possible - 1)));
        double reserve = possible - reps;
        double effort = reserve <= 3 ? 10 - reserve : 7 - (reserve - 3) / 3;
        effort = Math.max(2.5, Math.min(9.5, Math.round(effort * 2) / 2.0));
        if (!slot.targetEffort().isHard()) {
            effort = slot.targetEffort().value(); // care work stays easy
        }
        DemoClient.Sore sore = who.sore();
        boolean hurts = sore != null
                && slot.stress().getOrDefault(sore.site(), 0.0) >= 0.4
                && usual > 0
                && random.nextDouble() < 0.5;
        int felt = hurts ? Math.min(4, Math.max(1, usual + random.nextInt(2) - 1)) : 0;
        if (slot.exerciseKey().equals(hurtsIn) && random.nextInt(HURTS_IN_THREE) < 2) {
            felt = usual + 1 + random.nextInt(2);
        }
        // The other arm's set does not hurt here.
        int pain = side == null || (sore != null && side == sore.side()) ? felt : 0;
        return new LoggedSet(
                on,
                slot.exerciseKey(),
                side,
                n,
                load,
                reps,
                Effort.of(effort),
                PainScore.of(pain),
                pain > 0 ? sore.site() : null,
                pain > 0 ? sore.side() : null);
    }

    /** For whom it hurts in the hardest: the main exercise of the first plan that asks most of the sore place. */
    private void noticeWhatHurts(Plan plan) {
        DemoClient.Sore sore = who.sore();
        if (who.says().hurtsInTheHardest() && sore != null && hurtsIn == null) {
            hurtsIn = plan.mainSlots().stream()
                    .max(Comparator.comparingDouble(s -> s.stress().getOrDefault(sore.site(), 0.0)))
                    .map(Slot::exerciseKey)
                    .orElse(null);
        }
        hurtsNow = plan.mainSlots().stream().anyMatch(s -> s.exerciseKey().equals(hurtsIn));
    }

    /** The morning after the session so many before the last. */
    Morning morning(LocalDate on, int usual, int fromEnd, int sessionNumber) {
        DemoClient.Sore sore = who.sore();
        DemoClient.Says says = who.says();
        boolean worse = says.sames().contains(fromEnd) || (hurtsNow && random.nextInt(WORSE_IN_FOUR) < 3);
        int pain = says.flares().contains(fromEnd)
                ? usual + 3
                : worse ? usual + 2 : Math.max(0, usual + (random.nextInt(3) == 0 ? 1 : 0) - random.nextInt(2));
        List<SitePain> sites = new ArrayList<>();
        if (sore != null) {
            sites.add(new SitePain(sore.site(), sore.side(), PainScore.of(pain)));
        }
        DemoClient.Sore fresh = says.fresh();
        if (fresh != null && fromEnd == 0) {
            sites.add(new SitePain(fresh.site(), fresh.side(), PainScore.of(FRESH_PAIN)));
        }
        int soreness = Math.max(0, 4 - sessionNumber) + random.nextInt(2);
        return new Morning(on, sites, soreness, 6.5 + random.nextInt(4) * 0.5, false, false);
    }

    /** Pain at the next door: settled. */
    List<SitePain> door(int usual) {
        DemoClient.Sore sore = who.sore();
        return sore == null ? List.of() : List.of(new SitePain(sore.site(), sore.side(), PainScore.of(usual)));
    }
}
