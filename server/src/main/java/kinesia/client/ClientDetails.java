package kinesia.client;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;

/**
 * What the intake asks of a person. Sizes in SI whatever units the screen shows.
 *
 * @param life what days, work and other training ask of the arms
 * @param cautions answer to each medical caution by its id; absent means not asked yet
 * @param dislikes keys of exercises the client does not want
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

        boolean newToTraining,
        @NotNull(message = "is needed") Units units,

        @Min(value = 1, message = "from 1 to 3 visits a week") @Max(value = 3, message = "from 1 to 3 visits a week")
        int visitsPerWeek,

        @Min(value = 8, message = "from 8 to 120 minutes") @Max(value = 120, message = "from 8 to 120 minutes")
        int minutes,

        @NotNull(message = "is needed") UUID placeId,
        @NotNull(message = "is needed") Map<String, Boolean> cautions,
        @NotNull(message = "is needed") List<String> dislikes) {

    /** What the client wants. */
    public enum Goal {
        FUNCTION,
        ARM_SIZE,
        STRENGTH,
        KEEP,
        RETURN,
        LOOK
    }

    /** How weights and lengths are shown. */
    public enum Units {
        KG_CM,
        LB_FT
    }
}
