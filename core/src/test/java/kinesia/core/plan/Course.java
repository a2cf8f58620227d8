package kinesia.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import kinesia.core.RuleFiles;
import kinesia.core.dose.Equipment;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.response.Morning;
import kinesia.core.response.NextRequest;
import kinesia.core.response.NextVisit;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SignalRules;
import kinesia.core.response.SitePain;
import kinesia.core.screening.ScreeningRules;

/**
 * Visits of an invented client one after the other, all told honestly and all going well: each planned from those before it,
 * lifted by arms of a hidden strength that grows a little, with quiet mornings.
 */
final class Course {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ScreeningRules SCREENING = new ScreeningRules(RuleFiles.questions());
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods(), RuleFiles.careWork());

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
    private final HiddenArms arms;
    private final List<SessionRecord> records = new ArrayList<>();
    private final Map<Integer, UnaryOperator<SessionRecord>> told = new HashMap<>();
    private final Map<Integer, Integer> lasting = new HashMap<>();
    private final Map<Integer, Integer> away = new HashMap<>();

    Course(Who who, int minutes) {
        this.who = who;
        this.minutes = minutes;
        this.arms = new HiddenArms(who.trainee(), who.room(), who.trueShare(), who.gainAWeek());
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
        arms.leftArm(share);
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
                        arms.lift(result.plan(), weeks),
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
}
