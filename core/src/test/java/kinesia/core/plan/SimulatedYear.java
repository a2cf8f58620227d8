package kinesia.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Place;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.Learning;
import kinesia.core.response.Morning;
import kinesia.core.response.NextRequest;
import kinesia.core.response.RoomEvidence;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SitePain;
import kinesia.core.response.SoreNow;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import kinesia.core.screening.ScreenQuestions.SiteQuestions;
import kinesia.core.screening.ScreeningRules;
import org.jspecify.annotations.Nullable;

/**
 * A year of one invented client with a place of hidden tolerance, on Mondays and Thursdays: either planned by Kinesia from what
 * the record says, or by the fixed rule of adding the next load every week to the first plan. A fifth of the mornings go
 * unanswered, a screen asks anew every four weeks.
 */
final class SimulatedYear {
    static final LocalDate START = LocalDate.of(2026, 1, 5);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ScreeningRules SCREENING = new ScreeningRules(RuleFiles.questions());
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods(), RuleFiles.careWork());
    private static final double MISSING = 0.2;
    private static final int SCREEN_EVERY_WEEKS = 4;
    private static final int MINUTES = 40;
    private static final double GAIN_A_WEEK = 0.006;
    private static final double LEAST_RATIO = 0.4;
    private static final double MOST_RATIO = 1.8;

    /** Who decides what is done. */
    enum Rule {
        KINESIA("Kinesia"),
        /** The first plan, with the next load every week whatever is said. */
        LOAD_WEEKLY("the next load every week"),
        /** Nothing is lifted at all: what the moods of the days alone make of it. */
        REST("nothing lifted");

        private final String words;

        Rule(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private final Random random;
    private final InventedJoint joint;
    private final Body body;
    private final int age;
    private final TrainingStory story;
    private final String provocation;
    private final HiddenArms arms;
    private final Rule rule;
    private final List<SessionRecord> records = new ArrayList<>();
    private NextRequest.Trainee trainee;
    private @Nullable Plan first;
    private boolean askAgain;

    SimulatedYear(long seed, Rule rule) {
        this.random = new Random(seed);
        this.rule = rule;
        boolean woman = random.nextBoolean();
        double stature = (woman ? 1.63 : 1.76) + 0.06 * random.nextGaussian();
        this.body = new Body(
                woman ? Sex.FEMALE : Sex.MALE,
                stature,
                Math.max(50, 26 * stature * stature + 8 * random.nextGaussian()));
        this.age = 51 + random.nextInt(34);
        this.story = new TrainingStory(random.nextInt(200), random.nextBoolean(), true);
        SiteQuestions site = RuleFiles.questions()
                .sites()
                .get(random.nextInt(RuleFiles.questions().sites().size()));
        Side side = Side.values()[random.nextInt(2)];
        this.joint = new InventedJoint(random, new Place(site.site(), side), seed % 2 == 0);
        this.provocation = site.provocations()
                .get(random.nextInt(site.provocations().size()))
                .key();
        screen(START);
        this.arms = new HiddenArms(trainee, People.GYM, 0.9 + 0.5 * random.nextDouble(), GAIN_A_WEEK);
    }

    InventedJoint joint() {
        return joint;
    }

    List<SessionRecord> records() {
        return records;
    }

    SoreSite sore() {
        return trainee.screen().soreSites().get(0);
    }

    /** Lives through so many weeks. */
    SimulatedYear through(int weeks) {
        for (int w = 0; w < weeks; w++) {
            if (w > 0) {
                joint.week();
            }
            LocalDate monday = START.plusWeeks(w);
            if (w % SCREEN_EVERY_WEEKS == 0 || askAgain) {
                screen(monday);
            }
            visit(monday, w);
            visit(monday.with(DayOfWeek.THURSDAY), w);
        }
        return this;
    }

    private void screen(LocalDate on) {
        Answers answers = new Answers()
                .sore(Sore.at(joint.place().site(), joint.place().side(), provocation)
                        .usual(joint.usual().value())
                        .worst(joint.usual().value() + 1)
                        .morning(joint.usual().value()));
        List<Limit> limits = answers.assess().limits();
        askAgain = false;
        trainee = new NextRequest.Trainee(
                body,
                age,
                story,
                TrainingWeek.of(Goal.FUNCTION, 2),
                new SoreNow.Screened(
                        List.of(new SoreSite(joint.place().site(), joint.place().side(), joint.usual())), limits, on),
                Set.of());
    }

    private void visit(LocalDate on, int weeks) {
        List<SitePain> door = List.of();
        if (!records.isEmpty()) {
            SessionRecord last = records.get(records.size() - 1);
            door = said(joint.door(on.toEpochDay() - last.on().toEpochDay()));
            records.set(
                    records.size() - 1,
                    new SessionRecord(last.on(), last.planned(), last.soreSites(), last.sets(), last.morning(), door));
        }
        Plan plan = plan(on, weeks);
        if (plan == null) {
            return;
        }
        if (records.isEmpty()) {
            joint.firstWeekOf(plan.slots(), MODEL);
        }
        List<LoggedSet> lifted = arms.lift(plan, weeks);
        List<InventedJoint.Work> works = new ArrayList<>();
        for (Slot slot : plan.slots()) {
            Exercise exercise = MODEL.catalogue().get(slot.exerciseKey()).withMovement(slot.movement());
            works.add(new InventedJoint.Work(
                    slot,
                    exercise,
                    ratio(slot, exercise, weeks),
                    lifted.stream()
                            .filter(s -> s.exerciseKey().equals(slot.exerciseKey()))
                            .toList()));
        }
        List<LoggedSet> sets = joint.felt(on, rule == Rule.REST ? List.of() : works);
        Morning morning = random.nextDouble() < MISSING
                ? null
                : new Morning(on.plusDays(1), said(joint.morning()), 1, null, false, false);
        records.add(new SessionRecord(on, plan, trainee.screen().soreSites(), sets, morning, null));
    }

    private List<SitePain> said(kinesia.core.screening.PainScore pain) {
        return List.of(new SitePain(joint.place().site(), joint.place().side(), pain));
    }

    /** Against what is a set of twelve for these arms by now. */
    private double ratio(Slot slot, Exercise exercise, int weeks) {
        double twelve = arms.twelve(exercise, weeks);
        double kg = slot.of(joint.place().side()).load().kg();
        return twelve <= 0 || kg <= 0 ? 1 : Math.max(LEAST_RATIO, Math.min(MOST_RATIO, kg / twelve));
    }

    private @Nullable Plan plan(LocalDate on, int weeks) {
        if (rule != Rule.KINESIA && first != null) {
            return heavier(first, on, weeks);
        }
        NextRequest.Prepared prepared = NextRequest.of(
                trainee,
                new NextRequest.Room(MODEL, People.GYM, List.of(), Map.of()),
                new NextRequest.Booking(on, MINUTES, Door.quiet(), Methods.open(), PlanRequest.Wishes.NONE),
                SCREENING,
                records);
        if (!prepared.places().referred().isEmpty()) {
            askAgain = true; // seen by somebody within the week, and screened again
        }
        if (Learning.of(trainee.screen().soreSites(), records, RoomEvidence.NONE).places().stream()
                .anyMatch(Learning.AtPlace::usualMoved)) {
            askAgain = true;
        }
        first = PLANNER.plan(prepared.request()).plan();
        return first;
    }

    /** The first plan with the next load for every week since. */
    private Plan heavier(Plan plan, LocalDate on, int weeks) {
        Map<String, Load> loads = new HashMap<>();
        for (Slot slot : plan.slots()) {
            ReachableLoads here = ReachableLoads.of(
                    People.GYM, MODEL.catalogue().get(slot.exerciseKey()).withMovement(slot.movement()), body);
            Load load = slot.load();
            for (int w = 0; w < weeks; w++) {
                load = here.above(load.kg()).orElse(load);
            }
            loads.put(slot.exerciseKey(), load);
        }
        return new Plan(
                on,
                plan.warmUp(),
                plan.units().stream()
                        .map(u -> new Plan.Unit(
                                u.letter(),
                                u.layout(),
                                u.restSeconds(),
                                u.changeOverSeconds(),
                                u.setUpSeconds(),
                                u.slots().stream()
                                        .map(s -> with(s, loads.get(s.exerciseKey())))
                                        .toList()))
                        .toList(),
                plan.restSeconds(),
                plan.restReason(),
                plan.minutes(),
                List.of(),
                List.of());
    }

    private static Slot with(Slot s, Load load) {
        return new Slot(
                s.exerciseKey(),
                s.name(),
                s.group(),
                s.arms(),
                s.movement(),
                s.sets(),
                s.reps(),
                s.usual(),
                s.setReps(),
                s.stationSeconds(),
                load,
                s.loadShare(),
                false,
                s.targetEffort(),
                s.tempo(),
                s.stress(),
                Map.of(),
                s.why(),
                s.manner());
    }
}
