package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.dose.OneRepMax;
import kinesia.core.dose.RestAndTime;
import kinesia.core.exercise.Head;
import kinesia.core.plan.LimitCheck.Turn;
import kinesia.core.plan.Method.Layout;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;

/** A method bent to one client's day: its sections with the exercises they may hold, and the numbers of the problem. */
final class Shape {
    // Weighs a reason that only today's dose gives over any number of others.
    private static final long ONLY_TODAY = 1000;

    private final PlanRequest request;
    private final Candidates candidates;
    private final boolean inTurn;
    private final List<Section> sections = new ArrayList<>();
    private final List<Reason> bends = new ArrayList<>();
    private final List<Reason> refusals = new ArrayList<>();
    // Picks that have something to work for and nothing to do it with.
    private final Set<Integer> missing = new HashSet<>();
    // By exercise, the limit that gives it another turn than the method has for it.
    private final Map<String, Reason> outOfTurn = new HashMap<>();
    // Movements of what is pinned: no other form of them beside it.
    private final Set<String> pinned;
    // Picks that ask for an object of the house, and whether any is in reach.
    private int objects;
    private boolean anyObject;

    /** A section, its place in the method, and what each of its picks chooses among. */
    record Section(
            int place,
            Method.Section method,
            Layout layout,
            int fewestRounds,
            int mostRounds,
            RestAndTime.Rest rest,
            List<Choice> choices) {}

    /** A pick, its place among all picks of the method, and its candidates. */
    record Choice(int place, Method.Pick pick, List<Candidate> candidates) {}

    /** {@code inTurn} false works pairs and blocks one exercise after the other: their partners cannot stand together. */
    Shape(PlanRequest request, Candidates candidates, boolean inTurn) {
        this.request = request;
        this.candidates = candidates;
        this.inTurn = inTurn;
        Method method = request.method();
        Set<String> named = method.sections().stream()
                .flatMap(s -> s.picks().stream())
                .filter(Method.Pick::repeats)
                .flatMap(p -> p.movements().stream())
                .collect(Collectors.toSet());
        pinned = candidates.fits().stream()
                .filter(f -> f.isAllowed()
                        && request.wishes().pinned().contains(f.exercise().key()))
                .map(f -> f.exercise().alike())
                .collect(Collectors.toSet());
        List<Head.Group> groups = Arrays.stream(Head.Group.values())
                .filter(g -> request.setsFor(g) > 0)
                .toList();
        boolean first = true;
        int place = 0;
        boolean moreBehind = request.setsFor(Head.Group.EXTENSORS) > request.setsFor(Head.Group.FLEXORS);
        for (int s = 0; s < method.sections().size(); s++) {
            Method.Section section = method.sections().get(s);
            if (!section.forMoreBehind() || moreBehind) {
                sections.add(section(s, place, named, groups, first));
                first = false;
            }
            place += section.picks().size();
        }
        if (objects > 0 && !anyObject) {
            refusals.add(cannot("there is no object of the house here that fits", List.of()));
        }
        if (!inTurn) {
            bends.add(methodReason(
                    "METHOD-not-in-turn",
                    "One exercise after the other today: in turn they would need both ends of the room, or the floor and"
                            + " standing in every round."));
        }
        if (sections.stream().allMatch(s -> s.choices().isEmpty())) {
            refusals.add(cannot(
                    "there is nothing for the part of the arm that has sets left this week",
                    against(method.sections().get(0).picks().get(0))));
        }
    }

