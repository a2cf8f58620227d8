package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The launcher's words when something is in the way, and what it never does to what it finds. */
class LauncherTest {
    private static final Path ROOT = Path.of(System.getProperty("kinesia.root"));

    private Path data;

    private record Said(int exit, String words) {}

    @BeforeEach
    void aFolder() throws IOException {
        data = folder();
    }

    private static Path folder() throws IOException {
        Path folder = Files.createTempDirectory("kinesia-launcher");
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        return folder;
    }

    @AfterEach
    void putAway() throws Exception {
        run("./kinesia", "stop");
        run("rm", "-rf", data.toString());
    }

    private static Process begin(Path folder, String... command) throws IOException {
        ProcessBuilder builder =
                new ProcessBuilder(command).directory(ROOT.toFile()).redirectErrorStream(true);
        builder.environment().put("KINESIA_BUILT", "1");
        builder.environment().put("KINESIA_DATA", folder.toString());
        builder.environment().put("KINESIA_BACKUP_PASSPHRASE", "six ducks on a slow river");
        return builder.start();
    }

    private static Said end(Process process) throws IOException, InterruptedException {
        String words = new String(process.getInputStream().readAllBytes());
        return new Said(process.waitFor(), words);
    }

    private Said run(String... command) throws IOException, InterruptedException {
        return end(begin(data, command));
    }

