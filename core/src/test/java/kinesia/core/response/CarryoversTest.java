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
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Goal;
import kinesia.core.plan.Method;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

/** Where the arms work one after the other, each goes on from its own sets (RULES 5 and 6). */
class CarryoversTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final Body BODY = new Body(Sex.FEMALE, 1.66, 68);
    private static final SoreSite LEFT_CROOK = new SoreSite(Site.CROOK_OF_ELBOW, Side.LEFT, PainScore.of(2));
    private static final Exercise CURL = RuleFiles.model().catalogue().get("one-arm-curl-and-hammer");
    private static final Equipment ROOM = new Equipment(
            List.of(4.0, 4.25, 4.5), null, null, null, null, List.of(), Set.of("chair", "flat bench"), List.of());

    private static SessionRecord session(LocalDate on, int left, int right, double leftKg, double rightKg) {
        return session(on, left, right, leftKg, rightKg, List.of());
    }

    private static SessionRecord session(LocalDate on, int left, int right, double rightKg, List<SoreSite> sore) {
        return session(on, left, right, 4, rightKg, sore);
    }

    private static SessionRecord session(
            LocalDate on, int left, int right, double leftKg, double rightKg, List<SoreSite> sore) {
        Slot slot = new Slot(
                CURL.key(),
                CURL.name(),
                CURL.group(),
                CURL.arms(),
                CURL.movement(),
                2,
                new Exercise.RepRange(8, 12),
                Load.ofKg(4),
                false,
                Effort.of(7.5),
                CURL.tempo(),
                RuleFiles.model().stress(CURL, BODY, ClientStrength.ofAnybody(RuleFiles.model(), BODY)),
                Map.of());
        Plan plan = new Plan(
                on,
                List.of(),
                List.of(new Plan.Unit("A", Method.Layout.STRAIGHT, 90, 10, 30, List.of(slot))),
                90,
                RestAndTime.first().reason(),
                new Plan.Minutes(7, 20),
                List.of(),
                List.of());
        List<LoggedSet> sets = new ArrayList<>();
        for (int n = 1; n <= 2; n++) {
            sets.add(set(on, Side.LEFT, n, leftKg, left));
            sets.add(set(on, Side.RIGHT, n, rightKg, right));
        }
        // Nobody has answered for the morning.
        return new SessionRecord(on, plan, sore, sets, null, null);
    }

    private static LoggedSet set(LocalDate on, Side arm, int number, double kg, int reps) {
        return new LoggedSet(
                on, CURL.key(), arm, number, Load.ofKg(kg), reps, Effort.of(7.5), PainScore.NONE, null, null);
    }

    private static Carryover after(List<SoreSite> sore, SessionRecord... sessions) {
        NextVisit.Visit visit = new NextVisit.Visit(
                RuleFiles.model(),
                BODY,
                62,
                ROOM,
                List.of(),
                DAY.plusDays(7),
                TrainingWeek.of(Goal.FUNCTION, 2),
                new TrainingStory(40, false, true),
                sore,
                Progression.Rule.TWICE_AT_THE_TOP);
        return NextVisit.prepare(visit, List.of(sessions)).carryovers().get(CURL.key());
    }

    @Test
    void an_elbow_that_waits_for_its_morning_holds_its_own_arm_and_not_the_other() {
        List<SoreSite> sore = List.of(LEFT_CROOK);
        Carryover curl = after(sore, session(DAY, 12, 12, 4, sore), session(DAY.plusDays(3), 12, 12, 4, sore));
        assertThat(curl.of(Side.LEFT).reason().ruleId()).isEqualTo("WAITING-hold");
        assertThat(curl.of(Side.RIGHT).reason().ruleId()).isEqualTo("PROGRESS-load");
        assertThat(curl.of(Side.RIGHT).load().kg()).isEqualTo(4.25);
        // What the arms share is the weaker one's.
        assertThat(curl.load().kg()).isEqualTo(4);
        assertThat(curl.reason()).isEqualTo(curl.of(Side.LEFT).reason());
    }

    @Test
    void arms_that_earn_the_same_go_on_with_one_load() {
        Carryover curl =
                after(List.of(), session(DAY, 12, 12, 4, List.of()), session(DAY.plusDays(3), 12, 12, 4, List.of()));
        assertThat(curl.arms()).isEmpty();
        assertThat(curl.load().kg()).isEqualTo(4.25);
    }

    @Test
    void of_one_load_the_arm_that_does_less_sets_the_count() {
        Carryover curl =
                after(List.of(), session(DAY, 10, 12, 4, List.of()), session(DAY.plusDays(3), 10, 12, 4.25, List.of()));
        assertThat(curl.of(Side.LEFT).load().kg()).isEqualTo(4);
        assertThat(curl.of(Side.RIGHT).load().kg()).isEqualTo(4.5);
        Carryover same = after(List.of(), session(DAY, 7, 12, 4, List.of()));
        assertThat(same.arms()).isEmpty();
        assertThat(same.reason().ruleId()).isEqualTo("LOAD-too-hard");
        // The heaviest there is: the right arm alone has earned a repetition more, and waits for the left.
        Carryover bridged =
                after(List.of(), session(DAY, 10, 12, 4.5, 4.5), session(DAY.plusDays(3), 10, 12, 4.5, 4.5));
        assertThat(bridged.arms()).isEmpty();
        assertThat(bridged.reps().high()).isEqualTo(12);
    }
}
