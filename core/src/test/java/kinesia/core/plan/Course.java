package kinesia.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Person;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Implement;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.InSession;
import kinesia.core.response.Morning;
import kinesia.core.response.NextRequest;
import kinesia.core.response.NextVisit;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SignalRules;
import kinesia.core.response.SitePain;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;

/**
 * Visits of an invented client one after the other, all told honestly and all going well: each planned from those before it,
 * lifted by arms of a hidden strength that grows a little, with quiet mornings.
 */
final class Course {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ScreeningRules SCREENING = new ScreeningRules(RuleFiles.questions());
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods(), RuleFiles.careWork());
    // What twelve repetitions at effort 7 leave to failure, and the formula that says what a load does to it.
    private static final double TO_FAILURE = 15;
    private static final double EPLEY = 30;
    private static final double MOST_CUFFED = 22;

    /**
     * Who it is.
     *
     * @param trueShare of what the norms give: the strength nobody knows
     * @param gainAWeek by which it grows
     */
    record Who(
            String name,
            NextRequest.Trainee trainee,
            Equipment room,
            Method method,
            double trueShare,
            double gainAWeek) {}

    /** One visit: what was asked and what came of it. */
    record Visit(PlanRequest request, PlanResult result, SessionRecord record) {}

    private final Who who;
    private final int minutes;
    private final ElbowStrength begins;
    private final List<SessionRecord> records = new ArrayList<>();
    private final Map<Integer, UnaryOperator<SessionRecord>> told = new HashMap<>();
    private final Map<Integer, Integer> lasting = new HashMap<>();
    private final Map<Integer, Integer> away = new HashMap<>();
    private double leftShare = 1;

    Course(Who who, int minutes) {
        this.who = who;
        this.minutes = minutes;
        NextRequest.Trainee t = who.trainee();
        Person person = new Person(t.body(), t.age(), t.story(), Set.of());
        this.begins = ClientStrength.of(MODEL, person, List.of(), People.DAY).both();
    }

    /** What is told of the visit with this number, counted from 1, in place of what would have been. */
    Course told(int visit, UnaryOperator<SessionRecord> otherwise) {
        told.put(visit, otherwise);
        return this;
    }

    /** The visit with this number lasts another number of minutes than the others. */
    Course lasting(int visit, int otherMinutes) {
        lasting.put(visit, otherMinutes);
        return this;
    }

    /** Before the visit with this number nobody came for so many days more. */
    Course away(int visit, int days) {
        away.put(visit, days);
        return this;
    }

    /** The left arm has this share of the right one's strength. */
    Course leftArm(double share) {
        leftShare = share;
        return this;
    }

    /** So many visits, on the days that the record itself proposes; those that could not be planned have no record. */
    List<Visit> visits(int many) {
        List<Visit> visits = new ArrayList<>();
        LocalDate today = People.DAY;
        for (int v = 0; v < many; v++) {
            LocalDate day = NextVisit.firstDay(
                    MODEL.catalogue(),
                    records,
                    SignalRules.judge(records),
                    today.plusDays(away.getOrDefault(v + 1, 0)),
                    who.trainee().week(),
                    who.trainee().story(),
                    !who.trainee().screen().soreSites().isEmpty());
            PlanRequest request = NextRequest.of(
                            who.trainee(),
                            new NextRequest.Room(MODEL, who.room(), List.of(), Map.of()),
                            new NextRequest.Booking(
                                    day,
                                    lasting.getOrDefault(v + 1, minutes),
                                    Door.quiet(),
                                    who.method(),
                                    PlanRequest.Wishes.NONE),
                            SCREENING,
                            records)
                    .request();
            PlanResult result = PLANNER.plan(request);
            SessionRecord record = null;
            if (result.plan() != null) {
                double weeks = (day.toEpochDay() - People.DAY.toEpochDay()) / 7.0;
                record = new SessionRecord(
                        day,
                        result.plan(),
                        who.trainee().screen().soreSites(),
                        sets(result.plan(), weeks),
                        new Morning(day.plusDays(1), usual(), 1, 7.0, false, false),
                        usual());
                record = told.getOrDefault(v + 1, r -> r).apply(record);
                records.add(record);
            }
            visits.add(new Visit(request, result, record));
            today = day.plusDays(1);
        }
        return visits;
    }

    private List<SitePain> usual() {
        return who.trainee().screen().soreSites().stream()
                .map(s -> new SitePain(s.site(), s.side(), s.usual()))
                .toList();
    }

    private List<LoggedSet> sets(Plan plan, double weeks) {
        List<LoggedSet> sets = new ArrayList<>();
        boolean frail = who.trainee().story().isFrail(who.trainee().age());
        double growth = who.trueShare() * (1 + who.gainAWeek() * weeks);
        for (Slot slot : plan.slots()) {
            Exercise exercise = MODEL.catalogue().get(slot.exerciseKey()).withMovement(slot.movement());
            ReachableLoads loads =
                    ReachableLoads.of(who.room(), exercise, who.trainee().body());
            for (Side side : sides(slot)) {
                Slot own = slot.of(side);
                double strength = growth * (side == Side.LEFT ? leftShare : 1);
                Load load = own.load();
                int aim = own.repsIn(1);
                for (int n = 1; n <= slot.sets(); n++) {
                    LoggedSet last = set(own, exercise, load, aim, n, side, plan.visitOn(), strength);
                    sets.add(last);
                    InSession.Advice advice =
                            InSession.after(own, last, frail ? InSession.unhurried(own, last.load(), loads) : loads);
                    load = advice.load();
                    aim = advice.next() == InSession.Next.AS_PLANNED ? own.repsIn(n + 1) : advice.reps();
                }
            }
        }
        return sets;
    }

    private static Side[] sides(Slot slot) {
        if (slot.arms() != Exercise.Arms.IN_TURN) {
            return new Side[] {null};
        }
        return slot.sides().size() == 1
                ? slot.sides().keySet().toArray(new Side[0])
                : new Side[] {Side.LEFT, Side.RIGHT};
    }

    private LoggedSet set(
            Slot slot, Exercise exercise, Load load, int aim, int n, Side side, LocalDate on, double growth) {
        boolean weighed = exercise.bodyWeightShare() == 0
                && exercise.implement() != Implement.FIXED
                && exercise.role().trainsTheArm()
                && load.kg() > 0;
        double twelve = weighed
                ? MODEL.equalEffortLoad(
                        exercise, who.trainee().body(), ElbowStrength.ofFlexors(begins.flexorsNm() * growth))
                : 0;
        double toFailure = weighed
                ? EPLEY * (twelve * (1 + TO_FAILURE / EPLEY) / load.kg() - 1) - (n - 1) * 0.5
                : TO_FAILURE + 10 * (growth / who.trueShare() - 1) * 3;
        // Cuffed sets go on past their aim while there is something left.
        boolean cuffed = n > 1 && slot.setReps().size() > 1 && slot.setReps().get(0) >= 30;
        if (cuffed && toFailure > MOST_CUFFED + 2) {
            aim = (int) MOST_CUFFED;
        }
        int reps = (int) Math.max(3, Math.min(aim, Math.floor(toFailure - 1)));
        double reserve = toFailure - reps;
        double effort = reserve <= 3 ? 10 - reserve : 7 - (reserve - 3) / 3;
        effort = Math.max(2, Math.min(9.5, Math.round(effort * 2) / 2.0));
        if (!slot.targetEffort().isHard()) {
            effort = slot.targetEffort().value();
        }
        return new LoggedSet(
                on, slot.exerciseKey(), side, n, load, reps, Effort.of(effort), PainScore.NONE, null, null);
    }
}
