package kinesia.exchange;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.exchange.RecordTables.OfClient;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Brings in what {@link RecordFile} wrote, row by row as it is read, so that a file of any size needs the memory of a few rows.
 * What is there already stays as it is, so that a second time changes nothing. Everything that makes no sense is refused in words.
 */
@Component
class RecordReader {
    private static final int ROWS_AT_ONCE = 250;
    private static final int LETTERS_AT_ONCE = 2_000_000;
    private static final int LETTERS_OF_ROW = 8_000_000;
    private static final JsonFactory JSON = JsonFactory.builder().build().disable(JsonParser.Feature.AUTO_CLOSE_SOURCE);

    private final JdbcTemplate database;
    private final ObjectMapper mapper = new ObjectMapper();

    RecordReader(JdbcTemplate database) {
        this.database = database;
    }

    /**
     * What came in.
     *
     * @param clientId whose record it was; null where it was a room's file
     * @param rows of it that were new
     */
    record Brought(@Nullable UUID clientId, String name, int rows) {}

    /** Reads one file into a room; the stream stays open. */
    Brought read(InputStream in, UUID roomId) throws IOException {
        try (JsonParser json = JSON.createParser(in)) {
            if (json.nextToken() != JsonToken.START_OBJECT
                    || !"format".equals(json.nextFieldName())
                    || json.nextToken() != JsonToken.VALUE_STRING) {
                throw noRecord();
            }
            String format = json.getText();
            if (!"version".equals(json.nextFieldName())
                    || json.nextToken() != JsonToken.VALUE_NUMBER_INT
                    || json.getIntValue() != RecordFile.VERSION) {
                throw noRecord();
            }
            return switch (format) {
                case RecordFile.ROOM_FORMAT -> room(json, roomId);
                case RecordFile.FORMAT -> new Client(json, roomId).read();
                default -> throw noRecord();
            };
        } catch (JsonProcessingException e) {
            // What is nested too deeply has no line.
            String where =
                    e.getLocation() == null ? "" : ": line " + e.getLocation().getLineNr();
            throw Problem.refused("This is no JSON that can be read here" + where + ".");
        } catch (DataAccessException e) {
            throw broken(rootWords(e));
        }
    }

    private static Problem noRecord() {
        return Problem.refused(
                "This is no record of a client and no file of a room as they are handed out here (format "
                        + RecordFile.FORMAT + " or " + RecordFile.ROOM_FORMAT + ", version " + RecordFile.VERSION
                        + ").");
    }

    private static Problem broken(String why) {
        return Problem.refused("This file is broken: " + why);
    }

    private static String rootWords(DataAccessException e) {
        String words = String.valueOf(e.getMostSpecificCause().getMessage());
        int line = words.indexOf('\n');
        return line < 0 ? words : words.substring(0, line);
    }

    /** Places, variations and ways of working; what belongs to another room comes as a copy. */
    private Brought room(JsonParser json, UUID roomId) throws IOException {
        Map<String, String> tables =
                RecordFile.OF_ROOM.stream().collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        int rows = 0;
        for (String part = json.nextFieldName(); part != null; part = json.nextFieldName()) {
            json.nextToken();
            String table = tables.get(part);
            if (table == null) {
                json.skipChildren();
                continue;
            }
            requireList(json);
            while (json.nextToken() != JsonToken.END_ARRAY) {
                rows += insert(table, List.of(copyFor(roomId, table, row(json))));
            }
        }
        return new Brought(null, "", rows);
    }

    private ObjectNode copyFor(UUID roomId, String table, ObjectNode row) {
        UUID known = id(row.path("id"));
        List<UUID> owner = database.queryForList("select room_id from " + table + " where id = ?", UUID.class, known);
        if (!owner.isEmpty() && !owner.get(0).equals(roomId)) {
            // The same copy for the same room, however often it comes.
            byte[] both = (roomId + "/" + known).getBytes(StandardCharsets.UTF_8);
            row.put("id", UUID.nameUUIDFromBytes(both).toString());
        }
        return row.put("room_id", roomId.toString());
    }

    /** One client's record while it is read: its places, then its tables, each after what it refers to. */
    private final class Client {
        private final JsonParser json;
        private final UUID roomId;
        private final Set<UUID> places = new HashSet<>();
        private final Set<UUID> sessions = new HashSet<>();
        private @Nullable UUID clientId;
        private String name = "";

        private Client(JsonParser json, UUID roomId) {
            this.json = json;
            this.roomId = roomId;
        }

        private Brought read() throws IOException {
            int rows = 0;
            for (String part = json.nextFieldName(); part != null; part = json.nextFieldName()) {
                json.nextToken();
                switch (part) {
                    case "places" -> places();
                    case "tables" -> rows += tables();
                    default -> json.skipChildren();
                }
            }
            if (clientId == null) {
                throw broken("it has no client.");
            }
            return new Brought(clientId, name, rows);
        }