    private Section section(int at, int firstPick, Set<String> named, List<Head.Group> groups, boolean first) {
        Method.Section section = request.method().sections().get(at);
        List<Choice> choices = new ArrayList<>();
        for (int p = 0; p < section.picks().size(); p++) {
            Method.Pick pick = section.picks().get(p);
            Reason tooSoon = pick.isTrait() ? candidates.tooSoon() : null;
            if (tooSoon != null) {
                bends.add(tooSoon);
            }
            if (tooSoon != null || !concerns(pick, groups, section.dose().light())) {
                continue;
            }
            List<Candidate> found = withPinned(section, pick, bent(section, pick)).stream()
                    .filter(c -> pick.repeats()
                            || isPinned(c)
                            || !named.contains(c.exercise().key()))
                    .filter(c -> pick.repeats()
                            || isPinned(c)
                            || !pinned.contains(c.exercise().alike()))
                    .filter(c -> !SessionNumbers.isOnFloor(c.exercise()) || mayGoDown(section.layout()))
                    .filter(c -> isPinned(c) || hasItsTurn(c, at))
                    .toList();
            found = behindOpeners(found);
            objects += pick.orImplements().isEmpty() ? 0 : 1;
            anyObject |= found.stream()
                    .anyMatch(c -> pick.implementChoices().contains(c.exercise().implement()));
            if (found.isEmpty() && pick.count().fewest() > 0) {
                if (canGoOneSided(section, pick)) {
                    bends.add(nothingFor(pick));
                    missing.add(firstPick + p);
                    continue;
                }
                refusals.add(cannot(
                        isOnlyTooEasy(section, pick)
                                ? "its work is done at effort "
                                        + Numbers.plain(section.dose().leastEffort()) + " or more"
                                : "there is nothing for " + pick.what(),
                        against(pick)));
            } else if (found.isEmpty() && pick.isTrait()) {
                bends.add(nothingFor(pick));
            }
            choices.add(new Choice(firstPick + p, pick, found));
        }
        boolean partners =
                choices.stream().map(c -> c.pick().purpose()).distinct().count() > 1;
        Layout layout = section.layout().linksItsPicks() && !(partners && inTurn) ? Layout.STRAIGHT : section.layout();
        if (layout != section.layout() && inTurn && !choices.isEmpty()) {
            bends.add(oneSided(choices.get(0).pick()));
        }
        RestAndTime.Rest rest = rest(section.dose(), choices, first);
        return new Section(
                at,
                section,
                layout,
                section.rounds().fewest(),
                Math.min(SessionProblem.MOST_ROUNDS, section.mostRounds(request.minutes(), hasFew(choices))),
                rest,
                choices);
    }

    /**
     * Whether a limit lets {@code c} stand in the section at {@code at}: what opens for its muscle comes in no later one, and
     * what comes last has no other work for its muscle after it.
     */
    private boolean hasItsTurn(Candidate c, int at) {
        Head.Group group = c.exercise().group();
        if (c.pick().purpose() == Method.For.COMPANIONS) {
            return true;
        }
        Limit.Kind kind = c.fit().turn() == Turn.LAST ? Limit.Kind.COMES_LAST : Limit.Kind.OPENS;
        boolean kept = switch (c.fit().turn()) {
            case OPENS -> true;
            case BETWEEN -> !candidates.hasOpener(group) || opensBy(group, at);
            case LAST -> !hasAfter(group, at) && (!candidates.hasOpener(group) || opensBy(group, at));
        };
        if (!kept) {
            request.limits().stream()
                    .filter(l -> l.kind() == kind)
                    .findFirst()
                    .ifPresent(l -> outOfTurn.put(c.exercise().key(), turn(l)));
        }
        return kept;
    }

    private static Reason turn(Limit limit) {
        String place = limit.site() == null
                ? "this client"
                : "the " + (limit.side() == null ? "" : limit.side().word() + " ")
                        + limit.site().words();
        String what = switch (String.valueOf(limit.target())) {
            case "press" -> "presses";
            case "dip" -> "dips";
            case "curl" -> "curls";
            default -> "press-downs";
        };
        return Reason.of(
                limit.reason().ruleId(),
                limit.reason().tag(),
                limit.reason().threshold(),
                "For " + place + " " + what
                        + (limit.kind() == Limit.Kind.OPENS ? " open." : " come after everything else for the muscle."),
                limit.reason().plain());
    }

    /** What a limit has open is worth more than all else of its pick, whichever of it the method takes. */
    private List<Candidate> behindOpeners(List<Candidate> found) {
        double best = found.stream()
                .filter(c -> c.fit().turn() == Turn.OPENS)
                .mapToDouble(Candidate::worth)
                .max()
                .orElse(Double.NaN);
        if (Double.isNaN(best)) {
            return found;
        }
        return found.stream()
                .map(c -> c.fit().turn() == Turn.BETWEEN && !isPinned(c)
                        ? c.with(c.fit().cappedAt(Math.min(c.worth(), Worth.after(best))))
                        : c)
                .toList();
    }

    private boolean opensBy(Head.Group group, int at) {
        return request.method().sections().stream()
                .limit(at + 1L)
                .flatMap(s -> s.picks().stream())
                .anyMatch(p -> candidates.takesOpener(group, p));
    }

