package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/** Sets, repetitions, tempo and effort of an exercise: the method's where it says one, within limits, each with its why. */
final class Dosing {
    // The usual aim for people over fifty, leaving two to three repetitions in reserve [practice].
    static final Effort USUAL_EFFORT = Effort.of(7.5);
    private static final Effort FIRST_EFFORT = Effort.of(6);
    // Lowering takes about 3 s [practice]; faster is what "no fast lowering" leaves out.
    static final int SLOW_LOWERING_S = 3;
    private static final RepRange NEW_TO_TRAINING = new RepRange(10, 15);

    /** The rule by which a tempo is the method's and no step is bridged with it. */
    static final String METHODS_TEMPO = "TEMPO-method";

    /** The rule by which repetitions go past what the method says. */
    static final String BRIDGED = "METHOD-bridge";

    private final PlanRequest request;
    private final Method.Dose dose;
    private final List<Limit> limits;
    private final @Nullable Side arm;
    private final List<Reason> bends = new ArrayList<>();

    /** Doses under {@code limits}, those of {@code arm} where one is asked for; what both share where it is null. */
    Dosing(PlanRequest request, Method.Dose dose, List<Limit> limits, @Nullable Side arm) {
        this.request = request;
        this.dose = dose;
        this.limits = limits;
        this.arm = arm;
    }

    /** Where a limit or the client's training age took the place of what the method says. */
    List<Reason> bends() {
        return bends;
    }