    private Said kinesia(String... words) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("./kinesia"));
        command.addAll(List.of(words));
        return run(command.toArray(String[]::new));
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    @Test
    void a_taken_port_is_named_with_a_way_out() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Said said = kinesia("start", "--port", String.valueOf(taken.getLocalPort()));
            assertThat(said.exit()).isEqualTo(1);
            assertThat(said.words())
                    .contains("port " + taken.getLocalPort() + " is taken")
                    .contains("--port " + (taken.getLocalPort() + 1));
        }
    }

    @Test
    void a_wrong_port_and_an_unknown_word_are_refused_in_plain_words() throws Exception {
        assertThat(kinesia("start", "--port", "eight").words()).contains("--port takes a number");
        assertThat(kinesia("start", "--port", "80").words()).contains("from 1024 to 65535");
        assertThat(kinesia("start", "--address", "everywhere").words()).contains("--address takes an address");
        Said unknown = kinesia("dance");
        assertThat(unknown.exit()).isEqualTo(2);
        assertThat(unknown.words()).contains("./kinesia start").contains("./kinesia test");
    }

    @Test
    void a_reset_with_a_word_too_many_deletes_nothing() throws Exception {
        Path kept = Files.createDirectory(data.resolve("postgres")).resolve("something");
        Files.writeString(kept, "dear");
        assertThat(kinesia("reset", "--help").exit()).isEqualTo(2);
        assertThat(kept).hasContent("dear");
    }

    @Test
    void a_start_that_does_not_understand_what_it_finds_stops_and_touches_nothing() throws Exception {
        assertThat(run("ops/database", "start", data.toString()).exit()).isZero();
        run("ops/database", "stop", data.toString());
        Path version = data.resolve("postgres/PG_VERSION");
        String said = Files.readString(version);
        Files.delete(version);
        long files = count(data.resolve("postgres"));

        Said missing = kinesia("start", "--port", String.valueOf(freePort()));
        assertThat(missing.exit()).isEqualTo(1);
        assertThat(missing.words()).contains("PG_VERSION is missing").contains("Nothing was touched");
        assertThat(count(data.resolve("postgres"))).isEqualTo(files);

        Files.writeString(version, "9\n");
        assertThat(kinesia("start", "--port", String.valueOf(freePort())).words())
                .contains("is of PostgreSQL 9");
        Files.writeString(version, said);
        assertThat(run("ops/database", "start", data.toString()).exit()).isZero();
    }

    @Test
    void data_that_is_gone_is_not_replaced_by_nothing() throws Exception {
        Files.writeString(data.resolve("kind"), "false");
        Said said = kinesia("start", "--port", String.valueOf(freePort()));
        assertThat(said.exit()).isEqualTo(1);
        assertThat(said.words()).contains("that folder is gone").contains("./kinesia restore");
        assertThat(data.resolve("postgres")).doesNotExist();
    }

    private static long count(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            return files.count();
        }
    }

    @Test
    void a_number_left_behind_that_is_another_programs_by_now_is_left_alone() throws Exception {
        Path other = folder();
        try {
            String otherPort =
                    run("ops/database", "start", other.toString()).words().strip();
            assertThat(run("ops/database", "start", data.toString()).exit()).isZero();
            run("ops/database", "stop", data.toString());
            String theirs =
                    Files.readAllLines(other.resolve("postgres/postmaster.pid")).get(0);
            Files.copy(other.resolve("postgres/postmaster.pid"), data.resolve("postgres/postmaster.pid"));
            Files.writeString(data.resolve("app.pid"), theirs);

            assertThat(kinesia("stop").exit()).isZero();
            Files.copy(
                    other.resolve("postgres/postmaster.pid"),
                    data.resolve("postgres/postmaster.pid"),
                    java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            Files.writeString(data.resolve("app.pid"), theirs);
            String port = run("ops/database", "start", data.toString()).words().strip();

            assertThat(port).isNotEqualTo(otherPort).matches("\\d+");
            assertThat(Path.of("/proc", theirs.strip())).exists();
            assertThat(run("ops/database", "stop", other.toString()).exit()).isZero();
        } finally {
            run("ops/database", "stop", other.toString());
            run("rm", "-rf", other.toString());
        }
    }

    @Test
    void of_two_first_starts_at_once_one_makes_the_data_and_the_other_says_that_it_runs() throws Exception {
        int port = freePort();
        Process one = begin(data, "./kinesia", "start", "--empty", "--port", String.valueOf(port));
        Process two = begin(data, "./kinesia", "start", "--empty", "--port", String.valueOf(freePort()));
        Process first;
        String words;
        try {
            // The one that came second ends by itself; the other goes on until it is stopped.
            java.util.concurrent.CompletableFuture.anyOf(one.onExit(), two.onExit())
                    .get(120, java.util.concurrent.TimeUnit.SECONDS);
            Process ended = one.isAlive() ? two : one;
            first = one.isAlive() ? one : two;
            words = end(ended).words();
            assertThat(words).contains("already running at");
            assertThat(first.isAlive()).isTrue();
        } finally {
            kinesia("stop");
        }
        assertThat(end(first).words()).contains("Kinesia is running at");
    }

    @Test
    void behind_the_proxy_named_at_the_start_cookies_are_secure_and_tls_is_asked_for() throws Exception {
        try (Installation installation = Installation.emptyBehind("127.0.0.1")) {
            HttpRequest passedOn = HttpRequest.newBuilder(URI.create(installation.address() + "/api/session"))
                    .header("X-Forwarded-Proto", "https")
                    .header("X-Forwarded-For", "192.0.2.7")
                    .build();
            HttpResponse<String> answer =
                    HttpClient.newHttpClient().send(passedOn, HttpResponse.BodyHandlers.ofString());
            assertThat(answer.headers().firstValue("Strict-Transport-Security").orElse(""))
                    .contains("max-age");
            assertThat(answer.headers().allValues("Set-Cookie")).isNotEmpty().allMatch(c -> c.contains("Secure"));
        }
    }

    @Test
    void a_killed_launcher_is_followed_by_a_start_that_takes_over() {
        try (Installation installation = Installation.empty()) {
            installation.killLauncher();
            installation.killDatabase();
            installation.start();
            try (Browser browser = new Browser(installation.address())) {
                browser.seeHeading("Set up your room");
            }
        }
    }

    @Test
    void a_database_of_which_the_port_was_taken_comes_back_on_another_and_keeps_health_out_of_its_logs()
            throws Exception {
        String port = run("ops/database", "start", data.toString()).words().strip();
        assertThat(Integer.parseInt(port)).isBetween(1024, 32_767);
        run("ops/database", "stop", data.toString());
        try (ServerSocket taken = new ServerSocket(Integer.parseInt(port), 1, InetAddress.getLoopbackAddress())) {
            assertThat(taken.isBound()).isTrue();
            assertThat(run("ops/database", "start", data.toString()).words().strip())
                    .isNotEqualTo(port);
        }
        run(
                "ops/database",
                "psql",
                data.toString(),
                "-d",
                "kinesia",
                "-c",
                "create table t (pain text check (pain <> 'sore elbow')); insert into t values ('sore elbow')");
        assertThat(run("grep", "-r", "sore elbow", data.resolve("postgres/log").toString())
                        .words())
                .isEmpty();
        assertThat(run(
                                "ops/database",
                                "psql",
                                data.toString(),
                                "-d",
                                "kinesia",
                                "-tAc",
                                "select rolsuper from pg_roles where rolname = 'kinesia_app'")
                        .words()
                        .strip())
                .isEqualTo("f");
        assertThat(run("ops/database", "psql", data.toString(), "-d", "kinesia", "-tAc", "show data_checksums")
                        .words()
                        .strip())
                .isEqualTo("on");
    }

    @Test
    void a_backup_without_its_passphrase_and_a_damaged_one_are_told_apart_and_change_nothing() throws Exception {
        assertThat(run("ops/database", "start", data.toString()).exit()).isZero();
        run(
                "ops/database",
                "psql",
                data.toString(),
                "-d",
                "kinesia",
                "-c",
                "create table client (); create table training_session (); create table set_log ()");
        Files.writeString(data.resolve("kind"), "false");
        Path backup = data.resolve("one.backup");
        Said made = kinesia("backup", backup.toString());
        assertThat(made.words()).contains("proven");
        assertThat(Files.getPosixFilePermissions(backup)).isEqualTo(PosixFilePermissions.fromString("rw-------"));

        ProcessBuilder wrong = new ProcessBuilder("./kinesia", "restore", "--yes", backup.toString())
                .directory(ROOT.toFile())
                .redirectErrorStream(true);
        wrong.environment().put("KINESIA_DATA", data.toString());
        wrong.environment().put("KINESIA_BACKUP_PASSPHRASE", "another passphrase");
        assertThat(end(wrong.start()).words()).contains("this is not the passphrase");

        byte[] bytes = Files.readAllBytes(backup);
        Path cut = data.resolve("cut.backup");
        Files.write(cut, java.util.Arrays.copyOf(bytes, bytes.length * 3 / 4));
        assertThat(kinesia("restore", "--yes", cut.toString()).words()).contains("is damaged");
        assertThat(kinesia("restore", "--yes", ROOT.resolve("README.md").toString())
                        .words())
                .contains("is no backup of Kinesia");
        // There is data: without a word of the person nothing takes its place.
        assertThat(kinesia("restore", backup.toString()).words()).contains("nothing was changed");
        assertThat(data.resolve("restoring")).doesNotExist();
    }

    @Test
    void of_daily_backups_seven_days_five_weeks_and_twelve_months_are_kept() throws Exception {
        Path backups = Files.createDirectory(data.resolve("backups"));
        java.time.LocalDate last = java.time.LocalDate.of(2026, 11, 27);
        for (int i = 0; i < 500; i++) {
            Files.writeString(backups.resolve("kinesia-" + last.minusDays(i) + ".backup"), "");
        }
        Files.writeString(backups.resolve("a note"), "");
        run("ops/backup", "prune", backups.toString());
        try (var kept = Files.list(backups)) {
            List<String> names =
                    kept.map(p -> p.getFileName().toString()).sorted().toList();
            assertThat(names)
                    .contains("a note", "kinesia-2026-11-27.backup", "kinesia-2026-11-21.backup")
                    .contains("kinesia-2026-11-15.backup", "kinesia-2026-10-31.backup", "kinesia-2025-12-31.backup")
                    .doesNotContain("kinesia-2026-11-16.backup", "kinesia-2025-11-30.backup")
                    .hasSizeBetween(7 + 3 + 10 + 1, 7 + 5 + 12 + 1);
        }
    }
}
