package kinesia.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What is planned and booked of a client's days, and what planning makes of it. */
@ServerTest
class DaysTest {
    @Autowired
    private Caller caller;

    private String client;
    private LocalDate today;
    private String placeId;

    @BeforeEach
    void somebody() throws Exception {
        caller.asTrainer();
        client = "/api/clients/" + caller.screened("Booked " + UUID.randomUUID(), a -> {});
        JsonNode days = caller.get(client + "/days").body();
        today = LocalDate.parse(days.get("today").asText());
        placeId = days.at("/usual/placeId").asText();
    }

    private ObjectNode visit(LocalDate on, String at, int minutes) {
        return Caller.json()
                .put("on", on.toString())
                .put("at", at)
                .put("minutes", minutes)
                .put("placeId", placeId);
    }

    private static ObjectNode block(LocalDate from, int weeks, String aim, Integer lighterWeek) {
        return Caller.json()
                .put("startsOn", from.toString())
                .put("weeks", weeks)
                .put("aim", aim)
                .put("lighterWeek", lighterWeek)
                .put("newExercises", false);
    }

    private String appointment() {
        return client + "/appointments/" + UUID.randomUUID();
    }

    @Test
    void a_booked_visit_gives_the_next_session_its_day_its_minutes_and_its_place() throws Exception {
        LocalDate on = today.plusDays(9);
        String at = appointment();
        Answer booked = caller.put(at, visit(on, "16:15", 25));
        assertThat(booked.at("/appointments/0/at").asText()).startsWith("16:15");
        JsonNode next = caller.get(client + "/next").body();
        assertThat(next.get("visitOn").asText()).isEqualTo(on.toString());
        assertThat(next.at("/booked/minutes").asInt()).isEqualTo(25);
        assertThat(next.at("/plan/minutes/warmUp").asInt()
                        + next.at("/plan/minutes/work").asInt())
                .isBetween(15, 25);
        JsonNode today = row();
        assertThat(today.get("on").asText()).isEqualTo(on.toString());
        assertThat(today.get("at").asText()).startsWith("16:15");
        // The same again books nothing more; moved, it is where it was moved to.
        assertThat(caller.put(at, visit(on, "16:15", 25)).at("/appointments")).hasSize(1);
        ObjectNode moved = visit(on.plusDays(1), "09:00", 50)
                .put("version", booked.at("/appointments/0/version").asLong());
        assertThat(caller.put(at, moved).at("/appointments/0/on").asText())
                .isEqualTo(on.plusDays(1).toString());
        assertThat(row().get("on").asText()).isEqualTo(on.plusDays(1).toString());
    }

    private JsonNode row() throws Exception {
        for (JsonNode row : caller.get("/api/today").at("/clients")) {
            if (client.endsWith(row.get("id").asText())) {
                return row;
            }
        }
        throw new AssertionError("not on the page of today");
    }

