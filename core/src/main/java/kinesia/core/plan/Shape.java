package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import kinesia.core.arm.LoadCurve;
import kinesia.core.dose.RestAndTime;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.plan.Method.Layout;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;

/** A method bent to one client's day: its sections with the exercises they may hold, and the numbers of the problem. */
@SuppressWarnings("EnumOrdinal") // the problem holds its numbers by the place of a head
final class Shape {
    private static final double COST_PER_STRESS_SET = 0.25;
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
    // Also where nothing is sore, more than the reference asks is not asked for nothing [house].
    private static final double COST_OVER_REFERENCE = 0.15;
    // Movements that a trainer would call the same thing twice in one session.
    private static final Map<String, String> ALIKE = Map.of(
            "press-down-one-arm", "press-down",
            "curl-cable", "curl-at-side",
            "curl-band", "curl-at-side");
    // Of two new things at a sore place nobody can tell next morning which one it was [house].
    private static final double COST_OF_NEW_AT_SORE = 0.4;
    private static final int MOST_OVERHEAD = 2;
    // Halves of a curl, for a series.
    private static final double LOWER_HALF_TO_DEG = 95;
    private static final double UPPER_HALF_FROM_DEG = 65;

    private final PlanRequest request;
    private final boolean inTurn;
    private final List<Section> sections = new ArrayList<>();
    private final List<Reason> bends = new ArrayList<>();
    private final List<Reason> refusals = new ArrayList<>();

    /** A section with what each of its picks chooses among. */
    record Section(
            Method.Section method,
            Layout layout,
            int fewestRounds,
            int mostRounds,
            RestAndTime.Rest rest,
            List<Choice> choices) {}

    /** A pick and its candidates. */
    record Choice(Method.Pick pick, List<Candidate> candidates) {}

    /** {@code inTurn} false works pairs and blocks one exercise after the other: their partners cannot stand together. */
    Shape(PlanRequest request, Candidates candidates, boolean inTurn) {
        this.request = request;
        this.inTurn = inTurn;
        Method method = request.method();
        Set<String> named = method.sections().stream()
                .flatMap(s -> s.picks().stream())
                .filter(Method.Pick::repeats)
                .flatMap(p -> p.movements().stream())
                .collect(Collectors.toSet());
        List<Head.Group> groups = Arrays.stream(Head.Group.values())
                .filter(g -> request.setsFor(g) > 0)
                .toList();
        boolean first = true;
        for (Method.Section section : method.sections()) {
            sections.add(section(section, candidates, named, groups, first));
            first = false;
        }
        if (!inTurn) {
            bends.add(methodReason(
                    "METHOD-not-in-turn",
                    "One exercise after the other today: in turn they would need both ends of the room, or the floor and"
                            + " standing in every round."));
        }
        if (sections.stream().allMatch(s -> s.choices().isEmpty())) {
            refusals.add(
                    cannot("it has nothing to offer for the part of the arm that has sets left this week", List.of()));
        }
    }

    private Section section(
            Method.Section section, Candidates candidates, Set<String> named, List<Head.Group> groups, boolean first) {
        List<Choice> choices = new ArrayList<>();
        for (Method.Pick pick : section.picks()) {
            if (!concerns(pick, groups, section.dose().light())) {
                continue;
            }
            List<Candidate> found = bent(section, pick, candidates).stream()
                    .filter(c -> pick.repeats() || !named.contains(c.exercise().key()))
                    .filter(c -> !isOnFloor(c.exercise()) || mayGoDown(section.layout()))
                    .toList();
            if (found.isEmpty() && pick.count().fewest() > 0) {
                if (canGoOneSided(section, pick)) {
                    bends.add(nothingFor(pick, candidates));
                    continue;
                }
                refusals.add(
                        cannot("limits and this place leave nothing for " + pick.what(), against(pick, candidates)));
            } else if (found.isEmpty() && pick.isTrait()) {
                bends.add(nothingFor(pick, candidates));
            }
            choices.add(new Choice(pick, found));
        }
        boolean partners =
                choices.stream().map(c -> c.pick().purpose()).distinct().count() > 1;
        Layout layout = section.layout().linksItsPicks() && !(partners && inTurn) ? Layout.STRAIGHT : section.layout();
        if (layout != section.layout() && inTurn && !choices.isEmpty()) {
            bends.add(oneSided(choices.get(0).pick()));
        }
        Method.Dose dose = section.dose();
        RestAndTime.Rest rest = first
                ? RestAndTime.within(
                        request.rest(),
                        dose.restS(),
                        dose.trimToS(),
                        request.method().name())
                : RestAndTime.within(
                        new RestAndTime.Rest(dose.restS(), request.rest().reason()),
                        dose.restS(),
                        dose.restS(),
                        request.method().name());
        return new Section(
                section,
                layout,
                section.rounds().fewest(),
                Math.min(SessionProblem.MOST_ROUNDS, section.mostRounds(request.minutes())),
                rest,
                choices);
    }

    // In a block or circuit everybody would go down and up in every round, which the seconds of a change-over do not
    // allow.
    private static boolean mayGoDown(Layout layout) {
        return layout != Layout.BLOCKS && layout != Layout.CIRCUIT;
    }

    private static boolean concerns(Method.Pick pick, List<Head.Group> groups, boolean light) {
        return switch (pick.purpose()) {
            case FLEXORS -> light || groups.contains(Head.Group.FLEXORS);
            case EXTENSORS -> light || groups.contains(Head.Group.EXTENSORS);
            case COMPANIONS, ANY -> true;
        };
    }

