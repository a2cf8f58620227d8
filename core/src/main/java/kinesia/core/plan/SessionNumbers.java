package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import kinesia.core.arm.LoadCurve;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.plan.Method.Layout;
import kinesia.core.screening.Limit;

/** A shaped session as numbers: what each exercise gives, takes and costs, and what there is of time, sets and stress. */
@SuppressWarnings("EnumOrdinal") // the problem holds its numbers by the place of a head
final class SessionNumbers {
    private static final double CONTINUITY_BONUS = 1.0;
    private static final double SAME_SETS_BONUS = 0.2;
    // Another exercise is another thing to set up and to attend to [house].
    private static final double COST_PER_EXERCISE = 0.05;
    // A main exercise has 2 to 4 sets: setting up for a single one is only worth it when there is no more to share out
    // [house].
    private static final double COST_OF_ONE_SET = 0.5;
    // Pumping work gives about half of what a hard set gives [house].
    private static final double LIGHT_VALUE = 0.5;
    // A shoulder companion trains no muscle of the arm; it has a value of its own in the methods that ask for it
    // [house].
    private static final double COMPANION_VALUE = 0.3;
    // From this share on an exercise is one for the head [house].
    private static final double SERVES_FROM = 0.7;
    // What makes a method itself is worth having beside more of the rest [house].
    private static final double TRAIT_VALUE = 0.8;
    // Of two new things at a sore place nobody can tell next morning which one it was [house].
    private static final double COST_OF_NEW_AT_SORE = 0.4;
    private static final int MOST_OVERHEAD = 2;
    // Halves of a curl, for a series.
    private static final double LOWER_HALF_TO_DEG = 95;
    private static final double UPPER_HALF_FROM_DEG = 65;

    private final PlanRequest request;
    private final List<Shape.Section> sections;

    SessionNumbers(PlanRequest request, List<Shape.Section> sections) {
        this.request = request;
        this.sections = sections;
    }

    /** The problem with {@code availableS} seconds for the work. */
    SessionProblem problem(int availableS, boolean everyHead, Method.Ask ask) {
        List<SessionProblem.Section> numbers = new ArrayList<>();
        for (Shape.Section section : sections) {
            List<SessionProblem.Pick> picks = new ArrayList<>();
            for (Shape.Choice choice : section.choices()) {
                picks.add(new SessionProblem.Pick(
                        column(section.layout(), choice.pick()),
                        choice.candidates().isEmpty()
                                ? 0
                                : Math.max(choice.pick().count().fewest(), ask.count(choice.place())),
                        choice.pick().count().wanted(),
                        choice.candidates().stream()
                                .map(c -> option(section, c))
                                .toList()));
            }
            Method.Dose dose = section.method().dose();
            numbers.add(new SessionProblem.Section(
                    section.layout(),
                    Math.max(section.fewestRounds(), ask.rounds(section.place())),
                    section.mostRounds(),
                    section.layout() == Layout.CIRCUIT ? section.rest().seconds() - dose.changeOverS() : 0,
                    picks));
        }
        // Nobody rests after the last round, whichever section that is in.
        int lastRest = sections.stream().mapToInt(s -> s.rest().seconds()).min().orElse(0);
        return new SessionProblem(
                numbers,
                availableS + lastRest,
                new int[] {request.setsFor(Head.Group.FLEXORS), request.setsFor(Head.Group.EXTENSORS)},
                request.stressBudgets().stream()
                        .mapToDouble(PlanRequest.StressBudget::most)
                        .toArray(),
                MOST_OVERHEAD,
                mostOnFloor(),
                everyHead);
    }

    private static int column(Layout layout, Method.Pick pick) {
        return switch (pick.purpose()) {
            case EXTENSORS -> layout == Layout.BLOCKS ? 2 : 0;
            case FLEXORS -> 1;
            case COMPANIONS, ANY -> 0;
        };
    }

