import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Random;

/**
 * A stand-in for a heart-rate strap: a process of its own that answers with the pulse of somebody who works and rests, and loses
 * touch for some seconds in every minute, as straps do. Run as one file by ops/strap: {@code Strap.java PORT}.
 */
class Strap {
    private static final int REST = 82;
    private static final int SWING = 26;
    private static final double WAVE_S = 170;
    private static final int LOST_FROM_S = 48;
    private static final int LOST_TO_S = 55;

    public static void main(String[] args) throws Exception {
        Random tremble = new Random(7);
        long begun = System.nanoTime();
        HttpServer strap = HttpServer.create(
                new InetSocketAddress(InetAddress.getLoopbackAddress(), Integer.parseInt(args[0])), 0);
        strap.createContext("/pulse", call -> {
            double s = (System.nanoTime() - begun) / 1e9;
            boolean lost = s % 60 >= LOST_FROM_S && s % 60 < LOST_TO_S;
            long pulse = Math.round(REST + SWING * (1 - Math.cos(2 * Math.PI * s / WAVE_S)) / 2 * 1.6
                    + tremble.nextGaussian());
            byte[] said = ("{\"pulse\":" + pulse + "}").getBytes(StandardCharsets.UTF_8);
            call.getResponseHeaders().add("Content-Type", "application/json");
            call.sendResponseHeaders(lost ? 503 : 200, lost ? -1 : said.length);
            if (!lost) {
                call.getResponseBody().write(said);
            }
            call.close();
        });
        strap.start();
    }
}
