package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import kinesia.core.RuleFiles;
import kinesia.core.plan.Methods;
import kinesia.core.screening.ScreeningFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A rule file with a slip stops the start with its file and line; nothing is guessed. */
class RuleFileErrorsTest {
    private static final String MOVEMENT = """
            movements:
              - movement: curl-test
                implement: dumbbell
                grip: palm-up
                stance: seated
                arms: together
                resistance: {kind: weight}
                keyframes: [[0, 0, 0, 90, 0, 0, 5], [1, 0, 0, 90, 0, 0, 135]]
                stimulus: {brachialis: 0.7}
                tempo: [1, 1, 3]
                reps: [8, 12]
                equipment: [dumbbells]
                set-up: [Sit tall]
                cues: [Elbows still]
                breathing: Out on the way up
                faults: [Swinging]
                landmark: Stop at the top
                home-alone: yes
                variations:
                  - key: first
                    name: First
                  - key: second
                    name: Second
                    grip: neutral
                    keyframes: [[0, 0, 0, 90, 0, 0, 10], [1, 0, 0, 90, 0, 0, 90]]
            """;

    private static Catalogue parse(String text) {
        return Catalogue.parse(Map.of("test.yaml", text));
    }

    @Test
    void a_variation_takes_what_it_does_not_say_from_its_movement() {
        Catalogue catalogue = parse(MOVEMENT);
        Exercise first = catalogue.get("first");
        Exercise second = catalogue.get("second");
        assertThat(first.grip()).isEqualTo(Grip.PALM_UP);
        assertThat(second.grip()).isEqualTo(Grip.NEUTRAL);
        assertThat(second.movement().at(1).elbowFlexionDeg()).isEqualTo(90);
        assertThat(second.guidance()).isEqualTo(first.guidance());
        assertThat(second.movementFamily()).isEqualTo("curl-test");
        assertThat(catalogue.find("third")).isEmpty();
    }

    @Test
    void slips_in_the_catalogue_name_file_and_line() {
        refuses("grip: neutral", "grip: sideways", "test.yaml:\\d+: 'sideways' is not one of .*");
        refuses(
                "{kind: weight}",
                "{kind: rubber}",
                "test.yaml:\\d+: kind is weight, stack, band, body-weight, leaning, push or none");
        refuses("{brachialis: 0.7}", "{deltoid: 0.7}", "test.yaml:\\d+: 'deltoid' is no muscle head");
        refuses("    cues: [Elbows still]\n", "", "test.yaml:\\d+: missing field 'cues'");
        refuses("name: Second", "nmae: Second", "test.yaml:\\d+: unknown field 'nmae'.*");
        refuses("[1, 0, 0, 90, 0, 0, 90]]", "[1, 0, 0, 90]]", "test.yaml:\\d+: a keyframe is progress and six angles");
        refuses("key: second", "key: first", "test.yaml:\\d+: exercise 'first' stands twice");
        refuses(
                "{kind: weight}",
                "{kind: stack, pulley: [1, 2]}",
                "test.yaml:\\d+: a point is \\[forward, up, right\\]");
    }

