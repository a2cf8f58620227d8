package kinesia.core.response;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan;
import kinesia.core.plan.PlanResult;
import kinesia.core.plan.Planner;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;
import org.jspecify.annotations.Nullable;

/**
 * The weeks of a block as they would go if every visit went as planned and every morning were as usual. Each visit is planned
 * from the record as the real one will be, so that a week shown here is the week that comes if nothing else does.
 */
public final class WeeksAhead {
    private static final int MOST_VISITS = 4;
    private static final int DAYS = 7;
    // A trial set that found its load was said at this [RULES 4].
    private static final Effort FOUND = Effort.of(6);

    private final Planner planner;
    private final ScreeningRules screening;

    public WeeksAhead(Planner planner, ScreeningRules screening) {
        this.planner = planner;
        this.screening = screening;
    }

    /**
     * What is laid out.
     *
     * @param visit minutes, door, way of working and wishes of every visit; its day is not looked at
     * @param block the weeks, as if they were kept
     * @param days of training in each of them, 1 to 4, with at least a day between any two
     */
    public record Asked(
            NextRequest.Trainee who,
            NextRequest.Room room,
            NextRequest.Booking visit,
            TrainingBlock block,
            Set<DayOfWeek> days) {
        public Asked {
            InvalidValue.requireWithin("visits", days.size(), 1, MOST_VISITS, "days");
            days = Set.copyOf(days);
            for (DayOfWeek day : days) {
                if (days.size() > 1 && days.contains(day.plus(1))) {
                    throw new InvalidValue("visits", "need at least a day between " + day + " and " + day.plus(1));
                }
            }
        }
    }

    /** One visit and what would be planned for it. */
    public record Visit(LocalDate on, PlanResult result) {}

    /** One week, from 1, with the hard sets planned in it. */
    public record Week(int number, boolean lighter, Map<Head.Group, Integer> sets, List<Visit> visits) {
        public Week {
            sets = Map.copyOf(sets);
            visits = List.copyOf(visits);
        }
    }

    /** The weeks, and in one sentence how their sets go. */
    public record Weeks(List<Week> weeks, Reason sets) {
        public Weeks {
            weeks = List.copyOf(weeks);
        }
    }

    /** The block's weeks after {@code records}, oldest first. */
    public Weeks of(Asked asked, List<SessionRecord> records) {
        TrainingBlock block = asked.block();
        List<LocalDate> days = block.start()
                .datesUntil(block.start().plusWeeks(block.weeks()))
                .filter(day -> asked.days().contains(day.getDayOfWeek()))
                .filter(day -> records.stream().noneMatch(r -> !r.on().isBefore(day)))
                .toList();
        NextRequest.Trainee who = coming(asked, days);
        List<SessionRecord> told = new ArrayList<>(records);
        if (!told.isEmpty()) {
            told.set(
                    told.size() - 1,
                    answered(told.get(told.size() - 1), who.screen().soreSites()));
        }
        List<Week> weeks = new ArrayList<>();
        for (int w = 0; w < block.weeks(); w++) {
            LocalDate from = block.start().plusWeeks(w);
            List<Visit> visits = new ArrayList<>();
            days.stream()
                    .filter(d -> !d.isBefore(from) && d.isBefore(from.plusDays(DAYS)))
                    .forEach(day -> visits.add(visit(asked, who, day, told)));
            weeks.add(new Week(w + 1, block.isLighter(from), sets(visits), visits));
        }
        return new Weeks(weeks, summary(weeks, !who.screen().soreSites().isEmpty()));
    }

    private Visit visit(Asked asked, NextRequest.Trainee who, LocalDate day, List<SessionRecord> told) {
        NextRequest.Booking usual = asked.visit();
        NextRequest.Booking booking = new NextRequest.Booking(
                day, usual.minutes(), usual.door(), usual.method(), usual.wishes(), usual.rule());
        NextRequest.Prepared prepared = NextRequest.of(who, asked.room(), booking, screening, told);
        PlanResult result = planner.plan(prepared.request());
        if (result.plan() != null) {
            told.add(done(day, result.plan(), prepared.places().soreSites()));
        }
        return new Visit(day, result);
    }

