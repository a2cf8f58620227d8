package kinesia.shared;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.stream.Stream;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.test.context.support.TestPropertySourceUtils;

/** A throwaway PostgreSQL for the tests of this module: started once, gone when the tests end. */
public final class TestDatabase implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    private static final Path SCRIPT =
            Path.of("..", "ops", "database").toAbsolutePath().normalize();
    private static final String URL = start();

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        TestPropertySourceUtils.addInlinedPropertiesToEnvironment(
                context,
                "spring.datasource.url=" + URL + "?logServerErrorDetail=false",
                "spring.datasource.username=kinesia_app",
                "spring.datasource.password=none");
    }

    private static String start() {
        try {
            Path dir = Files.createTempDirectory("kinesia-test-db");
            Files.setPosixFilePermissions(dir, PosixFilePermissions.fromString("rwxr-xr-x"));
            Runtime.getRuntime().addShutdownHook(new Thread(() -> remove(dir)));
            return "jdbc:postgresql://127.0.0.1:" + run("throwaway", dir) + "/kinesia";
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void remove(Path dir) {
        run("stop", dir);
        try (Stream<Path> files = Files.walk(dir)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String run(String verb, Path dir) {
        try {
            Process process = new ProcessBuilder(SCRIPT.toString(), verb, dir.toString())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            String out = new String(process.getInputStream().readAllBytes());
            if (process.waitFor() != 0) {
                throw new IllegalStateException("ops/database " + verb + " failed");
            }
            return out.strip();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
