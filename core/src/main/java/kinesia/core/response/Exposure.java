package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.StressDose;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/**
 * What one visit asked of one place and how the place answered.
 *
 * @param done dose by exercise at this visit, repetitions times house stress
 * @param week the same over the seven days that end with this visit
 * @param usual 0 to 10
 * @param stands where the place stood in these weeks before anything was lifted, by its screen and its doors
 * @param morning pain on the morning after; null while unanswered
 * @param after pain on the morning after, at the next door where nobody answered the morning; null where neither is known
 * @param felt the most pain there in each exercise that was done, 0 included; empty where nobody said
 */
record Exposure(
        LocalDate on,
        Map<String, Double> done,
        Map<String, Double> week,
        int usual,
        double stands,
        @Nullable Integer morning,
        @Nullable Integer after,
        Map<String, Integer> felt) {
    private static final int DAYS = 7;
    // Doors of so many days around a visit tell where the place stands before anything is lifted; the screen's usual
    // counts as
    // two of them [house].
    private static final int DOORS_WITHIN = 21;
    private static final double SCREEN_COUNTS = 2;
    // From here above usual a morning counts as worse (RULES 6: over go).
    static final int WORSE_BY = 2;

    /** Of each of {@code sessions}, oldest first. */
    static List<Exposure> of(Place place, List<SessionRecord> sessions) {
        List<Exposure> all = new ArrayList<>();
        List<Map<String, Double>> doses = new ArrayList<>();
        for (SessionRecord session : sessions) {
            doses.add(dose(place, session));
            Map<String, Double> week = new LinkedHashMap<>();
            for (int i = doses.size() - 1;
                    i >= 0 && sessions.get(i).on().isAfter(session.on().minusDays(DAYS));
                    i--) {
                doses.get(i).forEach((key, dose) -> week.merge(key, dose, Double::sum));
            }
            all.add(new Exposure(
                    session.on(),
                    doses.get(doses.size() - 1),
                    week,
                    usual(place, session),
                    stands(place, sessions, session),
                    session.onMorning(place).map(PainScore::value).orElse(null),
                    session.onMorning(place)
                            .or(() -> session.atNextDoor(place))
                            .map(PainScore::value)
                            .orElse(null),
                    session.painSaid() ? felt(place, session) : Map.of()));
        }
        return all;
    }

    private static int usual(Place place, SessionRecord session) {
        return session.soreSites().stream()
                .filter(s -> s.site() == place.site() && s.side() == place.side())
                .mapToInt(s -> s.usual().value())
                .findFirst()
                .orElse(0);
    }

    private static double stands(Place place, List<SessionRecord> sessions, SessionRecord at) {
        double sum = SCREEN_COUNTS * usual(place, at);
        double counted = SCREEN_COUNTS;
        for (SessionRecord session : sessions) {
            if (Math.abs(session.on().toEpochDay() - at.on().toEpochDay()) <= DOORS_WITHIN) {
                Optional<PainScore> door = session.atNextDoor(place);
                sum += door.map(PainScore::value).orElse(0);
                counted += door.isPresent() ? 1 : 0;
            }
        }
        return sum / counted;
    }

    private static Map<String, Double> dose(Place place, SessionRecord session) {
        Map<String, Double> dose = new LinkedHashMap<>();
        for (Slot slot : session.plan().slots()) {
            double sum = 0;
            for (LoggedSet set : session.setsOf(slot.exerciseKey())) {
                sum += set.side() == null || set.side() == place.side()
                        ? StressDose.of(slot, place.site(), set.reps())
                        : 0;
            }
            if (sum > 0) {
                dose.merge(slot.exerciseKey(), sum, Double::sum);
            }
        }
        return dose;
    }

    private static Map<String, Integer> felt(Place place, SessionRecord session) {
        Map<String, Integer> felt = new LinkedHashMap<>();
        for (LoggedSet set : session.sets()) {
            if (set.side() == null || set.side() == place.side()) {
                boolean here = set.painSite() == place.site() && set.painSide() == place.side();
                felt.merge(set.exerciseKey(), here ? set.pain().value() : 0, Math::max);
            }
        }
        return felt;
    }

    /** Points over usual afterwards, below it negative; empty while unanswered. */
    Optional<Integer> over() {
        return Optional.ofNullable(after).map(pain -> pain - usual);
    }

    boolean isAnswered() {
        return after != null;
    }

    /** Whether it was worse afterwards than a good answer is: usual and two or more. */
    boolean wasWorse() {
        return after != null && after - usual >= WORSE_BY;
    }

    /** The week's dose where each exercise counts {@code weights} of its house stress; what is missing counts whole. */
    double weekDose(Map<String, Double> weights) {
        return weighed(week, weights);
    }

    /** The dose of {@code doses} by exercise where each counts {@code weights} of its house stress. */
    static double weighed(Map<String, Double> doses, Map<String, Double> weights) {
        return doses.entrySet().stream()
                .mapToDouble(e -> e.getValue() * weights.getOrDefault(e.getKey(), 1.0))
                .sum();
    }
}
