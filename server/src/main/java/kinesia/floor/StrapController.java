package kinesia.floor;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The heart-rate strap that is worn, if one is. It is another process and may be gone at any moment: then the pulse is typed. */
@RestController
class StrapController {
    private static final Duration LONGEST = Duration.ofMillis(400);

    private final String at;
    private final ObjectMapper json;
    private final HttpClient strap =
            HttpClient.newBuilder().connectTimeout(LONGEST).build();

    StrapController(@Value("${kinesia.strap}") String at, ObjectMapper json) {
        this.at = at;
        this.json = json;
    }

    /**
     * What the strap says now.
     *
     * @param worn whether there is one
     * @param pulse beats per minute; missing while it has no touch
     */
    record StrapView(boolean worn, @Nullable Integer pulse) {}

    @GetMapping("/api/strap")
    StrapView now() {
        if (at.isBlank()) {
            return new StrapView(false, null);
        }
        try {
            HttpResponse<String> answer = strap.send(
                    HttpRequest.newBuilder(URI.create(at + "/pulse"))
                            .timeout(LONGEST)
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
            JsonNode said = answer.statusCode() == 200 ? json.readTree(answer.body()) : null;
            return new StrapView(true, said == null ? null : said.path("pulse").asInt());
        } catch (IOException e) {
            return new StrapView(true, null); // gone, or not answering in time
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return new StrapView(true, null);
        }
    }
}