    private boolean hasAfter(Head.Group group, int at) {
        return request.method().sections().stream()
                .skip(at + 1L)
                .flatMap(s -> s.picks().stream())
                .anyMatch(p -> p.purpose().isFor(group));
    }

    private static boolean hasFew(List<Choice> choices) {
        return choices.stream().anyMatch(c -> movements(c) < c.pick().count().wanted());
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

    /** Whether there are exercises for {@code pick} and only the effort they are done with today is too low. */
    private boolean isOnlyTooEasy(Method.Section section, Method.Pick pick) {
        return section.dose().leastEffort() > 0
                && candidates.fits().stream()
                        .anyMatch(f -> f.isAllowed()
                                && candidates.unused(f.exercise().key()) != null
                                && pick.takes(f.full(), f.curve()));
    }

    /** A pick of the front or back of the arm may be left out when the section has the other, and nothing special is asked. */
    private static boolean canGoOneSided(Method.Section section, Method.Pick pick) {
        boolean special = pick.isTrait()
                || !pick.movements().isEmpty()
                || pick.purpose() == Method.For.COMPANIONS
                || section.dose().leastEffort() > 0;
        return !special && section.picks().stream().anyMatch(p -> p.purpose() != pick.purpose());
    }

    /** The candidates of a pick; its bendable filters give way one after the other until there are enough. */
    private List<Candidate> bent(Method.Section section, Method.Pick pick) {
        List<Method.Bendable> given = new ArrayList<>();
        List<Candidate> found = candidates.of(section, pick, given, bends);
        for (Method.Bendable bendable : pick.bends()) {
            if (!found.isEmpty() && !needsOpener(pick, found)) {
                break;
            }
            boolean fits = !found.isEmpty();
            given.add(bendable);
            found = candidates.of(section, pick, given, bends);
            if (!found.isEmpty()) {
                bends.add(methodReason(
                        "METHOD-bends",
                        switch (bendable) {
                            case ARMS ->
                                "No exercise for " + pick.purpose().words()
                                        + " works arm by arm here; both arms work together.";
                            case LOADED -> "No press with a load fits here; a push-up takes its place.";
                            case IMPLEMENTS ->
                                (fits
                                                ? "What opens for this client is done with no object of the house: for "
                                                : "No object of the house fits for ")
                                        + pick.purpose().words()
                                        + (fits
                                                ? " a band begins."
                                                : "; a band or the body's own weight takes its place.");
                            case LOADED_LONG ->
                                "No exercise for " + pick.purpose().words()
                                        + " is loaded where the muscle is long; the load comes later in the lift.";
                        }));
            }
        }
        return found;
    }

    /** Whether a limit has something open that is not among {@code found} and would be once filters give way. */
    private boolean needsOpener(Method.Pick pick, List<Candidate> found) {
        return found.stream().noneMatch(c -> c.fit().turn() == Turn.OPENS)
                && Arrays.stream(Head.Group.values()).anyMatch(g -> candidates.takesOpener(g, pick));
    }

    /** {@code found} and what is pinned and of this pick once everything that may give way has. */
    private List<Candidate> withPinned(Method.Section section, Method.Pick pick, List<Candidate> found) {
        List<Candidate> all = new ArrayList<>(found);
        if (!request.wishes().pinned().isEmpty() && !pick.bends().isEmpty()) {
            Set<String> there = found.stream().map(c -> c.exercise().key()).collect(Collectors.toSet());
            candidates.of(section, pick, pick.bends(), bends).stream()
                    .filter(c -> isPinned(c) && !there.contains(c.exercise().key()))
                    .forEach(all::add);
        }
        return all;
    }

    private boolean isPinned(Candidate candidate) {
        return request.wishes().pinned().contains(candidate.exercise().key());
    }

    private Reason nothingFor(Method.Pick pick) {
        List<Reason> against = against(pick);
        String because = against.isEmpty() ? "" : " " + against.get(0).exact();
        return methodReason("METHOD-left-out", "Without " + pick.what() + "." + because);
    }

    private Reason oneSided(Method.Pick left) {
        return methodReason(
                "METHOD-one-sided",
                "Only " + left.purpose().words() + " works today, one exercise after the other instead of in turn.");
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

    /**
     * What stands against the exercises a pick is after, the likeliest to be mended first: what only today's dose is against,
     * then limits and loads, then what this place does not have; of those what takes out most, and of loads the nearest one.
     */
    private List<Reason> against(Method.Pick pick) {
        Map<Reason, Long> counts = new LinkedHashMap<>();
        candidates.fits().stream()
                .filter(f -> pick.takesBent(f.full(), f.curve(), pick.bends()))
                .sorted(Comparator.comparingDouble(
                        f -> f.loads().isEmpty() ? 0 : f.loads().lightest().kg() / Math.max(0.1, f.boundKg())))
                .forEach(f -> (f.isAllowed()
                                ? Stream.of(
                                                candidates.unused(f.exercise().key()),
                                                outOfTurn.get(f.exercise().key()))
                                        .filter(Objects::nonNull)
                                        .limit(1)
                                : f.against().stream())
                        .forEach(r -> counts.merge(r, f.isAllowed() ? ONLY_TODAY : 1L, Long::sum)));
        return counts.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<Reason, Long> e) -> mendedLast(e.getKey()))
                        .thenComparing(
                                Map.Entry.<Reason, Long>comparingByValue().reversed()))
                .map(Map.Entry::getKey)
                .toList();
    }

    private static int mendedLast(Reason reason) {
        return switch (reason.ruleId()) {
            case Suitability.MISSING -> 1;
            case Candidates.SAFER -> 2;
            default -> 0;
        };
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

    /** Whether every muscle for which a limit has something open begins with such, or rests. */
    boolean isOpened(List<SessionProblem.Chosen> chosen) {
        Set<String> openers = openers();
        Set<String> beside = besideOpeners();
        return openers.isEmpty()
                || chosen.stream().map(c -> candidate(c).exercise().key()).noneMatch(beside::contains)
                || chosen.stream().map(c -> candidate(c).exercise().key()).anyMatch(openers::contains);
    }

    /** The other exercises for those muscles. */
    Set<String> besideOpeners() {
        Set<Head.Group> groups = allCandidates().stream()
                .filter(c -> c.fit().turn() == Turn.OPENS)
                .map(c -> c.exercise().group())
                .collect(Collectors.toSet());
        return allCandidates().stream()
                .filter(c -> c.fit().turn() != Turn.OPENS
                        && c.exercise().role().trainsTheArm()
                        && groups.contains(c.exercise().group())
                        && !isPinned(c))
                .map(c -> c.exercise().key())
                .collect(Collectors.toSet());
    }

    /** What a limit has open. */
    Set<String> openers() {
        return allCandidates().stream()
                .filter(c -> c.fit().turn() == Turn.OPENS)
                .map(c -> c.exercise().key())
                .collect(Collectors.toSet());
    }

    /** Everything a pick may choose, once each. */
    List<Candidate> allCandidates() {
        return sections.stream()
                .flatMap(s -> s.choices().stream())
                .flatMap(c -> c.candidates().stream())
                .toList();
    }

    /** Whether there is enough to choose among for what {@code ask} says, whatever it takes of time and sets. */
    boolean hasEnoughFor(Method.Ask ask) {
        return missing.stream().allMatch(p -> ask.count(p) == 0)
                && sections.stream()
                        .allMatch(s -> ask.rounds(s.place()) <= s.mostRounds()
                                && s.choices().stream().allMatch(c -> ask.count(c.place()) <= movements(c)));
    }

    /** How many movements a pick may choose among. */
    static long movements(Choice choice) {
        return choice.candidates().stream()
                .map(c -> c.exercise().alike())
                .distinct()
                .count();
    }

    /** What keeps from having what {@code ask} says, where there is too little to choose among; empty when there is enough. */
    Optional<Reason> lacksFor(Method.Ask ask) {
        int place = 0;
        for (Method.Section section : request.method().sections()) {
            for (Method.Pick pick : section.picks()) {
                int at = place++;
                boolean lacks = missing.contains(at)
                        || sections.stream()
                                .flatMap(s -> s.choices().stream())
                                .anyMatch(c -> c.place() == at && movements(c) < ask.count(at));
                if (ask.count(at) > 0 && lacks) {
                    return Optional.of(cannot("there is too little for " + pick.what(), against(pick)));
                }
            }
        }
        return Optional.empty();
    }

    /** Why what the method is not itself without cannot be had. */
    Reason without(String needs, String why) {
        return cannot("it needs " + needs + ", and " + why, List.of());
    }

    /** The problem with {@code availableS} seconds for the work. */
    SessionProblem problem(int availableS, boolean everyHead, Method.Ask ask) {
        return new SessionNumbers(request, sections).problem(availableS, everyHead, ask);
    }
}