    /** A pick of the front or back of the arm may be left out when the section has the other, and nothing special is asked. */
    private static boolean canGoOneSided(Method.Section section, Method.Pick pick) {
        boolean special = !pick.movements().isEmpty() || !pick.roles().isEmpty();
        return !special && section.picks().stream().anyMatch(p -> p.purpose() != pick.purpose());
    }

    /** The candidates of a pick; its bendable filters give way one after the other until there are enough. */
    private List<Candidate> bent(Method.Section section, Method.Pick pick, Candidates candidates) {
        List<Method.Bendable> given = new ArrayList<>();
        List<Candidate> found = candidates.of(section, pick, given, bends);
        for (Method.Bendable bendable : pick.bends()) {
            if (!found.isEmpty()) {
                break;
            }
            given.add(bendable);
            found = candidates.of(section, pick, given, bends);
            if (!found.isEmpty()) {
                bends.add(methodReason(
                        "METHOD-bends",
                        switch (bendable) {
                            case ARMS ->
                                "No exercise for the " + pick.purpose().words()
                                        + " works arm by arm here; both arms work together.";
                            case LOADED_LONG ->
                                "No exercise for the " + pick.purpose().words()
                                        + " is loaded where the muscle is long; the load comes later in the lift.";
                        }));
            }
        }
        return found;
    }

    private Reason nothingFor(Method.Pick pick, Candidates candidates) {
        List<Reason> against = against(pick, candidates);
        String because = against.isEmpty() ? "" : " " + against.get(0).exact();
        return methodReason("METHOD-left-out", "Without " + pick.what() + ": nothing of the kind is left." + because);
    }

    private Reason oneSided(Method.Pick left) {
        return methodReason(
                "METHOD-one-sided",
                "Only the " + left.purpose().words() + " work today, one exercise after the other instead of in turn.");
    }

    private Reason cannot(String why, List<Reason> against) {
        String because = against.isEmpty() ? "" : " " + against.get(0).exact();
        return methodReason("METHOD-cannot", request.method().name() + " cannot be kept: " + why + "." + because);
    }

    private Reason methodReason(String rule, String exact) {
        return Reason.of(
                        rule,
                        Tag.PRACTICE,
                        request.method().what(),
                        exact,
                        "Today this way of working is not quite the usual one.")
                .with("method", request.method().name());
    }

    /** What stands against the exercises a pick is after: the reason that takes out most of them first. */
    private static List<Reason> against(Method.Pick pick, Candidates candidates) {
        Map<Reason, Long> counts = candidates.fits().stream()
                .filter(f -> !f.isAllowed() && pick.takes(f.full(), f.curve()))
                .flatMap(f -> f.against().stream())
                .collect(Collectors.groupingBy(r -> r, java.util.LinkedHashMap::new, Collectors.counting()));
        return counts.entrySet().stream()
                .sorted(Map.Entry.<Reason, Long>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .toList();
    }

    List<Section> sections() {
        return sections;
    }

    List<Reason> bends() {
        return bends;
    }

    /** Why the method cannot be kept at all; empty when it can. */
    List<Reason> refusals() {
        return refusals;
    }

    Candidate candidate(SessionProblem.Chosen chosen) {
        return sections.get(chosen.section())
                .choices()
                .get(chosen.pick())
                .candidates()
                .get(chosen.option());
    }

    /** Everything a pick may choose, once each. */
    List<Candidate> candidates() {
        return sections.stream()
                .flatMap(s -> s.choices().stream())
                .flatMap(c -> c.candidates().stream())
                .toList();
    }

    /** The problem with {@code availableS} seconds for the work. */
    SessionProblem problem(int availableS, boolean everyHead) {
        List<SessionProblem.Section> numbers = new ArrayList<>();
        for (Section section : sections) {
            List<SessionProblem.Pick> picks = new ArrayList<>();
            for (Choice choice : section.choices()) {
                picks.add(new SessionProblem.Pick(
                        column(section.layout(), choice.pick()),
                        choice.candidates().isEmpty()
                                ? 0
                                : choice.pick().count().fewest(),
                        choice.pick().count().wanted(),
                        choice.candidates().stream()
                                .map(c -> option(section, c))
                                .toList()));
            }
            Method.Dose dose = section.method().dose();
            numbers.add(new SessionProblem.Section(
                    section.layout(),
                    section.fewestRounds(),
                    section.mostRounds(),
                    section.layout() == Layout.CIRCUIT ? section.rest().seconds() - dose.changeOverS() : 0,
                    picks));
        }
        int lastRest = sections.get(sections.size() - 1).rest().seconds();
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

    private SessionProblem.Option option(Section section, Candidate c) {
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
        Integer before = request.inBlock().get(exercise.key());
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
                (before == null ? 0 : CONTINUITY_BONUS)
                        + (c.pick().isTrait() ? TRAIT_VALUE : 0)
                        - COST_PER_EXERCISE
                        - (isNewAtSore(c) ? COST_OF_NEW_AT_SORE : 0),
                before == null ? 0 : before,
                before == null ? 0 : SAME_SETS_BONUS,
                request.wishes().pinned().contains(exercise.key()),
                serves);
    }

    /** What may not be in a session twice: a movement, or in a series the same part of its range. */
    private static String family(Candidate c) {
        String movement = c.exercise().movementFamily();
        String alike = ALIKE.getOrDefault(movement, movement);
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
        double over = c.stress().values().stream()
                .mapToDouble(v -> Math.max(0, v - 1))
                .sum();
        return c.stressShare() * (COST_PER_STRESS_SET * c.fit().cost() + COST_OVER_REFERENCE * over);
    }

    private double[] stress(Candidate c) {
        return request.stressBudgets().stream()
                .mapToDouble(b -> c.fit().workingArms().contains(b.side()) ? doseAt(c, b.site()) : 0)
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
