package kinesia.core.plan;

import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Stance;
import kinesia.core.plan.Composer.Best;
import kinesia.core.plan.Composer.Choice;

/** How often a session goes down to the floor and up again. */
final class FloorVisits {
    private FloorVisits() {}

    /** Times the client gets down to the floor, working through {@code best} round by round. */
    static int of(Best best) {
        int visits = 0;
        boolean down = false;
        for (int pair = 0; pair < best.flexors().order().size(); pair++) {
            int rounds = Math.max(
                    best.flexors().sets().get(pair), best.extensors().sets().get(pair));
            for (int round = 0; round < rounds; round++) {
                for (Choice choice : new Choice[] {best.extensors(), best.flexors()}) {
                    if (round < choice.sets().get(pair)) {
                        boolean floor = isOnFloor(choice.order().get(pair).exercise());
                        visits += floor && !down ? 1 : 0;
                        down = floor;
                    }
                }
            }
        }
        return visits;
    }

    /** Whether getting up from {@code exercise} is getting up from the floor. */
    static boolean isOnFloor(Exercise exercise) {
        return exercise.stance() == Stance.FLOOR
                || exercise.stance() == Stance.KNEELING
                || exercise.stance() == Stance.SIDE_LYING
                || exercise.equipment().contains("mat");
    }
}
