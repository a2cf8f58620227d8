package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.dose.OneRepMax;
import kinesia.core.dose.RestAndTime;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Method.Layout;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** A method bent to one client's day: its sections with the exercises they may hold, and the numbers of the problem. */
final class Shape {
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
        boolean moreBehind = request.setsFor(Head.Group.EXTENSORS) > request.setsFor(Head.Group.FLEXORS);
        for (Method.Section section : method.sections()) {
            if (section.forMoreBehind() && !moreBehind) {
                continue;
            }
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
                    .filter(c -> !SessionNumbers.isOnFloor(c.exercise()) || mayGoDown(section.layout()))
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
        RestAndTime.Rest rest = rest(section.dose(), choices, first);
        return new Section(
                section,
                layout,
                section.rounds().fewest(),
                Math.min(SessionProblem.MOST_ROUNDS, section.mostRounds(request.minutes())),
                rest,
                choices);
    }

    private RestAndTime.Rest rest(Method.Dose dose, List<Choice> choices, boolean first) {
        if (dose.restsByLoad()) {
            double[] shares = choices.stream()
                    .flatMap(c -> c.candidates().stream())
                    .filter(c -> c.exercise().role().trainsTheArm())
                    .mapToDouble(c -> OneRepMax.share(c.reps().high(), c.effort()))
                    .sorted()
                    .toArray();
            return shares.length == 0 ? request.rest() : RestAndTime.byLoad(request.rest(), shares[shares.length / 2]);
        }
        RestAndTime.Rest wanted = first
                ? request.rest()
                : new RestAndTime.Rest(dose.restS(), request.rest().reason());
        return RestAndTime.within(
                wanted,
                dose.restS(),
                first ? dose.trimToS() : dose.restS(),
                request.method().name());
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
        return methodReason(
                "METHOD-cannot",
                request.method().name() + " cannot be kept: " + why + "." + because,
                "That way of working does not fit today.");
    }

    private Reason methodReason(String rule, String exact) {
        return methodReason(rule, exact, "Today this way of working is not quite the usual one.");
    }

    private Reason methodReason(String rule, String exact, String plain) {
        return Reason.of(rule, Tag.PRACTICE, request.method().what(), exact, plain)
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
        return new SessionNumbers(request, sections).problem(availableS, everyHead);
    }
}
