package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kinesia.core.exercise.Site;
import kinesia.core.plan.PlanRequest.StressBudget;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * One budget for the whole arm: what each sore place may take at a visit, after everything else that loads it this week has
 * drawn on it. Dose is repetitions times stress relative to the site's reference.
 */
public final class ArmBudget {
    // What a place takes in a week before its own tolerance is known, by its usual pain [house]: about ten sets of
    // twelve at
    // the reference's stress where it is quiet.
    private static final double QUIET_WEEK = 160;
    private static final double MODERATE_WEEK = 110;
    private static final double HIGH_WEEK = 60;
    private static final int MODERATE_FROM = 4;
    private static final int HIGH_FROM = 7;
    // A heavy day of work or hobby draws a tenth of the week, other training for the arms a seventh [house].
    private static final double HEAVY_DAY_SHARE = 0.10;
    private static final double OTHER_TRAINING_SHARE = 0.15;
    // One visit may take somewhat more than its even share [house].
    private static final double MOST_OF_A_SHARE = 1.25;

    // While signals let a visit be planned at all it may take half of its share: sets are cut by signals, not here
    // [house].
    private static final double LEAST_OF_A_SHARE = 0.5;

    private ArmBudget() {}

    /** Dose that a place had in the last seven days. */
    @FunctionalInterface
    public interface Done {
        double at(SoreSite site);
    }

    /**
     * Budgets for one visit.
     *
     * @param done at each place in the last seven days
     * @param learned what the places take, where that is known
     */
    public static List<StressBudget> of(List<SoreSite> sore, TrainingWeek trains, Done done, Learned learned) {
        List<StressBudget> budgets = new ArrayList<>();
        for (SoreSite site : sore) {
            Optional<Learned.Week> own = learned.week(site.place());
            double week = own.map(Learned.Week::dose).orElseGet(() -> weekly(site));
            double other = week
                    * (HEAVY_DAY_SHARE * trains.heavyDays().size() + (trains.alsoTrains() ? OTHER_TRAINING_SHARE : 0));
            double had = done.at(site);
            double left = Math.max(0, week - other - had);
            double share = Math.max(0, week - other) / trains.visits();
            double most = Math.max(share * LEAST_OF_A_SHARE, Math.min(left, share * MOST_OF_A_SHARE));
            budgets.add(new StressBudget(
                    site.site(), site.side(), most, reason(site, own.orElse(null), week, other, had, most)));
        }
        return budgets;
    }

    /** What the place of {@code other} takes at its usual pain, as a share of what it takes at that of {@code now}. */
    static double ratio(SoreSite other, SoreSite now) {
        return weekly(other) / weekly(now);
    }

    /** What a place with the usual pain of {@code site} takes in a week before its own tolerance is known. */
    public static double weekly(SoreSite site) {
        int usual = site.usual().value();
        return usual >= HIGH_FROM ? HIGH_WEEK : usual >= MODERATE_FROM ? MODERATE_WEEK : QUIET_WEEK;
    }

    /** The exercise whose repetitions are the unit of a place's dose, with its article. */
    public static String reference(Site site) {
        return switch (site) {
            case BACK_OF_ELBOW -> "a rope press-down";
            case TOP_JOINT_OF_SHOULDER -> "a close bench press";
            default -> "a dumbbell curl";
        };
    }

    private static Reason reason(
            SoreSite site, Learned.@Nullable Week own, double week, double other, double had, double most) {
        return Reason.of(
                        own == null ? "BUDGET-site" : "BUDGET-learned",
                        Tag.HOUSE,
                        Numbers.plain(week, 0)
                                + (own == null
                                        ? " a week at this usual pain, before its own tolerance is known"
                                        : " a week, as its own mornings say"),
                        (own == null ? "" : own.reason().exact() + " ")
                                + "The " + site.words() + " may take in a week what " + Numbers.plain(week, 0)
                                + " repetitions of "
                                + reference(site.site()) + " ask of it; heavy days and other training take "
                                + Numbers.plain(other, 0) + " of them, the last seven days took "
                                + Numbers.plain(had, 0) + ": " + Numbers.plain(most, 0) + " are for this visit.",
                        "We keep an eye on how much the sore place gets in a week, whatever it comes from.")
                .with("week", Numbers.plain(week, 0))
                .with("heavy days and other training", Numbers.plain(other, 0))
                .with("last seven days", Numbers.plain(had, 0));
    }
}
