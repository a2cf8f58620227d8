package kinesia.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.screening.PainScore;

/**
 * One sore place of an invented client, with what nobody is told: what it takes in a week, and how much of the house stress each
 * kind of exercise asks of it. Laid down before anything that learns from it was tried; every number here is invented.
 *
 * <p>A place at its tolerance stands one point over usual on the morning after. Of half the places pain rises evenly from half of
 * that dose on, of the other half with the square of the dose. A load under a set of twelve counts whole, one over it more. A day has a mood of its own, a normal deviate of one point, at the
 * session and again on the morning after; at the door, asked against usual, of half a point.
 */
final class InventedJoint {
    // Tolerances lie about what a first week of planned work truly asks of the place: one far over it would be neither
    // met nor
    // missed by anybody.
    private static final double MIDDLE_TOLERANCE = 1.15;
    private static final double TOLERANCES_APART = 0.3;
    private static final double WEIGHTS_APART_WHERE_OTHERWISE = 0.55;
    private static final double WEIGHTS_APART = 0.1;
    private static final double DRIFT_A_WEEK = 0.12;
    private static final double DOOR_MOOD = 0.5;
    private static final int DAYS = 7;

    private final Random random;
    private final Place place;
    private final boolean bySquare;
    private final double share;
    private final double weightsApart;
    private final long kind;
    private final Map<String, Double> weights = new HashMap<>();
    private final List<Given> given = new ArrayList<>();
    private double usual;
    private double tolerance;

    private record Given(LocalDate on, double dose) {}

    /** @param otherwise whether what hurts it differs from the house weights */
    InventedJoint(Random random, Place place, boolean otherwise) {
        this.random = random;
        this.place = place;
        this.usual = 1 + 3.5 * random.nextDouble();
        this.bySquare = random.nextBoolean();
        this.share = MIDDLE_TOLERANCE * Math.exp(TOLERANCES_APART * random.nextGaussian());
        this.kind = random.nextLong();
        this.weightsApart = otherwise ? WEIGHTS_APART_WHERE_OTHERWISE : WEIGHTS_APART;
    }

    Place place() {
        return place;
    }

    double tolerance() {
        return tolerance;
    }

    /** Its usual pain as a screen would find it. */
    PainScore usual() {
        return PainScore.of((int) Math.round(usual));
    }

    /** A week goes by. */
    void week() {
        usual = Math.max(0, Math.min(6, usual + DRIFT_A_WEEK * random.nextGaussian()));
    }

    /** How much of its house stress {@code exercise} truly asks of it; alike ones alike. */
    double weight(Exercise exercise) {
        return weights.computeIfAbsent(
                exercise.alike(), a -> Math.exp(weightsApart * new Random(a.hashCode() * 31L + kind).nextGaussian()));
    }

    /** One exercise of a visit: what its repetitions truly give the place. */
    record Work(Slot slot, Exercise exercise, double loadRatio, List<LoggedSet> sets) {}

    /** Settles what it takes from what a first week of {@code slots}, twice, would ask. */
    void firstWeekOf(List<Slot> slots, ExerciseModel model) {
        tolerance = share
                * 2
                * slots.stream()
                        .mapToDouble(s -> StressDose.of(s, place.site())
                                * weight(model.catalogue().get(s.exerciseKey())))
                        .sum();
    }

    /** The sets as they felt, with the pain somebody would say; what is over 5 ends its exercise. */
    List<LoggedSet> felt(LocalDate on, List<Work> visit) {
        double mood = random.nextGaussian();
        double dose = 0;
        List<LoggedSet> felt = new ArrayList<>();
        for (Work work : visit) {
            double stress = work.slot().stress().getOrDefault(place.site(), 0.0) * weight(work.exercise());
            for (LoggedSet set : work.sets()) {
                if (set.side() != null && set.side() != place.side()) {
                    felt.add(set);
                    continue;
                }
                dose += StressDose.of(work.slot(), place.site(), set.reps())
                        * weight(work.exercise())
                        * Math.max(1, work.loadRatio());
                int pain = score(0.5 * usual + 1.5 * Math.max(0, stress * work.loadRatio() - 0.7) + mood);
                felt.add(pain == 0 ? set : hurts(set, stress > 0.1 ? pain : 0));
                if (pain > 5 && stress > 0.1) {
                    break;
                }
            }
        }
        given.add(new Given(on, dose));
        return felt;
    }

    private LoggedSet hurts(LoggedSet set, int pain) {
        return pain == 0
                ? set
                : new LoggedSet(
                        set.on(),
                        set.exerciseKey(),
                        set.side(),
                        set.setNumber(),
                        set.load(),
                        set.reps(),
                        set.effort(),
                        PainScore.of(pain),
                        place.site(),
                        place.side());
    }

    /** Pain on the morning after the last visit. */
    PainScore morning() {
        return PainScore.of(score(usual + over() + random.nextGaussian()));
    }

    /** Pain at a door so many days after the last visit: what is over usual halves with each. */
    PainScore door(long days) {
        return PainScore.of(score(usual + over() * Math.pow(0.5, days) + DOOR_MOOD * random.nextGaussian()));
    }

    private double over() {
        LocalDate last = given.get(given.size() - 1).on();
        double week = given.stream()
                .filter(g -> g.on().isAfter(last.minusDays(DAYS)))
                .mapToDouble(Given::dose)
                .sum();
        double share = week / tolerance;
        return bySquare ? share * share : Math.max(0, 2 * share - 1);
    }

    private static int score(double pain) {
        return (int) Math.max(0, Math.min(10, Math.round(pain)));
    }
}
