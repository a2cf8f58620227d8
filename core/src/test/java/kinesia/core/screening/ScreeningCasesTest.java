package kinesia.core.screening;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.RuleFile;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.ScreenAnswers.Reading;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The made-up people of cases.yaml, all on their right side. */
class ScreeningCasesTest {
    static Stream<Named<RuleFile>> cases() throws IOException {
        try (InputStream in = ScreeningCasesTest.class.getResourceAsStream("cases.yaml")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return RuleFile.parse("cases.yaml", text).at("cases").items().stream()
                    .map(c -> Named.of(c.at("name").text(), c));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void each_person_gets_the_outcome_and_the_limits_of_the_rules_and_no_other(RuleFile person) {
        Assessment result = answers(person).assess();
        assertThat(result.outcome()).isEqualTo(person.at("outcome").choice(Outcome.class));
        assertThat(result.limits().stream()
                        .filter(l -> !l.reason().ruleId().startsWith("IRRITABILITY"))
                        .filter(l -> !l.reason().ruleId().equals(CuffRules.NOT_CLEARED))
                        .map(ScreeningCasesTest::words))
                .containsExactlyInAnyOrderElementsOf(person.at("limits").texts());
        assertThat(result.missing()).isEmpty();
    }

    @Test
    void there_are_at_least_forty_people() throws IOException {
        assertThat(cases()).hasSizeGreaterThanOrEqualTo(40);
    }

    private static Answers answers(RuleFile person) {
        Answers answers = new Answers();
        texts(person, "flags").forEach(id -> answers.flag(id, Side.RIGHT));
        texts(person, "cautions").forEach(answers::caution);
        texts(person, "cleared").forEach(c -> clear(answers, c));
        person.find("readiness").ifPresent(r -> readiness(answers, r.text()));
        person.find("pressure").ifPresent(p -> {
            double[] r = p.numbers();
            Reading reading = new Reading((int) r[0], (int) r[1], (int) r[2], false);
            answers.pressure(reading, reading);
        });
        person.find("sore")
                .ifPresent(places -> places.items().forEach(place -> {
                    Sore sore = Sore.at(
                            place.at("site").choice(Site.class),
                            Side.RIGHT,
                            place.at("by").texts().toArray(String[]::new));
                    texts(place, "flags").forEach(sore::flag);
                    answers.sore(sore);
                }));
        person.find("pains")
                .ifPresent(p -> p.entries().forEach((check, pain) -> answers.pain(check, Side.RIGHT, pain.whole())));
        person.find("arcs")
                .ifPresent(p -> p.entries()
                        .forEach((check, arc) -> answers.arc(check, Side.RIGHT, arc.numbers()[0], arc.numbers()[1])));
        person.find("ranges")
                .ifPresent(p -> p.entries().forEach((check, degrees) -> {
                    answers.range(check, Side.RIGHT, degrees.numbers()[0]);
                    answers.range(check, Side.LEFT, degrees.numbers()[1]);
                }));
        return answers;
    }

    private static List<String> texts(RuleFile of, String field) {
        return of.find(field).map(RuleFile::texts).orElse(List.of());
    }

    private static void clear(Answers answers, String words) {
        String[] parts = words.split(" ");
        Clearance.Purpose purpose = Clearance.Purpose.valueOf(name(parts[0]));
        boolean sided = purpose == Clearance.Purpose.PLACE || purpose == Clearance.Purpose.ARM;
        answers.cleared(
                purpose,
                sided ? Side.RIGHT : null,
                parts.length > 1 ? Site.valueOf(name(parts[1])) : null,
                Answers.TODAY.minusDays(10),
                Answers.TODAY.plusDays(10));
        if (purpose == Clearance.Purpose.EXERCISE) {
            answers.readiness(true, false, false, false);
        }
    }

    private static void readiness(Answers answers, String words) {
        answers.readiness(!words.startsWith("inactive"), words.endsWith("disease"), words.equals("symptoms"), false);
    }

    private static String name(String word) {
        return word.toUpperCase(Locale.ROOT).replace('-', '_');
    }

    /** A limit as the cases write it: kind, number, what, and where. */
    private static String words(Limit limit) {
        Double value = limit.value();
        return Stream.of(
                        limit.kind(),
                        value == null ? null : Numbers.plain(value),
                        limit.target(),
                        limit.group(),
                        limit.grip(),
                        limit.site())
                .filter(Objects::nonNull)
                .map(part -> part.toString().toLowerCase(Locale.ROOT).replace('_', '-'))
                .collect(Collectors.joining(" "));
    }
}
