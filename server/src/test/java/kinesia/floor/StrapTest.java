package kinesia.floor;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

/** The strap is another process: what it says is shown, and that it says nothing stops nobody. */
class StrapTest {
    private final AtomicBoolean touching = new AtomicBoolean(true);

    private HttpServer strap() throws IOException {
        HttpServer strap = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        strap.createContext("/pulse", call -> {
            byte[] said = "{\"pulse\":97}".getBytes(StandardCharsets.UTF_8);
            call.sendResponseHeaders(touching.get() ? 200 : 503, touching.get() ? said.length : -1);
            if (touching.get()) {
                call.getResponseBody().write(said);
            }
            call.close();
        });
        strap.start();
        return strap;
    }

    @Test
    void a_strap_that_is_worn_says_the_pulse_and_one_that_drops_out_says_none() throws IOException {
        HttpServer strap = strap();
        StrapController floor =
                new StrapController("http://127.0.0.1:" + strap.getAddress().getPort(), new ObjectMapper());
        assertThat(floor.now()).isEqualTo(new StrapController.StrapView(true, 97));
        touching.set(false);
        assertThat(floor.now()).isEqualTo(new StrapController.StrapView(true, null));
        strap.stop(0);
        assertThat(floor.now()).isEqualTo(new StrapController.StrapView(true, null));
    }

    @Test
    void where_none_is_worn_it_says_so() {
        assertThat(new StrapController("", new ObjectMapper()).now())
                .isEqualTo(new StrapController.StrapView(false, null));
    }
}
