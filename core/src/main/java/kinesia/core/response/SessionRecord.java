package kinesia.core.response;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/**
 * One finished session with what came after it.
 *
 * @param soreSites the sore places and their usual pain when it was planned
 * @param painSaid whether anybody said how it was while it was done, none at all included
 * @param rightAfter pain by place right after the last set; empty where nobody asked
 * @param morning null while unanswered
 * @param nextDoor pain by place at the next door; null while there was none
 */
public record SessionRecord(
        LocalDate on,
        Planned planned,
        List<SoreSite> soreSites,
        List<LoggedSet> sets,
        boolean painSaid,
        List<SitePain> rightAfter,
        @Nullable Morning morning,
        @Nullable List<SitePain> nextDoor) {
    // RULES 6: so much soreness so many days after counts as joint pain, as does soreness of one arm after work on
    // both.
    private static final int SETTLES_IN_DAYS = 3;

    public SessionRecord {
        rightAfter = List.copyOf(rightAfter);
        soreSites = List.copyOf(soreSites);
        sets = List.copyOf(sets);
        nextDoor = nextDoor == null ? null : List.copyOf(nextDoor);
    }

    /** The same with its plan at hand. */
    public SessionRecord(
            LocalDate on,
            Plan plan,
            List<SoreSite> soreSites,
            List<LoggedSet> sets,
            @Nullable Morning morning,
            @Nullable List<SitePain> nextDoor) {
        this(on, Planned.of(plan), soreSites, sets, true, List.of(), morning, nextDoor);
    }

    /** The same of which nobody asked how it was right after. */
    public SessionRecord(
            LocalDate on,
            Planned planned,
            List<SoreSite> soreSites,
            List<LoggedSet> sets,
            @Nullable Morning morning,
            @Nullable List<SitePain> nextDoor) {
        this(on, planned, soreSites, sets, true, List.of(), morning, nextDoor);
    }

    /** Whether {@code today} is after it and nobody has said how the morning was. */
    public boolean isMorningDue(LocalDate today) {
        return morning == null && on.isBefore(today);
    }

    /** What was planned. */
    public Plan plan() {
        return planned.plan();
    }

    /** The places to judge: the known sore ones, and any that hurt in a set or on the morning; usual 0 where new. */
    public Map<Place, PainScore> places() {
        Map<Place, PainScore> places = new LinkedHashMap<>();
        soreSites.forEach(s -> places.put(new Place(s.site(), s.side()), s.usual()));
        for (LoggedSet set : sets) {
            if (set.pain().atLeast(1) && set.painSite() != null && set.painSide() != null) {
                places.putIfAbsent(new Place(set.painSite(), set.painSide()), PainScore.NONE);
            }
        }
        newPains(places, rightAfter);
        if (nextDoor != null) {
            newPains(places, nextDoor);
        }
        if (morning != null) {
            newPains(places, morning.sites());
            newPains(places, soreness());
        }
        return places;
    }

    private static void newPains(Map<Place, PainScore> places, List<SitePain> said) {
        said.stream()
                .filter(p -> p.pain().atLeast(1))
                .forEach(p -> places.putIfAbsent(new Place(p.site(), p.side()), PainScore.NONE));
    }

    /** The worst pain there during the session or right after it. */
    PainScore during(Place place) {
        return Stream.concat(
                        sets.stream()
                                .filter(s -> s.painSite() == place.site() && s.painSide() == place.side())
                                .map(LoggedSet::pain),
                        find(rightAfter, place).stream())
                .max(PainScore::compareTo)
                .orElse(PainScore.NONE);
    }

    /** Pain there on the morning after, if it was answered. */
    Optional<PainScore> onMorning(Place place) {
        if (morning == null) {
            return Optional.empty();
        }
        return Stream.concat(find(morning.sites(), place).stream(), find(soreness(), place).stream())
                .max(PainScore::compareTo);
    }

    /** Whether the answer of that morning there is a sore muscle that counts as joint pain. */
    boolean isSoreness(Place place) {
        return find(soreness(), place)
                .filter(s -> onMorning(place).equals(Optional.of(s)))
                .isPresent();
    }

    /** Muscle soreness that counts as pain of the elbow it pulls on: of one arm after work on both, or after three days. */
    private List<SitePain> soreness() {
        if (morning == null || morning.soreMuscle() == null || morning.muscleSoreness() == 0) {
            return List.of();
        }
        Side one = morning.soreSide();
        boolean late = morning.muscleSoreness() >= Morning.ASK_MUSCLE_FROM
                && !morning.on().isBefore(on.plusDays(SETTLES_IN_DAYS));
        Site site = morning.soreMuscle() == Head.Group.FLEXORS ? Site.CROOK_OF_ELBOW : Site.BACK_OF_ELBOW;
        return late || (one != null && isTwoSided())
                ? Stream.of(Side.values())
                        .filter(side -> one == null || side == one)
                        .map(side -> new SitePain(site, side, PainScore.of(morning.muscleSoreness())))
                        .toList()
                : List.of();
    }

    private boolean isTwoSided() {
        return sets.stream().anyMatch(s -> s.side() == null)
                || sets.stream().map(LoggedSet::side).distinct().count() == Side.values().length;
    }

    /** Pain there at the next door, if there was one. */
    Optional<PainScore> atNextDoor(Place place) {
        return nextDoor == null ? Optional.empty() : find(nextDoor, place);
    }

    /** The sets that count as hard: by the effort that was said, and as planned where nobody said. */
    public List<LoggedSet> hardSets() {
        return sets.stream()
                .filter(set -> set.effort() == null
                        ? wasPlannedHard(set)
                        : set.effort().isHard())
                .toList();
    }

    /** The sets that were lighter than that. */
    public List<LoggedSet> easySets() {
        List<LoggedSet> hard = hardSets();
        return sets.stream().filter(set -> !hard.contains(set)).toList();
    }

    private boolean wasPlannedHard(LoggedSet set) {
        return plan().slots().stream()
                .filter(slot -> slot.exerciseKey().equals(set.exerciseKey()))
                .findFirst()
                .map(slot -> slot.of(set.side()).targetEffort().isHard())
                .orElse(false);
    }

    /** The sets of one exercise, in order. */
    public List<LoggedSet> setsOf(String exerciseKey) {
        return sets.stream().filter(s -> s.exerciseKey().equals(exerciseKey)).toList();
    }

    private static Optional<PainScore> find(List<SitePain> pains, Place place) {
        return pains.stream()
                .filter(p -> p.site() == place.site() && p.side() == place.side())
                .map(SitePain::pain)
                .findFirst();
    }
}
