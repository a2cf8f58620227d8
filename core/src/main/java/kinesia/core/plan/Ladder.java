package kinesia.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import kinesia.core.dose.Effort;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Traits.Rung;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * The ladder of push-ups climbs like loads: up after two sessions of 15 and more at effort 7 or under, down under 6; the first
 * rung is the wall for whoever is new, frail or sore where it loads, else the counter (RULES 2, [house]). A rung that is not
 * here is passed over, but never to one that puts more than half as much again on the hands.
 */
final class Ladder {
    private static final int CLIMBS_FROM_REPS = 15;
    private static final int GOES_BACK_UNDER_REPS = 6;
    private static final Effort CLIMBS_UP_TO = Effort.of(7);
    // As a trial set's largest step, so that a missing rung is no jump [house].
    private static final double LARGEST_STEP = 1.5;

    private Ladder() {}

    /** The rung a client is on, with why. */
    record Step(Rung rung, Reason reason) {}

    /**
     * Where the client of {@code request} stands.
     *
     * @param here the rungs that this client may do at this place, each with its share of the body on the hands
     * @param wallLoadsSore whether a push-up against the wall loads a place that is sore
     */
    static Step of(PlanRequest request, Catalogue catalogue, NavigableMap<Rung, Double> here, boolean wallLoadsSore) {
        TreeMap<LocalDate, List<LoggedSet>> visits = new TreeMap<>();
        for (LoggedSet set : request.known().sets()) {
            if (rung(catalogue, set).isPresent()) {
                visits.computeIfAbsent(set.on(), d -> new ArrayList<>()).add(set);
            }
        }
        if (visits.isEmpty()) {
            return first(request, wallLoadsSore);
        }
        List<LoggedSet> last = visits.lastEntry().getValue();
        Rung now = rung(catalogue, last.get(last.size() - 1)).orElseThrow();
        Rung easier = here.lowerKey(now);
        if (last.stream().allMatch(s -> s.reps() < GOES_BACK_UNDER_REPS) && easier != null) {
            return step(
                    easier,
                    "Last time it came to fewer than " + GOES_BACK_UNDER_REPS + ": back to " + easier.words() + ".");
        }
        Map.Entry<LocalDate, List<LoggedSet>> before = visits.lowerEntry(visits.lastKey());
        boolean twice = before != null
                && Stream.concat(before.getValue().stream(), last.stream()).allMatch(s -> climbs(catalogue, s, now));
        NavigableMap<Rung, Double> above = here.tailMap(now, false);
        if (twice && !above.isEmpty()) {
            double most = LARGEST_STEP * here.getOrDefault(now, Double.MAX_VALUE);
            Rung harder = above.keySet().stream()
                    .filter(r -> above.getOrDefault(r, most) <= most)
                    .findFirst()
                    .orElse(null);
            if (harder == null) {
                return step(
                        now,
                        "On " + now.words() + " still: the next step here, "
                                + above.firstKey().words()
                                + ", is more than half as much again. More repetitions, or slower.");
            }
            return step(
                    harder,
                    CLIMBS_FROM_REPS + " and more in two sessions running, at effort 7 or under: on to "
                            + harder.words() + ".");
        }
        return step(now, "On " + now.words() + ", as last time.");
    }

    private static boolean climbs(Catalogue catalogue, LoggedSet set, Rung now) {
        return rung(catalogue, set).filter(r -> r == now).isPresent()
                && set.reps() >= CLIMBS_FROM_REPS
                && set.effort() != null
                && set.effort().compareTo(CLIMBS_UP_TO) <= 0;
    }

    private static Step first(PlanRequest request, boolean wallLoadsSore) {
        boolean wall = request.newToTraining() || request.known().story().isFrail(request.age()) || wallLoadsSore;
        return wall
                ? step(
                        Rung.WALL,
                        "Never done here: the wall first, "
                                + (wallLoadsSore
                                        ? "because of the sore place."
                                        : request.newToTraining()
                                                ? "being new to training."
                                                : "lightly to begin with."))
                : step(Rung.COUNTER, "Never done here: hands on a counter first.");
    }

    private static Step step(Rung rung, String exact) {
        return new Step(
                rung,
                Reason.of(
                                "LADDER-rung",
                                Tag.HOUSE,
                                "up after two sessions of 15 at effort 7 or under, down under 6",
                                exact,
                                "We climb this one rung by rung.")
                        .with("rung", rung.words()));
    }

    private static Optional<Rung> rung(Catalogue catalogue, LoggedSet set) {
        return catalogue.find(set.exerciseKey()).map(e -> e.traits().rung());
    }
}
