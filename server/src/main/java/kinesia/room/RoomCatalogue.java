package kinesia.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kinesia.core.arm.Sex;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Workbench;
import kinesia.core.reason.InvalidValue;
import kinesia.shared.StoredJson;
import org.springframework.stereotype.Component;

/** The exercises of a room: the catalogue's, and what the room keeps of its own. */
@Component
public class RoomCatalogue {
    /** Whom figures and loads are worked out for while no client is chosen. */
    public static final Body ANYBODY = new Body(Sex.FEMALE, 1.65, 68);

    private final Variations variations;
    private final ExerciseModel shipped;

    RoomCatalogue(Variations variations, ExerciseModel shipped) {
        this.variations = variations;
        this.shipped = shipped;
    }

    /**
     * A variation on one body; what is not there any more is known for what was done with it.
     *
     * @param there whether the room still keeps it and this body can be turned so far
     */
    public record Own(Variation variation, Exercise exercise, boolean there) {
        public String key() {
            return exercise.key();
        }
    }

    /**
     * The exercises on one body.
     *
     * @param model with the room's own, those that are not there any more too
     */
    public record Here(ExerciseModel model, List<Own> own) {
        public Here {
            own = List.copyOf(own);
        }

        public boolean isOwn(String key) {
            return own.stream().anyMatch(o -> o.key().equals(key));
        }

        /** Every exercise that can be chosen. */
        public List<Exercise> choices() {
            return model.catalogue().all().stream()
                    .filter(e -> own.stream().noneMatch(o -> o.key().equals(e.key()) && !o.there()))
                    .toList();
        }

        /** The room's own that can be chosen. */
        public List<Own> toChoose() {
            return own.stream().filter(Own::there).toList();
        }
    }

    public Here of(UUID roomId, Body body) {
        List<Own> own = new ArrayList<>();
        List<Variation> stored = StoredJson.readable(variations.findByRoomId(roomId), Variation::adjustment);
        stored.stream()
                .sorted(Comparator.comparing(Variation::name))
                .forEach(v -> on(v, body).ifPresent(own::add));
        return new Here(
                own.isEmpty()
                        ? shipped
                        : shipped.with(shipped.catalogue()
                                .with(own.stream().map(Own::exercise).toList())),
                own);
    }

    /** Which muscle each exercise works does not depend on the body. */
    public Here outline(UUID roomId) {
        return of(roomId, ANYBODY);
    }

    /** The exercise {@code key} on {@code body}; throws when the room has none. */
    public Exercise get(UUID roomId, Body body, String key) {
        return shipped.catalogue()
                .find(key)
                .orElseGet(() -> of(roomId, body).model().catalogue().get(key));
    }

    /** Empty when the entry is gone. On a body that cannot be turned so far the entry itself stands in. */
    private Optional<Own> on(Variation variation, Body body) {
        return shipped.catalogue().find(variation.exerciseKey()).map(entry -> {
            String key = variation.key();
            String name = variation.name();
            try {
                Exercise turned = new Workbench(entry, body, shipped.stimulusRules()).apply(variation.adjustment());
                return new Own(variation, turned.called(key, name), variation.isKept());
            } catch (InvalidValue e) {
                return new Own(variation, entry.called(key, name), false);
            }
        });
    }
}
