package kinesia.core.screening;

import static kinesia.core.Seeds.oneOf;
import static kinesia.core.screening.Answers.QUESTIONS;
import static kinesia.core.screening.Answers.RULES;
import static kinesia.core.screening.Answers.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import kinesia.core.Seeds;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import org.junit.jupiter.api.Test;

/** What holds for any screen, whatever was answered. */
class ScreeningPropertiesTest {
    /** A complete screen with a few flags, cautions and sore places. */
    private static ScreenAnswers screen(Random random) {
        Answers answers = new Answers();
        for (int n = random.nextInt(3); n > 0; n--) {
            answers.flag(oneOf(random, QUESTIONS.flags()).id(), Side.LEFT);
        }
        for (int n = random.nextInt(4); n > 0; n--) {
            answers.caution(oneOf(random, QUESTIONS.cautions()).id());
        }
        for (int n = random.nextInt(4); n > 0; n--) {
            answers.sore(Sore.at(oneOf(random, List.of(Site.values())), oneOf(random, List.of(Side.values())))
                    .rest(random.nextInt(11))
                    .lightUse(random.nextInt(11))
                    .worst(random.nextInt(11))
                    .settles(oneOf(random, List.of(0.5, 1.0, 8.0, 24.0, 48.0))));
        }
        return answers.build();
    }

    @Test
    void one_flag_more_never_makes_the_outcome_milder() {
        Seeds.each(300, random -> {
            ScreenAnswers screen = screen(random);
            Assessment before = RULES.assess(screen, TODAY);
            for (ScreenQuestions.Flag flag : QUESTIONS.flags()) {
                Map<String, FlagAnswer> flags = new HashMap<>(screen.flags());
                flags.put(flag.id(), new FlagAnswer(true, Side.RIGHT));
                Assessment after = RULES.assess(with(screen, flags, screen.soreSites()), TODAY);
                assertThat(after.outcome()).as(flag.id()).isGreaterThanOrEqualTo(before.outcome());
                assertThat(after.outcome()).as(flag.id()).isGreaterThanOrEqualTo(flag.outcome());
                assertThat(before.allowsPlanning() || !after.allowsPlanning()).isTrue();
            }
        });
    }

    /** For each limit before there is one after of the same kind and place that is at least as strict. */
    @Test
    void one_point_more_of_pain_never_takes_a_limit_away() {
        Seeds.each(300, random -> {
            ScreenAnswers screen = screen(random);
            int which = random.nextInt(4);
            List<SiteRecord> sites = screen.soreSites();
            if (sites == null || sites.isEmpty()) {
                return;
            }
            List<SiteRecord> worse = new ArrayList<>(sites);
            worse.set(0, worse(sites.get(0), which));
            List<Limit> before = RULES.assess(screen, TODAY).limits();
            List<Limit> after =
                    RULES.assess(with(screen, screen.flags(), worse), TODAY).limits();
            for (Limit limit : before) {
                assertThat(after)
                        .as(limit.kind() + " at " + limit.site())
                        .anyMatch(l -> l.kind() == limit.kind()
                                && l.site() == limit.site()
                                && l.side() == limit.side()
                                && (limit.value() == null || l.number() <= limit.number()));
            }
        });
    }

    @Test
    void a_missing_answer_is_never_a_no() {
        Seeds.each(200, random -> {
            ScreenAnswers screen = screen(random);
            Outcome complete = RULES.assess(screen, TODAY).outcome();
            for (String id : screen.flags().keySet()) {
                boolean behindAClosedGate = QUESTIONS.flags().stream()
                        .anyMatch(f -> f.id().equals(id) && !FlagRules.isAsked(f, screen.flags()));
                boolean present = screen.flags().get(id).present();
                if (!behindAClosedGate && !present) {
                    Map<String, FlagAnswer> flags = new HashMap<>(screen.flags());
                    flags.remove(id);
                    Assessment result = RULES.assess(with(screen, flags, screen.soreSites()), TODAY);
                    assertThat(result.missing()).as(id).isNotEmpty();
                    assertThat(result.outcome()).as(id).isEqualTo(complete.worse(Outcome.INCOMPLETE));
                    assertThat(result.allowsPlanning()).as(id).isFalse();
                }
            }
        });
    }

    @Test
    void the_same_answers_on_the_same_day_say_the_same() {
        Seeds.each(100, random -> {
            ScreenAnswers screen = screen(random);
            assertThat(RULES.assess(screen, TODAY)).isEqualTo(RULES.assess(screen, TODAY));
        });
    }

    private static ScreenAnswers with(ScreenAnswers s, Map<String, FlagAnswer> flags, List<SiteRecord> sites) {
        return new ScreenAnswers(
                flags,
                s.readiness(),
                s.pressure(),
                s.cautions(),
                s.details(),
                sites,
                s.checks(),
                s.clearances(),
                s.earlier(),
                s.version());
    }

    private static SiteRecord worse(SiteRecord s, int which) {
        return new SiteRecord(
                s.site(),
                s.side(),
                s.sinceWeeks(),
                which == 0 ? up(s.usualPain()) : s.usualPain(),
                which == 1 ? up(s.painAtRest()) : s.painAtRest(),
                which == 2 ? up(s.painInLightUse()) : s.painInLightUse(),
                which == 3 ? up(s.worstThisWeek()) : s.worstThisWeek(),
                s.morningPain(),
                s.morningStiffness(),
                s.stiffMinutes(),
                s.settlesHours(),
                s.provokedBy(),
                s.flags(),
                s.since());
    }

    private static PainScore up(PainScore pain) {
        return PainScore.of(Math.min(10, pain.value() + 1));
    }
}
