package kinesia.screening;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.dose.PulseAim;
import kinesia.core.plan.SoreSite;
import kinesia.core.response.TrainingHold;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Limit;
import kinesia.core.screening.LimitsInForce;
import kinesia.core.screening.ScreenAnswers.PastStop;
import org.jspecify.annotations.Nullable;

/**
 * Where a client stands on a day.
 *
 * @param screen the latest screen; null before the first
 * @param assessment what it says with the clearances that hold on that day; null before the first screen
 * @param inForce its limits as people changed them since
 * @param readingDue whether the pressure is to be read before the visit of that day
 */
public record Standing(
        @Nullable Screen screen, @Nullable Assessment assessment, LimitsInForce inForce, boolean readingDue) {
    /** Of somebody who was never screened. */
    public static final Standing UNSCREENED = new Standing(null, null, new LimitsInForce(List.of(), List.of()), false);

    /** The sore places of the screen with their usual pain. */
    public List<SoreSite> soreSites() {
        return screen == null ? List.of() : screen.soreSites();
    }

    /** Whether a clinician limits how much the client drinks, so that nobody here says anything of it. */
    public boolean hasLimitOnDrinking() {
        return screen != null && screen.answers().limitsDrinking();
    }

    /** What the pulse of somebody of {@code age} should be after a round; empty unscreened, and where a medicine slows the heart. */
    public Optional<PulseAim> pulseAim(int age) {
        return screen == null
                ? Optional.empty()
                : PulseAim.of(
                        age,
                        screen.answers().restingPulse().orElse(null),
                        screen.answers().slowsTheHeart());
    }

    /**
     * Why the client may not train; null when nothing holds.
     *
     * @param stop what ended the last session; null when nothing did
     */
    public @Nullable TrainingHold hold(@Nullable PastStop stop) {
        LocalDate screenedOn = screen == null ? null : screen.takenOn();
        return TrainingHold.of(new TrainingHold.Known(stop, screenedOn, assessment, readingDue))
                .orElse(null);
    }

    /** When something is to be looked at again: a limit, or the end of a clearance that the screen rests on. */
    public Optional<LocalDate> lookAgainOn() {
        LocalDate cleared = assessment == null ? null : assessment.clearedUntil();
        return Stream.concat(inForce.limits().stream().map(Limit::lookAgainOn), Stream.ofNullable(cleared))
                .min(Comparator.naturalOrder());
    }

    /** A screen just as it was taken, without anything recorded since. */
    public static Standing of(@Nullable Screen screen) {
        return screen == null
                ? UNSCREENED
                : new Standing(
                        screen,
                        screen.assessment(),
                        new LimitsInForce(screen.assessment().limits(), List.of()),
                        false);
    }
}
