package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Exercise;
import kinesia.core.plan.Plan.Slot;
import org.junit.jupiter.api.Test;

/** Arms that work singly go on each from its own sets (RULES 5: slots carry left and right separately where they differ). */
class EachArmTest {
    private static final int VISITS = 12;

    private static Course.Who who(String name) {
        Course.Who who = PrintVisits.people().stream()
                .filter(w -> w.name().startsWith(name))
                .findFirst()
                .orElseThrow();
        return new Course.Who(
                who.name(),
                who.trainee(),
                who.room(),
                RuleFiles.methods().find("alternating-arms").orElseThrow(),
                who.trueShare(),
                0.01);
    }

    private static Stream<Slot> singly(Course.Visit visit) {
        return visit.result().plan() == null
                ? Stream.of()
                : visit.result().plan().mainSlots().stream().filter(s -> s.arms() == Exercise.Arms.IN_TURN);
    }

    @Test
    void a_weaker_left_arm_never_lifts_more_and_soon_has_a_load_of_its_own() {
        int apart = 0;
        int all = 0;
        for (Course.Who person : PrintVisits.people()) {
            if (person.trainee().screen().soreSites().stream().anyMatch(s -> s.side() == Side.RIGHT)) {
                continue; // a sore right arm may well lift less
            }
            List<Course.Visit> visits =
                    new Course(who(person.name()), 40).leftArm(0.75).visits(VISITS);
            for (Course.Visit visit : visits) {
                for (Slot slot : singly(visit).toList()) {
                    assertThat(slot.of(Side.LEFT).load().kg())
                            .as(person.name() + ", " + slot.name())
                            .isLessThanOrEqualTo(slot.of(Side.RIGHT).load().kg());
                    assertThat(slot.load()).isEqualTo(slot.of(Side.LEFT).load());
                }
            }
            List<Slot> last = singly(visits.get(VISITS - 1)).toList();
            all += last.size();
            apart += (int) last.stream()
                    .filter(s -> !s.of(Side.LEFT).load().equals(s.of(Side.RIGHT).load()))
                    .count();
        }
        assertThat(apart).as("of " + all).isGreaterThan(all / 3);
    }

    @Test
    void arms_alike_stay_alike() {
        for (Course.Who person : PrintVisits.people()) {
            boolean sided = person.trainee().screen().limits().stream().anyMatch(l -> l.side() != null);
            List<Course.Visit> visits = new Course(who(person.name()), 40).visits(sided ? 0 : 8);
            assertThat(visits.stream().flatMap(EachArmTest::singly))
                    .as(person.name())
                    .allMatch(s -> s.sides().isEmpty());
        }
    }
}
