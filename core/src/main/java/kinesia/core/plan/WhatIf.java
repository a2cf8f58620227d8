package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanRequest.StressBudget;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Words;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/**
 * What would change a plan: the same planner asked once more with one thing different. Exact, as the plan itself is; what is asked
 * for is that one visit, so week and ceilings stay as they are.
 */
public final class WhatIf {
    private static final int MORE_MINUTES = 10;
    // Of things the place could have, those that change the plan most.
    private static final int MOST_THINGS = 3;
    private static final int MOST_TRIED = 8;
    private static final int MOST_NAMED = 3;

    private final Planner planner;

    public WhatIf(Planner planner) {
        this.planner = planner;
    }

    /** What is different. */
    public enum Kind {
        MINUTES,
        PAIN,
        CLEARED,
        EQUIPMENT
    }

    /**
     * One thing different.
     *
     * @param change what, in words
     * @param then what the plan would then hold beside what it holds now, in words
     * @param same whether it would hold the same
     */
    public record Difference(Kind kind, String change, String then, boolean same) {}

    /** The answers for {@code request}, whose plan is {@code now}; null when it has none. */
    public List<Difference> of(PlanRequest request, @Nullable Plan now) {
        List<Difference> answers = new ArrayList<>();
        if (request.minutes() + MORE_MINUTES <= PlanRequest.LONGEST_MINUTES) {
            answers.add(
                    answer(Kind.MINUTES, "Ten more minutes", request.lasting(request.minutes() + MORE_MINUTES), now));
        }
        for (SoreSite sore : request.soreSites()) {
            if (sore.usual().atLeast(1)) {
                answers.add(
                        answer(Kind.PAIN, "One point less pain at the " + sore.words(), lessPain(request, sore), now));
            }
        }
        for (Place place : limited(request)) {
            answers.add(answer(Kind.CLEARED, "The " + place.words() + " cleared", cleared(request, place), now));
        }
        answers.addAll(things(request, now));
        return answers;
    }

    private record Place(Site site, Side side) {
        String words() {
            return side.word() + " " + site.words();
        }
    }

    private static PlanRequest lessPain(PlanRequest request, SoreSite sore) {
        SoreSite less =
                new SoreSite(sore.site(), sore.side(), PainScore.of(sore.usual().value() - 1));
        List<StressBudget> budgets = request.stressBudgets().stream()
                .map(b -> b.site() == sore.site() && b.side() == sore.side()
                        ? new StressBudget(
                                b.site(), b.side(), b.most() * ArmBudget.ratio(less, sore), b.reason(), b.incoming())
                        : b)
                .toList();
        return request.sore(
                        request.soreSites().stream()
                                .map(s -> s.equals(sore) ? less : s)
                                .toList(),
                        request.limits())
                .within(budgets);
    }

    private static List<Place> limited(PlanRequest request) {
        return request.limits().stream()
                .filter(l -> l.site() != null && l.side() != null)
                .map(l -> new Place(l.site(), l.side()))
                .distinct()
                .toList();
    }

    private static PlanRequest cleared(PlanRequest request, Place place) {
        List<Limit> limits = request.limits().stream()
                .filter(l -> l.site() != place.site() || l.side() != place.side())
                .toList();
        List<SoreSite> sore = request.soreSites().stream()
                .filter(s -> s.site() != place.site() || s.side() != place.side())
                .toList();
        return request.sore(sore, limits)
                .within(request.stressBudgets().stream()
                        .filter(b -> b.site() != place.site() || b.side() != place.side())
                        .toList());
    }

    /** Single things that this place lacks, those with which the session is worth most. */
    private List<Difference> things(PlanRequest request, @Nullable Plan now) {
        Map<String, Integer> lacking = new LinkedHashMap<>();
        for (Exercise exercise : planner.model(request).catalogue().all()) {
            List<String> missing = ReachableLoads.missingFor(request.equipment(), exercise);
            if (missing.size() == 1 && request.method().drawsOn(exercise)) {
                lacking.merge(missing.get(0), 1, Integer::sum);
            }
        }
        double worth = planner.worth(request);
        Map<String, PlanRequest> tried = new LinkedHashMap<>();
        Map<String, Double> worths = new LinkedHashMap<>();
        lacking.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .filter(Equipment::isOrdinary)
                .limit(MOST_TRIED)
                .forEach(thing -> {
                    PlanRequest with = request.at(request.equipment().with(thing));
                    double then = planner.worth(with);
                    if (!Double.isNaN(then) && !(then <= worth + Composer.SAME)) {
                        tried.put(thing, with);
                        worths.put(thing, then);
                    }
                });
        return tried.entrySet().stream()
                .sorted(Comparator.comparingDouble(e -> -worths.getOrDefault(e.getKey(), 0.0)))
                .map(e -> answer(Kind.EQUIPMENT, upper(Equipment.ordinary(e.getKey())), e.getValue(), now))
                .filter(a -> !a.same())
                .limit(MOST_THINGS)
                .toList();
    }

