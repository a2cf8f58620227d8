package kinesia.core.response;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.Site;
import kinesia.core.plan.ArmBudget;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * What is known of one sore place, told with its counts.
 *
 * @param reference the exercise whose repetitions its dose is told in, with its article
 * @param exercises what each asked of it, most first; only what was done while somebody said how it went
 * @param forecast how it will answer the next visit; null where nothing is planned
 * @param forecasts how those before were borne out
 * @param usualMoved whether it should be screened again, as its doors stand elsewhere than its screen
 * @param trial what to try to tell two exercises apart; null where there is nothing to tell
 */
public record LearnedPlace(
        Site site,
        Side side,
        Tolerance tolerance,
        Reason tolerated,
        String reference,
        List<AskedOfIt> exercises,
        @Nullable Forecast forecast,
        ForecastRecord forecasts,
        boolean usualMoved,
        @Nullable Reason trial) {
    public LearnedPlace {
        exercises = List.copyOf(exercises);
    }

    /** What one exercise asked of the place: its counts, and the sentence that tells them. */
    public record AskedOfIt(String name, LearnedStress.Evidence counts, Reason reason) {}

    /**
     * Of each of {@code sore}, from {@code records}, oldest first.
     *
     * @param next the plan that is to be done; null where there is none
     */
    public static List<LearnedPlace> of(
            Catalogue catalogue,
            List<SoreSite> sore,
            List<SessionRecord> records,
            RoomEvidence pooled,
            @Nullable Plan next) {
        List<LearnedPlace> places = new ArrayList<>();
        for (SoreSite site : sore) {
            Learning.AtPlace at = Learning.at(site, records, pooled);
            List<AskedOfIt> asked = at.stress().evidence().stream()
                    .filter(e -> e.house() > 0 && e.answered() + e.said() > 0)
                    .map(e -> new AskedOfIt(
                            catalogue.nameOf(e.exerciseKey()),
                            e,
                            Learning.says(site.place(), e, catalogue.nameOf(e.exerciseKey()))))
                    .toList();
            OneVariableTrial trial = at.trial();
            places.add(new LearnedPlace(
                    site.site(),
                    site.side(),
                    at.tolerance(),
                    Learning.says(site.place(), at.tolerance()),
                    ArmBudget.reference(site.site()),
                    asked,
                    next == null ? null : Forecast.of(site, at, records, next),
                    ForecastRecord.of(Forecast.checked(site, records, pooled)),
                    at.usualMoved(),
                    trial == null
                            ? null
                            : trial.says(
                                    site.place(), catalogue.nameOf(trial.rests()), catalogue.nameOf(trial.stays()))));
        }
        return places;
    }
}
