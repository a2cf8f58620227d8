package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import kinesia.core.RuleFiles;
import kinesia.core.Seeds;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.NextRequest;
import kinesia.core.response.SoreNow;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningRules;
import org.junit.jupiter.api.Test;

/** Somebody older, or sorer at the same place, never starts with more: no set, no load, no effort, no dose at the place. */
class OlderOrSorerTest {
    private static final int CLIENTS = 120;
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ScreeningRules SCREENING = new ScreeningRules(RuleFiles.questions());
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods(), RuleFiles.careWork());

    /** @param usual pain at the sore place; negative for nothing sore */
    private record Somebody(
            Body body, int age, TrainingStory story, Goal goal, ScreenQuestions.SiteQuestions site, int usual) {
        Somebody older(int years) {
            return new Somebody(body, age + years, story, goal, site, usual);
        }

        Somebody sorer(int more) {
            return new Somebody(body, age, story, goal, site, usual + more);
        }

        PlanRequest request(Equipment room, int minutes) {
            Answers answers = new Answers();
            if (usual >= 0) {
                answers.sore(Sore.at(
                                site.site(),
                                Side.RIGHT,
                                site.provocations().get(0).key())
                        .usual(usual));
            }
            List<SoreSite> sore =
                    usual < 0 ? List.of() : List.of(new SoreSite(site.site(), Side.RIGHT, PainScore.of(usual)));
            return NextRequest.of(
                            new NextRequest.Trainee(
                                    body,
                                    age,
                                    story,
                                    TrainingWeek.of(goal, 2),
                                    new SoreNow.Screened(sore, answers.assess().limits(), People.DAY),
                                    Set.of()),
                            new NextRequest.Room(MODEL, room, List.of(), Map.of()),
                            new NextRequest.Booking(
                                    People.DAY, minutes, Door.quiet(), Methods.open(), PlanRequest.Wishes.NONE),
                            SCREENING,
                            List.of())
                    .request();
        }
    }

    private static Somebody somebody(Random random, boolean sore) {
        List<ScreenQuestions.SiteQuestions> sites = RuleFiles.questions().sites();
        return new Somebody(
                new Body(Sex.values()[random.nextInt(2)], 1.5 + random.nextInt(40) / 100.0, 50 + random.nextInt(50)),
                50 + random.nextInt(25),
                new TrainingStory(random.nextInt(60), random.nextBoolean(), true),
                Goal.values()[random.nextInt(Goal.values().length)],
                sites.get(random.nextInt(sites.size())),
                sore ? random.nextInt(5) : -1);
    }

    @Test
    void somebody_older_never_starts_with_more() {
        AtomicInteger compared = new AtomicInteger();
        Seeds.each(CLIENTS, random -> {
            Somebody young = somebody(random, random.nextBoolean());
            compared.addAndGet(compare(random, young, young.older(1 + random.nextInt(15))));
        });
        assertThat(compared.get()).isGreaterThan(CLIENTS);
    }

    @Test
    void somebody_sorer_never_starts_with_more() {
        AtomicInteger compared = new AtomicInteger();
        Seeds.each(CLIENTS, random -> {
            Somebody sore = somebody(random, true);
            compared.addAndGet(compare(random, sore, sore.sorer(1 + random.nextInt(3))));
        });
        assertThat(compared.get()).isGreaterThan(CLIENTS / 2);
    }

    /** How many loads there were to compare. */
    private static int compare(Random random, Somebody one, Somebody other) {
        Equipment room = random.nextInt(3) == 0
                ? People.with(List.of(1.0, 2.0, 3.0, 4.0, 6.0), List.of(), Set.of("chair", "table"))
                : People.GYM;
        int minutes = 20 + random.nextInt(40);
        PlanRequest more = one.request(room, minutes);
        PlanRequest less = other.request(room, minutes);
        String who = one + " against " + other;
        for (Head.Group group : Head.Group.values()) {
            assertThat(less.setsFor(group)).as(who).isLessThanOrEqualTo(more.setsFor(group));
        }
        for (PlanRequest.StressBudget budget : less.stressBudgets()) {
            more.stressBudgets().stream()
                    .filter(b -> b.site() == budget.site() && b.side() == budget.side())
                    .forEach(b -> assertThat(budget.most()).as(who).isLessThanOrEqualTo(b.most()));
        }
        Plan a = PLANNER.plan(more).plan();
        Plan b = PLANNER.plan(less).plan();
        if (a == null || b == null) {
            return 0;
        }
        int compared = 0;
        for (Slot slot : b.mainSlots()) {
            for (Slot s : a.mainSlots()) {
                if (s.exerciseKey().equals(slot.exerciseKey())) {
                    String which = slot.exerciseKey() + " of " + who;
                    assertThat(slot.load().kg())
                            .as(which)
                            .isLessThanOrEqualTo(s.load().kg() + 1e-9);
                    assertThat(slot.targetEffort().value())
                            .as(which)
                            .isLessThanOrEqualTo(s.targetEffort().value());
                    compared++;
                }
            }
        }
        return compared;
    }
}
