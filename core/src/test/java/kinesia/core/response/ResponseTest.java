package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.Progression;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Goal;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ResponseTest {
    private static final Progression.Rule EARNS = Progression.Rule.TWICE_AT_THE_TOP;
    private static final List<SoreSite> SORE = List.of(new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(2)));
    private static final TrainingWeek TWICE = TrainingWeek.of(Goal.FUNCTION, 2);
    private static final TrainingStory STORY = new TrainingStory(40, false, true);
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Body BODY = new Body(Sex.FEMALE, 1.66, 68);
    private static final ElbowStrength STRENGTH = ClientStrength.ofAnybody(MODEL, BODY);
    private static final Place ELBOW = new Place(Site.BACK_OF_ELBOW, Side.RIGHT);
    private static final Equipment ROOM = new Equipment(
            List.of(4.0, 4.25, 5.0, 8.0),
            null,
            null,
            null,
            new Equipment.Stack(2.5, 2.5, 40, 0),
            List.of(),
            Set.of("chair", "flat bench"),
            List.of());

    private static Slot slot(String key, int sets, boolean trial) {
        Exercise e = MODEL.catalogue().get(key);
        return new Slot(
                key,
                e.name(),
                e.group(),
                e.arms(),
                e.movement(),
                sets,
                new Exercise.RepRange(8, 12),
                Load.ofKg(4),
                trial,
                Effort.of(7.5),
                e.tempo(),
                MODEL.stress(e, BODY, STRENGTH),
                Map.of());
    }

    private static Plan plan(LocalDate on, boolean trial) {
        return new Plan(
                on,
                List.of(),
                List.of(
                        new Unit(
                                "A",
                                kinesia.core.plan.Method.Layout.PAIRS,
                                90,
                                10,
                                30,
                                List.of(slot("lying-extension", 3, trial), slot("seated-curl", 3, trial))),
                        new Unit(
                                "B",
                                kinesia.core.plan.Method.Layout.PAIRS,
                                90,
                                10,
                                30,
                                List.of(slot("rope-press-down", 2, trial)))),
                90,
                RestAndTime.first().reason(),
                new Plan.Minutes(7, 20),
                List.of(),
                List.of());
    }

    private static SessionRecord session(LocalDate on, int usual, int during, Integer morning, Integer door) {
        return session(on, usual, during, morning, door, 12, 7.5, false);
    }

    private static SessionRecord session(
            LocalDate on,
            int usual,
            int during,
            Integer morning,
            Integer door,
            int reps,
            double effort,
            boolean trial) {
        List<LoggedSet> sets = new ArrayList<>();
        for (Slot slot : plan(on, trial).slots()) {
            for (int n = 1; n <= slot.sets(); n++) {
                boolean hurts = during > 0 && slot.exerciseKey().equals("lying-extension");
                sets.add(new LoggedSet(
                        on,
                        slot.exerciseKey(),
                        null,
                        n,
                        Load.ofKg(4),
                        reps,
                        Effort.of(effort),
                        PainScore.of(hurts ? during : 0),
                        hurts ? Site.BACK_OF_ELBOW : null,
                        hurts ? Side.RIGHT : null));
            }
        }
        return new SessionRecord(
                on,
                plan(on, trial),
                List.of(new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(usual))),
                sets,
                morning == null ? null : morning(on, morning, false, false),
                door == null ? null : List.of(new SitePain(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(door))));
    }

    private static Morning morning(LocalDate on, int pain, boolean sharp, boolean tingling) {
        return new Morning(
                on.plusDays(1),
                List.of(new SitePain(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(pain))),
                3,
                null,
                sharp,
                tingling);
    }

    /** RULES 6: soreness of one arm after work on both, or 3 and more after three days, counts as joint pain. */
    @ParameterizedTest(name = "soreness {0} of {1} after {2} days: {3}")
    @CsvSource({
        "4, RIGHT, 1, EASE",
        "4, LEFT, 1, GO",
        "4, , 1, GO",
        "4, , 2, GO",
        "4, , 3, EASE",
        "2, , 3, GO",
        "2, RIGHT, 1, SAME",
        "1, RIGHT, 1, GO"
    })
    void sorenessOfOneArmOrAfterThreeDaysIsJointPain(int soreness, Side side, int days, Signal expected) {
        SessionRecord quiet = session(LocalDate.of(2026, 3, 2), 0, 0, 0, null);
        Morning sore = new Morning(
                quiet.on().plusDays(days),
                List.of(new SitePain(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(0))),
                soreness,
                Head.Group.EXTENSORS,
                side,
                null,
                false,
                false,
                null,
                List.of());
        SessionRecord session =
                new SessionRecord(quiet.on(), quiet.planned(), quiet.soreSites(), quiet.sets(), sore, quiet.nextDoor());

        assertThat(judge(session).signal()).isEqualTo(expected);
    }

    private static SiteSignal judge(SessionRecord... sessions) {
        List<Map<Place, SiteSignal>> all = SignalRules.judge(List.of(sessions));
        return all.get(all.size() - 1).get(ELBOW);
    }

    /** The pain-monitoring bands of Thomee 1997 and Silbernagel 2007, quoted from memory, at and around each line. */
    @ParameterizedTest(name = "usual {0}, during {1}, morning {2}, door {3}: {4} by {5}")
    @CsvSource(
            nullValues = "-",
            value = {
                "2, 2, 3, 3, GO, RESPONSE-go",
                "2, 3, 3, 3, SAME, RESPONSE-same",
                "0, 2, 1, 1, GO, RESPONSE-go",
                "4, 4, 5, 5, GO, RESPONSE-go",
                "5, 5, 5, 5, SAME, RESPONSE-same",
                "2, 2, 4, 3, SAME, RESPONSE-same",
                "2, 5, 3, 3, SAME, RESPONSE-same",
                "2, 6, 2, 2, EASE, RESPONSE-during",
                "2, 2, 5, 3, EASE, RESPONSE-morning",
                "2, 2, 2, 4, EASE, RESPONSE-settled",
                "2, 2, -, 3, GO, RESPONSE-go",
                "2, 2, -, -, WAITING, RESPONSE-waiting",
                "2, 6, -, -, EASE, RESPONSE-during"
            })
    void signals_follow_the_table(int usual, int during, Integer morning, Integer door, Signal signal, String rule) {
        SiteSignal judged = judge(session(DAY, usual, during, morning, door));
        assertThat(judged.signal()).isEqualTo(signal);
        assertThat(judged.reason().ruleId()).isEqualTo(rule);
        assertThat(judged.reason().inputs()).containsEntry("usual", String.valueOf(usual));
    }

    @Test
    void before_anybody_answered_a_place_waits_and_at_the_second_missing_morning_the_trainer_is_told_to_ask() {
        SessionRecord first = session(DAY, 2, 2, null, null);
        SessionRecord second = session(DAY.plusDays(3), 2, 2, null, null);
        assertThat(judge(first).reason().exact()).startsWith("Waiting:").doesNotContain("ask.");
        SiteSignal again = judge(first, second);
        assertThat(again.signal()).isEqualTo(Signal.WAITING);
        assertThat(again.answered()).isFalse();
        assertThat(again.reason().exact()).contains("second morning running without an answer: ask.");
        // What hurt too much while it was done eases whether anybody answered or not.
        assertThat(judge(session(DAY, 2, 6, null, null)).signal()).isEqualTo(Signal.EASE);
        // Waiting is milder than a signal that was answered, and no go.
        assertThat(Signal.WAITING).isGreaterThan(Signal.GO).isLessThan(Signal.SAME);
    }

    @Test
    void a_load_whose_place_waits_is_not_raised() {
        SessionRecord first = session(DAY, 2, 1, 2, 2);
        SessionRecord second = session(DAY.plusDays(3), 2, 1, null, null);
        NextVisit.Preparation next = NextVisit.prepare(visit(DAY.plusDays(6)), List.of(first, second));
        assertThat(next.carryovers().get("lying-extension").reason().ruleId()).isEqualTo("WAITING-hold");
        assertThat(next.carryovers().get("lying-extension").load().kg()).isEqualTo(4);
        // What does not load the place may go on.
        assertThat(next.carryovers().get("seated-curl").reason().ruleId()).startsWith("PROGRESS");
    }

    private static NextVisit.Visit visit(LocalDate on) {
        return new NextVisit.Visit(MODEL, BODY, 62, ROOM, List.of(), on, TWICE, STORY, SORE, EARNS);
    }

    private static SessionRecord with(SessionRecord r, java.util.function.UnaryOperator<LoggedSet> change) {
        return new SessionRecord(
                r.on(), r.plan(), r.soreSites(), r.sets().stream().map(change).toList(), r.morning(), r.nextDoor());
    }

    private static LoggedSet said(LoggedSet s, Side side, Effort effort) {
        return new LoggedSet(
                s.on(),
                s.exerciseKey(),
                side,
                s.setNumber(),
                s.load(),
                s.reps(),
                effort,
                s.pain(),
                s.painSite(),
                s.painSide());
    }

    /** A client whose right arm rests uses the week up with the left one alone. */
    @Test
    void sets_of_the_left_arm_count_in_the_week() {
        SessionRecord both = session(DAY, 2, 1, 2, 2);
        int whole = allowance(both);
        for (Side arm : Side.values()) {
            assertThat(allowance(with(both, s -> said(s, arm, s.effort()))))
                    .as(arm.word())
                    .isEqualTo(whole);
        }
    }

    private static int allowance(SessionRecord record) {
        return NextVisit.prepare(visit(DAY.plusDays(3)), List.of(record))
                .budget()
                .get(kinesia.core.exercise.Head.Group.EXTENSORS)
                .sets();
    }

    @Test
    void an_effort_that_nobody_said_raises_nothing_and_still_counts_as_hard_as_it_was_planned() {
        SessionRecord first = session(DAY, 2, 1, 2, 2);
        SessionRecord second = session(DAY.plusDays(3), 2, 1, 2, 2);
        SessionRecord unsaid = with(second, s -> said(s, s.side(), null));
        assertThat(NextVisit.prepare(visit(DAY.plusDays(6)), List.of(first, second))
                        .carryovers()
                        .get("seated-curl")
                        .reason()
                        .ruleId())
                .isNotEqualTo("PROGRESS-not-yet");
        NextVisit.Preparation next = NextVisit.prepare(visit(DAY.plusDays(6)), List.of(first, unsaid));
        assertThat(next.carryovers().get("seated-curl").reason().ruleId()).isEqualTo("PROGRESS-not-yet");
        assertThat(unsaid.hardSets()).hasSameSizeAs(second.hardSets());
        // What was planned as hard keeps its muscle from the day after, whether anybody said how hard it was or not.
        assertThat(prepare(DAY.plusDays(4), first, unsaid)
                        .budget()
                        .get(Head.Group.FLEXORS)
                        .reason()
                        .ruleId())
                .isEqualTo("WEEK-48h");
    }

    @Test
    void a_trial_set_of_which_nobody_said_how_hard_it_was_is_tried_again() {
        SessionRecord trial = with(session(DAY, 2, 1, 2, 2, 8, 6, true), s -> said(s, s.side(), null));
        assertThat(NextVisit.prepare(visit(DAY.plusDays(4)), List.of(trial))
                        .carryovers()
                        .get("seated-curl"))
                .satisfies(c -> {
                    assertThat(c.trial()).isTrue();
                    assertThat(c.reason().ruleId()).isEqualTo("LOAD-trial-unsaid");
                });
        Slot slot = slot("seated-curl", 3, true);
        InSession.Advice advice = InSession.after(
                slot,
                List.of(said(trial.sets().get(0), null, null)),
                kinesia.core.dose.ReachableLoads.of(ROOM, MODEL.catalogue().get("seated-curl"), BODY));
        assertThat(advice.reason().exact())
                .contains("Nobody said how hard", "ask")
                .doesNotContain("working load");
    }

    @Test
    void sharp_pain_and_tingling_outrank_any_number() {
        SessionRecord quiet = session(DAY, 2, 0, 1, 1);
        assertThat(judge(with(quiet, morning(DAY, 0, true, false))).signal()).isEqualTo(Signal.EASE);
        assertThat(judge(with(quiet, morning(DAY, 0, false, true))).signal()).isEqualTo(Signal.REFER);
    }

    private static SessionRecord with(SessionRecord r, Morning morning) {
        return new SessionRecord(r.on(), r.plan(), r.soreSites(), r.sets(), morning, r.nextDoor());
    }

    @Test
    void a_second_ease_within_fourteen_days_refers_and_on_the_fifteenth_does_not() {
        SessionRecord first = session(DAY, 2, 6, 2, 2);
        assertThat(judge(first, session(DAY.plusDays(14), 2, 6, 2, 2)).signal()).isEqualTo(Signal.REFER);
        assertThat(judge(first, session(DAY.plusDays(15), 2, 6, 2, 2)).signal()).isEqualTo(Signal.EASE);
    }

    @Test
    void a_referral_is_drafted_with_what_was_logged_and_no_more() {
        SessionRecord first = session(DAY, 2, 6, 2, 2);
        SessionRecord second = session(DAY.plusDays(10), 2, 7, 5, 3);
        assertThat(ReferralDraft.of(List.of(first), DAY.plusDays(1))).isEmpty();
        String draft = ReferralDraft.of(List.of(first, second), DAY.plusDays(11));
        assertThat(draft)
                .startsWith("Right back of elbow, usual pain 2 of 10. Logged in training: " + DAY + ": 6 in ")
                .contains("4 kg x 12), 2 the morning after, 2 at the next visit; " + DAY.plusDays(10) + ": 7 in ")
                .contains("5 the morning after, 3 at the next visit.")
                .doesNotContainIgnoringCase("tendin");
        // What was referred a month ago is no news.
        assertThat(ReferralDraft.of(List.of(first, second), DAY.plusDays(60))).isEmpty();
    }

    @Test
    void mornings_that_rise_by_two_from_week_to_week_ease() {
        SiteSignal judged = judge(
                session(DAY, 3, 1, 1, 1),
                session(DAY.plusDays(3), 3, 1, 1, 1),
                session(DAY.plusDays(8), 3, 1, 3, 3),
                session(DAY.plusDays(10), 3, 1, 4, 4));
        assertThat(judged.reason().ruleId()).isEqualTo("RESPONSE-week");
    }

    private static NextVisit.Preparation prepare(LocalDate on, SessionRecord... sessions) {
        return NextVisit.prepare(
                new NextVisit.Visit(MODEL, BODY, 62, ROOM, List.of(), on, TWICE, STORY, SORE, EARNS),
                List.of(sessions));
    }

    @Test
    void an_ease_swaps_the_worst_exercise_and_cuts_forty_percent_of_the_sets_that_load_the_place() {
        NextVisit.Preparation next = prepare(DAY.plusDays(8), session(DAY, 2, 2, 5, 2));
        assertThat(next.leftOut()).containsOnlyKeys("lying-extension");
        assertThat(next.leftOut().get("lying-extension").exact())
                .contains("right back of elbow")
                .contains("was at 5 against a usual 2");
        // Three sets of lying extension and two of press-down load it: 40 % of 5 is 2.
        assertThat(next.budget().get(Head.Group.EXTENSORS).reason().inputs()).containsEntry("cut in all", "2");
        assertThat(next.carryovers().get("rope-press-down").reason().ruleId()).isEqualTo("EASE-hold");
        assertThat(next.carryovers().get("seated-curl").reason().ruleId()).isEqualTo("PROGRESS-not-yet");
        // Two sessions later it is still out, after that it may come back.
        SessionRecord after = session(DAY.plusDays(3), 2, 1, 2, 2);
        assertThat(prepare(DAY.plusDays(7), session(DAY, 2, 2, 5, 2), after).leftOut())
                .hasSize(1);
        assertThat(prepare(DAY.plusDays(10), session(DAY, 2, 2, 5, 2), after, session(DAY.plusDays(7), 2, 1, 2, 2))
                        .leftOut())
                .isEmpty();
    }

    @Test
    void two_go_sessions_at_the_top_progress_and_one_same_holds_what_loads_the_place() {
        NextVisit.Preparation go =
                prepare(DAY.plusDays(7), session(DAY, 2, 1, 2, 2), session(DAY.plusDays(3), 2, 1, 2, 2));
        assertThat(load(go, "lying-extension")).isEqualTo(4.25);
        NextVisit.Preparation same =
                prepare(DAY.plusDays(7), session(DAY, 2, 1, 2, 2), session(DAY.plusDays(3), 2, 4, 2, 2));
        assertThat(same.carryovers().get("lying-extension").reason().ruleId()).isEqualTo("SAME-hold");
        assertThat(load(same, "seated-curl")).as("a curl does not load it").isEqualTo(4.25);
    }

    /** A session of curls with 5 kg, three sets of 17 at effort 7; the room's next load is 8 kg. */
    private static SessionRecord curls(LocalDate on, int lowering) {
        Slot usual = slot("seated-curl", 3, false);
        Slot slot = new Slot(
                usual.exerciseKey(),
                usual.name(),
                usual.group(),
                usual.arms(),
                usual.movement(),
                3,
                new Exercise.RepRange(13, 17),
                usual.reps(),
                List.of(),
                0,
                Load.ofKg(5),
                1,
                false,
                Effort.of(7.5),
                new Exercise.Tempo(1, 0, lowering),
                usual.stress(),
                Map.of(),
                Map.of(),
                null);
        List<LoggedSet> sets = new ArrayList<>();
        for (int n = 1; n <= 3; n++) {
            sets.add(new LoggedSet(
                    on, "seated-curl", null, n, Load.ofKg(5), 17, Effort.of(7), PainScore.NONE, null, null));
        }
        Unit unit = new Unit("A", kinesia.core.plan.Method.Layout.STRAIGHT, 60, 10, 30, List.of(slot));
        Plan plan = new Plan(
                on,
                List.of(),
                List.of(unit),
                60,
                RestAndTime.first().reason(),
                new Plan.Minutes(7, 10),
                List.of(),
                List.of());
        return new SessionRecord(on, plan, List.of(), sets, morning(on, 0, false, false), List.of());
    }

    private static Carryover curlAfter(int... lowering) {
        SessionRecord[] sessions = new SessionRecord[lowering.length];
        for (int i = 0; i < lowering.length; i++) {
            sessions[i] = curls(DAY.plusDays(3L * i), lowering[i]);
        }
        return prepare(DAY.plusDays(3L * lowering.length), sessions)
                .carryovers()
                .get("seated-curl");
    }

    @Test
    void where_repetitions_are_at_their_most_a_big_step_is_bridged_by_slower_lowering() {
        Carryover slower = curlAfter(3, 3);
        assertThat(slower.reason().ruleId()).isEqualTo("PROGRESS-bridge");
        assertThat(slower.load().kg()).isEqualTo(5);
        assertThat(slower.reps()).isEqualTo(new Exercise.RepRange(13, 17));
        assertThat(slower.lowering()).isEqualTo(4);

        Carryover held = curlAfter(3, 3, 4);
        assertThat(held.load().kg()).isEqualTo(5);
        assertThat(held.lowering()).isEqualTo(4);

        Carryover step = curlAfter(3, 3, 4, 4);
        assertThat(step.reason().ruleId()).isEqualTo("PROGRESS-load");
        assertThat(step.load().kg()).isEqualTo(8);
        assertThat(step.lowering()).isZero();
    }

    private static double load(NextVisit.Preparation next, String key) {
        return next.carryovers().get(key).load().kg();
    }

    @Test
    void a_second_same_adds_a_repetition_after_clean_mornings_and_steps_back_otherwise() {
        Carryover clean = prepare(DAY.plusDays(7), session(DAY, 2, 4, 2, 2), session(DAY.plusDays(3), 2, 4, 2, 2))
                .carryovers()
                .get("lying-extension");
        assertThat(clean.reason().ruleId()).isEqualTo("SAME-second-clean");
        assertThat(clean.reps().high()).isEqualTo(13);
        Carryover back = prepare(DAY.plusDays(7), session(DAY, 2, 2, 4, 2), session(DAY.plusDays(3), 2, 2, 4, 2))
                .carryovers()
                .get("lying-extension");
        assertThat(back.reason().ruleId()).isEqualTo("SAME-step-back");
    }

    @ParameterizedTest(name = "away {0} days: {1} %")
    @CsvSource({"14, 100", "15, 90", "21, 90", "22, 80", "49, 50", "300, 50"})
    void a_break_takes_ten_percent_for_each_started_week_beyond_two(int days, int percent) {
        NextVisit.Preparation next = prepare(DAY.plusDays(days), session(DAY, 0, 0, 0, 0));
        Carryover curl = next.carryovers().get("seated-curl");
        if (percent == 100) {
            assertThat(curl.reason().ruleId()).isNotEqualTo("BREAK-return");
        } else {
            assertThat(curl.reason().exact()).startsWith("Back after " + days + " days");
            if (curl.load().kg() < 5) {
                assertThat(curl.load().kg()).isLessThanOrEqualTo(5.0 * percent / 100);
            } else {
                // Nothing is lighter here: the fewest repetitions instead, for a short break.
                assertThat(percent).isGreaterThanOrEqualTo(70);
                assertThat(curl.reps().high()).isEqualTo(curl.usual().low());
            }
            assertThat(next.rest().seconds()).isEqualTo(90);
            // Three quarters of eight a week, over two visits; the last days of a week leave one visit to catch up
            // with.
            assertThat(next.budget().get(Head.Group.FLEXORS).sets()).isBetween(3, 4);
        }
    }

    private static LocalDate firstDay(
            List<SessionRecord> sessions, LocalDate earliest, int visitsPerWeek, boolean sore) {
        return NextVisit.firstDay(
                MODEL.catalogue(),
                sessions,
                SignalRules.judge(sessions),
                earliest,
                TrainingWeek.of(Goal.FUNCTION, visitsPerWeek),
                STORY,
                sore);
    }

    @Test
    void the_next_day_is_48_hours_on_and_inside_the_week() {
        List<SessionRecord> one = List.of(session(DAY, 2, 1, 2, 2));
        assertThat(firstDay(one, DAY.plusDays(1), 2, true)).isEqualTo(DAY.plusDays(2));
        // Once a week: the next one is on the next Monday.
        assertThat(firstDay(one, DAY.plusDays(1), 1, true)).isEqualTo(DAY.plusDays(7));
        assertThat(firstDay(one, DAY.plusDays(20), 2, true)).isEqualTo(DAY.plusDays(20));
        assertThat(firstDay(List.of(), DAY, 2, true)).isEqualTo(DAY);
    }

    @Test
    void within_a_session_the_next_set_follows_effort_and_pain() {
        Slot slot = slot("seated-curl", 3, false);
        ReachableLoads loads =
                ReachableLoads.of(ROOM, MODEL.catalogue().get("seated-curl"), new Body(Sex.FEMALE, 1.66, 68));
        assertThat(advice(slot, 7.5, 0, loads).next()).isEqualTo(InSession.Next.AS_PLANNED);
        assertThat(advice(slot, 9.5, 0, loads).next()).isEqualTo(InSession.Next.OTHER_REPS);
        assertThat(advice(slot, 5.5, 2, loads).load().kg()).isEqualTo(4.25);
        assertThat(advice(slot, 5.5, 3, loads).next()).isEqualTo(InSession.Next.AS_PLANNED);
        assertThat(advice(slot, 7.5, 5, loads).next()).isEqualTo(InSession.Next.AS_PLANNED);
        assertThat(advice(slot, 7.5, 6, loads).next()).isEqualTo(InSession.Next.END_EXERCISE);
        assertThat(advice(slot("seated-curl", 3, true), 3, 0, loads).load().kg())
                .isEqualTo(5);
    }

    private static InSession.Advice advice(Slot slot, double effort, int pain, ReachableLoads loads) {
        LoggedSet set = new LoggedSet(
                DAY,
                "seated-curl",
                null,
                1,
                Load.ofKg(4),
                12,
                Effort.of(effort),
                PainScore.of(pain),
                pain > 0 ? Site.WRIST : null,
                pain > 0 ? Side.LEFT : null);
        return InSession.after(slot, List.of(set), loads);
    }
}
