package kinesia.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import kinesia.core.exercise.Head;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * Four to six weeks of sessions: weekly sets that rise, the same exercises throughout, a lighter week at the end. What a
 * session's response will change is not foreseen; this is the block as it would go if every visit were "go".
 */
public final class Block {
    private static final int FEWEST_WEEKS = 1;
    private static final int MOST_WEEKS = 6;
    private static final int MOST_VISITS = 4;
    private static final int DAYS = 7;
    // The lighter week: sets -40 %, load -10 % (RULES 6 [house]).
    private static final double LIGHTER_SETS = 0.6;

    private final Planner planner;

    public Block(Planner planner) {
        this.planner = planner;
    }

    /**
     * What a block is made of.
     *
     * @param first the request of its first visit; its budget is not looked at
     * @param weeks 1 to 6
     * @param lighterWeek the week that is lighter, from 1; null for none
     * @param visits days of the week, at most 4, at least a day between any two
     * @param sets hard sets a week in the first week, what they rise by, and their ceiling
     * @param ratio sets for the flexors against those for the extensors, 0.75 to 1
     */
    public record Request(
            PlanRequest first,
            int weeks,
            @Nullable Integer lighterWeek,
            Set<DayOfWeek> visits,
            WeeklySets sets,
            double ratio) {
        public Request {
            InvalidValue.requireWithin("weeks", weeks, FEWEST_WEEKS, MOST_WEEKS, "weeks");
            InvalidValue.requireWithin("visits", visits.size(), 1, MOST_VISITS, "days");
            InvalidValue.requireWithin("ratio", ratio, 0.75, 1, "");
            visits = Set.copyOf(visits);
            for (DayOfWeek day : visits) {
                if (visits.size() > 1 && visits.contains(day.plus(1))) {
                    throw new InvalidValue("visits", "need at least a day between " + day + " and " + day.plus(1));
                }
            }
        }
    }

    /** Hard sets of each group a week: 0 to 16, and how they rise. */
    public record WeeklySets(int first, int rise, int ceiling) {
        public WeeklySets {
            InvalidValue.requireWithin("first", first, 1, 16, "sets");
            InvalidValue.requireWithin("rise", rise, 0, 2, "sets");
            InvalidValue.requireWithin("ceiling", ceiling, first, 16, "sets");
        }
    }

    /** One visit of the block. */
    public record Visit(LocalDate on, PlanResult result) {}

    /** One week: what was aimed at and the visits that came of it. */
    public record Week(int number, boolean lighter, Map<Head.Group, Integer> target, List<Visit> visits) {
        public Week {
            target = Map.copyOf(target);
            visits = List.copyOf(visits);
        }
    }

    /** The block, week by week. */
    public List<Week> plan(Request request) {
        PlanRequest start = request.first();
        List<Week> weeks = new ArrayList<>();
        Map<DayOfWeek, Map<String, Integer>> inBlock = new HashMap<>();
        Map<String, Integer> last = start.inBlock();
        LocalDate hard = start.lastHardOn();
        for (int week = 0; week < request.weeks(); week++) {
            boolean lighter = request.lighterWeek() != null && week + 1 == request.lighterWeek();
            Map<Head.Group, Integer> target = target(request, week, lighter);
            Map<Head.Group, Integer> left = new EnumMap<>(target);
            List<Visit> visits = new ArrayList<>();
            List<LocalDate> days = days(request, start.visitOn().plusWeeks(week));
            for (int v = 0; v < days.size(); v++) {
                LocalDate day = days.get(v);
                Map<String, Integer> before = inBlock.getOrDefault(day.getDayOfWeek(), last);
                PlanResult result =
                        planner.plan(start.on(day, budget(left, days.size() - v, week, target), before, hard, lighter));
                visits.add(new Visit(day, result));
                if (result.plan() != null) {
                    Map<String, Integer> done = new HashMap<>();
                    result.plan().mainSlots().forEach(s -> {
                        done.put(s.exerciseKey(), s.sets());
                        left.merge(s.group(), -s.sets(), Integer::sum);
                    });
                    left.replaceAll((g, n) -> Math.max(0, n));
                    inBlock.put(day.getDayOfWeek(), done);
                    last = done;
                    hard = day;
                }
            }
            weeks.add(new Week(week + 1, lighter, target, visits));
        }
        return weeks;
    }

    private static List<LocalDate> days(Request request, LocalDate from) {
        List<LocalDate> days = new ArrayList<>();
        for (int d = 0; d < DAYS; d++) {
            LocalDate day = from.plusDays(d);
            if (request.visits().contains(day.getDayOfWeek())) {
                days.add(day);
            }
        }
        return days;
    }

    private static Map<Head.Group, Integer> target(Request request, int week, boolean lighter) {
        WeeklySets sets = request.sets();
        int rising = Math.min(sets.ceiling(), sets.first() + week * sets.rise());
        int extensors = lighter ? (int) Math.ceil(rising * LIGHTER_SETS) : rising;
        Map<Head.Group, Integer> target = new EnumMap<>(Head.Group.class);
        target.put(Head.Group.EXTENSORS, extensors);
        target.put(Head.Group.FLEXORS, Math.max(1, (int) Math.round(extensors * request.ratio())));
        return target;
    }

    private static Map<Head.Group, SetBudget> budget(
            Map<Head.Group, Integer> left, int visitsLeft, int week, Map<Head.Group, Integer> target) {
        Map<Head.Group, SetBudget> budget = new EnumMap<>(Head.Group.class);
        for (Head.Group group : Head.Group.values()) {
            int remaining = Objects.requireNonNull(left.get(group));
            int share = (remaining + visitsLeft - 1) / visitsLeft;
            budget.put(
                    group,
                    new SetBudget(
                            share,
                            Reason.of(
                                            "WEEK-block",
                                            Tag.HOUSE,
                                            target.get(group) + " hard sets in week " + (week + 1),
                                            "Week " + (week + 1) + " has " + target.get(group) + " hard sets for the "
                                                    + group.word() + "; " + remaining + " are left for " + visitsLeft
                                                    + (visitsLeft == 1 ? " visit: " : " visits: ") + share + " today.",
                                            "We build the amount up slowly, week by week.")
                                    .with("sets of the week", Objects.requireNonNull(target.get(group)))
                                    .with("left", remaining)));
        }
        return budget;
    }
}
