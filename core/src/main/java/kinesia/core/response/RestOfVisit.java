package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.PlanResult;
import kinesia.core.plan.Planner;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;

/**
 * What is left of a visit once a place has hurt in it: that place becomes a provisional sore one on the spot (RULES 6), and the
 * same planner is asked again with everything not yet begun kept wherever the place lets it be.
 */
public final class RestOfVisit {
    private static final int LOOK_AGAIN_DAYS = 28;
    // As much as after an ease (RULES 6).
    private static final double EASED = 0.4;

    private RestOfVisit() {}

    /**
     * Where the visit stands.
     *
     * @param asked what its plan was made for
     * @param begun the exercises of which a set is done
     */
    public record Standing(PlanRequest asked, Plan plan, Set<String> begun) {
        public Standing {
            begun = Set.copyOf(begun);
        }
    }

    /**
     * What hurt.
     *
     * @param exerciseKey the exercise it was felt in, which {@code ends} or goes on
     * @param pressing whether that is a press
     */
    public record Hurt(Place place, PainScore pain, String exerciseKey, boolean ends, boolean pressing) {}

    /** The visit with what is left of it changed, and what that changes. */
    public record Rest(Plan plan, List<Changes.Change> changes) {}

    /** What changes in the rest of the visit; empty where nothing has to. */
    public static Optional<Rest> after(Planner planner, ScreeningRules rules, Standing now, Hurt hurt) {
        Set<String> left = now.plan().mainSlots().stream()
                .map(Slot::exerciseKey)
                .filter(key -> !now.begun().contains(key))
                .collect(Collectors.toSet());
        if (left.isEmpty()) {
            return Optional.empty();
        }
        PlanResult result = planner.plan(sparing(now.asked(), rules, hurt).wishing(wishes(now, hurt, left)));
        List<Slot> found = result.plan() == null ? List.of() : result.plan().mainSlots();
        List<WhyNot> whyNot =
                new ArrayList<>(result.plan() == null ? refused(now.plan(), left, result) : whyNot(result.plan()));
        // What was only cut has nothing else against it.
        now.plan()
                .mainSlots()
                .forEach(s -> whyNot.add(new WhyNot(s.exerciseKey(), s.name(), true, List.of(why(hurt)))));
        Plan plan = with(now.plan(), units(now, left, found, hurt), whyNot);
        List<Changes.Change> changes = Changes.between(now.plan(), plan).stream()
                .filter(c -> c.kind() != Changes.Kind.REST)
                .toList();
        return changes.isEmpty() ? Optional.empty() : Optional.of(new Rest(plan, changes));
    }

    private static PlanRequest sparing(PlanRequest asked, ScreeningRules rules, Hurt hurt) {
        LocalDate lookAgain = asked.visitOn().plusDays(LOOK_AGAIN_DAYS);
        Place place = hurt.place();
        List<Limit> limits = Stream.concat(
                        asked.limits().stream(),
                        rules.provisional(place.site(), place.side(), hurt.pressing(), lookAgain, why(hurt)).stream())
                .toList();
        List<SoreSite> sore = new ArrayList<>(asked.soreSites());
        if (sore.stream().noneMatch(s -> s.site() == place.site() && s.side() == place.side())) {
            sore.add(new SoreSite(place.site(), place.side(), hurt.pain()));
        }
        return asked.sore(sore, limits);
    }

    private static Reason why(Hurt hurt) {
        return Reason.of(
                        "RESPONSE-hurt-now",
                        Tag.HOUSE,
                        "3 or more in a set, or sharp, catching, giving way or tingling",
                        "The " + hurt.place().words() + " was at " + hurt.pain().value()
                                + " in a set just now: it is spared for the rest of the visit, with effort to 6"
                                + (hurt.ends() ? " and two fifths fewer sets." : "."),
                        "We spare it for the rest of today.")
                .with("pain", hurt.pain().value());
    }

    /** What is left is kept in; what is begun or has just hurt does not come back. */
    private static PlanRequest.Wishes wishes(Standing now, Hurt hurt, Set<String> left) {
        Set<String> out = new HashSet<>(now.begun());
        out.add(hurt.exerciseKey());
        out.addAll(now.asked().wishes().banned());
        return new PlanRequest.Wishes(left, out);
    }

