package kinesia.exercise;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Workbench;
import kinesia.room.RoomCatalogue;
import kinesia.room.Variation;
import kinesia.room.Variations;
import kinesia.shared.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Keeping what was made on the workbench as the room's own. */
@RestController
class VariationController {
    private final Variations variations;
    private final ExerciseModel model;
    private final RoomCalendar calendar;

    VariationController(Variations variations, ExerciseModel model, RoomCalendar calendar) {
        this.variations = variations;
        this.model = model;
        this.calendar = calendar;
    }

    record SaveVariation(
            @NotBlank(message = "is needed") @Size(max = 80, message = "at most 80 characters")
            String name,

            @NotNull(message = "is needed") String exerciseKey,
            @NotNull(message = "is needed") Adjustment adjustment) {}

    /** A kept variation; {@code key} is how the atlas knows it. */
    record VariationView(UUID id, String key, String name, String exerciseKey, Adjustment adjustment) {}

    /** Keeps a variation under an id made by the page; the same id again changes it. */
    @PutMapping("/api/variations/{id}")
    @Transactional
    VariationView keep(@PathVariable UUID id, @RequestBody SaveVariation body, @AuthenticationPrincipal SignedIn who) {
        Exercise entry = model.catalogue()
                .find(body.exerciseKey())
                .orElseThrow(() -> Problem.invalid(
                        List.of(new Problem.Field("exerciseKey", "is not an exercise of the catalogue"))));
        // What cannot be done is refused before it is kept.
        new Workbench(entry, RoomCatalogue.ANYBODY, model.stimulusRules()).apply(body.adjustment());
        boolean taken = variations.findByRoomId(who.roomId()).stream()
                .anyMatch(v -> v.isKept()
                        && !v.id().equals(id)
                        && v.name().equalsIgnoreCase(body.name().strip()));
        if (taken) {
            throw Problem.invalid(List.of(new Problem.Field("name", "is already the name of another variation")));
        }
        Variation kept = variations.findById(id).orElse(null);
        if (kept == null) {
            kept = new Variation(
                    id,
                    who.roomId(),
                    entry.key(),
                    body.name(),
                    body.adjustment(),
                    who.name(),
                    calendar.today(who.roomId()));
        } else {
            require(kept, who);
            if (!kept.exerciseKey().equals(entry.key())) {
                throw Problem.invalid(List.of(new Problem.Field("exerciseKey", "is not the one this was made from")));
            }
            kept.change(body.name(), body.adjustment(), who.name(), calendar.today(who.roomId()));
        }
        Variation saved = variations.save(kept);
        return new VariationView(saved.id(), saved.key(), saved.name(), saved.exerciseKey(), saved.adjustment());
    }

    /** It is offered no more; what was planned and done with it stays. */
    @DeleteMapping("/api/variations/{id}")
    @Transactional
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        variations
                .findById(id)
                .filter(v -> v.roomId().equals(who.roomId()))
                .ifPresent(v -> v.drop(calendar.today(who.roomId())));
    }

    private static void require(Variation variation, SignedIn who) {
        if (!variation.roomId().equals(who.roomId())) {
            throw Problem.notFound();
        }
    }
}
