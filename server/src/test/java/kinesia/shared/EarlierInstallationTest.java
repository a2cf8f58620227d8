package kinesia.shared;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import kinesia.KinesiaApplication;
import kinesia.shared.Caller.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.context.support.TestPropertySourceUtils;
import org.springframework.test.web.servlet.MockMvc;

/**
 * What an installation of V6 left behind (a month of the demo, and one of everything that people keep) opens in this version: every
 * page is alive, and plans and screens say what they said.
 */
@SpringBootTest(classes = KinesiaApplication.class)
@AutoConfigureMockMvc
@ContextConfiguration(initializers = EarlierInstallationTest.Brought.class)
class EarlierInstallationTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    /** Plans and screens as that version had stored them, by id. */
    private static final Map<String, String> PLANS = new java.util.HashMap<>();

    private static final Map<String, String> ANSWERS = new java.util.HashMap<>();
    private static final Map<String, String> ASSESSMENTS = new java.util.HashMap<>();

    @Autowired
    private MockMvc mvc;

    private static Caller caller;

    /** Brings the dump into a database of its own and reads from it, before this version touches it. */
    static final class Brought implements ApplicationContextInitializer<ConfigurableApplicationContext> {
        @Override
        public void initialize(ConfigurableApplicationContext context) {
            String url = TestDatabase.bring("earlier", dump());
            JdbcTemplate before = new JdbcTemplate(
                    new org.springframework.jdbc.datasource.DriverManagerDataSource(url, "kinesia_app", "none"));
            before.query("select session_id, plan from session_plan", r -> {
                PLANS.put(r.getString(1), r.getString(2));
            });
            before.query("select id, answers, assessment from screen", r -> {
                ANSWERS.put(r.getString(1), r.getString(2));
                ASSESSMENTS.put(r.getString(1), r.getString(3));
            });
            TestPropertySourceUtils.addInlinedPropertiesToEnvironment(
                    context,
                    "spring.datasource.url=" + url + "?logServerErrorDetail=false",
                    "spring.datasource.username=kinesia_app",
                    "spring.datasource.password=none");
        }

        private static Path dump() {
            try (InputStream packed =
                    EarlierInstallationTest.class.getResourceAsStream("/kinesia/stored/installation-of-V6.sql.gz")) {
                Path file = Files.createTempFile("kinesia-earlier", ".sql");
                Files.write(file, new GZIPInputStream(packed).readAllBytes());
                file.toFile().deleteOnExit();
                return file;
            } catch (java.io.IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }
    }

    @BeforeAll
    static void signIn(@Autowired MockMvc mvc) throws Exception {
        caller = new Caller(mvc);
        assertThat(caller.post(
                                "/api/session",
                                Map.of("email", "owner@tidewheel.example", "password", "tide-wheel-demo"))
                        .status())
                .isEqualTo(200);
    }

    private static JsonNode alive(String path) throws Exception {
        Answer answer = caller.get(path);
        assertThat(answer.status()).as(path + " " + answer.body()).isEqualTo(200);
        return answer.body();
    }

    private static List<String> ids(JsonNode list) {
        List<String> ids = new ArrayList<>();
        list.forEach(one -> ids.add(one.get("id").asText()));
        return ids;
    }

    @Test
    void every_page_is_alive() throws Exception {
        JsonNode today = alive("/api/today").get("clients");
        assertThat(today).hasSize(6);
        assertThat(today.findValues("unreadable")).isEmpty();
        for (String path : List.of(
                "/api/clients", "/api/places", "/api/templates", "/api/accounts", "/api/atlas", "/api/gauges")) {
            alive(path);
        }
        for (String client : ids(today)) {
            String at = "/api/clients/" + client;
            for (String page : List.of(
                    "",
                    "/next",
                    "/screen",
                    "/screens",
                    "/screen-draft",
                    "/strand",
                    "/limits",
                    "/clearances",
                    "/referrals",
                    "/felt-trials",
                    "/composition")) {
                alive(at + page);
            }
            alive("/api/atlas?clientId=" + client);
            for (String screen : ids(alive(at + "/screens"))) {
                alive(at + "/screens/" + screen + "/referral-summary");
            }
        }
    }

    @Test
    void plans_are_as_they_were() throws Exception {
        assertThat(PLANS).hasSizeGreaterThan(30);
        for (Map.Entry<String, String> plan : PLANS.entrySet()) {
            JsonNode session = alive("/api/sessions/" + plan.getKey());
            JsonNode shown = session.get("plan");
            for (JsonNode unit : shown.get("units")) {
                // What plans say since: main work was all there was, and a load's range was what was aimed at.
                assertThat(((ObjectNode) unit).remove("care").asBoolean()).isFalse();
                for (JsonNode slot : unit.get("slots")) {
                    assertThat(((ObjectNode) slot).remove("usual")).isEqualTo(slot.get("reps"));
                }
            }
            assertThat(shown.equals(JSON.readTree(plan.getValue())))
                    .as(plan.getKey())
                    .isTrue();
            if (!session.get("status").asText().equals("PLANNED")) {
                alive("/api/sessions/" + plan.getKey() + "/morning");
            }
        }
    }

    @Test
    void screens_are_as_they_were() throws Exception {
        int screens = 0;
        for (String client : ids(alive("/api/today").get("clients"))) {
            for (String id : ids(alive("/api/clients/" + client + "/screens"))) {
                JsonNode screen = alive("/api/clients/" + client + "/screens/" + id);
                assertThat(screen.get("answers")).isEqualTo(JSON.readTree(ANSWERS.get(id)));
                assertThat(screen.get("assessment")).isEqualTo(JSON.readTree(ASSESSMENTS.get(id)));
                screens++;
            }
        }
        assertThat(screens).isEqualTo(ANSWERS.size()).isGreaterThan(6);
    }

    @Test
    void what_people_keep_is_there() throws Exception {
        assertThat(alive("/api/templates").at("/0/composition/method").asText()).isEqualTo("short-visit");
        assertThat(alive("/api/atlas").at("/items").toString()).contains("Ours");
        for (JsonNode client : alive("/api/clients")) {
            if (client.get("name").asText().startsWith("Jorun")) {
                String at = "/api/clients/" + client.get("id").asText();
                assertThat(alive(at + "/screen-draft").at("/draft/step").asInt())
                        .isEqualTo(2);
                assertThat(alive(at + "/clearances")).hasSize(1);
                assertThat(alive(at + "/felt-trials")).hasSize(1);
                assertThat(alive(at + "/limits").toString()).contains("tires the back");
                assertThat(alive(at + "/composition")
                                .at("/composition/banned/0")
                                .asText())
                        .isEqualTo("seated-curl");
                return;
            }
        }
        throw new AssertionError("no such client");
    }
}