    private static List<WhyNot> whyNot(Plan plan) {
        // The reason of what was kept in and cannot be comes before what was outranked.
        List<WhyNot> lost = plan.lostPins() == null ? List.of() : plan.lostPins();
        return Stream.concat(lost.stream(), plan.whyNot().stream()).toList();
    }

    /** Nothing more can be planned for: what is left goes, each exercise with the reason for all. */
    private static List<WhyNot> refused(Plan plan, Set<String> left, PlanResult result) {
        return plan.mainSlots().stream()
                .filter(s -> left.contains(s.exerciseKey()))
                .map(s -> new WhyNot(s.exerciseKey(), s.name(), true, result.refusals()))
                .toList();
    }

    private static List<Unit> units(Standing now, Set<String> left, List<Slot> found, Hurt hurt) {
        Set<String> old = now.plan().slots().stream().map(Slot::exerciseKey).collect(Collectors.toSet());
        List<Slot> fresh = new ArrayList<>(
                found.stream().filter(s -> !old.contains(s.exerciseKey())).toList());
        Map<String, Slot> rest = new LinkedHashMap<>();
        now.plan().mainSlots().stream()
                .filter(s -> left.contains(s.exerciseKey()))
                .forEach(s -> instead(s, found, fresh, hurt.place()).ifPresent(to -> rest.put(s.exerciseKey(), to)));
        if (hurt.ends()) {
            cut(rest, hurt);
        }
        return now.plan().units().stream()
                .map(unit -> new Unit(
                        unit.letter(),
                        unit.layout(),
                        unit.restSeconds(),
                        unit.changeOverSeconds(),
                        unit.setUpSeconds(),
                        unit.slots().stream()
                                .map(s -> left.contains(s.exerciseKey()) ? rest.get(s.exerciseKey()) : s)
                                .filter(Objects::nonNull)
                                .toList(),
                        unit.care()))
                .filter(unit -> !unit.slots().isEmpty())
                .toList();
    }

    /**
     * What does not load the place stays as it is. What does is done as the place lets it be, with as many sets; where it may not be
     * done, something else for the muscle takes its place, else nothing.
     */
    private static Optional<Slot> instead(Slot slot, List<Slot> found, List<Slot> fresh, Place place) {
        if (!loads(slot, place)) {
            return Optional.of(slot);
        }
        Optional<Slot> taken = found.stream()
                .filter(s -> s.exerciseKey().equals(slot.exerciseKey()))
                .findFirst()
                .or(() -> fresh.stream().filter(s -> s.group() == slot.group()).findFirst());
        taken.ifPresent(fresh::remove);
        return taken.map(s -> s.withSets(slot.sets(), slot.why().get(Aspect.SETS)));
    }

    /** Two fifths of the sets that load the place, at least one, from what loads it most. */
    private static void cut(Map<String, Slot> rest, Hurt hurt) {
        List<Map.Entry<String, Slot>> loading = rest.entrySet().stream()
                .filter(e -> loads(e.getValue(), hurt.place()))
                .sorted(Comparator.comparingDouble((Map.Entry<String, Slot> e) ->
                        -e.getValue().stress().getOrDefault(hurt.place().site(), 0.0)))
                .toList();
        int all = loading.stream().mapToInt(e -> e.getValue().sets()).sum();
        int gone = Math.min(all, Math.max(1, (int) Math.floor(EASED * all)));
        for (Map.Entry<String, Slot> e : loading) {
            Slot slot = e.getValue();
            int fewer = Math.min(gone, slot.sets());
            gone -= fewer;
            if (fewer == slot.sets()) {
                rest.remove(e.getKey());
            } else {
                rest.put(e.getKey(), slot.withSets(slot.sets() - fewer, why(hurt)));
            }
        }
    }

    private static boolean loads(Slot slot, Place place) {
        boolean works = slot.sides().isEmpty() || slot.sides().containsKey(place.side());
        return works && SlotDecisions.loads(slot, place);
    }

    private static Plan with(Plan plan, List<Unit> units, List<WhyNot> whyNot) {
        return new Plan(
                plan.visitOn(),
                plan.method(),
                plan.warmUp(),
                units,
                plan.restSeconds(),
                plan.restReason(),
                plan.minutes(),
                plan.bends(),
                whyNot,
                plan.notes(),
                plan.free(),
                plan.lostPins());
    }
}
