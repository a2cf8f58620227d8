package kinesia.exchange;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.exchange.RecordTables.OfClient;
import kinesia.shared.Problem;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * A client's record as one JSON document: {@code {"format": "kinesia.client", "version": 1, "takenOn": ..., "places": [...],
 * "tables": {"client": [...], ...}}}, each row by the columns of its table. docs/formats.md says what they hold.
 */
@Component
class RecordFile {
    static final String FORMAT = "kinesia.client";
    static final int VERSION = 1;
    private static final int AT_ONCE = 250;
    static final String ROOM_FORMAT = "kinesia.room";
    // What a room has of its own, by the name it has in the file.
    private static final List<Map.Entry<String, String>> OF_ROOM = List.of(
            Map.entry("places", "place"), Map.entry("exercises", "variation"), Map.entry("methods", "room_method"));
    // What a client trains at, beside their own place: appointments and home sessions name theirs.
    private static final String PLACES =
            "select row_to_json(p) from place p where p.id in (select place_id from client where id = ?"
                    + " union select place_id from appointment where client_id = ?"
                    + " union select place_id from home_session where client_id = ?)";

    private final JdbcTemplate database;
    private final Rows rows;
    private final ObjectMapper mapper = new ObjectMapper();

    RecordFile(JdbcTemplate database, Rows rows) {
        this.database = database;
        this.rows = rows;
    }

    /** Writes the record row by row. */
    void write(UUID clientId, LocalDate on, OutputStream out) throws IOException {
        JsonGenerator json = begun(FORMAT, on, out);
        rows(json, "places", PLACES, clientId, clientId, clientId);
        json.writeObjectFieldStart("tables");
        for (OfClient table : RecordTables.KEPT) {
            rows(
                    json,
                    table.name(),
                    "select row_to_json(t) from " + table.source() + " t where " + table.which() + " order by t."
                            + table.key(),
                    clientId);
        }
        json.writeEndObject();
        json.writeEndObject();
        json.flush();
    }

    /** The stream is the caller's, who may write more than one file into it. */
    private JsonGenerator begun(String format, LocalDate on, OutputStream out) throws IOException {
        JsonGenerator json = mapper.getFactory().createGenerator(out).disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
        json.writeStartObject();
        json.writeStringField("format", format);
        json.writeNumberField("version", VERSION);
        json.writeStringField("takenOn", on.toString());
        return json;
    }

    private void rows(JsonGenerator json, String name, String query, Object... parameters) throws IOException {
        json.writeArrayFieldStart(name);
        rows.each(query, row -> json.writeRawValue(row.getString(1)), parameters);
        json.writeEndArray();
    }

    /** Writes what a room has of its own: places with their things, and variations of exercises. */
    void writeRoom(UUID roomId, LocalDate on, OutputStream out) throws IOException {
        JsonGenerator json = begun(ROOM_FORMAT, on, out);
        for (Map.Entry<String, String> part : OF_ROOM) {
            String rows = "select row_to_json(t) from " + part.getValue() + " t where room_id = ? order by name, id";
            rows(json, part.getKey(), rows, roomId);
        }
        json.writeEndObject();
        json.flush();
    }

    static boolean isRoom(JsonNode file) {
        return ROOM_FORMAT.equals(file.path("format").asText());
    }

    /** Brings a room's places and variations into another, or back; how many were new. What belongs elsewhere comes as a copy. */
    int readRoom(JsonNode file, UUID roomId) {
        if (file.path("version").asInt() != VERSION) {
            throw Problem.refused("This is no file of a room as it is handed out here.");
        }
        int rows = 0;
        try {
            for (Map.Entry<String, String> part : OF_ROOM) {
                for (JsonNode row : file.path(part.getKey())) {
                    rows += insertCopy(part.getValue(), row, roomId);
                }
            }
        } catch (DataAccessException e) {
            throw Problem.refused("This file is broken: " + rootWords(e));
        }
        return rows;
    }

    private int insertCopy(String table, JsonNode row, UUID roomId) {
        ObjectNode mine = copy(row).put("room_id", roomId.toString());
        UUID known = id(row.path("id"));
        List<UUID> owner = database.queryForList("select room_id from " + table + " where id = ?", UUID.class, known);
        if (!owner.isEmpty() && !owner.get(0).equals(roomId)) {
            // The same copy for the same room, however often it comes.
            mine.put(
                    "id",
                    UUID.nameUUIDFromBytes((roomId + "/" + known).getBytes(java.nio.charset.StandardCharsets.UTF_8))
                            .toString());
        }
        return insert(table, List.of(mine));
    }

    /** What came in: the client and whether anything of it was new. */
    record Brought(UUID clientId, String name, int rows) {}

