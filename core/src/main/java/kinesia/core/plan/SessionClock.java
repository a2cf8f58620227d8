package kinesia.core.plan;

import kinesia.core.dose.RestAndTime;
import kinesia.core.plan.Composer.Best;
import kinesia.core.plan.Composer.Choice;

/** How long a session takes on the floor, in seconds. */
record SessionClock(int availableS, int restS) {
    /** Whether the work of {@code best} fits beside the general warm-up and two ramps. */
    boolean fits(Best best) {
        return workSeconds(best) <= availableS;
    }

    /** Sets, change-overs, rests and setting up. */
    int workSeconds(Best best) {
        int pairs = best.flexors().sets().size();
        int total = pairs * RestAndTime.SET_UP_PAIR_S;
        for (int i = 0; i < pairs; i++) {
            int rounds = Math.max(
                    best.flexors().sets().get(i), best.extensors().sets().get(i));
            total += lifting(best.flexors(), i) + lifting(best.extensors(), i);
            total += rounds * RestAndTime.CHANGE_OVER_S + rounds * restS;
        }
        return total - (pairs > 0 ? restS : 0); // nobody rests after the last round
    }

    private static int lifting(Choice choice, int i) {
        Candidate candidate = choice.order().get(i);
        return choice.sets().get(i)
                * RestAndTime.setSeconds(candidate.exercise(), candidate.reps().high());
    }

    static int minutes(int seconds) {
        return (seconds + 59) / 60;
    }
}
