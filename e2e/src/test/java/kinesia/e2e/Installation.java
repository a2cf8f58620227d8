package kinesia.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Kinesia as a user has it: started by the launcher, with a data directory of its own that is deleted at the end. */
final class Installation implements AutoCloseable {
    private static final Path ROOT = Path.of(System.getProperty("kinesia.root"));

    static {
        // As a build of the launcher leaves it; here Maven has built.
        run(new ProcessBuilder("ops/class-archive").directory(ROOT.toFile()));
    }

    private final Path data;
    private final int port;
    private final List<String> options;
    private Process launcher;

    private Installation(List<String> options) {
        this.options = options;
        try {
            data = Files.createTempDirectory("kinesia-e2e");
            // PostgreSQL runs as another user when the tests run as root.
            Files.setPosixFilePermissions(data, PosixFilePermissions.fromString("rwxr-xr-x"));
            try (ServerSocket socket = new ServerSocket(0)) {
                port = socket.getLocalPort();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A new installation with the demo data. */
    static Installation withDemo() {
        return started(List.of());
    }

    /** A new installation without anything in it. */
    static Installation empty() {
        return started(List.of("--empty"));
    }

    /** A new, empty installation that believes the proxy at {@code address}. */
    static Installation emptyBehind(String address) {
        return started(List.of("--empty", "--proxy", address));
    }

    /** A new installation into which a backup of another one with the demo data was brought. */
    static Installation broughtBackFromABackup() {
        Installation brought = new Installation(List.of());
        try (Installation before = withDemo()) {
            Path backup = before.data.resolve("whole.backup");
            before.launch("backup", backup.toString());
            brought.launch("restore", backup.toString());
        }
        brought.start();
        return brought;
    }

    /** A copy of an installation that another version left behind in that folder. */
    static Installation copyOf(Path folder) {
        Installation copy = new Installation(List.of());
        run(new ProcessBuilder("cp", "-a", folder + "/.", copy.data.toString()));
        copy.start();
        return copy;
    }

    /** Another command of the launcher on this installation; what it said. */
    String launch(String... words) {
        List<String> command = new ArrayList<>(List.of("./kinesia"));
        command.addAll(List.of(words));
        return run(prepared(command));
    }

    /** Makes a copy of the demo rooms with that number. */
    void copyOfDemo(int number) {
        ProcessBuilder psql = prepared(
                List.of("ops/database", "psql", data.toString(), "-d", "kinesia", "-f", "ops/copy-of-demo.sql"));
        psql.environment().put("PGOPTIONS", "-c kinesia.copy=" + number);
        run(psql);
    }

    private ProcessBuilder prepared(List<String> command) {
        ProcessBuilder builder = new ProcessBuilder(command).directory(ROOT.toFile());
        builder.environment().put("KINESIA_DATA", data.toString());
        builder.environment().put("KINESIA_BUILT", "1");
        builder.environment().put("KINESIA_BACKUP_PASSPHRASE", "six ducks on a slow river");
        return builder;
    }

    private static String run(ProcessBuilder builder) {
        try {
            Process process = builder.redirectErrorStream(true).start();
            String words = new String(process.getInputStream().readAllBytes());
            if (process.waitFor() != 0) {
                throw new IllegalStateException(words);
            }
            return words;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Installation started(List<String> options) {
        Installation installation = new Installation(options);
        installation.start();
        return installation;
    }

    Path data() {
        return data;
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Starts and waits until the launcher says that it is running. */
    void start() {
        try {
            Path log = data.resolve("launcher.log");
            List<String> command = new ArrayList<>(List.of("./kinesia", "start", "--port", String.valueOf(port)));
            command.addAll(options);
            launcher = prepared(command)
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(120);
            while (!Files.readString(log).contains("Kinesia is running at")) {
                if (!launcher.isAlive() || System.nanoTime() > end) {
                    throw new IllegalStateException("did not start:\n" + Files.readString(log) + appLog());
                }
                launcher.waitFor(100, TimeUnit.MILLISECONDS);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Stops it as Ctrl-C does. */
    void stop() {
        launcher.destroy();
        awaitLauncher();
    }

    /** kill -9 of the application; the launcher brings it back. */
    void killApplication() {
        kill(read("app.pid"));
    }

    /** kill -9 of the launcher, which leaves application and database running with nobody to watch them. */
    void killLauncher() {
        kill(String.valueOf(launcher.pid()));
        awaitLauncher();
    }

    /** kill -9 of the database server under the running application; the launcher brings it back. */
    void killDatabase() {
        kill(read("postgres/postmaster.pid").lines().findFirst().orElseThrow());
    }

    private void awaitLauncher() {
        try {
            if (!launcher.waitFor(60, TimeUnit.SECONDS)) {
                throw new IllegalStateException("the launcher does not end");
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void kill(String pid) {
        try {
            new ProcessBuilder("kill", "-9", pid.strip()).inheritIO().start().waitFor();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private String read(String file) {
        try {
            return Files.readString(data.resolve(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String appLog() throws IOException {
        Path log = data.resolve("logs/start.log");
        return Files.exists(log) ? Files.readString(log) : "";
    }

    @Override
    public void close() {
        if (launcher.isAlive()) {
            stop();
        }
        run(new ProcessBuilder("rm", "-rf", data.toString()));
    }
}
