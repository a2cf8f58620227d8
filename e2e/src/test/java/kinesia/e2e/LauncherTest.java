package kinesia.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The launcher's words when something is in the way. */
class LauncherTest {
    private record Said(int exit, String words) {}

    private static Said run(String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("./kinesia"));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command)
                .directory(Path.of(System.getProperty("kinesia.root")).toFile())
                .redirectErrorStream(true);
        builder.environment().put("KINESIA_BUILT", "1");
        Process process = builder.start();
        String words = new String(process.getInputStream().readAllBytes());
        return new Said(process.waitFor(), words);
    }

    @Test
    void a_taken_port_is_named_with_a_way_out() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Said said = run("start", "--port", String.valueOf(taken.getLocalPort()));
            assertThat(said.exit()).isEqualTo(1);
            assertThat(said.words())
                    .contains("port " + taken.getLocalPort() + " is taken")
                    .contains("--port " + (taken.getLocalPort() + 1));
        }
    }

    @Test
    void a_wrong_port_and_an_unknown_word_are_refused_in_plain_words() throws Exception {
        assertThat(run("start", "--port", "eight").words()).contains("--port takes a number");
        assertThat(run("start", "--port", "80").words()).contains("from 1024 to 65535");
        Said unknown = run("dance");
        assertThat(unknown.exit()).isEqualTo(2);
        assertThat(unknown.words()).contains("./kinesia start").contains("./kinesia test");
    }
}
