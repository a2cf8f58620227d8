package kinesia.core.response;

import java.util.Optional;
import kinesia.core.dose.Load;
import kinesia.core.dose.Progression;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** Steps that are not those of every exercise: of cuffed sets, after a second same, and where the next load is twice this one. */
final class StepsUp {
    /** No set is asked for more repetitions than these [house]. */
    static final int MOST_REPS = 20;

    private static final int CUFFED_FIRST_SET = 30;
    private static final double LARGEST_CUFFED_STEP = 1.5;
    private static final double TINY = 1e-9;

    private StepsUp() {}

    /** Whether {@code slot} is done with restriction cuffs, its sets having aims of their own. */
    static boolean isCuffed(Slot slot) {
        return slot.setReps().size() > 1
                && slot.loadShare() < 1
                && slot.setReps().get(0) >= CUFFED_FIRST_SET;
    }

    /** Cuffed sets move on when a later set goes past its twenty [practice]: the next load, at most half as much again. */
    static Optional<Progression.Step> cuffed(Done last, ReachableLoads loads) {
        Load load = last.load();
        boolean past = last.sets().stream().anyMatch(s -> s.setNumber() > 1 && s.reps() > MOST_REPS);
        return loads.above(load.kg())
                .filter(next -> past && next.kg() <= load.kg() * LARGEST_CUFFED_STEP + TINY)
                .map(next -> new Progression.Step(
                        next,
                        last.slot().reps(),
                        0,
                        Reason.of(
                                        "PROGRESS-cuffed",
                                        Tag.PRACTICE,
                                        "more than 20 repetitions in a later set",
                                        "A later set went past " + MOST_REPS + " repetitions: " + load.label() + " to "
                                                + next.label() + ".",
                                        "You did more than twenty, so a little more weight.")
                                .with("from", load.label())
                                .with("to", next.label())));
    }

    /** Second same running with clean mornings: one repetition more. */
    static Carryover oneRepetition(ExerciseLog log, SiteSignal signal) {
        Slot slot = log.slot();
        RepRange more = new RepRange(slot.reps().low(), slot.reps().high() + 1);
        Load load = log.load();
        return new Decided(
                        load,
                        Reason.of(
                                        "SAME-second-clean",
                                        Tag.HOUSE,
                                        "second same running, both mornings within 1 of usual",
                                        "Second same running with clean mornings: one repetition more, up to "
                                                + more.high() + ", with " + load.label() + ".",
                                        "One more repetition, nothing else.")
                                .with("load", load.label())
                                .with("signal", signal.reason().ruleId()))
                .with(slot, more);
    }

    /** Whether {@code next} is twice what was lifted, or more, and never was lifted well. */
    static boolean isDoubled(ExerciseLog log, Load next) {
        Load load = log.load();
        return load.kg() > 0 && next.kg() >= Progression.DOUBLE * load.kg() - TINY && !log.wasLifted(next);
    }

    /**
     * Nobody doubles a load that was never lifted well: repetitions go on instead [house].
     *
     * @param next what it would have been
     * @param most the highest repetitions that its limits allow
     */
    static Carryover undoubled(ExerciseLog log, Load next, int most) {
        Slot slot = log.slot();
        String load = log.load().label();
        int high = Math.min(slot.reps().high() + 1, Math.min(MOST_REPS, most));
        boolean end = high <= slot.reps().high();
        String instead = end
                ? load + " stays, and something between the two, or another exercise, would make it harder."
                : "up to " + high + " repetitions with " + load + " instead.";
        Reason why = Reason.of(
                        "PROGRESS-unhurried",
                        Tag.HOUSE,
                        "nobody doubles a load that was never lifted well",
                        "The next load here, " + next.label() + ", is twice " + load + ": " + instead,
                        "The next weight would be twice as heavy, so we do a little more with this one.")
                .with("load", load)
                .with("next load", next.label());
        RepRange reps = new RepRange(Math.min(slot.reps().low(), high), high);
        return new Decided(log.load(), why).with(slot, reps);
    }
}
