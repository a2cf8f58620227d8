package kinesia.exchange;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.OutputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.exchange.RecordTables.OfClient;
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
    static final String ROOM_FORMAT = "kinesia.room";
    // What a room has of its own, by the name it has in the file.
    static final List<Map.Entry<String, String>> OF_ROOM = List.of(
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
