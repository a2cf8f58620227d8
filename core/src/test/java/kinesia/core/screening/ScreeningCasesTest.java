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
import kinesia.core.reason.Numbers;
import kinesia.core.reason.RuleFile;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The made-up people of cases.yaml, as written and in the mirror. */
class ScreeningCasesTest {
    static List<RuleFile> cases() throws IOException {
        try (InputStream in = ScreeningCasesTest.class.getResourceAsStream("cases.yaml")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return RuleFile.parse("cases.yaml", text).at("cases").items();
        }
    }

    static Stream<Arguments> bothWays() throws IOException {
        return cases().stream()
                .flatMap(c -> Stream.of(Side.values())
                        .map(side -> Arguments.of(Named.of(c.at("name").text() + ", " + side.word(), c), side)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("bothWays")
    void each_person_gets_the_outcome_and_the_limits_of_the_rules_and_no_other(RuleFile person, Side side) {
        person.onlyKeys(WrittenPerson.FIELDS);
        Assessment result = WrittenPerson.answers(person, side).assess();
        assertThat(result.outcome()).isEqualTo(person.at("outcome").choice(Outcome.class));
        List<String> limits = result.limits().stream()
                .filter(l -> !l.reason().ruleId().equals(CuffRules.NOT_CLEARED))
                .map(ScreeningCasesTest::words)
                .toList();
        person.find("limits")
                .ifPresent(exactly -> assertThat(result.limits().stream()
                                .filter(l -> !l.reason().ruleId().startsWith("IRRITABILITY"))
                                .filter(l -> !l.reason().ruleId().equals(CuffRules.NOT_CLEARED))
                                .map(ScreeningCasesTest::words))
                        .containsExactlyInAnyOrderElementsOf(exactly.texts()));
        texts(person, "must").forEach(limit -> assertThat(limits).contains(limit));
        texts(person, "must-not")
                .forEach(not -> assertThat(Stream.concat(
                                limits.stream(),
                                result.findings().stream().map(f -> f.reason().ruleId())))
                        .noneMatch(words -> words.startsWith(not)));
        person.find("scope")
                .ifPresent(
                        scope -> assertThat(result.findings()).anyMatch(f -> f.scope() == scope.choice(Scope.class)));
        person.find("plans")
                .ifPresent(plans -> assertThat(result.allowsPlanning()).isEqualTo(plans.yesNo()));
        if (person.find("missing").isPresent()) {
            assertThat(result.missing())
                    .anyMatch(m -> m.contains(person.at("missing").text()));
        } else {
            assertThat(result.missing()).isEmpty();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("bothWays")
    void each_sentence_names_what_made_it(RuleFile person, Side side) {
        Assessment result = WrittenPerson.answers(person, side).assess();
        List<String> readings =
                result.readings().stream().map(r -> r.reason().exact()).toList();
        List<String> said = Stream.of(
                        result.findings().stream().map(f -> f.reason().exact()),
                        result.limits().stream().map(l -> l.reason().exact()),
                        readings.stream(),
                        result.readings().stream().map(r -> r.reason().plain()))
                .flatMap(s -> s)
                .toList();
        texts(person, "note").forEach(n -> assertThat(result.notes()).anyMatch(x -> x.contains(n)));
        texts(person, "no-note").forEach(n -> assertThat(result.notes()).noneMatch(x -> x.contains(n)));
        texts(person, "says").forEach(n -> assertThat(said).anyMatch(x -> x.contains(n)));
        texts(person, "must-say-not").forEach(n -> assertThat(said).noneMatch(x -> x.contains(n)));
        texts(person, "reads").forEach(n -> assertThat(readings).anyMatch(x -> x.contains(n)));
        texts(person, "longer-says-not")
                .forEach(not -> assertThat(result.readings())
                        .filteredOn(r -> r.side() != side)
                        .isNotEmpty()
                        .noneMatch(r -> (r.reason().exact() + r.reason().plain()).contains(not)));
        assertThat(said).allMatch(sentence -> sentence.matches("(?s)[A-Z].*[.]") && !sentence.contains("  "));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("bothWays")
    void every_limit_of_one_arm_is_of_the_arm_that_was_named(RuleFile person, Side side) {
        Assessment result = WrittenPerson.answers(person, side).assess();
        boolean bothArms = person.find("sore").isPresent()
                && person.at("sore").items().stream()
                        .anyMatch(s -> s.find("side").isPresent());
        if (!bothArms) {
            assertThat(result.limits()).allMatch(l -> l.side() == null || l.side() == side);
        }
    }

    @Test
    void there_are_more_than_a_hundred_and_twenty_people_and_each_has_a_name_of_its_own() throws IOException {
        assertThat(cases()).hasSizeGreaterThan(120);
        assertThat(cases().stream().map(c -> c.at("name").text())).doesNotHaveDuplicates();
    }

    static List<String> texts(RuleFile of, String field) {
        return of.find(field)
                .map(f -> f.isList() ? f.texts() : List.of(f.text()))
                .orElse(List.of());
    }

    /** A limit as the cases write it: kind, number, what, and where. */
    private static String words(Limit limit) {
        Double value = limit.value();
        String words = Stream.of(
                        limit.kind(),
                        value == null ? null : Numbers.plain(value),
                        limit.target(),
                        limit.group(),
                        limit.grip(),
                        limit.site())
                .filter(Objects::nonNull)
                .map(part -> part.toString().toLowerCase(Locale.ROOT).replace('_', '-'))
                .collect(Collectors.joining(" "));
        return limit.movement() == null ? words : words + " for " + limit.movement();
    }
}