    /** Brings a record into a room. What is there already stays as it is, so that a second time changes nothing. */
    Brought read(JsonNode file, UUID roomId) {
        if (!FORMAT.equals(file.path("format").asText()) || file.path("version").asInt() != VERSION) {
            throw Problem.refused("This is no record of a client as it is handed out here (format " + FORMAT
                    + ", version " + VERSION + ").");
        }
        JsonNode client = file.at("/tables/client/0");
        UUID clientId = id(client.path("id"));
        refuseElsewhere("client", Set.of(clientId), "room_id", roomId);
        Set<UUID> places = ids(file.path("places"), "id");
        refuseElsewhere("place", places, "room_id", roomId);
        Set<UUID> sessions = ids(file.at("/tables/training_session"), "id");
        refuseElsewhere("training_session", sessions, "client_id", clientId);
        refuseElsewhere("screen", ids(file.at("/tables/screen"), "id"), "client_id", clientId);
        int rows = 0;
        try {
            List<ObjectNode> mine = new ArrayList<>();
            file.path("places").forEach(place -> mine.add(copy(place).put("room_id", roomId.toString())));
            insert("place", mine);
            for (OfClient table : RecordTables.KEPT) {
                mine.clear();
                file.path("tables")
                        .path(table.name())
                        .forEach(row -> mine.add(own(table, row, clientId, roomId, places, sessions)));
                rows += insert(table.name(), mine);
            }
        } catch (DataAccessException e) {
            throw Problem.refused("This record is broken: " + rootWords(e));
        }
        return new Brought(clientId, client.path("name").asText(), rows);
    }

    private static String rootWords(DataAccessException e) {
        String words = String.valueOf(e.getMostSpecificCause().getMessage());
        int line = words.indexOf('\n');
        return line < 0 ? words : words.substring(0, line);
    }

    /** The row as it may stand in this room: it belongs to this client and refers to nothing outside the record. */
    private static ObjectNode own(
            OfClient table, JsonNode row, UUID clientId, UUID roomId, Set<UUID> places, Set<UUID> sessions) {
        ObjectNode mine = copy(row);
        if (table.isOfSession()) {
            if (!sessions.contains(id(row.path("session_id")))) {
                throw Problem.refused("This record is broken: a row of " + table.name() + " has no session.");
            }
        } else if (!table.name().equals("client")) {
            mine.put("client_id", clientId.toString());
        }
        if (mine.has("room_id")) {
            mine.put("room_id", roomId.toString());
        }
        if (mine.hasNonNull("place_id") && !places.contains(id(mine.path("place_id")))) {
            throw Problem.refused("This record is broken: a row of " + table.name() + " has no place.");
        }
        return mine;
    }

    /** A few hundred rows at a time, so that neither the way to the database nor one row's size counts. */
    private int insert(String table, List<ObjectNode> rows) {
        int fresh = 0;
        for (int from = 0; from < rows.size(); from += AT_ONCE) {
            List<ObjectNode> some = rows.subList(from, Math.min(rows.size(), from + AT_ONCE));
            // Only columns that this version has; which they are is the database's to say.
            fresh += database.update(
                    "insert into " + table + " select * from jsonb_populate_recordset(null::" + table
                            + ", ?::jsonb) on conflict do nothing",
                    some.toString());
        }
        return fresh;
    }

    private void refuseElsewhere(String table, Set<UUID> ids, String column, UUID owner) {
        for (UUID id : ids) {
            List<UUID> found =
                    database.queryForList("select " + column + " from " + table + " where id = ?", UUID.class, id);
            if (!found.isEmpty() && !found.get(0).equals(owner)) {
                throw Problem.refused("Something in this record is here already and belongs to somebody else.");
            }
        }
    }

    private static ObjectNode copy(JsonNode row) {
        if (!row.isObject()) {
            throw Problem.refused("This record is broken: a row is no object.");
        }
        return row.deepCopy();
    }

    private static Set<UUID> ids(JsonNode rows, String column) {
        Set<UUID> ids = new HashSet<>();
        rows.forEach(row -> ids.add(id(row.path(column))));
        return ids;
    }

    private static UUID id(JsonNode value) {
        try {
            return UUID.fromString(value.asText());
        } catch (IllegalArgumentException e) {
            throw Problem.refused("This record is broken: " + shortened(value) + " is no id.");
        }
    }

    private static String shortened(JsonNode value) {
        String text = value.toString();
        return text.length() > 40 ? text.substring(0, 40) + " …" : text.isEmpty() ? "nothing" : text;
    }

    /** The document in {@code bytes}. */
    JsonNode parse(byte[] bytes) {
        try {
            return mapper.readTree(bytes);
        } catch (JsonProcessingException e) {
            throw Problem.refused("This is no JSON: line " + e.getLocation().getLineNr() + ".");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Erases all of a client; how many rows went, by table. */
    Map<String, Integer> erase(UUID clientId) {
        return RecordTables.erased().stream()
                .collect(Collectors.toMap(
                        OfClient::name,
                        t -> database.update("delete from " + t.name() + " where " + t.which(), clientId),
                        Integer::sum,
                        java.util.LinkedHashMap::new));
    }
}
