package kinesia.screening;

import java.util.List;
import kinesia.core.plan.SoreSite;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.LimitsInForce;
import org.jspecify.annotations.Nullable;

/**
 * Where a client stands on a day.
 *
 * @param screen the latest screen; null before the first
 * @param assessment what it says with the clearances that hold on that day; null before the first screen
 * @param inForce its limits as people changed them since
 */
public record Standing(@Nullable Screen screen, @Nullable Assessment assessment, LimitsInForce inForce) {
    /** Of somebody who was never screened. */
    public static final Standing UNSCREENED = new Standing(null, null, new LimitsInForce(List.of(), List.of()));

    /** The sore places of the screen with their usual pain. */
    public List<SoreSite> soreSites() {
        return screen == null ? List.of() : screen.soreSites();
    }

    /** A screen just as it was taken, without anything recorded since. */
    public static Standing of(@Nullable Screen screen) {
        return screen == null
                ? UNSCREENED
                : new Standing(
                        screen,
                        screen.assessment(),
                        new LimitsInForce(screen.assessment().limits(), List.of()));
    }
}
