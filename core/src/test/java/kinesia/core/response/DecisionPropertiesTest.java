package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import kinesia.core.reason.RuleFile;
import kinesia.core.response.Decisions.What;
import org.junit.jupiter.api.Test;

/** What holds whatever was said: over seeded random histories of up to four visits (house rules, no source). */
class DecisionPropertiesTest {
    private static final int HISTORIES = 400;

    /** One visit as a line of histories.yaml. */
    private record Said(int day, int during, int morning, int door, int reps, double effort) {
        Said hurting(int more) {
            return new Said(day, Math.min(10, during + more), morning, door, reps, effort);
        }

        Said unanswered() {
            return new Said(day, during, -1, -1, reps, effort);
        }

        String line() {
            return String.format(
                    Locale.ROOT,
                    "{d: %d, during: %d, m: %s, o: %s, reps: %d, effort: %s}",
                    day,
                    during,
                    morning < 0 ? "\"-\"" : morning,
                    door < 0 ? "\"-\"" : door,
                    reps,
                    effort);
        }
    }

    private static List<Said> visits(Random random) {
        List<Said> visits = new ArrayList<>();
        int day = 0;
        for (int v = 0; v < 1 + random.nextInt(4); v++) {
            visits.add(new Said(
                    day,
                    random.nextInt(4),
                    random.nextInt(5),
                    random.nextInt(4),
                    9 + random.nextInt(5),
                    5 + random.nextInt(9) / 2.0));
            day += 2 + random.nextInt(4);
        }
        return visits;
    }

    private static HistoriesTest.Decided decided(int usual, List<Said> visits) {
        String lines = String.join(", ", visits.stream().map(Said::line).toList());
        String text = "histories:\n  - {name: made up, usual: " + usual + ", visits: [" + lines
                + "], signals: [], decide: same}\n";
        return HistoriesTest.decided(
                RuleFile.parse("made up", text).at("histories").items().get(0));
    }

    @Test
    void more_pain_never_gives_more_load() {
        Random random = new Random(7);
        for (int i = 0; i < HISTORIES; i++) {
            int usual = random.nextInt(4);
            List<Said> visits = visits(random);
            List<Said> sorer = new ArrayList<>(visits);
            int which = visits.size() - 1 - random.nextInt(Math.min(2, visits.size()));
            sorer.set(which, visits.get(which).hurting(1 + random.nextInt(4)));
            assertThat(decided(usual, sorer).kg())
                    .as("usual " + usual + " " + visits + " against " + sorer.get(which))
                    .isLessThanOrEqualTo(decided(usual, visits).kg());
        }
    }

    @Test
    void what_nobody_answered_is_never_taken_for_no_pain() {
        Random random = new Random(8);
        for (int i = 0; i < HISTORIES; i++) {
            int usual = random.nextInt(4);
            List<Said> visits = visits(random);
            visits.set(visits.size() - 1, visits.get(visits.size() - 1).unanswered());
            HistoriesTest.Decided decided = decided(usual, visits);
            assertThat(decided.last()).as(visits.toString()).isNotEqualTo(Signal.GO);
            assertThat(decided.what()).as(visits.toString()).isNotEqualTo(What.PROGRESS);
        }
    }

    @Test
    void a_referred_place_rests_however_quiet_it_is_afterwards() {
        Random random = new Random(9);
        for (int i = 0; i < HISTORIES / 4; i++) {
            List<Said> visits = new ArrayList<>(List.of(new Said(0, 6, 6, 2, 12, 7), new Said(4, 6, 6, 2, 12, 7)));
            for (int v = 0; v < random.nextInt(4); v++) {
                visits.add(new Said(8 + 3 * v, 0, 0, 0, 12, 7));
            }
            assertThat(decided(2, visits).what()).isEqualTo(What.REST);
        }
    }
}
