package kinesia.core.dose;

import kinesia.core.reason.InvalidValue;

/**
 * What the intake asks of earlier training, as far as the start needs it.
 *
 * @param visits strength sessions in all, here or elsewhere, 0 to 10,000
 * @param trainedBefore six months of strength training at any time in the last five years
 * @param risesWithoutHands whether the client gets up from a chair without the hands
 */
public record TrainingStory(int visits, boolean trainedBefore, boolean risesWithoutHands) {
    private static final int NEW_UNDER_VISITS = 24;
    private static final int MOST_VISITS = 10_000;
    private static final int FRAIL_FROM_AGE = 85;

    public TrainingStory {
        InvalidValue.requireWithin("visits", visits, 0, MOST_VISITS, "visits");
    }

    /** Whether somebody is new to training; it ends by itself. */
    public boolean isNew() {
        return visits < NEW_UNDER_VISITS;
    }

    /** Whether loads start low because getting up from a chair takes hands, or by age alone. */
    public boolean isFrail(int age) {
        return !risesWithoutHands || age >= FRAIL_FROM_AGE;
    }

    /** The same after {@code more} visits. */
    public TrainingStory after(int more) {
        return new TrainingStory(Math.min(MOST_VISITS, visits + more), trainedBefore, risesWithoutHands);
    }
}
