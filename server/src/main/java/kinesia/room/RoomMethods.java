package kinesia.room;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.plan.Method;
import kinesia.core.plan.Methods;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The ways of working of a room: the house's and its own. */
@Component
public class RoomMethods {
    private static final Logger LOG = LoggerFactory.getLogger(RoomMethods.class);

    private final Methods house;
    private final ExerciseModel model;
    private final JdbcTemplate database;

    RoomMethods(Methods house, ExerciseModel model, JdbcTemplate database) {
        this.house = house;
        this.model = model;
        this.database = database;
    }

    /** One that a room wrote, as it was written. */
    record Own(UUID id, String text, String changedBy) {}

    /** All of a room. One that the rules of today refuse is left out and takes no other with it. */
    public Methods of(UUID roomId) {
        return without(roomId, null);
    }

    /** The one called {@code key}. */
    public Optional<Method> find(UUID roomId, String key) {
        return house.find(key).or(() -> of(roomId).find(key));
    }

    List<Own> own(UUID roomId) {
        return database.query(
                "select id, text, changed_by from room_method where room_id = ? order by name, id",
                (row, n) -> new Own(row.getObject(1, UUID.class), row.getString(2), row.getString(3)),
                roomId);
    }

    /** What stands beside the own one {@code id}. */
    Methods without(UUID roomId, @Nullable UUID id) {
        Methods all = house;
        for (Own own : own(roomId)) {
            if (own.id().equals(id)) {
                continue;
            }
            try {
                all = with(all, own.text());
            } catch (IllegalArgumentException e) {
                LOG.warn("a method of a room is left out: {}", e.getMessage());
            }
        }
        return all;
    }

    /** {@code all} and the one that {@code text} writes; refuses what the rules refuse, with its line. */
    Methods with(Methods all, String text) {
        return all.with("line", text, model.catalogue());
    }

    /** The one that {@code text} alone writes. */
    Method read(String text) {
        List<Method> read = with(house, text).all();
        return read.get(read.size() - 1);
    }
}
