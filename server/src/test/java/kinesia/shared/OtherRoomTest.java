package kinesia.shared;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Somebody of another room cannot tell what is here from what is nowhere, by any verb, in the path or in a body. */
@ServerTest
class OtherRoomTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String COMPOSITION = "{'pinned': [], 'banned': [], 'order': []}";
    private static final String ADJUSTMENT = "{'benchDeg': 0, 'armForwardDeg': 5, 'driftDeg': 0, 'flareDeg': 0,"
            + " 'anchorUpM': 0, 'anchorForwardM': 0, 'rangeFrom': 0, 'rangeTo': 1, 'bandCount': 1, 'bandWrapM': 0}";
    private static final String FELT =
            "{'exerciseKey': 'seated-curl', 'loadKg': 2, 'joint': 1, 'muscle': 4, 'hardest': 'MIDDLE'}";
    private static final String EQUIPMENT = "{'dumbbellsKg': [1], 'bands': [], 'furniture': []}";
    private static final String DOOR = "{'armsWorkedHarder': false, 'somethingNew': false, 'sites': []}";

    @Autowired
    private Caller caller;

    @Autowired
    private JdbcTemplate database;

    private JsonNode paths;
    private Ids theirs;
    private Ids mine;

    /** What a room has of everything that a path names. */
    private record Ids(
            String client,
            String session,
            String place,
            String screen,
            String template,
            String variation,
            String account,
            String clearance) {
        /** The path with these in it; what has no name here is named anew. */
        String in(String path) {
            return path.replace("{clientId}", client)
                            .replace("/clients/{id}", "/clients/" + client)
                            .replace("/sessions/{id}", "/sessions/" + session)
                            .replace("/places/{id}", "/places/" + place)
                            .replace("/screens/{id}", "/screens/" + screen)
                            .replace("/templates/{id}", "/templates/" + template)
                            .replace("/variations/{id}", "/variations/" + variation)
                            .replace("/accounts/{id}", "/accounts/" + account)
                            .replace("/methods/{id}", "/methods/" + variation)
                            .replace("/clearances/{id}", "/clearances/" + clearance)
                            // One id does for both: they are kept in tables of their own.
                            .replace("/appointments/{id}", "/appointments/" + clearance)
                            .replace("/blocks/{id}", "/blocks/" + clearance)
                            .replace("{screenId}", screen)
                            .replace("{exerciseKey}", "seated-curl")
                            .replaceAll("\\{[^}]+}", UUID.randomUUID().toString())
                    + (path.endsWith("/compare") ? "?older=" + screen + "&newer=" + screen : "");
        }

        Ids withClient(String other) {
            return new Ids(other, session, place, screen, template, variation, account, clearance);
        }
    }

    @BeforeEach
    void furnishBothRooms() throws Exception {
        String other = caller.email("trainer@lanternloft.example");
        database.update("update account set role = 'OWNER' where email = ?", other);
        mine = furnished("trainer@lanternloft.example");
        theirs = furnished("owner@tidewheel.example");
        paths = caller.get("/api/openapi.json").at("/paths");
    }

    private Ids furnished(String who) throws Exception {
        caller.as(who);
        String client = caller.screened("Aslaug Lie", answers -> {});
        String session = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), json(DOOR))
                .at("/sessionId")
                .asText();
        String account = "";
        for (JsonNode one : caller.get("/api/accounts").body()) {
            account = one.get("id").asText();
        }
        Ids ids = new Ids(
                client,
                session,
                caller.get("/api/places").at("/0/id").asText(),
                caller.get("/api/clients/" + client + "/screens").at("/0/id").asText(),
                UUID.randomUUID().toString(),
                UUID.randomUUID().toString(),
                account,
                UUID.randomUUID().toString());
        for (String kept : List.of(
                "/api/templates/{id}",
                "/api/variations/{id}",
                "/api/methods/{id}",
                "/api/clients/{clientId}/clearances/{id}",
                "/api/clients/{clientId}/appointments/{id}",
                "/api/clients/{clientId}/blocks/{id}")) {
            assertThat(caller.put(ids.in(kept), bodies(ids).get("put " + kept)).status())
                    .as(kept)
                    .isEqualTo(200);
        }
        return ids;
    }

    /** A good body for every mapping that takes one and a name of something in its path. */
    private Map<String, ObjectNode> bodies(Ids ids) throws Exception {
        Map<String, ObjectNode> bodies = new LinkedHashMap<>();
        bodies.put(
                "put /api/variations/{id}",
                json("{'name': '" + UUID.randomUUID() + "', 'exerciseKey': 'seated-curl', 'adjustment': " + ADJUSTMENT
                        + "}"));
        bodies.put(
                "put /api/templates/{id}",
                json("{'name': '" + UUID.randomUUID() + "', 'composition': " + COMPOSITION + "}"));
        bodies.put(
                "put /api/sessions/{id}/sets/{setId}",
                json("{'exerciseKey': 'seated-curl', 'setNumber': 1,"
                        + " 'load': {'kg': 1, 'label': '1 kg'}, 'reps': 10, 'pain': 0, 'faults': []}"));
        bodies.put("put /api/sessions/{id}/notes/{noteId}", json("{'text': 'x'}"));
        for (String verb : List.of("post", "put")) {
            bodies.put(
                    verb + " /api/sessions/{id}/rest",
                    json("{'exerciseKey': 'seated-curl', 'site': 'WRIST', 'side': 'LEFT', 'pain': 4, 'ends': false}"));
        }
        bodies.put("post /api/sessions/{id}/rounds", json("{'unit': 'A', 'round': 1, 'pulse': 100}"));
        bodies.put("post /api/sessions/{id}/easy-sets", json("{'site': 'WRIST', 'side': 'LEFT', 'pains': [1]}"));
        bodies.put("put /api/clients/{clientId}/set-ups/{exerciseKey}", json("{'setUp': {'cue': 'tall'}}"));
        bodies.put(
                "put /api/sessions/{id}/morning",
                json("{'sites': [], 'muscleSoreness': 1, 'sharp': false, 'tinglingStays': false}"));
        bodies.put(
                "put /api/clients/{clientId}/contact",
                json("{'channel': 'MAIL', 'address': 'a@varnholm.example', 'consents': true}"));
        bodies.put(
                "put /api/clients/{clientId}/home/{id}",
                json("{'on': '" + LocalDate.now().plusDays(2) + "', 'placeId': '" + ids.place() + "', 'minutes': 20}"));
        bodies.put(
                "put /api/clients/{clientId}/rulings/{id}",
                json(
                        "{'key': 'seated-curl', 'kind': 'LOAD', 'ruleId': 'PROGRESS-load', 'rule': '', 'choice': 'OVERRULED',"
                                + " 'word': 'tired'}"));
        String review =
                "{'activities': [{'name': 'a', 'score': 4}, {'name': 'b', 'score': 5}, {'name': 'c', 'score': 6}],"
                        + " 'curls': {}, 'girth': {}, 'grip': {}, 'decision': 'go on'}";
        bodies.put("put /api/clients/{clientId}/reviews/{id}", json(review));
        bodies.put("post /api/clients/{clientId}/reviews/compared", json(review));
        bodies.put("post /api/clients/{clientId}/old-log", json("{'text': 'day,exercise,kg,reps', 'keep': true}"));
        bodies.put(
                "put /api/methods/{id}",
                json("{'text': 'key: own-way\\nname: Own way\\nwhat: a curl\\nnear: []\\nsections:\\n"
                        + "  - {as: straight, rounds: [1, 2], picks: [{for: flexors, count: [1, 1]}]}'}"));
        bodies.put(
                "put /api/clients/{clientId}/readings/{id}",
                json("{'systolic': 128, 'diastolic': 80, 'pulse': 66, 'newlyIrregular': false}"));
        bodies.put("post /api/clients/{clientId}/erase", json("{'name': 'x'}"));
        bodies.put("put /api/places/{id}", json("{'version': 0, 'name': 'Mine', 'equipment': " + EQUIPMENT + "}"));
        ObjectNode client = caller.get("/api/clients/" + ids.client()).body().deepCopy();
        bodies.put(
                "put /api/clients/{id}",
                JSON.createObjectNode().put("version", 0).set("details", client.get("details")));
        bodies.put("put /api/clients/{clientId}/sessions/{id}", json(DOOR));
        ObjectNode answers = caller.completeScreen(a -> {});
        bodies.put("put /api/clients/{clientId}/screens/{id}", answers);
        bodies.put("post /api/clients/{clientId}/screen/assess", answers);
        bodies.put("put /api/clients/{clientId}/screen-draft", json("{'draft': {'x': 1}}"));
        bodies.put(
                "put /api/clients/{clientId}/referrals/{id}",
                json("{'screenId': '" + ids.screen() + "', 'addressedTo': 'A clinician', 'note': ''}"));
        bodies.put(
                "put /api/clients/{clientId}/limit-changes/{id}",
                json("{'kind': 'STRICTER', 'added': {'kind': 'NO_STANCE', 'target': 'floor'}, 'why': 'sore'}"));
        bodies.put(
                "put /api/clients/{clientId}/felt-trials/{id}",
                json("{'site': 'WRIST', 'first': " + FELT + ", 'second': " + FELT.replace("seated", "standing") + "}"));
        bodies.put("put /api/clients/{clientId}/composition", json("{'composition': " + COMPOSITION + "}"));
        bodies.put(
                "put /api/clients/{clientId}/clearances/{id}",
                json("{'purpose': 'CUFFS', 'givenBy': 'A clinician',"
                        + " 'givenOn': '2026-01-02', 'expiresOn': '2099-01-02', 'conditions': ''}"));
        LocalDate soon = LocalDate.now().plusDays(7);
        String visit = "'at': '09:30', 'minutes': 40, 'placeId': '" + ids.place() + "'}";
        bodies.put("put /api/clients/{clientId}/appointments/{id}", json("{'on': '" + soon + "', " + visit));
        bodies.put(
                "put /api/clients/{clientId}/appointments/{id}/weekly",
                json("{'from': '" + soon + "', 'days': ['MONDAY'], 'weeks': 2, " + visit));
        bodies.put(
                "put /api/clients/{clientId}/blocks/{id}",
                json("{'startsOn': '" + soon
                        + "', 'weeks': 6, 'aim': 'KEEP', 'lighterWeek': 6, 'newExercises': false}"));
        bodies.put(
                "put /api/accounts/{id}",
                json("{'name': 'Y', 'email': 'y@room.example', 'role': 'TRAINER', 'password': 'lantern oar thistle'}"));
        bodies.put("post /api/sessions/{id}/stop", json("{'sign': 'dizzy'}"));
        bodies.put("post /api/sessions/{id}/finish", json("{}"));
        bodies.put("post /api/clients/{clientId}/clearances/{id}/withdraw", json("{}"));
        return bodies;
    }

    private static ObjectNode json(String text) throws Exception {
        return (ObjectNode) JSON.readTree(text.replace('\'', '"'));
    }

    @Test
    void what_another_room_has_is_answered_like_what_nobody_has() throws Exception {
        Map<String, ObjectNode> bodies = bodies(theirs);
        String before = everything(theirs);
        caller.as("trainer@lanternloft.example");
        Map<String, ObjectNode> own = bodies(mine);
        Map<String, String> leaks = new LinkedHashMap<>();
        int asked = 0;
        for (Map.Entry<String, JsonNode> path : paths.properties()) {
            boolean named = path.getKey().contains("{")
                    && !path.getKey().contains("{key}")
                    && !path.getKey().contains("{gauge}");
            for (String method : List.of("get", "post", "put", "delete")) {
                if (!named || !path.getValue().has(method)) {
                    continue;
                }
                String what = method + " " + path.getKey();
                ObjectNode body = own.get(what);
                assertThat(body != null || !path.getValue().get(method).has("requestBody"))
                        .as("a body for " + what)
                        .isTrue();
                Answer there = ask(method, theirs.in(path.getKey()), body);
                Answer mixed = ask(method, theirs.withClient(mine.client()).in(path.getKey()), body);
                asked++;
                // A deletion of what is nowhere has nothing to do; that nothing was deleted is looked at below.
                boolean nothingToDo = method.equals("delete") && there.status() < 300;
                if (there.status() != 404 && there.status() != 403 && !nothingToDo) {
                    leaks.put(what, there.toString());
                } else if (there.body().toString().contains("Aslaug")) {
                    leaks.put(what, there.toString());
                }
                if (path.getKey().matches(".*\\{clientId}.*/\\{.*") && !method.equals("put") && mixed.status() != 404) {
                    leaks.put(what + " of my client", mixed.toString());
                }
                if (!method.equals("put")) {
                    String nowhere = UUID.randomUUID().toString();
                    Answer nobodys = ask(
                            method,
                            path.getKey().replaceAll("\\{[^}]+}", nowhere)
                                    + (path.getKey().endsWith("/compare")
                                            ? "?older=" + nowhere + "&newer=" + nowhere
                                            : ""),
                            body);
                    if (there.status() != nobodys.status() || !said(there).equals(said(nobodys))) {
                        leaks.put(what + " against nobody's", there + " against " + nobodys);
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(38);
        assertThat(leaks).isEmpty();
        caller.as("owner@tidewheel.example");
        assertThat(everything(theirs)).isEqualTo(before);
        assertThat(bodies).hasSameSizeAs(own);
    }

    @Test
    void an_id_of_another_room_in_a_body_or_a_query_is_refused() throws Exception {
        String before = everything(theirs);
        caller.as("trainer@lanternloft.example");
        String composition = "'composition': " + COMPOSITION;
        String there = "'composition': {'pinned': [], 'banned': [], 'order': [], 'placeId': '" + theirs.place() + "'}";
        String turned = "'exerciseKey': 'seated-curl', 'adjustment': " + ADJUSTMENT + ", 'loadKg': 2";
        List<Answer> answers = new ArrayList<>();
        String client = "'clientId': '" + theirs.client() + "'";
        answers.add(caller.post("/api/plan/compose", json("{" + client + ", " + composition + "}")));
        answers.add(caller.post(
                "/api/plan/routine",
                json("{" + client + ", " + composition + ", 'text': 'Hammer curl 3x10', 'chosen': {}}")));
        answers.add(caller.post("/api/plan/what-if", json("{" + client + ", " + composition + "}")));
        answers.add(caller.post("/api/plan/compose", json("{'clientId': '" + mine.client() + "', " + there + "}")));
        answers.add(caller.post(
                "/api/plan/compose",
                json("{'clientId': '" + mine.client() + "', 'takenFrom': '" + theirs.client() + "', " + composition
                        + "}")));
        answers.add(caller.post(
                "/api/plan/check",
                json("{" + client + ", 'composition': {'pinned': [], 'banned': [], 'order': [], 'written': []}}")));
        answers.add(caller.post(
                "/api/plan/block", json("{" + client + ", " + composition + ", 'weeks': 4, 'days': ['MONDAY']}")));
        answers.add(caller.post("/api/workbench", json("{" + client + ", " + turned + "}")));
        answers.add(caller.post(
                "/api/arm/ease", json("{" + client + ", " + turned + ", 'site': 'WRIST', 'progress': 0.5}")));
        answers.add(caller.get("/api/atlas?clientId=" + theirs.client()));
        answers.add(caller.get("/api/atlas/seated-curl?clientId=" + theirs.client()));
        answers.add(caller.get("/api/atlas/for?clientId=" + theirs.client()));
        ObjectNode details = caller.get("/api/clients/" + mine.client())
                .body()
                .get("details")
                .deepCopy();
        String own = "/api/clients/" + mine.client();
        answers.add(caller.put(
                own,
                JSON.createObjectNode()
                        .put("version", 0)
                        .set("details", details.deepCopy().put("placeId", theirs.place()))));
        ObjectNode elsewhere = details.deepCopy();
        elsewhere.putArray("otherPlaces").add(theirs.place());
        answers.add(caller.put(own, JSON.createObjectNode().put("version", 0).set("details", elsewhere)));
        answers.add(caller.put(own + "/composition", json("{" + there + "}")));
        answers.add(caller.put(
                own + "/referrals/" + UUID.randomUUID(),
                json("{'screenId': '" + theirs.screen() + "', 'addressedTo': 'A clinician', 'note': ''}")));
        String second = caller.screened("Second Person", a -> {});
        answers.add(caller.put(
                "/api/clients/" + second + "/sessions/" + UUID.randomUUID(),
                json(DOOR).put("placeId", theirs.place())));
        answers.add(caller.put("/api/clients/" + second + "/sessions/" + theirs.session(), json(DOOR)));
        for (int i = 0; i < answers.size(); i++) {
            assertThat(answers.get(i).status()).as(i + ": " + answers.get(i)).isIn(404, 422);
        }
        caller.as("owner@tidewheel.example");
        assertThat(everything(theirs)).isEqualTo(before);
    }

    private String everything(Ids ids) throws Exception {
        StringBuilder all = new StringBuilder();
        for (String path : List.of(
                "/api/clients/{id}",
                "/api/clients/{clientId}/next",
                "/api/clients/{clientId}/screens",
                "/api/clients/{clientId}/screen-draft",
                "/api/clients/{clientId}/composition",
                "/api/clients/{clientId}/limits",
                "/api/clients/{clientId}/clearances",
                "/api/clients/{clientId}/days",
                "/api/clients/{clientId}/referrals",
                "/api/clients/{clientId}/felt-trials",
                "/api/sessions/{id}",
                "/api/places/{id}",
                "/api/templates",
                "/api/accounts")) {
            all.append(path).append(caller.get(ids.in(path)).body()).append('\n');
        }
        all.append(database.queryForList("select * from variation where id = ?::uuid", ids.variation()));
        all.append(database.queryForList("select * from room_method where id = ?::uuid", ids.variation()));
        return all.toString();
    }

    private Answer ask(String method, String url, ObjectNode body) throws Exception {
        return switch (method) {
            case "get" -> caller.get(url);
            case "delete" -> caller.delete(url);
            case "put" -> caller.put(url, body);
            default -> caller.post(url, body == null ? Map.of() : body);
        };
    }

    private static String said(Answer answer) {
        return answer.at("/title").asText() + answer.at("/detail").asText() + answer.at("/fields");
    }

    @Test
    void a_gauge_pulled_out_in_one_room_stays_plugged_in_the_other() throws Exception {
        caller.as("owner@tidewheel.example").put("/api/gauges/grip", Map.of("plugged", false));
        assertThat(caller.as("trainer@lanternloft.example")
                        .get("/api/gauges")
                        .at("/1/plugged")
                        .asBoolean())
                .isTrue();
    }
}
