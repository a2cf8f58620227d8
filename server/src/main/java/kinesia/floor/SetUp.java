package kinesia.floor;

import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * How things are set up for one client and exercise, in the trainer's words; what is null is not remembered.
 *
 * @param bench notch of the bench or seat
 * @param pulley height of the pulley or anchor
 * @param pin pin, wraps or which plates
 * @param footMark where the feet stand
 * @param depth how far this elbow or shoulder goes
 * @param sleeves sleeves, straps, gloves or a pad
 * @param cue the word that worked
 */
record SetUp(
        @Nullable @Size(max = 80, message = "at most 80 characters")
        String bench,

        @Nullable @Size(max = 80, message = "at most 80 characters")
        String pulley,

        @Nullable @Size(max = 80, message = "at most 80 characters")
        String pin,

        @Nullable @Size(max = 80, message = "at most 80 characters")
        String footMark,

        @Nullable @Size(max = 80, message = "at most 80 characters")
        String depth,

        @Nullable @Size(max = 80, message = "at most 80 characters")
        String sleeves,

        @Nullable @Size(max = 80, message = "at most 80 characters")
        String cue,

        @Nullable @Size(max = 300, message = "at most 300 characters")
        String note) {
    SetUp {
        bench = said(bench);
        pulley = said(pulley);
        pin = said(pin);
        footMark = said(footMark);
        depth = said(depth);
        sleeves = said(sleeves);
        cue = said(cue);
        note = said(note);
    }

    private static @Nullable String said(@Nullable String words) {
        return words == null || words.isBlank() ? null : words.strip();
    }
}
