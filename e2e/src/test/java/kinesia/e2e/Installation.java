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
import java.util.stream.Stream;

/** Kinesia as a user has it: started by the launcher, with a data directory of its own that is deleted at the end. */
final class Installation implements AutoCloseable {
    private static final Path ROOT = Path.of(System.getProperty("kinesia.root"));

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

    private static Installation started(List<String> options) {
        Installation installation = new Installation(options);
        installation.start();
        return installation;
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
            ProcessBuilder builder = new ProcessBuilder(command)
                    .directory(ROOT.toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile());
            builder.environment().put("KINESIA_DATA", data.toString());
            builder.environment().put("KINESIA_BUILT", "1");
            launcher = builder.start();
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

    /** kill -9 of the application; the launcher then puts the rest away. */
    void killApplication() {
        kill(read("app.pid"));
        awaitLauncher();
    }

    /** kill -9 of the database server under the running application. */
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
        Path log = data.resolve("app.log");
        return Files.exists(log) ? Files.readString(log) : "";
    }

    @Override
    public void close() {
        if (launcher.isAlive()) {
            stop();
        }
        try (Stream<Path> files = Files.walk(data)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
