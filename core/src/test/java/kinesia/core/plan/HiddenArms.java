package kinesia.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Person;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Implement;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.InSession;
import kinesia.core.response.NextRequest;
import kinesia.core.screening.PainScore;

/** Arms of a hidden strength that grows a little, lifting what is planned and following the advice after each set. */
final class HiddenArms {
    private static final ExerciseModel MODEL = RuleFiles.model();
    // What twelve repetitions at effort 7 leave to failure, and the formula that says what a load does to it.
    private static final double TO_FAILURE = 15;
    private static final double EPLEY = 30;
    private static final double MOST_CUFFED = 22;

    private final NextRequest.Trainee trainee;
    private final Equipment room;
    private final double trueShare;
    private final double gainAWeek;
    private final ElbowStrength begins;
    private double leftShare = 1;

    /**
     * @param trueShare of what the norms give: the strength nobody knows
     * @param gainAWeek by which it grows
     */
    HiddenArms(NextRequest.Trainee trainee, Equipment room, double trueShare, double gainAWeek) {
        this.trainee = trainee;
        this.room = room;
        this.trueShare = trueShare;
        this.gainAWeek = gainAWeek;
        Person person = new Person(trainee.body(), trainee.age(), trainee.story(), Set.of());
        this.begins = ClientStrength.of(MODEL, person, List.of(), People.DAY).both();
    }

    /** The left arm has this share of the right one's strength. */
    void leftArm(double share) {
        leftShare = share;
    }

    /** The load with which {@code exercise} is a set of twelve after so many weeks; 0 where it has none of its own. */
    double twelve(Exercise exercise, double weeks) {
        return isWeighed(exercise, 1)
                ? MODEL.equalEffortLoad(
                        exercise,
                        trainee.body(),
                        ElbowStrength.ofFlexors(begins.flexorsNm() * trueShare * (1 + gainAWeek * weeks)))
                : 0;
    }

    private static boolean isWeighed(Exercise exercise, double kg) {
        return exercise.bodyWeightShare() == 0
                && exercise.implement() != Implement.FIXED
                && exercise.role().trainsTheArm()
                && kg > 0;
    }

    List<LoggedSet> lift(Plan plan, double weeks) {
        List<LoggedSet> sets = new ArrayList<>();
        boolean frail = trainee.story().isFrail(trainee.age());
        double growth = trueShare * (1 + gainAWeek * weeks);
        for (Slot slot : plan.slots()) {
            Exercise exercise = MODEL.catalogue().get(slot.exerciseKey()).withMovement(slot.movement());
            ReachableLoads loads = ReachableLoads.of(room, exercise, trainee.body());
            for (Side side : sides(slot)) {
                Slot own = slot.of(side);
                double strength = growth * (side == Side.LEFT ? leftShare : 1);
                List<LoggedSet> done = new ArrayList<>();
                InSession.Advice advice = InSession.first(own, null, loads);
                for (int n = 1; n <= slot.sets(); n++) {
                    LoggedSet last =
                            set(own, exercise, advice.load(), advice.reps(), n, side, plan.visitOn(), strength);
                    done.add(last);
                    advice = InSession.after(own, done, frail ? InSession.unhurried(own, last.load(), loads) : loads);
                }
                sets.addAll(done);
            }
        }
        return sets;
    }

    private static Side[] sides(Slot slot) {
        if (slot.arms() != Exercise.Arms.IN_TURN) {
            return new Side[] {null};
        }
        return slot.sides().size() == 1
                ? slot.sides().keySet().toArray(new Side[0])
                : new Side[] {Side.LEFT, Side.RIGHT};
    }

    private LoggedSet set(
            Slot slot, Exercise exercise, Load load, int aim, int n, Side side, LocalDate on, double growth) {
        boolean weighed = isWeighed(exercise, load.kg());
        double twelve = weighed
                ? MODEL.equalEffortLoad(exercise, trainee.body(), ElbowStrength.ofFlexors(begins.flexorsNm() * growth))
                : 0;
        double toFailure = weighed
                ? EPLEY * (twelve * (1 + TO_FAILURE / EPLEY) / load.kg() - 1) - (n - 1) * 0.5
                : TO_FAILURE + 10 * (growth / trueShare - 1) * 3;
        // Cuffed sets go on past their aim while there is something left.
        boolean cuffed = n > 1 && slot.setReps().size() > 1 && slot.setReps().get(0) >= 30;
        if (cuffed && toFailure > MOST_CUFFED + 2) {
            aim = (int) MOST_CUFFED;
        }
        int reps = (int) Math.max(3, Math.min(aim, Math.floor(toFailure - 1)));
        double reserve = toFailure - reps;
        double effort = reserve <= 3 ? 10 - reserve : 7 - (reserve - 3) / 3;
        effort = Math.max(2, Math.min(9.5, Math.round(effort * 2) / 2.0));
        if (!slot.targetEffort().isHard()) {
            effort = slot.targetEffort().value();
        }
        return new LoggedSet(
                on, slot.exerciseKey(), side, n, load, reps, Effort.of(effort), PainScore.NONE, null, null);
    }
}
