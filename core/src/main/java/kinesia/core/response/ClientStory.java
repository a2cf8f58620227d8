package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** A client's record as it is drawn: how each place answered, how each exercise grew, and the hard sets of each week. */
public record ClientStory(List<PlaceStory> places, List<ExerciseStory> exercises, List<DoneWeek> weeks) {
    private static final int FEWEST_POINTS = 2;
    private static final int MORNINGS = 4;
    /** The smallest change of a pain score to speak of [pub]. */
    private static final double SMALLEST_CHANGE = 2;

    /** One session at one place: pain 0 to 10, the morning missing while unanswered. */
    public record PlaceSession(
            LocalDate on, int usual, int during, @Nullable Integer morning, Signal signal) {}

    /**
     * How a place answered, oldest first.
     *
     * @param trend whether its mornings got better; null before there are enough to say
     */
    public record PlaceStory(
            Place place,
            String words,
            List<PlaceSession> sessions,
            @Nullable Trend trend) {}

    /** How the last mornings stand against the first: only {@link #SMALLEST_CHANGE} points or more are called one. */
    public record Trend(Direction direction, Reason reason) {}

    public enum Direction {
        BETTER,
        ABOUT_THE_SAME,
        WORSE
    }

    /** The best set of one day: the heaviest, and of alike ones the one with most repetitions. */
    public record DoneDay(LocalDate on, double loadKg, String load, int reps, int sets) {}

    /** How an exercise went, oldest first. */
    public record ExerciseStory(String exerciseKey, String name, List<DoneDay> days) {}

    /** Sets of one muscle in a week: those that count as hard, and the easier ones. */
    public record Done(int hard, int easy) {}

    /**
     * The sets of the week that begins on {@code monday}, against what it was to have of hard ones.
     *
     * @param most of a muscle in any seven days
     */
    public record DoneWeek(
            LocalDate monday, Done flexors, Done extensors, int flexorsAim, int extensorsAim, int most, Reason aim) {}

    /**
     * What a client's weeks aim at.
     *
     * @param before the training before the first session
     * @param sore whether a place is sore
     */
    public record Weeks(TrainingWeek week, TrainingStory before, boolean sore) {}

    /** Told from {@code sessions}, oldest first; what was done only once is no story yet. */
    public static ClientStory of(List<SessionRecord> sessions, Catalogue catalogue, Weeks weeks) {
        List<Map<Place, SiteSignal>> signals = SignalRules.judge(sessions);
        WeekAllowance allowance =
                new WeekAllowance(sessions, signals, catalogue, weeks.week(), weeks.before(), weeks.sore());
        return new ClientStory(places(sessions, signals), exercises(sessions, catalogue), weeks(sessions, allowance));
    }

    private static List<PlaceStory> places(List<SessionRecord> sessions, List<Map<Place, SiteSignal>> signals) {
        Map<Place, List<PlaceSession>> byPlace = new LinkedHashMap<>();
        for (int i = 0; i < sessions.size(); i++) {
            SessionRecord session = sessions.get(i);
            Map<Place, SiteSignal> said = signals.get(i);
            session.places().forEach((place, usual) -> {
                SiteSignal signal = said.get(place);
                if (signal != null) {
                    byPlace.computeIfAbsent(place, p -> new ArrayList<>())
                            .add(new PlaceSession(
                                    session.on(),
                                    usual.value(),
                                    session.during(place).value(),
                                    session.onMorning(place).map(p -> p.value()).orElse(null),
                                    signal.signal()));
                }
            });
        }
        return byPlace.entrySet().stream()
                .filter(e -> e.getValue().size() >= FEWEST_POINTS)
                .map(e -> new PlaceStory(e.getKey(), e.getKey().words(), e.getValue(), trend(e.getKey(), e.getValue())))
                .toList();
    }

    private static @Nullable Trend trend(Place place, List<PlaceSession> sessions) {
        List<Integer> mornings = sessions.stream()
                .map(PlaceSession::morning)
                .filter(Objects::nonNull)
                .toList();
        if (mornings.size() < 2 * MORNINGS) {
            return null;
        }
        double first = mean(mornings.subList(0, MORNINGS));
        double last = mean(mornings.subList(mornings.size() - MORNINGS, mornings.size()));
        Direction direction = first - last >= SMALLEST_CHANGE
                ? Direction.BETTER
                : last - first >= SMALLEST_CHANGE ? Direction.WORSE : Direction.ABOUT_THE_SAME;
        String words = "The morning after, the " + place.words() + " was at " + Numbers.plain(first, 1)
                + " in its first " + MORNINGS + " answers and at " + Numbers.plain(last, 1) + " in the last " + MORNINGS
                + ": "
                + switch (direction) {
                    case BETTER -> "better, by 2 points or more.";
                    case WORSE -> "worse, by 2 points or more.";
                    case ABOUT_THE_SAME -> "less than 2 points apart, too little to speak of.";
                };
        return new Trend(
                direction,
                Reason.of(
                                "STORY-trend",
                                Tag.PUB,
                                "2 points of pain, the smallest change to speak of",
                                words,
                                switch (direction) {
                                    case BETTER -> "Your mornings have got better.";
                                    case WORSE -> "Your mornings are worse than they were.";
                                    case ABOUT_THE_SAME -> "Your mornings are about as they were.";
                                })
                        .with("first", Numbers.plain(first, 1))
                        .with("last", Numbers.plain(last, 1)));
    }

    private static double mean(List<Integer> values) {
        return values.stream().mapToInt(Integer::intValue).average().orElse(0);
    }

    private static List<ExerciseStory> exercises(List<SessionRecord> sessions, Catalogue catalogue) {
        Map<String, List<DoneDay>> byExercise = new LinkedHashMap<>();
        for (SessionRecord session : sessions) {
            Map<String, List<LoggedSet>> done = new LinkedHashMap<>();
            session.sets()
                    .forEach(s -> done.computeIfAbsent(s.exerciseKey(), k -> new ArrayList<>())
                            .add(s));
            done.forEach((key, sets) -> {
                LoggedSet best = sets.stream()
                        .max(Comparator.comparingDouble(
                                        (LoggedSet s) -> s.load().kg())
                                .thenComparingInt(LoggedSet::reps))
                        .orElseThrow();
                int count =
                        (int) sets.stream().map(LoggedSet::setNumber).distinct().count();
                byExercise
                        .computeIfAbsent(key, k -> new ArrayList<>())
                        .add(new DoneDay(
                                session.on(), best.load().kg(), best.load().label(), best.reps(), count));
            });
        }
        return byExercise.entrySet().stream()
                .filter(e -> e.getValue().size() >= FEWEST_POINTS)
                .map(e -> new ExerciseStory(e.getKey(), catalogue.nameOf(e.getKey()), e.getValue()))
                .sorted(Comparator.comparingInt((ExerciseStory e) -> e.days().size())
                        .reversed())
                .toList();
    }

    private static List<DoneWeek> weeks(List<SessionRecord> sessions, WeekAllowance allowance) {
        return sessions.stream()
                .map(s -> TrainingWeek.monday(s.on()))
                .distinct()
                .sorted()
                .map(monday -> {
                    WeekAllowance.Aim aim = allowance.aim(monday);
                    return new DoneWeek(
                            monday,
                            allowance.done(Head.Group.FLEXORS, monday),
                            allowance.done(Head.Group.EXTENSORS, monday),
                            aim.flexors(),
                            aim.extensors(),
                            aim.most(),
                            aim.reason());
                })
                .toList();
    }
}