    /** A typo can never switch a caution off: each is refused with file and line. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "target: floor} | target: flor}",
                "target: curl-dragged} | target: curl-draged}",
                "target: across-body | target: accross-body",
                "value: 45, | value: 9000,",
                "{kind: largest-effort, value: 7} | {kind: largest-effort, value: 17}",
                "{kind: no-cuffs} | {kind: no-cuffs, value: 3}",
                "{kind: no-grip, target: palm-down} | {kind: no-grip}",
                "movement: press} | movement: presses}",
                "arc-replaces: yes | arc-replaces: Yes",
                "sided: yes | sided: true",
                "whole-joint: yes | whole-joint: YES",
                "weeks-after-dose: 8 | weeks-after-dose: 800",
                "sites: [back-of-elbow | sites: [back-of-elbows",
                "check: shoulder-behind | check: shoulder-behinds",
                "allows: [hold-bent] | allows: [hold-bends]",
                "end: [90, 160, 0, 5] | end: [90, 1600, 0, 5]",
                "least: 0, most: 190 | least: 0, most: 1900",
                "lowest-rung, target: table | lowest-rung, target: tabel",
                "version: 2 | version: 9"
            })
    void a_slip_in_the_screening_file_names_its_line(String right, String wrong) {
        String text = RuleFiles.text("screening.yaml");
        assertThat(text).contains(right);
        int line = text.substring(0, text.indexOf(right)).split("\n", -1).length;
        assertThatThrownBy(() -> ScreeningFile.parse(
                        "screening.yaml",
                        text.replaceFirst(java.util.regex.Pattern.quote(right), wrong),
                        RuleFiles.model().catalogue()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageMatching("(?s)screening.yaml:(" + (line - 1) + "|" + line + "|" + (line + 1) + "|"
                        + (line + 2) + "): .*");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "home-alone: yes | home-alone: Yes",
                "equipment: [dumbbells] | equipment: [dumbels]",
                "tempo: [1, 1, 3] | tempo: [1, 1, 300]",
                "reps: [8, 12] | reps: [8, 120]",
                "[1, 0, 0, 90, 0, 0, 135] | [1, 0, 0, 90, 9000, 0, 135]",
                "other-arm-duty: helps | other-arm-duty: help",
                "braced: yes | braced: perhaps",
                "pad: upper-arm | pad: upperarm",
                "stance: standing | stance: stood"
            })
    void a_slip_in_a_file_of_exercises_names_its_line(String right, String wrong) {
        java.util.Map<String, String> files = new java.util.LinkedHashMap<>(RuleFiles.catalogue());
        assertThat(files.get("curls.yaml")).contains(right);
        files.computeIfPresent(
                "curls.yaml", (name, text) -> text.replaceFirst(java.util.regex.Pattern.quote(right), wrong));
        assertThatThrownBy(() -> Catalogue.parse(files)).hasMessageMatching("(?s)curls.yaml:\\d+: .*");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "near: [joint-sparing | near: [joint-saving",
                "movements: [press-down | movements: [pres-down",
                "load-share: 0.55 | load-share: 55",
                "key: single-drills | key: preloaded-pairs"
            })
    void a_slip_in_the_methods_names_its_line(String right, String wrong) {
        String text = RuleFiles.text("methods.yaml");
        assertThat(text).contains(right);
        assertThatThrownBy(() -> Methods.parse(
                        "methods.yaml",
                        text.replaceFirst(java.util.regex.Pattern.quote(right), wrong),
                        RuleFiles.model().catalogue()))
                .hasMessageMatching("(?s)methods.yaml:\\d+: .*");
    }

    private static void refuses(String right, String wrong, String message) {
        assertThat(MOVEMENT).contains(right);
        assertThatThrownBy(() -> parse(MOVEMENT.replace(right, wrong)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageMatching(message);
    }

    @Test
    void slips_in_the_other_files_do_too() {
        String stimulus = RuleFiles.text("stimulus.yaml");
        assertThatThrownBy(() -> StimulusRules.parse("stimulus.yaml", stimulus.replace("palm-up:", "palm-upp:")))
                .hasMessageMatching("stimulus.yaml:\\d+: 'palm-upp' is no grip");
        String stress = RuleFiles.text("stress.yaml");
        assertThatThrownBy(() -> StressWeights.parse(
                        "stress.yaml",
                        stress.replace("crook-straight: 1.4", "crook-straight: a lot"),
                        RuleFiles.model().catalogue()))
                .hasMessageMatching("stress.yaml:\\d+: 'a lot' is not a number");
        String methods = RuleFiles.text("methods.yaml");
        assertThatThrownBy(() -> Methods.parse(
                        "methods.yaml",
                        methods.replaceFirst("what:", "waht:"),
                        RuleFiles.model().catalogue()))
                .hasMessageMatching("methods.yaml:\\d+: unknown field 'waht'.*");
    }

    @Test
    void a_hold_does_not_move_and_a_companion_gives_no_set() {
        Catalogue shipped = RuleFiles.model().catalogue();
        Exercise hold = shipped.get("hold-bent-90");
        assertThat(hold.role()).isEqualTo(Role.HOLD);
        assertThat(hold.movement().at(0)).isEqualTo(hold.movement().at(1));
        // Limits cut what is longer to six seconds: longer holds are not for everybody with raised pressure.
        assertThat(shipped.all())
                .filteredOn(e -> e.role() == Role.HOLD)
                .allSatisfy(e -> assertThat(e.tempo().holdS()).isBetween(6, 45));
        assertThat(shipped.get("side-raise").role().trainsTheArm()).isFalse();
    }

    @Test
    void every_kind_of_exercise_that_the_trade_names_is_there() {
        Catalogue shipped = RuleFiles.model().catalogue();
        for (String key : new String[] {
            "standing-curl",
            "seated-curl",
            "alternate-curl",
            "turning-curl",
            "cross-body-hammer-curl",
            "palm-down-curl",
            "turn-over-curl",
            "drag-curl",
            "concentration-curl",
            "incline-curl",
            "sloped-pad-curl",
            "sloped-pad-bar-curl",
            "over-bench-curl",
            "close-hand-curl",
            "wide-hand-curl",
            "lower-half-curl",
            "upper-half-curl",
            "hold-and-curl",
            "curl-to-side-press",
            "bar-curl",
            "angled-bar-curl",
            "cable-curl",
            "rope-hammer-curl",
            "band-curl",
            "band-curl-behind",
            "high-band-curl",
            "machine-curl",
            "jug-curl",
            "bar-press-down",
            "rope-press-down",
            "band-press-down",
            "one-arm-press-down",
            "supported-kickback",
            "standing-kickback",
            "two-arm-kickback",
            "straight-arm-kickback",
            "band-kickback",
            "lying-extension",
            "lying-bar-extension",
            "lying-band-extension",
            "across-chest-extension",
            "tipped-back-extension",
            "overhead-extension",
            "one-arm-overhead-extension",
            "band-overhead-extension",
            "cable-overhead-extension",
            "close-bench-press",
            "close-bar-press",
            "close-floor-press",
            "band-close-press",
            "chin-line-press",
            "bench-dip",
            "ring-dip",
            "seated-machine-dip",
            "standing-machine-dip",
            "wall-push-up",
            "bench-push-up",
            "knee-push-up",
            "close-hand-push-up",
            "side-lying-press-up",
            "curl-and-hammer",
            "push-up-and-kickback",
            "hold-bent-90",
            "seated-press",
            "side-raise",
            "front-raise",
            "front-to-side-raise",
            "shrug",
            "light-arms",
            "arm-circles",
            "shoulder-blade-set",
            "band-pull-apart",
            "wall-slide",
            "wrist-turns",
            "across-chest-stretch"
        }) {
            assertThat(shipped.find(key)).as(key).isPresent();
        }
    }
}
