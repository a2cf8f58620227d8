package kinesia.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Gear;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;

/** Made-up clients and places for the planner's tests. */
final class People {
    static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    static final Set<String> ALL_FURNITURE = Set.copyOf(Gear.FURNITURE);
    static final Equipment GYM = new Equipment(
            List.of(1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0, 10.0, 12.5),
            new Equipment.Plated(1, List.of(new Equipment.PlatePair(0.5, 2), new Equipment.PlatePair(1.25, 2))),
            new Equipment.Plated(8, List.of(new Equipment.PlatePair(1.25, 2), new Equipment.PlatePair(2.5, 2))),
            new Equipment.Plated(6, List.of(new Equipment.PlatePair(1.25, 2))),
            new Equipment.Stack(2.5, 2.5, 40, 1.25),
            List.of(new Equipment.Band("thin", 20), new Equipment.Band("green", 40)),
            ALL_FURNITURE,
            List.of(new Equipment.HouseholdObject("jug", 3.8), new Equipment.HouseholdObject("can", 0.8)),
            new Equipment.Fixtures(List.of(0.0, 30.0, 45.0), List.of(0.1, 1.2, 2.0), true),
            Gear.MACHINES.stream()
                    .map(name -> new Equipment.Machine(name, new Equipment.Stack(2.5, 2.5, 60, 0)))
                    .toList(),
            null,
            null);

    /** A room whose dumbbells, bars and stacks are stamped in pounds. */
    static final Equipment IN_POUNDS = new Equipment(
            Stream.of(2, 3, 5, 8, 10, 12, 15, 20, 25, 30).map(People::pounds).toList(),
            null,
            new Equipment.Plated(
                    pounds(15),
                    List.of(new Equipment.PlatePair(pounds(2.5), 2), new Equipment.PlatePair(pounds(5), 2))),
            null,
            new Equipment.Stack(pounds(5), pounds(5), pounds(100), pounds(2.5)),
            List.of(new Equipment.Band("thin", 20)),
            ALL_FURNITURE,
            List.of(),
            null,
            null,
            null,
            Set.of("dumbbells", "straight bar", "cable stack"));

    /** Somebody who has trained for long. */
    static final TrainingStory USED_TO_IT = new TrainingStory(100, false, true);

    private People() {}

    private static double pounds(double stamped) {
        return stamped * Load.KG_PER_LB;
    }

    static Equipment with(List<Double> dumbbells, List<Equipment.Band> bands, Set<String> furniture) {
        return new Equipment(dumbbells, null, null, null, null, bands, furniture, List.of());
    }

    static Map<Head.Group, SetBudget> sets(int flexors, int extensors) {
        Reason reason = Reason.of("WEEK-allowance", Tag.HOUSE, "", "This week.", "This week.");
        Map<Head.Group, SetBudget> sets = new EnumMap<>(Head.Group.class);
        sets.put(Head.Group.FLEXORS, new SetBudget(flexors, reason));
        sets.put(Head.Group.EXTENSORS, new SetBudget(extensors, reason));
        return sets;
    }

    /** So many visits and days that are heavy for the arms. */
    static TrainingWeek week(int visits, int heavyDays) {
        return new TrainingWeek(
                Goal.FUNCTION,
                visits,
                Set.of(),
                Set.of(Arrays.copyOf(DayOfWeek.values(), heavyDays)),
                false,
                List.of(),
                List.of());
    }

    /** Somebody who has shown 6 kg curls, 15 kg press-downs and 4 kg lying extensions at two visits. */
    static List<LoggedSet> history() {
        return Stream.of(9, 6)
                .flatMap(days -> Stream.of(
                        done(days, "seated-curl", 6),
                        done(days, "rope-press-down", 15),
                        done(days, "lying-extension", 4)))
                .toList();
    }

    private static LoggedSet done(int daysAgo, String key, double kg) {
        return new LoggedSet(
                DAY.minusDays(daysAgo), key, null, 1, Load.ofKg(kg), 12, Effort.of(7.5), PainScore.NONE, null, null);
    }

    static PlanRequest request(
            Equipment room, int minutes, int sets, List<Limit> limits, List<SoreSite> sore, List<LoggedSet> history) {
        return new PlanRequest(
                new Body(Sex.FEMALE, 1.66, 68),
                62,
                DAY,
                minutes,
                room,
                limits,
                sore,
                Set.of(),
                new PlanRequest.Known(USED_TO_IT, history, DAY),
                Map.of(),
                Map.of(),
                Map.of(),
                sets(sets, sets),
                RestAndTime.first(),
                Door.quiet(),
                null,
                false);
    }

    static PlanRequest well(Equipment room, int minutes, int sets) {
        return request(room, minutes, sets, List.of(), List.of(), history());
    }

    static List<Limit> limitsOf(Site site, Side side, String provocation) {
        return new Answers().sore(Sore.at(site, side, provocation)).assess().limits();
    }
}
