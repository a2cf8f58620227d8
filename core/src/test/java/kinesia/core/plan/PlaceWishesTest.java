package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.dose.Equipment;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Gear;
import kinesia.core.exercise.Role;
import kinesia.core.plan.PlaceWishes.Trainee;
import kinesia.core.plan.PlaceWishes.Wish;
import org.junit.jupiter.api.Test;

class PlaceWishesTest {
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods());
    private static final PlaceWishes WISHES = new PlaceWishes(PLANNER);

    private static List<Trainee> two(Equipment here) {
        return List.of(
                new Trainee("Ada", People.well(here, 40, 6)),
                new Trainee("Bo", People.request(here, 40, 6, List.of(), List.of(), List.of())));
    }

    private static Equipment dumbbells(Double... kg) {
        return People.with(List.of(kg), List.of(), Set.of("chair"));
    }

    @Test
    void an_anchor_opens_to_a_home_with_bands_exactly_what_a_plan_could_then_use() {
        List<Double> all = new ArrayList<>();
        for (double kg = 0.5; kg <= 12; kg += 0.5) {
            all.add(kg);
        }
        List<Equipment.Band> bands = List.of(
                new Equipment.Band("a", 12),
                new Equipment.Band("b", 20),
                new Equipment.Band("c", 35),
                new Equipment.Band("d", 55));
        Set<String> indoors = new HashSet<>(Gear.FURNITURE);
        indoors.removeAll(Gear.ANCHORS);
        indoors.removeAll(List.of("door anchor", "post"));
        Equipment home = People.with(all, bands, indoors);
        Wish anchor = WISHES.of(home, two(home)).stream()
                .filter(w -> w.thing().equals("a door anchor"))
                .findFirst()
                .orElseThrow();
        assertThat(anchor.reason().exact()).matches("A door anchor gives [1-9]\\d* exercises to 2 clients.*");
        Set<String> furniture = new HashSet<>(home.furniture());
        furniture.add("door anchor");
        Equipment with = People.with(all, bands, furniture);
        for (PlaceWishes.Gain gain : anchor.gains()) {
            PlanRequest request = two(home).stream()
                    .filter(t -> t.name().equals(gain.name()))
                    .findFirst()
                    .orElseThrow()
                    .request();
            List<String> before = open(request.at(home));
            List<String> after = new ArrayList<>(open(request.at(with)));
            after.removeAll(before);
            // All that opens, but for what the band here is too light for to count.
            assertThat(after).containsAll(gain.exercises());
            assertThat(gain.exercises()).hasSizeGreaterThan(after.size() / 3);
        }
    }

    private static List<String> open(PlanRequest request) {
        return PLANNER.candidates(request).fits().stream()
                .filter(f -> f.isAllowed() && f.worth() > 0 && f.exercise().role() == Role.MAIN)
                .map(Fit::exercise)
                .map(Exercise::name)
                .toList();
    }

    @Test
    void a_pair_between_two_pairs_makes_steps_smaller_and_says_which() {
        Equipment room = dumbbells(1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0, 10.0);
        List<Wish> wishes = WISHES.of(room, two(room));
        assertThat(wishes).isNotEmpty().hasSizeLessThanOrEqualTo(3);
        List<PlaceWishes.SmallerStep> steps = wishes.stream()
                .flatMap(w -> w.gains().stream())
                .flatMap(g -> g.steps().stream())
                .toList();
        assertThat(steps).isNotEmpty().allSatisfy(s -> {
            double from = kg(s.from());
            assertThat(kg(s.then())).isGreaterThan(from).isLessThanOrEqualTo(from * 1.1 + 1e-9);
            assertThat(s.now().startsWith("nothing") || kg(s.now()) > from * 1.1)
                    .isTrue();
        });
    }

    private static double kg(String label) {
        return Double.parseDouble(label.replace(" kg", ""));
    }

    @Test
    void what_a_better_thing_does_already_is_not_wished_for_again_and_a_full_room_wishes_little() {
        Equipment home = People.with(List.of(), List.of(new Equipment.Band("thin", 20)), Set.of("chair"));
        List<Wish> wishes = WISHES.of(home, two(home));
        assertThat(wishes)
                .extracting(Wish::thing)
                .doesNotHaveDuplicates()
                .doesNotContain("a high anchor", "a low anchor");
        assertThat(WISHES.of(home, List.of())).isEmpty();
        // Everything is there that stands: only loads can be missing.
        assertThat(WISHES.of(People.GYM, two(People.GYM)))
                .allSatisfy(w -> assertThat(w.thing()).containsAnyOf("kg", " N "));
    }
}