    /** The client whose block is kept and whose visits are booked. */
    private static NextRequest.Trainee coming(Asked asked, List<LocalDate> days) {
        NextRequest.Trainee who = asked.who();
        TrainingWeek week = who.week();
        Set<LocalDate> booked = new HashSet<>(days);
        week.booked().stream().filter(d -> !asked.block().covers(d)).forEach(booked::add);
        List<TrainingBlock> blocks =
                Stream.concat(week.blocks().stream(), Stream.of(asked.block())).toList();
        return new NextRequest.Trainee(
                who.body(),
                who.age(),
                who.story(),
                week.with(blocks, booked),
                who.screen(),
                who.dislikes(),
                who.before());
    }

    /** As planned, said at the effort that was aimed at, a first set finding its load, with nothing new in any place. */
    private static SessionRecord done(LocalDate on, Plan plan, List<SoreSite> places) {
        List<LoggedSet> sets = new ArrayList<>();
        for (Plan.Slot slot : plan.slots()) {
            for (int round = 1; round <= slot.sets(); round++) {
                for (@Nullable Side side : slot.armsInTurn()) {
                    sets.add(set(on, slot, round, side));
                }
            }
        }
        Morning quiet = new Morning(on.plusDays(1), usual(places), 0, null, false, false);
        return new SessionRecord(on, plan, places, sets, quiet, usual(places));
    }

    private static LoggedSet set(LocalDate on, Plan.Slot slot, int round, @Nullable Side side) {
        Plan.Slot own = slot.of(side);
        return new LoggedSet(
                on,
                slot.exerciseKey(),
                side,
                round,
                own.load(),
                Math.min(own.reps().high(), own.repsIn(round)),
                said(own.targetEffort(), slot.trial()),
                PainScore.NONE,
                null,
                null);
    }

    private static Effort said(Effort target, boolean trial) {
        return trial && target.value() > FOUND.value() ? FOUND : target;
    }

    /** What is not answered yet of the last session, answered as usual. */
    private static SessionRecord answered(SessionRecord last, List<SoreSite> places) {
        return last.nextDoor() != null
                ? last
                : new SessionRecord(
                        last.on(),
                        last.planned(),
                        last.soreSites(),
                        last.sets(),
                        last.painSaid(),
                        last.rightAfter(),
                        last.morning(),
                        usual(places));
    }

    private static List<SitePain> usual(List<SoreSite> places) {
        return places.stream()
                .map(s -> new SitePain(s.site(), s.side(), s.usual()))
                .toList();
    }

    private static Map<Head.Group, Integer> sets(List<Visit> visits) {
        Map<Head.Group, Integer> sets = new EnumMap<>(Head.Group.class);
        for (Head.Group group : Head.Group.values()) {
            sets.put(
                    group,
                    visits.stream()
                            .map(v -> v.result().plan())
                            .filter(plan -> plan != null)
                            .flatMap(plan -> plan.mainSlots().stream())
                            .filter(slot -> slot.group() == group)
                            .mapToInt(Plan.Slot::sets)
                            .sum());
        }
        return sets;
    }

    private static Reason summary(List<Week> weeks, boolean sore) {
        List<Week> full = weeks.stream().filter(w -> !w.lighter()).toList();
        List<Week> told = full.isEmpty() ? weeks : full;
        int back = told.get(0).sets().getOrDefault(Head.Group.EXTENSORS, 0);
        int front = told.get(0).sets().getOrDefault(Head.Group.FLEXORS, 0);
        int mostBack = most(told, Head.Group.EXTENSORS);
        int mostFront = most(told, Head.Group.FLEXORS);
        int ceiling = WeekAllowance.ceiling(sore);
        boolean rises = mostBack > back || mostFront > front;
        return Reason.of(
                        "BLOCK-sets",
                        Tag.HOUSE,
                        "at most " + ceiling + " hard sets in any seven days" + (sore ? " where a place is sore" : ""),
                        "Sets for the back of the arm and for its front: " + back + " and " + front
                                + " in the first week"
                                + (rises
                                        ? ", rising to " + mostBack + " and " + mostFront
                                                + " after good weeks; never more than " + ceiling
                                                + " in any seven days."
                                        : " and in every other that is not lighter."),
                        rises ? "We build the amount up slowly, week by week." : "The amount stays as it is.")
                .with("first week, back", back)
                .with("first week, front", front)
                .with("most, back", mostBack)
                .with("most, front", mostFront);
    }

    private static int most(List<Week> weeks, Head.Group group) {
        return weeks.stream()
                .mapToInt(w -> w.sets().getOrDefault(group, 0))
                .max()
                .orElse(0);
    }
}
