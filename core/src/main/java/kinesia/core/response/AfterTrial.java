package kinesia.core.response;

import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.TrialCourse;
import kinesia.core.dose.TrialSets;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** What follows a visit on which the load of an exercise was looked for. */
final class AfterTrial {
    private AfterTrial() {}

    static Carryover of(ExerciseLog log, ReachableLoads loads) {
        Slot slot = log.slot();
        TrialCourse course = TrialCourse.of(log.last().sets(), loads);
        if (!course.worked().isEmpty()) {
            return worked(log, new Done(log.last().session(), slot, course.worked()), loads);
        }
        Load load = log.load();
        LoggedSet set = log.last().lastSet();
        if (set.effort() == null) {
            return new Decided(load, true, unsaid(load)).with(slot);
        }
        TrialSets.Aim ordinary = new TrialSets.Aim(slot.reps().high(), slot.targetEffort(), loads);
        TrialSets.Step step = TrialSets.next(log.tried(loads), log.trialSets(loads), ordinary);
        return new Decided(step.load(), !step.found(), step.reason()).with(slot);
    }

    /** The ordinary sets that followed in the same visit say whether it is the load to work with. */
    private static Carryover worked(ExerciseLog log, Done since, ReachableLoads loads) {
        if (since.tooHard()) {
            return StepsBack.tooHard(log.endingWith(since), loads);
        }
        Load load = since.load();
        LoggedSet set = since.lastSet();
        Reason why = Reason.of(
                        "LOAD-found",
                        Tag.HOUSE,
                        "found by trial sets, and not too hard in the sets after them",
                        load.first() + " was found by trial sets"
                                + (set.effort() == null
                                        ? "."
                                        : ", and " + set.reps() + " repetitions with it felt like " + Done.said(set)
                                                + ": it is the load to work with."),
                        "That is our weight for now.")
                .with("load", load.label())
                .with("repetitions", since.repetitions())
                .with("efforts", since.efforts());
        return new Decided(load, why).with(log.slot());
    }

    private static Reason unsaid(Load load) {
        return Reason.of(
                        "LOAD-trial-unsaid",
                        Tag.HOUSE,
                        "a said effort",
                        "Nobody said how hard the trial set with " + load.label()
                                + " was, so it is tried again with the same load.",
                        "We try it once more, and you tell me how hard it feels.")
                .with("load", load.label());
    }
}
