package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.Morning;
import kinesia.core.response.NextRequest;
import kinesia.core.response.SessionRecord;
import kinesia.core.response.SitePain;
import kinesia.core.response.SoreNow;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreeningRules;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** RULES 3 "Door check" and 5 "An ease outranks": what is said before a first visit, and the two visits after a flare. */
class EaseOutranksTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ScreeningRules SCREENING = new ScreeningRules(RuleFiles.questions());
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods(), RuleFiles.careWork());

    private static NextRequest.Prepared prepared(
            List<SoreSite> sore, List<Limit> limits, Door door, List<SessionRecord> records, LocalDate day) {
        return NextRequest.of(
                new NextRequest.Trainee(
                        new Body(Sex.FEMALE, 1.66, 68),
                        62,
                        new TrainingStory(60, false, true),
                        TrainingWeek.of(Goal.FUNCTION, 3),
                        new SoreNow.Screened(sore, limits, People.DAY),
                        Set.of()),
                new NextRequest.Room(MODEL, People.GYM, List.of(), Map.of()),
                new NextRequest.Booking(day, 45, door, Methods.open(), PlanRequest.Wishes.NONE),
                SCREENING,
                records);
    }

    private static Door saying(Site site, Side side, int pain) {
        return new Door(7.0, false, false, Map.of(new Place(site, side), PainScore.of(pain)));
    }

    @Test
    void new_pain_at_the_very_first_door_makes_a_provisional_place_that_is_asked_about() {
        NextRequest.Prepared quiet = prepared(List.of(), List.of(), Door.quiet(), List.of(), People.DAY);
        NextRequest.Prepared sore =
                prepared(List.of(), List.of(), saying(Site.WRIST, Side.LEFT, 5), List.of(), People.DAY);
        assertThat(quiet.request().limits()).isEmpty();
        assertThat(sore.request().limits()).anyMatch(l -> l.site() == Site.WRIST && l.side() == Side.LEFT);
        assertThat(sore.places().whatToDo()).anyMatch(todo -> todo.contains("left wrist"));
        assertThat(PLANNER.plan(sore.request()).plan()).isNotNull();
    }

    @Test
    void a_limited_place_far_over_its_usual_is_eased_before_a_first_visit_and_rests_from_7() {
        Answers answers = new Answers().sore(Sore.at(Site.BACK_OF_ELBOW, Side.RIGHT, "deep-bending"));
        List<SoreSite> sore = List.of(new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(1)));
        List<Limit> limits = answers.assess().limits();
        Plan usual = PLANNER.plan(prepared(sore, limits, Door.quiet(), List.of(), People.DAY)
                        .request())
                .plan();
        Plan eased = PLANNER.plan(
                        prepared(sore, limits, saying(Site.BACK_OF_ELBOW, Side.RIGHT, 4), List.of(), People.DAY)
                                .request())
                .plan();
        Plan rests = PLANNER.plan(
                        prepared(sore, limits, saying(Site.BACK_OF_ELBOW, Side.RIGHT, 8), List.of(), People.DAY)
                                .request())
                .plan();
        assertThat(loading(eased)).isLessThan(loading(usual));
        assertThat(loading(rests)).isZero();
        assertThat(rests.mainSlots()).isNotEmpty();
        Plan asUsual = PLANNER.plan(
                        prepared(sore, limits, saying(Site.BACK_OF_ELBOW, Side.RIGHT, 3), List.of(), People.DAY)
                                .request())
                .plan();
        assertThat(loading(asUsual)).isEqualTo(loading(usual));
    }

    /** Sets that load the back of the right elbow. */
    private static int loading(Plan plan) {
        return sets(plan, new Place(Site.BACK_OF_ELBOW, Side.RIGHT));
    }

    private static int sets(Plan plan, Place place) {
        return plan.mainSlots().stream()
                .filter(s -> s.loads(place.site()))
                .filter(s -> s.sides().isEmpty() || s.sides().containsKey(place.side()))
                .mapToInt(Slot::sets)
                .sum();
    }

    private static double dose(Plan plan, Place place) {
        return plan.slots().stream()
                .filter(s -> s.sides().isEmpty() || s.sides().containsKey(place.side()))
                .mapToDouble(s -> StressDose.of(s, place.site()))
                .sum();
    }

    /** A visit in which {@code worst} hurt at a place, and the two after it. */
    record Flare(Slot worst, PlanResult first, PlanResult after, PlanResult second) {}

    /** Somebody sore at the right {@code site} flares in what loads it most at the first visit, and is quiet at the next. */
    static Flare flare(Site site) {
        Place place = new Place(site, Side.RIGHT);
        String key = RuleFiles.questions().sites().stream()
                .filter(s -> s.site() == site)
                .findFirst()
                .orElseThrow()
                .provocations()
                .get(0)
                .key();
        List<Limit> limits =
                new Answers().sore(Sore.at(site, Side.RIGHT, key)).assess().limits();
        List<SoreSite> sore = List.of(new SoreSite(site, Side.RIGHT, PainScore.of(2)));
        List<SessionRecord> records = new ArrayList<>();
        PlanResult first = PLANNER.plan(
                prepared(sore, limits, Door.quiet(), records, People.DAY).request());
        Slot worst = first.plan().mainSlots().stream()
                .max(java.util.Comparator.comparingDouble(s -> s.stress().getOrDefault(site, 0.0)))
                .orElseThrow();
        records.add(record(People.DAY, first.plan(), sore, worst.exerciseKey(), place));
        LocalDate next = People.DAY.plusDays(3);
        PlanResult after =
                PLANNER.plan(prepared(sore, limits, Door.quiet(), records, next).request());
        if (after.plan() == null) {
            return new Flare(worst, first, after, after);
        }
        records.add(record(next, after.plan(), sore, null, place));
        return new Flare(
                worst,
                first,
                after,
                PLANNER.plan(prepared(sore, limits, Door.quiet(), records, next.plusDays(3))
                        .request()));
    }

    /** Nothing worse comes in for what hurt, the second visit has no more than the first, and there is work at both. */
    @ParameterizedTest
    @EnumSource(Site.class)
    void after_a_flare_two_visits_ask_no_more_of_the_place_and_nothing_worse_comes_in(Site site) {
        Place place = new Place(site, Side.RIGHT);
        Flare flare = flare(site);
        Plan first = flare.first().plan();
        Plan after = flare.after().plan();
        Plan second = flare.second().plan();
        assertThat(after).isNotNull();
        assertThat(second).isNotNull();
        assertThat(after.mainSlots())
                .noneMatch(s -> s.exerciseKey().equals(flare.worst().exerciseKey()));
        Set<String> before =
                Set.copyOf(first.slots().stream().map(Slot::exerciseKey).toList());
        // Care work as well: nothing that fills the time asks more of the place than what it replaces.
        after.slots().stream()
                .filter(s -> !before.contains(s.exerciseKey()))
                .forEach(s -> assertThat(s.stress().getOrDefault(site, 0.0))
                        .as(s.name())
                        .isLessThanOrEqualTo(0.6 * flare.worst().stress().getOrDefault(site, 0.0) + 1e-9));
        assertThat(dose(after, place)).isLessThanOrEqualTo(Math.max(5, 0.6 * dose(first, place)) * 1.001 + 0.01);
        assertThat(dose(second, place)).isLessThanOrEqualTo(Math.max(5, dose(after, place)) * 1.001 + 0.01);
    }

    private static SessionRecord record(
            LocalDate on, Plan plan, List<SoreSite> sore, @org.jspecify.annotations.Nullable String hurt, Place place) {
        List<LoggedSet> sets = new ArrayList<>();
        for (Slot slot : plan.slots()) {
            boolean hurts = slot.exerciseKey().equals(hurt);
            for (int n = 1; n <= slot.sets(); n++) {
                sets.add(new LoggedSet(
                        on,
                        slot.exerciseKey(),
                        null,
                        n,
                        slot.load(),
                        slot.repsIn(n),
                        Effort.of(7),
                        PainScore.of(hurts ? 6 : 0),
                        hurts ? place.site() : null,
                        hurts ? place.side() : null));
            }
        }
        List<SitePain> usual = List.of(new SitePain(place.site(), place.side(), PainScore.of(2)));
        return new SessionRecord(on, plan, sore, sets, new Morning(on.plusDays(1), usual, 1, 7.0, false, false), usual);
    }
}