    /** The method's or the exercise's own tempo, with holds no longer and lowering no faster than limits say. */
    Exercise.Tempo tempo(Exercise exercise, Map<Site, Double> stress, Map<Aspect, Reason> why) {
        // A held effort has no tempo but its hold.
        Exercise.Tempo tempo = dose.tempo() == null || exercise.tempo().holdS() >= 5 ? exercise.tempo() : dose.tempo();
        if (dose.tempo() != null) {
            why.put(
                    Aspect.TEMPO,
                    methodReason(
                            METHODS_TEMPO,
                            tempo.upS() + " s up, " + tempo.holdS() + " s squeeze and " + tempo.downS()
                                    + " s down belong to this way of working."));
        }
        Carryover carried = request.carryovers().get(exercise.key());
        if (carried != null && carried.lowering() > tempo.downS() && dose.tempo() == null && dose.stationS() == 0) {
            tempo = new Exercise.Tempo(tempo.upS(), tempo.holdS(), carried.lowering());
            why.put(Aspect.TEMPO, carried.reason());
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.LONGEST_HOLD, exercise, stress, limits)) {
            if (limit.number() < tempo.holdS()) {
                tempo = new Exercise.Tempo(tempo.upS(), (int) limit.number(), tempo.downS());
                why.put(Aspect.TEMPO, limit.reason());
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.NO_FAST_LOWERING, exercise, stress, limits)) {
            if (tempo.downS() < SLOW_LOWERING_S) {
                tempo = new Exercise.Tempo(tempo.upS(), tempo.holdS(), SLOW_LOWERING_S);
                why.put(Aspect.TEMPO, limit.reason());
                bend(limit.reason(), dose.tempo() != null);
            }
        }
        return tempo;
    }

    /** The most sets there may be, 0 to 4. */
    int mostSets(Exercise exercise, Map<Site, Double> stress, Map<Aspect, Reason> why) {
        Carryover carried = request.carryovers().get(exercise.key());
        int most = carried == null ? Carryover.ANY_SETS : Math.min(Carryover.ANY_SETS, carried.mostSets());
        if (carried != null && most < Carryover.ANY_SETS) {
            why.put(Aspect.SETS, carried.reason());
        }
        Limit lowest = lowest(LimitCheck.dosing(Limit.Kind.SETS_PER_EXERCISE, exercise, stress, limits));
        if (lowest != null && lowest.number() < most) {
            why.put(Aspect.SETS, lowest.reason());
            return (int) lowest.number();
        }
        return most;
    }

    /** Repetitions at {@code tempo}. */
    RepRange reps(Exercise exercise, Exercise.Tempo tempo, Map<Site, Double> stress, Map<Aspect, Reason> why) {
        RepRange reps = aimed(exercise, tempo, why);
        int low = reps.low();
        int high = reps.high();
        for (Limit limit : LimitCheck.dosing(Limit.Kind.FEWEST_REPS, exercise, stress, limits)) {
            if (limit.number() > low) {
                low = (int) limit.number();
                why.put(Aspect.REPS, limit.reason());
                bend(limit.reason(), dose.reps() != null);
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.MOST_REPS, exercise, stress, limits)) {
            if (limit.number() < high) {
                high = (int) limit.number();
                why.put(Aspect.REPS, limit.reason());
                bend(limit.reason(), dose.reps() != null || !dose.setReps().isEmpty());
            }
        }
        return new RepRange(Math.min(low, Math.max(low, high)), Math.max(low, high));
    }

    private RepRange aimed(Exercise exercise, Exercise.Tempo tempo, Map<Aspect, Reason> why) {
        Carryover carried = request.carried(exercise.key(), arm);
        if (dose.stationS() > 0) {
            int reps = Math.max(
                    1,
                    dose.stationS()
                            / (Math.max(1, tempo.secondsPerRep())
                                    * exercise.arms().timesAsLong()));
            why.put(Aspect.REPS, byTheClock(reps));
            return new RepRange(reps, reps);
        }
        if (!dose.setReps().isEmpty()) {
            why.put(Aspect.REPS, methodReason("REPS-method", "Set by set " + dose.setReps() + " repetitions."));
            return new RepRange(
                    dose.setReps().stream().mapToInt(r -> r).min().orElse(1),
                    dose.setReps().stream().mapToInt(r -> r).max().orElse(1));
        }
        RepRange method = dose.reps();
        if (carried != null && !carried.ownAim() && (method == null || isInside(carried.usual(), method))) {
            why.put(
                    Aspect.REPS,
                    method == null || carried.reps().high() <= method.high()
                            ? carried.reason()
                            : methodReason(
                                    BRIDGED,
                                    carried.reps().high() + " repetitions of " + exercise.name()
                                            + " bend the method's " + method.high()
                                            + ": the next load is too big a step."));
            return carried.reps();
        }
        if (exercise.role() == Role.HOLD) {
            return ownReps(exercise, why);
        }
        if (method != null && request.newToTraining() && method.high() >= NEW_TO_TRAINING.low()) {
            // Of the method's range what is also right for somebody new.
            method = new RepRange(Math.max(method.low(), NEW_TO_TRAINING.low()), method.high());
        } else if (request.newToTraining()) {
            Reason reason = Reason.of(
                    "REPS-new",
                    Tag.PUB,
                    "10 to 15 first",
                    "New to training: 10 to 15 repetitions first.",
                    "More and lighter to begin with.");
            why.put(Aspect.REPS, reason);
            bend(reason, method != null);
            return NEW_TO_TRAINING;
        }
        if (method != null) {
            why.put(
                    Aspect.REPS,
                    methodReason(
                            "REPS-method", method.low() + " to " + method.high() + " repetitions in this method."));
            return method;
        }
        return ownReps(exercise, why);
    }

    private static RepRange ownReps(Exercise exercise, Map<Aspect, Reason> why) {
        why.put(
                Aspect.REPS,
                Reason.of(
                        "REPS-usual",
                        Tag.PRACTICE,
                        exercise.reps().low() + " to " + exercise.reps().high(),
                        "The usual range of this exercise is " + exercise.reps().low() + " to "
                                + exercise.reps().high() + " repetitions.",
                        "The usual number for this one."));
        return exercise.reps();
    }

    // What was carried over goes on only where it is the method's kind of work.
    private static boolean isInside(RepRange carried, RepRange method) {
        return carried.low() >= method.low() && carried.high() <= method.high();
    }

    private Reason byTheClock(int reps) {
        return methodReason(
                "REPS-station",
                "The station lasts " + dose.stationS() + " s, about " + reps + " repetitions at this tempo.");
    }

    private Reason methodReason(String rule, String exact) {
        return Reason.of(rule, Tag.PRACTICE, request.method().name(), exact, "That is how this way of working goes.")
                .with("method", request.method().name());
    }

    /** Target effort. */
    Effort effort(Exercise exercise, Map<Site, Double> stress, Map<Aspect, Reason> why) {
        boolean first = request.known().sets().isEmpty();
        Double method = dose.effort();
        Effort effort = !first
                ? USUAL_EFFORT
                : dose.leastEffort() > FIRST_EFFORT.value() ? Effort.of(dose.leastEffort()) : FIRST_EFFORT;
        if (first && dose.leastEffort() > FIRST_EFFORT.value()) {
            why.put(
                    Aspect.EFFORT,
                    methodReason(
                            "EFFORT-method",
                            "Effort " + Numbers.plain(dose.leastEffort())
                                    + " in a first session: the least that this way of working is done at."));
        } else if (method != null && (!first || method < FIRST_EFFORT.value())) {
            effort = Effort.of(method);
            why.put(
                    Aspect.EFFORT,
                    methodReason("EFFORT-method", "Effort " + Numbers.plain(method) + " in this method."));
        } else {
            why.put(Aspect.EFFORT, first ? firstEffort() : usualEffort());
        }
        Limit lowest = lowest(LimitCheck.dosing(Limit.Kind.LARGEST_EFFORT, exercise, stress, limits));
        if (lowest != null && lowest.number() < effort.value()) {
            effort = effort.cappedAt(lowest.number());
            why.put(Aspect.EFFORT, lowest.reason());
            bend(lowest.reason(), method != null);
        }
        if (request.returning()) {
            effort = effort.cappedAt(effort.value() - 1);
            why.put(
                    Aspect.EFFORT,
                    Reason.of(
                            "EFFORT-returning",
                            Tag.PRACTICE,
                            "one less in the first two sessions after more than 14 days away",
                            "Back after a break: effort goes down by 1 to " + Numbers.plain(effort.value())
                                    + " in the first two sessions.",
                            "We start again a little easier."));
        }
        if (request.door().shortSleep() || request.door().armsWorkedHarder()) {
            effort = effort.cappedAt(effort.value() - 1);
            why.put(
                    Aspect.EFFORT,
                    doorReason(request.door(), "effort goes down by 1 to " + Numbers.plain(effort.value())));
        }
        return effort;
    }

    private static Reason firstEffort() {
        return Reason.of(
                "EFFORT-first",
                Tag.HOUSE,
                "6",
                "The first session stays at effort 6: it finds loads and learns the movements.",
                "Today is for finding out, not for working hard.");
    }

    private static Reason usualEffort() {
        return Reason.of(
                "EFFORT-usual",
                Tag.PRACTICE,
                "7 to 8 over fifty",
                "Effort 7.5 leaves two to three repetitions in reserve.",
                "Stop with two or three good ones still in you.");
    }

    private void bend(Reason reason, boolean methodSaysSo) {
        if (methodSaysSo && !bends.contains(reason)) {
            bends.add(reason);
        }
    }

    static Reason doorReason(Door door, String consequence) {
        String what = door.shortSleep() ? "Under 5 h of sleep" : "A day heavier for the arms than usual";
        return Reason.of(
                        "DOOR-easier",
                        Tag.HOUSE,
                        "under 5 h of sleep, or a day heavier for the arms than usual",
                        what + ": " + consequence + ".",
                        "After a day like that we take a little off.")
                .with("sleep", door.sleepHours() == null ? "not asked" : door.sleepHours() + " h")
                .with("arms worked harder", door.armsWorkedHarder());
    }

    private static @Nullable Limit lowest(List<Limit> limits) {
        return limits.stream()
                .min((a, b) -> Double.compare(a.number(), b.number()))
                .orElse(null);
    }
}
