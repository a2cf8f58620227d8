package kinesia.shared;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.servlet.http.Cookie;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Calls the server as one signed-in person. */
public class Caller {
    private static final ObjectMapper JSON = new ObjectMapper();

    private final MockMvc mvc;
    private final @Nullable JdbcTemplate database;
    private final @Nullable TestClock clock;
    private final Map<String, Cookie> cookies = new LinkedHashMap<>();
    private int room;

    @Autowired
    Caller(MockMvc mvc, JdbcTemplate database, TestClock clock) {
        this.mvc = mvc;
        this.database = database;
        this.clock = clock;
    }

    /** Somebody of whom nobody knows anything yet. */
    public Caller(MockMvc mvc) {
        this.mvc = mvc;
        this.database = null;
        this.clock = null;
    }

    /** Somebody else in this test's rooms, not signed in. */
    public Caller somebodyElse() {
        Caller other = new Caller(mvc, Objects.requireNonNull(database), Objects.requireNonNull(clock));
        email("");
        other.room = room;
        return other;
    }

    /** A test begins: whoever signs in next comes into a copy of the demo rooms of their own. */
    void leaveRoom() {
        room = 0;
        cookies.clear();
        Objects.requireNonNull(clock).setRight();
    }

    /** The e-mail that a demo account has in this test's rooms. */
    public String email(String demo) {
        if (room == 0) {
            room = OwnRooms.copy(Objects.requireNonNull(database));
        }
        return OwnRooms.email(demo, room);
    }

    /** The id of this test's copy of the room in which a demo account is. */
    public UUID roomOf(String demo) {
        return OwnRooms.room(Objects.requireNonNull(database), email(demo));
    }

    /** An answer: status and body. */
    public record Answer(int status, JsonNode body) {
        public JsonNode at(String path) {
            return body.at(path);
        }
    }

    /** Signs in as the demo trainer, in this test's own copy of the room. */
    public Caller asTrainer() throws Exception {
        return as("trainer@tidewheel.example");
    }

    /** Signs in as one of the demo accounts, in this test's own copy of their room. */
    public Caller as(String demo) throws Exception {
        cookies.clear();
        Answer answer = post("/api/session", Map.of("email", email(demo), "password", "tide-wheel-demo"));
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

    /** A client of the room with nothing sore and a complete screen, changed by {@code change} before it is kept. */
    public String screened(String name, Consumer<ObjectNode> change) throws Exception {
        String id = UUID.randomUUID().toString();
        ObjectNode details = json();
        details.put("name", name).put("bornOn", "1960-02-03").put("sex", "FEMALE");
        details.put("statureM", 1.66).put("bodyMassKg", 68).put("hand", "RIGHT").put("goal", "KEEP");
        details.put("life", "mends nets").put("units", "KG_CM");
        details.putObject("story").put("visits", 40).put("trainedBefore", true).put("risesWithoutHands", true);
        details.put("visitsPerWeek", 2).put("minutes", 40);
        details.put("placeId", get("/api/places").body().get(0).get("id").asText());
        details.putObject("cautions");
        details.putArray("dislikes");
        must(put("/api/clients/" + id, Map.of("details", details)));
        must(put("/api/clients/" + id + "/screens/" + UUID.randomUUID(), completeScreen(change)));
        return id;
    }

    /** Answers to everything that find nothing, changed by {@code change}. */
    public ObjectNode completeScreen(Consumer<ObjectNode> change) throws Exception {
        JsonNode questions = get("/api/screening/questions").body();
        ObjectNode answers = json();
        ObjectNode flags = answers.putObject("flags");
        for (String list : new String[] {"gates", "flags"}) {
            questions
                    .get(list)
                    .forEach(q -> flags.putObject(q.get("id").asText()).put("present", false));
        }
        answers.putObject("readiness")
                .put("regularlyActive", true)
                .put("knownDisease", false)
                .put("symptoms", false)
                .put("changedSinceClearance", false);
        answers.putObject("pressure")
                .put("concern", false)
                .putArray("readings")
                .addObject()
                .put("systolic", 124)
                .put("diastolic", 76)
                .put("pulse", 68)
                .put("newlyIrregular", false);
        ObjectNode cautions = answers.putObject("cautions");
        questions.get("cautions").forEach(c -> cautions.put(c.get("id").asText(), false));
        answers.putArray("soreSites");
        answers.putArray("checks");
        answers.putArray("clearances");
        change.accept(answers);
        return answers;
    }

    private static void must(Answer answer) {
        if (answer.status() != 200) {
            throw new IllegalStateException("refused: " + answer);
        }
    }

    /** The body of an answer that is not JSON. */
    public byte[] bytes(String path) throws Exception {
        return mvc.perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(path)
                        .cookie(cookies.values().toArray(Cookie[]::new)))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    /** Sends a file. */
    public Answer sendBytes(String path, byte[] file) throws Exception {
        return perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(path)
                .header("Content-Type", MediaType.APPLICATION_OCTET_STREAM_VALUE)
                .content(file));
    }

    /** Asks as somebody who has nothing but a private link. */
    public Answer byLink(String method, String path, String token, Object body) throws Exception {
        MockHttpServletRequestBuilder request =
                org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request(
                        org.springframework.http.HttpMethod.valueOf(method), java.net.URI.create(path));
        if (body != null) {
            request.contentType(MediaType.APPLICATION_JSON).content(JSON.writeValueAsString(body));
        }
        MockHttpServletResponse response =
                mvc.perform(request.header("Kinesia-Link", token)).andReturn().getResponse();
        String text = response.getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        return new Answer(response.getStatus(), text.isEmpty() ? JSON.nullNode() : JSON.readTree(text));
    }

    /** Sends {@code body} just as it is. */
    public Answer send(String method, String path, String body) throws Exception {
        return send(method, path, MediaType.APPLICATION_JSON_VALUE, body);
    }

    /** Sends {@code body} just as it is, said to be of that media type. */
    public Answer send(String method, String path, String contentType, String body) throws Exception {
        return perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request(
                        org.springframework.http.HttpMethod.valueOf(method.toUpperCase(java.util.Locale.ROOT)),
                        java.net.URI.create(path))
                .header("Content-Type", contentType)
                .content(body));
    }

    private Answer call(MockHttpServletRequestBuilder request, Object body) throws Exception {
        return perform(
                body == null
                        ? request
                        : request.contentType(MediaType.APPLICATION_JSON).content(JSON.writeValueAsString(body)));
    }

    private Answer perform(MockHttpServletRequestBuilder request) throws Exception {
        if (!cookies.isEmpty()) {
            request.cookie(cookies.values().toArray(Cookie[]::new));
        }
        MockHttpServletResponse response =
                mvc.perform(request.with(csrf())).andReturn().getResponse();
        for (Cookie cookie : response.getCookies()) {
            cookies.put(cookie.getName(), cookie);
        }
        String text = response.getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        boolean isJson = String.valueOf(response.getContentType()).contains("json");
        return new Answer(
                response.getStatus(),
                text.isEmpty()
                        ? JSON.nullNode()
                        : isJson ? JSON.readTree(text) : JSON.getNodeFactory().textNode(text));
    }
}
