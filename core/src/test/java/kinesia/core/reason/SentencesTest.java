package kinesia.core.reason;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The kinds of sentence that docs/sentences.md lists are those that the core can say. */
class SentencesTest {
    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private static final Pattern RULE = Pattern.compile("\"([A-Z]{3,}-[0-9]*[a-z][a-z0-9-]*)\"");

    private static List<String> lines() throws IOException {
        return Files.readAllLines(ROOT.resolve("docs/sentences.md")).stream()
                .filter(line -> line.startsWith("| "))
                .skip(1)
                .toList();
    }

    @Test
    void every_rule_of_the_core_has_its_sentence() throws IOException {
        Set<String> listed =
                lines().stream().map(line -> line.split("\\|")[1].strip()).collect(Collectors.toSet());
        Set<String> said = new TreeSet<>();
        try (Stream<Path> files = Files.walk(ROOT.resolve("core/src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                Matcher rules = RULE.matcher(Files.readString(file));
                while (rules.find()) {
                    said.add(rules.group(1));
                }
            }
        }
        assertThat(said).hasSizeGreaterThan(100);
        assertThat(listed).containsAll(said);
    }

    @Test
    void none_speaks_of_worth_or_torque() throws IOException {
        Pattern ours = Pattern.compile("\\bworth\\b|N·m|\\bNm\\b|times the reference|objective");
        assertThat(lines())
                .hasSizeGreaterThan(200)
                .noneMatch(line ->
                        ours.matcher(line.substring(line.indexOf('|', 1))).find());
    }
}