    @Test
    void two_people_who_move_the_same_visit_do_not_overwrite_each_other() throws Exception {
        String at = appointment();
        long version = caller.put(at, visit(today.plusDays(3), "10:00", 40))
                .at("/appointments/0/version")
                .asLong();
        assertThat(caller.put(at, visit(today.plusDays(4), "10:00", 40).put("version", version))
                        .status())
                .isEqualTo(200);
        Answer second = caller.put(at, visit(today.plusDays(5), "10:00", 40).put("version", version));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.at("/current/appointments/0/on").asText())
                .isEqualTo(today.plusDays(4).toString());
    }

    @Test
    void what_cannot_be_booked_is_refused_at_its_field() throws Exception {
        caller.put(appointment(), visit(today.plusDays(3), "10:00", 40));
        List<String> wrong = new ArrayList<>();
        for (ObjectNode body : List.of(
                visit(today.plusDays(3), "11:00", 40),
                visit(today.minusDays(1), "10:00", 40),
                visit(today.plusYears(3), "10:00", 40),
                visit(today.plusDays(4), "10:00", 4),
                visit(today.plusDays(4), "10:00", 40)
                        .put("placeId", UUID.randomUUID().toString()))) {
            Answer answer = caller.put(appointment(), body);
            assertThat(answer.status()).isEqualTo(422);
            wrong.add(answer.at("/fields/0/field").asText());
        }
        assertThat(wrong).containsExactly("on", "on", "on", "minutes", "placeId");
        assertThat(caller.get(client + "/days").at("/appointments")).hasSize(1);
    }

    @Test
    void the_same_visit_every_week_leaves_what_is_booked_already_and_a_cancelled_one_stays_off() throws Exception {
        LocalDate first = today.plusDays(7);
        caller.put(appointment(), visit(first, "08:00", 30));
        ObjectNode weeks = visit(first, "14:00", 45)
                .put("from", first.toString())
                .put("weeks", 3)
                .without(List.of("on"));
        weeks.putArray("days").add(first.getDayOfWeek().name());
        String series = appointment() + "/weekly";
        Answer booked = caller.put(series, weeks);
        assertThat(booked.at("/appointments")).hasSize(3);
        assertThat(booked.at("/appointments/0/at").asText()).startsWith("08:00");
        String second = booked.at("/appointments/1/id").asText();
        assertThat(caller.delete(client + "/appointments/" + second).at("/appointments"))
                .hasSize(2);
        assertThat(caller.put(series, weeks).at("/appointments")).hasSize(2);
    }

    @Test
    void a_block_has_its_own_aim_until_it_ends() throws Exception {
        int keeping = sets(); // what this client's own goal is
        String id = UUID.randomUUID().toString();
        Answer kept = caller.put(client + "/blocks/" + id, block(today, 3, "ARM_SIZE", null));
        assertThat(kept.at("/blocks/0/week").asInt()).isEqualTo(1);
        assertThat(kept.at("/blocks/0/endsOn").asText())
                .isEqualTo(today.plusDays(20).toString());
        assertThat(sets()).isGreaterThan(keeping);
        // Another block begins in it: the first ends the day before.
        Answer two = caller.put(client + "/blocks/" + UUID.randomUUID(), block(today.plusDays(5), 6, "FUNCTION", 6));
        assertThat(two.at("/blocks")).hasSize(2);
        assertThat(two.at("/blocks/1/endsOn").asText())
                .isEqualTo(today.plusDays(4).toString());
        assertThat(two.at("/blocks/0/lighterFrom").asText())
                .isEqualTo(today.plusDays(5).plusWeeks(5).toString());
        // Dropped before it began; the one of today goes with its first day.
        caller.delete(client + "/blocks/" + two.at("/blocks/0/id").asText());
        assertThat(caller.delete(client + "/blocks/" + id).at("/blocks")).isEmpty();
        assertThat(sets()).isEqualTo(keeping);
    }

    private int sets() throws Exception {
        int sets = 0;
        for (JsonNode unit : caller.get(client + "/next").at("/plan/units")) {
            for (JsonNode slot : unit.get("slots")) {
                sets += unit.get("care").asBoolean() ? 0 : slot.get("sets").asInt();
            }
        }
        return sets;
    }

    @Test
    void a_block_that_cannot_be_is_refused_at_its_field() throws Exception {
        assertThat(caller.put(client + "/blocks/" + UUID.randomUUID(), block(today, 13, "KEEP", null))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("weeks");
        assertThat(caller.put(client + "/blocks/" + UUID.randomUUID(), block(today, 4, "KEEP", 5))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("lighterWeek");
        assertThat(caller.put(client + "/blocks/" + UUID.randomUUID(), block(today.minusDays(2), 4, "KEEP", 4))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("startsOn");
    }

    @Test
    void a_block_knows_what_was_in_it_and_the_next_one_may_have_others() throws Exception {
        String maren = "/api/clients/" + caller.clientId("Maren Oldvik");
        JsonNode blocks = caller.get(maren + "/days").at("/blocks");
        assertThat(blocks).hasSize(2);
        List<String> before = new ArrayList<>();
        blocks.at("/0/done").forEach(d -> before.add(d.get("exerciseKey").asText()));
        assertThat(before).hasSizeGreaterThan(1);
        assertThat(blocks.at("/0/done")).anyMatch(d -> d.get("visits").asInt() > 1);
        ObjectNode ask = Caller.json()
                .put("clientId", maren.substring(maren.lastIndexOf('/') + 1))
                .put("weeks", 4)
                .put("newExercises", true);
        ask.putArray("days").add(today.plusDays(2).getDayOfWeek().name());
        ask.putObject("composition").putArray("pinned");
        ObjectNode composition = (ObjectNode) ask.get("composition");
        composition.putArray("banned");
        composition.putArray("order");
        JsonNode first = caller.post("/api/plan/block", ask).at("/weeks/0/visits/0/result/plan/units");
        List<String> now = new ArrayList<>();
        first.forEach(u -> {
            if (!u.get("care").asBoolean()) {
                u.get("slots").forEach(s -> now.add(s.get("exerciseKey").asText()));
            }
        });
        // What was in the block before stays only where nothing else gives its muscle as many sets.
        assertThat(now.stream().filter(key -> !before.contains(key)).count()).isGreaterThan(now.size() / 2);
    }
}
