package kinesia.core.plan;

import java.util.List;
import java.util.Locale;
import kinesia.core.arm.LoadCurve;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Stance;
import org.jspecify.annotations.Nullable;

/**
 * One way of working: its sections in the order of the session.
 *
 * @param near keys of the methods to offer when this one cannot be kept, nearest first
 * @param note what belongs to the method and to no line of the plan; null when there is nothing
 * @param asks how many exercises and rounds it is meant to have, best first; of those in one list the one worth most
 * @param needs what it is not itself without, in words: refused where none of {@code asks} can be had; null when it bends
 * @param daysApart days from one day with what gives it its character to the next; 0 for any
 * @param opensWith what the session begins with; null when that is open
 * @param everyHead one exercise for each head that can have one
 * @param middleRange only the middle 80 % of each range is used
 * @param cuffs needs restriction cuffs and the clearance for them
 */
public record Method(
        String key,
        String name,
        String what,
        List<String> near,
        @Nullable String note,
        List<List<Ask>> asks,
        @Nullable String needs,
        int daysApart,
        @Nullable For opensWith,
        boolean everyHead,
        boolean middleRange,
        boolean cuffs,
        List<Section> sections) {
    // Upper arm at the side, within what a standing curl or a press-down needs [house].
    private static final double AT_SIDE_DEG = 45;
    /** An upper arm raised beyond this is overhead (the rule for presses of a sore shoulder). */
    static final double OVERHEAD_DEG = 120;

    private static final double MIDDLE_FROM = 0.1;
    private static final double MIDDLE_TO = 0.9;

    public Method {
        near = List.copyOf(near);
        asks = asks.stream().map(List::copyOf).toList();
        sections = List.copyOf(sections);
    }

    /** How the exercises of a section are worked through. */
    public enum Layout {
        /** An extension and a curl in turn, round by round. */
        PAIRS,
        /** A shoulder exercise, a curl and an extension in turn. */
        BLOCKS,
        /** Every station once, round by round. */
        CIRCUIT,
        /** All sets of one exercise, then the next. */
        STRAIGHT;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        boolean linksItsPicks() {
            return this == PAIRS || this == BLOCKS;
        }
    }

    /**
     * The fewest exercises of each pick, in the order of the method, and the fewest rounds of each section; empty rounds for the
     * section's own.
     */
    public record Ask(List<Integer> counts, List<Integer> rounds) {
        /** Nothing but what picks and sections say themselves. */
        static final Ask NOTHING = new Ask(List.of(), List.of());

        public Ask {
            counts = List.copyOf(counts);
            rounds = List.copyOf(rounds);
        }

        int count(int pick) {
            return counts.isEmpty() ? 0 : counts.get(pick);
        }

        int rounds(int section) {
            return rounds.isEmpty() ? 0 : rounds.get(section);
        }
    }

    /** Fewest and wanted number of something; bends between the two. */
    public record Wanted(int fewest, int wanted) {}

    /**
     * Exercises worked in one way.
     *
     * @param forMoreBehind only where the back of the arm has more sets than the front: what is in turn gives both the same
     * @param doubledFrom rounds double when the visit has at least so many minutes, or too few exercises to fill it; 0 never
     * @param dose what stands in for the exercise's own
     */
    public record Section(
            Layout layout, Wanted rounds, boolean forMoreBehind, int doubledFrom, Dose dose, List<Pick> picks) {
        public Section {
            picks = List.copyOf(picks);
        }

        /** The rounds aimed at in a visit of {@code minutes}, or where there are {@code few} exercises to fill it with. */
        int mostRounds(int minutes, boolean few) {
            return doubledFrom > 0 && (few || minutes >= doubledFrom) ? 2 * rounds.wanted() : rounds.wanted();
        }
    }

    /**
     * What a section says of its sets; null or 0 where the exercise's own holds.
     *
     * @param setReps repetitions set by set; empty when all sets are alike
     * @param mostReps how far later sets may go, with {@code setReps}
     * @param lightReps repetitions when every load there is, is light
     * @param effort target effort
     * @param leastEffort what is done with less is not of this way of working; 0 for any
     * @param light pumping work that does not count as hard sets
     * @param stationS seconds a station lasts, whatever the repetitions
     * @param restS rest after a round or a set, trimmed to {@code trimToS} by 5 s a session; 0 where the load says it
     * @param changeOverS seconds from one exercise to the next
     * @param setUpS seconds to set an exercise up
     */
    public record Dose(
            Exercise.@Nullable RepRange reps,
            List<Integer> setReps,
            int mostReps,
            int lightReps,
            @Nullable Double effort,
            double leastEffort,
            Exercise.@Nullable Tempo tempo,
            boolean light,
            int stationS,
            int restS,
            int trimToS,
            int changeOverS,
            int setUpS) {
        public Dose {
            setReps = List.copyOf(setReps);
        }

        boolean restsByLoad() {
            return restS == 0;
        }
    }

    /** What a pick is for. */
    public enum For {
        FLEXORS,
        EXTENSORS,
        COMPANIONS,
        ANY;

        boolean takes(Exercise exercise) {
            return switch (this) {
                case ANY -> true;
                case COMPANIONS -> exercise.role() == Role.COMPANION;
                case FLEXORS -> exercise.role().trainsTheArm() && exercise.group() == Head.Group.FLEXORS;
                case EXTENSORS -> exercise.role().trainsTheArm() && exercise.group() == Head.Group.EXTENSORS;
            };
        }

        /** Whether it works {@code group}. */
        boolean isFor(Head.Group group) {
            return switch (this) {
                case FLEXORS -> group == Head.Group.FLEXORS;
                case EXTENSORS -> group == Head.Group.EXTENSORS;
                case ANY -> true;
                case COMPANIONS -> false;
            };
        }

        String words() {
            return switch (this) {
                case FLEXORS -> "the " + Head.Group.FLEXORS.where();
                case EXTENSORS -> "the " + Head.Group.EXTENSORS.where();
                case COMPANIONS -> "the shoulder";
                case ANY -> "exercises";
            };
        }
    }

    /** A filter that may give way. */
    public enum Bendable {
        ARMS,
        LOADED_LONG,
        /** A press with a load; a push-up in its place. */
        LOADED,
        /** The implements; those of {@link Pick#orImplements} in their place. */
        IMPLEMENTS
    }

    /**
     * A number of exercises of one kind.
     *
     * @param movements movements or single entries it is limited to; empty for any
     * @param leaveOut movements or single entries it never takes
     * @param orImplements what else will do where the implements give way
     * @param loaded only with a load to lift
     * @param atSide only with the upper arm at the side
     * @param loadedLong only with the load where the muscle is long
     * @param overhead whether an upper arm above 120 degrees is allowed
     * @param repeats another form of a movement already used is welcome: a series
     * @param lastClean each set ends with the last clean repetition
     * @param loadShare of the load it would have fresh, 0 to 1 [practice]
     * @param bends filters that give way when nothing is left, in that order
     * @param what what it is, for the sentence that says it was left out
     */
    public record Pick(
            For purpose,
            Wanted count,
            List<String> movements,
            List<String> leaveOut,
            List<Implement> implementChoices,
            List<Implement> orImplements,
            List<Stance> stances,
            List<Exercise.Arms> arms,
            List<Role> roles,
            boolean loaded,
            boolean atSide,
            boolean loadedLong,
            boolean overhead,
            boolean repeats,
            boolean lastClean,
            double loadShare,
            List<Bendable> bends,
            String what) {
        /** Whether it is more than some exercise for one side of the arm: what gives the method its character. */
        boolean isTrait() {
            return !what.equals(purpose.words());
        }

        /** Whether {@code exercise} is what this pick looks for, before anything gives way. */
        boolean takes(Exercise exercise, LoadCurve curve) {
            return takesBent(exercise, curve, List.of());
        }

        /** The same with {@code given} filters given way. */
        boolean takesBent(Exercise exercise, LoadCurve curve, List<Bendable> given) {
            LoadCurve.Summary summary = curve.summary();
            return drawsOn(exercise, given)
                    && (!loaded || given.contains(Bendable.LOADED) || exercise.bodyWeightShare() == 0)
                    && (!atSide
                            || (summary.largestElevationDeg() <= AT_SIDE_DEG && summary.largestExtensionDeg() <= 0.5))
                    && (overhead || summary.largestElevationDeg() <= OVERHEAD_DEG)
                    && (!loadedLong || given.contains(Bendable.LOADED_LONG) || isLoadedLong(summary));
        }

        private boolean drawsOn(Exercise exercise, List<Bendable> given) {
            List<Role> wanted =
                    roles.isEmpty() ? List.of(purpose == For.COMPANIONS ? Role.COMPANION : Role.MAIN) : roles;
            return purpose.takes(exercise)
                    && wanted.contains(exercise.role())
                    && (movements.isEmpty() || isAmong(movements, exercise))
                    && !isAmong(leaveOut, exercise)
                    && (implementChoices.isEmpty()
                            || implementChoices.contains(exercise.implement())
                            || (given.contains(Bendable.IMPLEMENTS) && orImplements.contains(exercise.implement())))
                    && (stances.isEmpty() || stances.contains(exercise.stance()))
                    && (arms.isEmpty() || given.contains(Bendable.ARMS) || arms.contains(exercise.arms()));
        }

        private static boolean isAmong(List<String> names, Exercise exercise) {
            return names.contains(exercise.key()) || names.stream().anyMatch(exercise::isCalled);
        }

        // Every lift begins where its muscle is longest: not loaded late is loaded long.
        private static boolean isLoadedLong(LoadCurve.Summary summary) {
            return summary.profile() == LoadCurve.Profile.EARLY || summary.profile() == LoadCurve.Profile.MIDDLE;
        }
    }

    /** Whether an entry is of a kind that the method uses, whoever the client is. */
    public boolean drawsOn(Exercise exercise) {
        return sections.stream().flatMap(s -> s.picks().stream()).anyMatch(p -> p.drawsOn(exercise, p.bends()));
    }

    /** What each pick says itself is the fewest. */
    Ask fewest() {
        return new Ask(
                sections.stream()
                        .flatMap(s -> s.picks().stream())
                        .map(p -> p.count().fewest())
                        .toList(),
                List.of());
    }

    /** Whether {@code exercise} is of a kind that gives the method its character. */
    boolean isItsTrait(Exercise exercise) {
        return sections.stream()
                .flatMap(s -> s.picks().stream())
                .anyMatch(p -> p.isTrait() && p.drawsOn(exercise, List.of()));
    }

    /** {@code exercise} over the range this method uses. */
    Exercise ranged(Exercise exercise) {
        return middleRange ? exercise.withMovement(exercise.movement().part(MIDDLE_FROM, MIDDLE_TO)) : exercise;
    }
}
