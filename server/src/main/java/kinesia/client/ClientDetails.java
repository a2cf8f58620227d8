package kinesia.client;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.TrainingStory;
import kinesia.core.plan.Goal;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.screening.ScreenAnswers.CautionDetail;
import org.jspecify.annotations.Nullable;

/**
 * What the intake asks of a person. Sizes in SI whatever units the screen shows.
 *
 * @param story earlier training, as far as the start needs it
 * @param life what days, work and other training ask of the arms
 * @param cautions answer to each medical caution by its id; absent means not asked yet
 * @param cautionDetails what was said of a caution beyond yes, by its id
 * @param dislikes keys of exercises the client does not want
 * @param otherTraining rows, presses and the like done elsewhere; empty when there is none
 * @param elsewhere what of that trains which muscle, day by day
 * @param heavyDays days of the week that are heavy for the arms
 * @param days days of the week the client can come
 * @param events what is coming up, by date
 * @param otherPlaces further places the client trains at, besides {@code placeId}
 */
public record ClientDetails(
        @NotBlank(message = "is needed") @Size(max = 80, message = "at most 80 characters")
        String name,

        @NotNull(message = "is needed") LocalDate bornOn,
        @NotNull(message = "is needed") Sex sex,

        @DecimalMin(value = "1.20", message = "from 1.20 to 2.20 m")
        @DecimalMax(value = "2.20", message = "from 1.20 to 2.20 m")
        double statureM,

        @DecimalMin(value = "30", message = "from 30 to 250 kg")
        @DecimalMax(value = "250", message = "from 30 to 250 kg")
        double bodyMassKg,

        @NotNull(message = "is needed") Side hand,
        @NotNull(message = "is needed") Goal goal,

        @NotNull(message = "is needed") @Size(max = 400, message = "at most 400 characters")
        String life,

        @Valid @NotNull(message = "is needed") Story story,
        @NotNull(message = "is needed") Units units,

        @Min(value = 1, message = "from 1 to 3 visits a week") @Max(value = 3, message = "from 1 to 3 visits a week")
        int visitsPerWeek,

        @Min(value = 8, message = "from 8 to 120 minutes") @Max(value = 120, message = "from 8 to 120 minutes")
        int minutes,

        @NotNull(message = "is needed") UUID placeId,
        @NotNull(message = "is needed") Map<String, Boolean> cautions,
        @Nullable Map<String, CautionDetail> cautionDetails,
        @NotNull(message = "is needed") List<String> dislikes,

        @Nullable @Size(max = 400, message = "at most 400 characters")
        String otherTraining,

        @Nullable @Size(max = 14, message = "at most 14 lines")
        List<TrainingWeek.OtherTraining> elsewhere,

        @Nullable List<DayOfWeek> heavyDays,
        @Nullable List<DayOfWeek> days,

        @Nullable @Size(max = 12, message = "at most 12 events")
        List<@Valid ComingEvent> events,

        @Nullable @Size(max = 6, message = "at most 6 places")
        List<UUID> otherPlaces) {

    private static final int YOUNGEST = 18;
    private static final int OLDEST = 110;

    // What a body leaves out was not said.
    public ClientDetails {
        cautionDetails = cautionDetails == null ? Map.of() : Map.copyOf(cautionDetails);
        otherTraining = otherTraining == null ? "" : otherTraining;
        elsewhere = elsewhere == null ? List.of() : List.copyOf(elsewhere);
        heavyDays = heavyDays == null ? List.of() : List.copyOf(heavyDays);
        days = days == null ? List.of() : List.copyOf(days);
        events = events == null ? List.of() : List.copyOf(events);
        otherPlaces = otherPlaces == null ? List.of() : List.copyOf(otherPlaces);
    }

    /**
     * Earlier training, as far as the start needs it.
     *
     * @param visits strength sessions so far, here before Kinesia or elsewhere
     * @param trainedBefore six months of strength training at any time in the last five years
     * @param risesWithoutHands whether the client gets up from a chair without the hands; null when it was not asked
     */
    public record Story(
            @Min(value = 0, message = "from 0 to 10,000 visits")
            @Max(value = 10_000, message = "from 0 to 10,000 visits")
            int visits,

            boolean trainedBefore,
            @Nullable Boolean risesWithoutHands) {
        /** After {@code more} visits here; what was not asked counts as no reason for caution. */
        public TrainingStory after(int more) {
            return new TrainingStory(visits, trainedBefore, !Boolean.FALSE.equals(risesWithoutHands)).after(more);
        }
    }

    /** What is wrong with the age of somebody born that day; empty where nothing is. */
    public Optional<String> wrongAge(LocalDate today) {
        return bornOn.isAfter(today.minusYears(YOUNGEST)) || bornOn.isBefore(today.minusYears(OLDEST))
                ? Optional.of("makes an age outside " + YOUNGEST + " to " + OLDEST + " years")
                : Optional.empty();
    }

    /** What the client's weeks are like, as planning needs it. */
    public TrainingWeek week() {
        return new TrainingWeek(
                goal,
                visitsPerWeek,
                Set.copyOf(days),
                Set.copyOf(heavyDays),
                !elsewhere.isEmpty() || !otherTraining.isBlank(),
                elsewhere,
                events.stream().map(ComingEvent::on).toList());
    }

    /** Something coming up: a concert, a regatta, a journey. */
    public record ComingEvent(
            @NotBlank(message = "is needed") @Size(max = 80, message = "at most 80 characters")
            String name,

            @NotNull(message = "is needed") LocalDate on) {}

    /** How weights and lengths are shown. */
    public enum Units {
        KG_CM,
        LB_FT
    }
}
