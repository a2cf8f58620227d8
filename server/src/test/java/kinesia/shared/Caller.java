package kinesia.shared;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.servlet.http.Cookie;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Calls the server as one signed-in person. */
public class Caller {
    private static final ObjectMapper JSON = new ObjectMapper();

    private final MockMvc mvc;
    private final Map<String, Cookie> cookies = new LinkedHashMap<>();

    public Caller(MockMvc mvc) {
        this.mvc = mvc;
    }

    /** An answer: status and body. */
    public record Answer(int status, JsonNode body) {
        public JsonNode at(String path) {
            return body.at(path);
        }
    }

    /** Signs in as the demo trainer. */
    public Caller asTrainer() throws Exception {
        return as("trainer@tidewheel.example");
    }

    /** Signs in as one of the demo accounts. */
    public Caller as(String email) throws Exception {
        cookies.clear();
        Answer answer = post("/api/session", Map.of("email", email, "password", "tide-wheel-demo"));
        if (answer.status() != 200) {
            throw new IllegalStateException("cannot sign in: " + answer);
        }
        return this;
    }

    public Caller signedOut() {
        cookies.clear();
        return this;
    }

    public Answer get(String path) throws Exception {
        return call(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(path), null);
    }

    public Answer post(String path, Object body) throws Exception {
        return call(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(path), body);
    }

    public Answer put(String path, Object body) throws Exception {
        return call(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put(path), body);
    }

    public Answer delete(String path) throws Exception {
        return call(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete(path), null);
    }

    /** The id of a demo client. */
    public String clientId(String name) throws Exception {
        for (JsonNode client : get("/api/today").at("/clients")) {
            if (client.get("name").asText().equals(name)) {
                return client.get("id").asText();
            }
        }
        throw new IllegalStateException("no client " + name);
    }

    /** An object to build a body from. */
    public static ObjectNode json() {
        return JSON.createObjectNode();
    }

    /** The body of an answer that is not JSON. */
    public byte[] bytes(String path) throws Exception {
        return mvc.perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(path)
                        .cookie(cookies.values().toArray(Cookie[]::new)))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private Answer call(MockHttpServletRequestBuilder request, Object body) throws Exception {
        if (body != null) {
            request.contentType(MediaType.APPLICATION_JSON).content(JSON.writeValueAsString(body));
        }
        if (!cookies.isEmpty()) {
            request.cookie(cookies.values().toArray(Cookie[]::new));
        }
        MockHttpServletResponse response =
                mvc.perform(request.with(csrf())).andReturn().getResponse();
        for (Cookie cookie : response.getCookies()) {
            cookies.put(cookie.getName(), cookie);
        }
        String text = response.getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        return new Answer(response.getStatus(), text.isEmpty() ? JSON.nullNode() : JSON.readTree(text));
    }
}
