package kinesia.shared;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.test.context.support.TestPropertySourceUtils;

/** A throwaway PostgreSQL for the tests of this module: started once, gone when the tests end. */
public final class TestDatabase implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    private static final Path SCRIPT =
            Path.of("..", "ops", "database").toAbsolutePath().normalize();
    private static final Path DIR = make();
    private static final String SERVER = "jdbc:postgresql://127.0.0.1:" + run("throwaway", DIR.toString()) + "/";
    private static final String URL = SERVER + "kinesia";

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        TestPropertySourceUtils.addInlinedPropertiesToEnvironment(
                context,
                "spring.datasource.url=" + URL + "?logServerErrorDetail=false",
                "spring.datasource.username=kinesia_app",
                "spring.datasource.password=none");
    }

    /** Brings a dump into a new database {@code name} of the same server; gives its address. */
    static String bring(String name, Path dump) {
        psql("postgres", "-c", "create database " + name + " owner kinesia_app");
        psql(name, "-c", "alter schema public owner to kinesia_app");
        psql(name, "-c", "set role kinesia_app", "-f", dump.toString());
        return SERVER + name;
    }

    private static void psql(String database, String... words) {
        List<String> all = new ArrayList<>(List.of("psql", DIR.toString(), "-d", database, "-v", "ON_ERROR_STOP=1"));
        all.addAll(List.of(words));
        run(all.toArray(String[]::new));
    }

    private static Path make() {
        try {
            Path dir = Files.createTempDirectory("kinesia-test-db");
            Files.setPosixFilePermissions(dir, PosixFilePermissions.fromString("rwxr-xr-x"));
            Runtime.getRuntime().addShutdownHook(new Thread(() -> remove(dir)));
            return dir;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void remove(Path dir) {
        run("stop", dir.toString());
        try (Stream<Path> files = Files.walk(dir)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String run(String... words) {
        List<String> command = new ArrayList<>(List.of(SCRIPT.toString()));
        command.addAll(List.of(words));
        try {
            Process process = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            String out = new String(process.getInputStream().readAllBytes());
            if (process.waitFor() != 0) {
                throw new IllegalStateException("ops/database " + words[0] + " failed");
            }
            return out.strip();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
