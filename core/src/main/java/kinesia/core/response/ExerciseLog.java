package kinesia.core.response;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.TrialCourse;
import kinesia.core.dose.TrialSets;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.plan.Plan.Slot;

/**
 * Every time an exercise was done within the record that is read.
 *
 * @param all oldest first, at least one
 */
record ExerciseLog(List<Done> all) {
    private static final double TINY = 1e-9;
    private static final double WELL_UP_TO = 8;
    private static final double HALF_A_POINT = 0.5;

    ExerciseLog {
        all = List.copyOf(all);
    }

    Done last() {
        return all.get(all.size() - 1);
    }

    Optional<Done> before() {
        return all.size() > 1 ? Optional.of(all.get(all.size() - 2)) : Optional.empty();
    }

    /** As it was planned the last time. */
    Slot slot() {
        return last().slot();
    }

    /** What it ended with the last time. */
    Load load() {
        return last().load();
    }

    /** The same, of its last time no more than {@code part}. */
    ExerciseLog endingWith(Done part) {
        return new ExerciseLog(Stream.concat(all.stream().limit(all.size() - 1), Stream.of(part))
                .toList());
    }

    /** How many trial sets were done. */
    int trialSets(ReachableLoads loads) {
        return courses(loads).mapToInt(c -> c.trials().size()).sum();
    }

    /** The trial sets of which somebody said how hard they were. */
    List<TrialSets.Tried> tried(ReachableLoads loads) {
        return courses(loads).flatMap(c -> c.tried().stream()).toList();
    }

    private Stream<TrialCourse> courses(ReachableLoads loads) {
        return all.stream().filter(d -> d.slot().trial()).map(d -> TrialCourse.of(d.sets(), loads));
    }

    /** Whether {@code load} was lifted well already, for the fewest repetitions of its range with two left in reserve. */
    boolean wasLifted(Load load) {
        return all.stream()
                .anyMatch(d -> d.sets().stream()
                        .anyMatch(s -> s.load().kg() >= load.kg() - TINY
                                && s.reps() >= d.slot().usual().low()
                                && s.effort() != null
                                && s.effort().value() <= WELL_UP_TO));
    }

    /** The repetitions that went well with {@code load} when it was last lifted: a step that was too much goes back to them. */
    Optional<RepRange> repsThatWentWell(Load load) {
        return all.stream()
                .filter(d -> !d.slot().trial() && !d.tooHard())
                .filter(d -> d.sets().stream().allMatch(s -> Math.abs(s.load().kg() - load.kg()) < TINY))
                .map(d -> d.slot().reps())
                .reduce((earlier, later) -> later);
    }

    /** The most kg it was done with as it was meant: what a trial or a set that was too hard had is no strength to regain. */
    double best() {
        return all.stream()
                .filter(d -> !d.slot().trial())
                .flatMap(d -> d.sets().stream()
                        .filter(s -> s.reps() >= d.slot().reps().low()
                                && s.effort() != null
                                && s.effort().value() <= d.slot().targetEffort().value() + HALF_A_POINT))
                .mapToDouble(s -> s.load().kg())
                .max()
                .orElse(0);
    }
}