        private void places() throws IOException {
            requireList(json);
            while (json.nextToken() != JsonToken.END_ARRAY) {
                ObjectNode place = row(json);
                UUID id = id(place.path("id"));
                refuseElsewhere("place", List.of(id), "room_id", roomId);
                insert("place", List.of(place.put("room_id", roomId.toString())));
                places.add(id);
            }
        }

        private int tables() throws IOException {
            int rows = 0;
            for (String name = json.nextFieldName(); name != null; name = json.nextFieldName()) {
                json.nextToken();
                OfClient table = RecordTables.find(name);
                if (table == null) {
                    json.skipChildren();
                } else {
                    rows += table(table);
                }
            }
            return rows;
        }

        /** A few hundred rows at a time, so that neither the way to the database nor the size of all of them counts. */
        private int table(OfClient table) throws IOException {
            requireList(json);
            List<ObjectNode> some = new ArrayList<>();
            int fresh = 0;
            int letters = 0;
            while (json.nextToken() != JsonToken.END_ARRAY) {
                ObjectNode row = row(json);
                some.add(own(table, row));
                letters += row.toString().length();
                if (some.size() >= ROWS_AT_ONCE || letters >= LETTERS_AT_ONCE) {
                    fresh += keep(table, some);
                    some.clear();
                    letters = 0;
                }
            }
            return fresh + keep(table, some);
        }

        private int keep(OfClient table, List<ObjectNode> rows) {
            if (table.name().equals("training_session") || table.name().equals("screen")) {
                List<UUID> ids = rows.stream().map(row -> id(row.path("id"))).toList();
                refuseElsewhere(table.name(), ids, "client_id", owner());
            }
            return insert(table.name(), rows);
        }

        private UUID owner() {
            if (clientId == null) {
                throw broken("the client does not stand first.");
            }
            return clientId;
        }

        /** The row as it may stand in this room: it belongs to this client and refers to nothing outside the record. */
        private ObjectNode own(OfClient table, ObjectNode row) {
            if (table.name().equals("client")) {
                theClient(row);
            } else if (table.isOfSession()) {
                if (!sessions.contains(id(row.path("session_id")))) {
                    throw broken("a row of " + table.name() + " has no session.");
                }
            } else {
                row.put("client_id", owner().toString());
            }
            if (table.name().equals("training_session")) {
                sessions.add(id(row.path("id")));
            }
            if (row.has("room_id")) {
                row.put("room_id", roomId.toString());
            }
            if (row.hasNonNull("place_id") && !places.contains(id(row.path("place_id")))) {
                throw broken("a row of " + table.name() + " has no place.");
            }
            return row;
        }

        private void theClient(ObjectNode row) {
            if (clientId != null) {
                throw broken("it has two clients.");
            }
            clientId = id(row.path("id"));
            name = row.path("name").asText();
            refuseElsewhere("client", List.of(clientId), "room_id", roomId);
        }
    }

    private int insert(String table, List<ObjectNode> rows) {
        // Only columns that this version has; which they are is the database's to say.
        return rows.isEmpty()
                ? 0
                : database.update(
                        "insert into " + table + " select * from jsonb_populate_recordset(null::" + table
                                + ", ?::jsonb) on conflict do nothing",
                        rows.toString());
    }

    private void refuseElsewhere(String table, Collection<UUID> ids, String column, UUID owner) {
        String all = ids.stream().map(UUID::toString).collect(Collectors.joining(",", "{", "}"));
        Boolean elsewhere = database.queryForObject(
                "select exists (select from " + table + " where id = any(?::uuid[]) and " + column + " <> ?)",
                Boolean.class,
                all,
                owner);
        if (Boolean.TRUE.equals(elsewhere)) {
            throw Problem.refused("Something in this record is here already and belongs to somebody else.");
        }
    }

    private static void requireList(JsonParser json) throws IOException {
        if (json.currentToken() != JsonToken.START_ARRAY) {
            throw broken("'" + json.currentName() + "' is no list.");
        }
    }

    /** The object that begins here, refused while it is read once it is larger than any row can be. */
    private ObjectNode row(JsonParser json) throws IOException {
        if (json.currentToken() != JsonToken.START_OBJECT) {
            throw broken("a row is no object.");
        }
        StringWriter letters = new StringWriter();
        try (JsonGenerator copy = JSON.createGenerator(letters)) {
            int depth = 0;
            do {
                copy.copyCurrentEvent(json);
                depth += json.currentToken().isStructStart()
                        ? 1
                        : json.currentToken().isStructEnd() ? -1 : 0;
                if (letters.getBuffer().length() > LETTERS_OF_ROW) {
                    throw broken("a row is larger than any can be.");
                }
            } while (depth > 0 && json.nextToken() != null);
        }
        return (ObjectNode) mapper.readTree(letters.toString());
    }

    private static UUID id(JsonNode value) {
        try {
            return UUID.fromString(value.asText());
        } catch (IllegalArgumentException e) {
            throw broken(shortened(value) + " is no id.");
        }
    }

    private static String shortened(JsonNode value) {
        String text = value.toString();
        return text.length() > 40 ? text.substring(0, 40) + " …" : text.isEmpty() ? "nothing" : text;
    }
}
