package kinesia;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Nothing older is shipped than docs/dependencies.md allows. */
class DependencyTest {
    private static final Pattern LINE = Pattern.compile("^\\| ([a-z0-9_-]+) \\| ([0-9][^ ]*) \\|");
    private static final Pattern JAR = Pattern.compile("(.+?)-([0-9][^/]*)\\.jar");

    @Test
    void every_library_of_the_list_is_there_and_new_enough() throws IOException {
        Map<String, String> shipped = new TreeMap<>();
        String path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        for (String entry : path.split(File.pathSeparator, -1)) {
            Matcher jar = JAR.matcher(Path.of(entry).getFileName().toString());
            if (jar.matches()) {
                shipped.put(jar.group(1), jar.group(2));
            }
        }
        List<String> wrong = new ArrayList<>();
        int read = 0;
        for (String line : Files.readAllLines(Path.of("..", "docs", "dependencies.md"))) {
            Matcher wanted = LINE.matcher(line);
            if (wanted.find()) {
                read++;
                String version = shipped.get(wanted.group(1));
                if (version == null || isOlder(version, wanted.group(2))) {
                    wrong.add(wanted.group(1) + " " + version + ", at least " + wanted.group(2));
                }
            }
        }
        assertThat(read).isGreaterThan(15);
        assertThat(wrong).isEmpty();
    }

    private static boolean isOlder(String version, String least) {
        List<Integer> have = numbers(version);
        List<Integer> want = numbers(least);
        for (int i = 0; i < want.size(); i++) {
            int difference = (i < have.size() ? have.get(i) : 0) - want.get(i);
            if (difference != 0) {
                return difference < 0;
            }
        }
        return false;
    }

    private static List<Integer> numbers(String version) {
        List<Integer> numbers = new ArrayList<>();
        Matcher digits = Pattern.compile("\\d+").matcher(version);
        while (digits.find()) {
            numbers.add(Integer.parseInt(digits.group()));
        }
        return numbers;
    }
}
