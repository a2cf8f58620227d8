package kinesia.core.screening;

import static kinesia.core.screening.Answers.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit.Kind;
import kinesia.core.screening.LimitChange.Added;
import org.junit.jupiter.api.Test;

class LimitsInForceTest {
    private static final List<Limit> SCREENED = new Answers()
            .sore(Sore.at(Site.BACK_OF_ELBOW, Side.RIGHT, "deep-bending"))
            .assess()
            .limits();
    private static final String BEND = SCREENED.stream()
            .filter(l -> l.kind() == Kind.LARGEST_ELBOW_BEND)
            .findFirst()
            .orElseThrow()
            .key();

    private static LimitChange note(Double value, LocalDate until) {
        return new LimitChange(
                LimitChange.Kind.CLINICIAN_NOTE,
                BEND,
                null,
                value,
                "to 110 is fine",
                "Oda Brandt",
                "Dr Marsh",
                TODAY,
                until);
    }

    private static LimitChange override() {
        return new LimitChange(
                LimitChange.Kind.OVERRIDE, BEND, null, null, "filming the set-up", "Oda Brandt", null, TODAY, TODAY);
    }

    private static LimitChange stricter(Kind kind, Double value, String target) {
        return new LimitChange(
                LimitChange.Kind.STRICTER,
                null,
                new Added(kind, Side.RIGHT, Site.BACK_OF_ELBOW, value, target),
                null,
                "looked tired",
                "Oda Brandt",
                null,
                TODAY,
                TODAY.plusDays(28));
    }

    private static LimitsInForce on(LocalDate day, LocalDate screenedOn, LimitChange... changes) {
        return LimitsInForce.on(day, screenedOn, SCREENED, List.of(changes));
    }

    private static List<Limit> bend(LimitsInForce limits) {
        return limits.limits().stream()
                .filter(l -> l.kind() == Kind.LARGEST_ELBOW_BEND)
                .toList();
    }

    @Test
    void a_clinicians_note_loosens_a_limit_until_its_day_and_says_so() {
        LimitsInForce today = on(TODAY, TODAY, note(110.0, TODAY.plusDays(7)));
        assertThat(bend(today)).singleElement().satisfies(l -> {
            assertThat(l.number()).isEqualTo(110);
            assertThat(l.reason().exact()).contains("Dr Marsh", "90 became 110", "to 110 is fine");
        });
        assertThat(today.setAside()).hasSize(1);
        assertThat(bend(on(TODAY.plusDays(7), TODAY, note(110.0, TODAY.plusDays(7))))
                        .get(0)
                        .number())
                .isEqualTo(110);
        assertThat(bend(on(TODAY.plusDays(8), TODAY, note(110.0, TODAY.plusDays(7))))
                        .get(0)
                        .number())
                .isEqualTo(90);
    }

    @Test
    void a_note_without_a_number_lifts_the_limit_and_outlasts_a_new_screen() {
        LimitsInForce later = on(TODAY.plusDays(5), TODAY.plusDays(3), note(null, TODAY.plusDays(7)));
        assertThat(bend(later)).isEmpty();
    }

    @Test
    void an_override_holds_for_its_day_only() {
        assertThat(bend(on(TODAY, TODAY, override()))).isEmpty();
        assertThat(bend(on(TODAY.plusDays(1), TODAY, override()))).hasSize(1);
    }

    @Test
    void what_the_trainer_adds_holds_until_the_next_screen() {
        LimitChange weekly = stricter(Kind.SETS_A_WEEK, 4.0, null);
        assertThat(on(TODAY.plusDays(3), TODAY, weekly).limits()).hasSize(SCREENED.size() + 1);
        assertThat(on(TODAY.plusDays(3), TODAY.plusDays(2), weekly).limits()).hasSize(SCREENED.size());
        assertThat(on(TODAY, TODAY, weekly).limits())
                .anySatisfy(l -> assertThat(l.reason().exact()).contains("Oda Brandt", "looked tired"));
    }

    @Test
    void what_keeps_a_referral_and_the_rule_on_cuffs_are_nobodys_to_loosen() {
        Assessment referred = new Answers()
                .sore(Sore.at(Site.BACK_OF_ELBOW, Side.RIGHT, "deep-bending")
                        .worst(8)
                        .flag("PLACE-locking"))
                .pain("hold-extend", Side.RIGHT, 0)
                .assess();
        assertThat(referred.limits())
                .filteredOn(l -> !LimitsInForce.mayBeLoosened(l, referred))
                .extracting(Limit::kind)
                .containsExactlyInAnyOrder(Kind.NO_CUFFS, Kind.NO_LOADING, Kind.HOLDS_ONLY);
        Limit byHand = on(TODAY, TODAY, stricter(Kind.NO_LOADING, null, null)).limits().stream()
                .filter(l -> l.kind() == Kind.NO_LOADING)
                .findFirst()
                .orElseThrow();
        assertThat(LimitsInForce.mayBeLoosened(byHand, referred)).isTrue();
    }

    @Test
    void a_change_without_its_reason_author_or_number_is_refused_at_its_field() {
        assertThatThrownBy(() -> stricter(Kind.LARGEST_ELBOW_BEND, null, null)).hasMessageContaining("in degrees");
        assertThatThrownBy(() -> stricter(Kind.LARGEST_ELBOW_BEND, 200.0, null))
                .hasMessageContaining("from 10 to 160 degrees");
        assertThatThrownBy(() -> stricter(Kind.NO_METHOD, null, null)).hasMessageContaining("what is left out");
        assertThatThrownBy(() -> new LimitChange(
                        LimitChange.Kind.CLINICIAN_NOTE, BEND, null, null, "fine", "Oda", null, TODAY, TODAY))
                .hasMessageContaining("whose note");
        assertThatThrownBy(() -> new LimitChange(
                        LimitChange.Kind.OVERRIDE, BEND, null, null, "fine", "Oda", null, TODAY, TODAY.plusDays(1)))
                .hasMessageContaining("for one session");
        assertThatThrownBy(() ->
                        new LimitChange(LimitChange.Kind.OVERRIDE, BEND, null, null, " ", "Oda", null, TODAY, TODAY))
                .hasMessageContaining("from 3 to 400 characters");
    }
}