    private SessionProblem.Option option(Shape.Section section, Candidate c) {
        Method.Dose dose = section.method().dose();
        Exercise exercise = c.exercise();
        boolean companion = c.pick().purpose() == Method.For.COMPANIONS;
        double[] given = new double[SessionProblem.HEADS];
        boolean[] serves = new boolean[SessionProblem.HEADS];
        for (Head head : Head.values()) {
            given[head.ordinal()] = c.fit().stimulus().getOrDefault(head, 0.0) * (dose.light() ? LIGHT_VALUE : 1);
            serves[head.ordinal()] = exercise.stimulus().getOrDefault(head, 0.0) >= SERVES_FROM;
        }
        int[] counts = new int[2];
        if (!companion && !dose.light()) {
            counts[exercise.group().ordinal()] = 1;
        }
        double rest = section.rest().seconds();
        double perRound = c.setSeconds(dose)
                + switch (section.layout()) {
                    case PAIRS -> (dose.changeOverS() + rest) / 2;
                    case BLOCKS -> (2 * dose.changeOverS() + rest) / 3;
                    case CIRCUIT -> dose.changeOverS();
                    case STRAIGHT -> rest;
                };
        Carryover carried = request.carryovers().get(exercise.key());
        // What is outgrown here has nothing to stay for.
        Integer before =
                carried != null && carried.outgrown() ? null : request.inBlock().get(exercise.key());
        return new SessionProblem.Option(
                exercise.key(),
                family(c),
                given,
                perRound,
                dose.setUpS(),
                counts,
                cost(c) - (companion ? COMPANION_VALUE : 0),
                dose.light() || section.mostRounds() == 1 ? 0 : COST_OF_ONE_SET,
                stress(c),
                where(exercise),
                c.fit().curve().summary().largestElevationDeg() > Method.OVERHEAD_DEG,
                c.mostSets(),
                (c.pick().isTrait() ? TRAIT_VALUE : 0) - COST_PER_EXERCISE - (isNewAtSore(c) ? COST_OF_NEW_AT_SORE : 0),
                before == null ? 0 : CONTINUITY_BONUS,
                before == null ? 0 : before,
                before == null || before == 0 ? 0 : SAME_SETS_BONUS,
                request.wishes().pinned().contains(exercise.key()),
                serves);
    }

    /** What may not be in a session twice: a movement, or in a series the same part of its range. */
    private String family(Candidate c) {
        String alike = c.exercise().alike();
        if (request.wishes().pinned().contains(c.exercise().key())) {
            return alike + " " + c.exercise().key();
        }
        if (!c.pick().repeats()) {
            return alike;
        }
        List<LoadCurve.Sample> samples = c.fit().curve().samples();
        double from = samples.get(0).pose().elbowFlexionDeg();
        double to = samples.get(samples.size() - 1).pose().elbowFlexionDeg();
        return alike
                + (Math.max(from, to) <= LOWER_HALF_TO_DEG
                        ? " lower half"
                        : Math.min(from, to) >= UPPER_HALF_FROM_DEG ? " upper half" : "");
    }

    private boolean isNewAtSore(Candidate c) {
        return !request.carryovers().containsKey(c.exercise().key())
                && request.soreSites().stream()
                        .anyMatch(s -> c.fit().workingArms().contains(s.side())
                                && c.stress().getOrDefault(s.site(), 0.0) >= LimitCheck.LOADS_SITE_FROM);
    }

    private static double cost(Candidate c) {
        return c.stressShare() * c.fit().pays();
    }

    private double[] stress(Candidate c) {
        return request.stressBudgets().stream()
                .mapToDouble(b -> c.fit().workingArms().contains(b.side())
                        ? doseAt(c, b.site())
                                * request.learned().factor(c.exercise().key(), b.place())
                        : 0)
                .toArray();
    }

    /** Repetitions times relative stress of one set. */
    static double doseAt(Candidate c, Site site) {
        return StressDose.ofSet(c.stressShare(), c.stress().getOrDefault(site, 0.0));
    }

    private int mostOnFloor() {
        return request.limits().stream()
                .filter(l -> l.kind() == Limit.Kind.MOST_FLOOR_CHANGES)
                .mapToInt(l -> (int) l.number())
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    /** Where an exercise is done. */
    static SessionProblem.Where where(Exercise exercise) {
        if (isOnFloor(exercise)) {
            return SessionProblem.Where.FLOOR;
        }
        if (exercise.equipment().contains("cable stack")) {
            return SessionProblem.Where.CABLE;
        }
        Set<String> things = new TreeSet<>(exercise.equipment());
        if (things.contains("high anchor")) {
            return SessionProblem.Where.ANCHOR;
        }
        things.retainAll(Set.of("flat bench", "adjustable bench", "sloped pad"));
        return things.isEmpty() ? SessionProblem.Where.FREE : SessionProblem.Where.BENCH;
    }

    /** Whether getting up from {@code exercise} is getting up from the floor. */
    static boolean isOnFloor(Exercise exercise) {
        return exercise.stance() == Stance.FLOOR
                || exercise.stance() == Stance.KNEELING
                || exercise.stance() == Stance.SIDE_LYING
                || exercise.equipment().contains("mat");
    }
}