    private Difference answer(Kind kind, String change, PlanRequest request, @Nullable Plan now) {
        Plan then = planner.plan(request).plan();
        String words = then == null
                ? now == null ? "There would still be no session." : "There would be no session."
                : now == null ? held(then) : compared(now, then);
        return new Difference(kind, change, words.isEmpty() ? "The session stays the same." : words, words.isEmpty());
    }

    private static String held(Plan then) {
        return "A session of " + then.mainSlots().size()
                + (then.mainSlots().size() == 1 ? " exercise" : " exercises") + " in "
                + then.minutes().total() + " minutes: " + named(then.mainSlots()) + ".";
    }

    /** What {@code then} has otherwise than {@code now}, in words; empty when it is the same. */
    private static String compared(Plan now, Plan then) {
        List<Slot> joining = others(then, now);
        List<Slot> leaving = others(now, then);
        List<String> parts = new ArrayList<>();
        sets(now, then).ifPresent(parts::add);
        if (!joining.isEmpty() && !leaving.isEmpty()) {
            parts.add(named(joining) + " instead of " + named(leaving));
        } else if (!joining.isEmpty()) {
            parts.add(named(joining) + " as well");
        } else if (!leaving.isEmpty()) {
            parts.add("without " + named(leaving));
        }
        if (parts.isEmpty()) {
            return doses(now, then);
        }
        return upper(String.join("; ", parts)) + ".";
    }

    private static Optional<String> sets(Plan now, Plan then) {
        int front = now.setsFor(Head.Group.FLEXORS);
        int back = now.setsFor(Head.Group.EXTENSORS);
        int frontThen = then.setsFor(Head.Group.FLEXORS);
        int backThen = then.setsFor(Head.Group.EXTENSORS);
        if (front != frontThen && back != backThen) {
            return Optional.of(count(frontThen) + " for the front and " + backThen + " for the back instead of " + front
                    + " and " + back);
        }
        return front != frontThen
                ? Optional.of(count(frontThen) + " for the front instead of " + front)
                : back != backThen
                        ? Optional.of(count(backThen) + " for the back instead of " + back)
                        : Optional.empty();
    }

    private static String count(int sets) {
        return sets + (sets == 1 ? " set" : " sets");
    }

    /** Loads and efforts that are not the same where exercises and sets are. */
    private static String doses(Plan now, Plan then) {
        Map<String, Slot> before =
                now.mainSlots().stream().collect(Collectors.toMap(Slot::exerciseKey, s -> s, (a, b) -> a));
        List<String> parts = new ArrayList<>();
        for (Slot slot : then.mainSlots()) {
            Slot was = before.get(slot.exerciseKey());
            if (was != null
                    && (!was.load().equals(slot.load())
                            || was.targetEffort().value() != slot.targetEffort().value())) {
                parts.add(slot.name() + " with "
                        + (was.load().equals(slot.load())
                                ? "effort " + Numbers.plain(slot.targetEffort().value())
                                : slot.load().label() + " instead of "
                                        + was.load().label()));
            }
        }
        return parts.isEmpty()
                ? ""
                : upper(String.join("; ", parts.subList(0, Math.min(MOST_NAMED, parts.size())))) + ".";
    }

    private static List<Slot> others(Plan plan, Plan beside) {
        Set<String> keys = beside.mainSlots().stream().map(Slot::exerciseKey).collect(Collectors.toSet());
        return plan.mainSlots().stream()
                .filter(s -> !keys.contains(s.exerciseKey()))
                .toList();
    }

    private static String named(List<Slot> slots) {
        List<String> names = slots.stream().map(Slot::name).distinct().toList();
        int shown = Math.min(MOST_NAMED, names.size());
        List<String> all = new ArrayList<>(names.subList(0, shown));
        if (names.size() > shown) {
            all.add((names.size() - shown) + " more");
        }
        return Words.list(all);
    }

    private static String upper(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
