package kinesia.demo;

import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.client.ClientDetails;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Goal;
import kinesia.core.screening.CheckResult;
import kinesia.core.screening.CheckResult.Ability;
import org.jspecify.annotations.Nullable;

/**
 * One invented client and how their arms behave.
 *
 * @param strength what they can do against the model's usual effort, 0.5 to 1.5
 * @param gainPerWeek how that grows
 * @param usual usual pain at each screen, first to last
 * @param says what mornings and sets said beside the usual
 * @param firstDaysAgo when it began
 * @param lastDaysAgo the last session
 * @param lastMorning whether the last morning was answered
 * @param refer flag said at a last screen the day before yesterday; null when there was none
 */
record DemoClient(
        String name,
        int age,
        Sex sex,
        double statureM,
        double bodyMassKg,
        Side hand,
        Goal goal,
        ClientDetails.Units units,
        String life,
        boolean newToTraining,
        int minutes,
        Set<String> cautions,
        boolean active,
        double strength,
        double gainPerWeek,
        @Nullable Sore sore,
        List<Integer> usual,
        Says says,
        int firstDaysAgo,
        int lastDaysAgo,
        boolean lastMorning,
        @Nullable String refer) {

    /**
     * What was said beside the usual, by session counted from the end, 0 the last.
     *
     * @param flares whose morning was 3 or more above usual
     * @param sames whose morning was 2 above usual
     * @param hurtsInTheHardest whether what asks most of the place hurts in its sets, and on most mornings after
     * @param fresh a place that hurt on the last morning and that no screen knows; null for none
     * @param against the word with which the trainer kept a load as it was; null where nothing was overruled
     */
    record Says(
            Set<Integer> flares,
            Set<Integer> sames,
            boolean hurtsInTheHardest,
            @Nullable Sore fresh,
            @Nullable String against) {
        static final Says NOTHING = flaring();

        static Says flaring(Integer... sessions) {
            return new Says(Set.of(sessions), Set.of(), false, null, null);
        }

        static Says keeping(String against) {
            return new Says(Set.of(), Set.of(), false, null, against);
        }

        static Says samely(Integer... sessions) {
            return new Says(Set.of(), Set.of(sessions), false, null, null);
        }
    }

    /** The sore place. */
    record Sore(Site site, Side side, List<String> provokedBy) {}

    /** Those of the scenario, one for each kind of story. All invented. */
    static List<DemoClient> all() {
        return List.of(
                new DemoClient(
                        "Maren Oldvik",
                        67,
                        Sex.FEMALE,
                        1.64,
                        66,
                        Side.RIGHT,
                        Goal.FUNCTION,
                        ClientDetails.Units.KG_CM,
                        "Bell-ringer; two practices and a Sunday peal every week",
                        false,
                        35,
                        Set.of(),
                        true,
                        1.05,
                        0.010,
                        new Sore(Site.BACK_OF_ELBOW, Side.RIGHT, List.of("deep-bending")),
                        List.of(4, 3, 2, 2),
                        Says.flaring(19),
                        88,
                        1,
                        false,
                        null),
                new DemoClient(
                        "Tobias Fenn",
                        58,
                        Sex.MALE,
                        1.79,
                        81,
                        Side.LEFT,
                        Goal.KEEP,
                        ClientDetails.Units.KG_CM,
                        "Violin maker; carves and planes most days",
                        false,
                        40,
                        Set.of(),
                        true,
                        1.7,
                        0.008,
                        new Sore(Site.OUTER_ELBOW, Side.LEFT, List.of("gripping")),
                        List.of(2, 2, 3, 3),
                        Says.flaring(0),
                        86,
                        2,
                        true,
                        null),
                new DemoClient(
                        "Edda Strandby",
                        74,
                        Sex.FEMALE,
                        1.60,
                        59,
                        Side.RIGHT,
                        Goal.FUNCTION,
                        ClientDetails.Units.KG_CM,
                        "Choir conductor; arms up through two rehearsals a week",
                        false,
                        30,
                        Set.of("CAUTION-no-floor", "CAUTION-bone-thinning"),
                        true,
                        0.8,
                        0.006,
                        new Sore(Site.FRONT_OF_SHOULDER, Side.RIGHT, List.of("arm-behind", "pressing-overhead")),
                        List.of(3, 3, 3, 3),
                        Says.flaring(15),
                        87,
                        5,
                        true,
                        "FLAG-both-shoulders-stiff"),
                new DemoClient(
                        "Jorun Haldvig",
                        61,
                        Sex.MALE,
                        1.83,
                        92,
                        Side.RIGHT,
                        Goal.STRENGTH,
                        ClientDetails.Units.LB_FT,
                        "Retired ferry engineer; rows a skiff on Saturdays",
                        false,
                        45,
                        Set.of(),
                        true,
                        2.1,
                        0.014,
                        null,
                        List.of(),
                        Says.keeping("A bad night; the old weight is enough"),
                        88,
                        3,
                        true,
                        null),
                new DemoClient(
                        "Pia Ravnsund",
                        52,
                        Sex.FEMALE,
                        1.68,
                        72,
                        Side.RIGHT,
                        Goal.FUNCTION,
                        ClientDetails.Units.KG_CM,
                        "Map engraver; pushes a wheelchair all day",
                        true,
                        30,
                        Set.of("CAUTION-wheelchair"),
                        false,
                        1.1,
                        0.01,
                        new Sore(Site.INNER_ELBOW, Side.RIGHT, List.of("gripping-palm-up")),
                        List.of(2),
                        Says.NOTHING,
                        6,
                        3,
                        true,
                        null),
                new DemoClient(
                        "Sunniva Akre",
                        79,
                        Sex.FEMALE,
                        1.57,
                        55,
                        Side.RIGHT,
                        Goal.RETURN,
                        ClientDetails.Units.LB_FT,
                        "Lighthouse volunteer; 132 steps and a heavy door",
                        false,
                        30,
                        Set.of("CAUTION-no-floor", "CAUTION-heart-medicine"),
                        true,
                        0.7,
                        0.006,
                        new Sore(Site.CROOK_OF_ELBOW, Side.LEFT, List.of("lifting-palm-up")),
                        List.of(2, 2, 1),
                        Says.NOTHING,
                        89,
                        29,
                        true,
                        null),
                new DemoClient(
                        "Halvard Lunde",
                        63,
                        Sex.MALE,
                        1.77,
                        84,
                        Side.RIGHT,
                        Goal.FUNCTION,
                        ClientDetails.Units.KG_CM,
                        "Net mender; hauls and knots most mornings",
                        false,
                        40,
                        Set.of(),
                        true,
                        1.3,
                        0.008,
                        new Sore(Site.BACK_OF_ELBOW, Side.RIGHT, List.of("deep-bending")),
                        List.of(2, 2, 2, 2),
                        new Says(Set.of(), Set.of(), true, null, null),
                        60,
                        2,
                        true,
                        null),
                new DemoClient(
                        "Ingrid Vestmar",
                        70,
                        Sex.FEMALE,
                        1.65,
                        64,
                        Side.RIGHT,
                        Goal.FUNCTION,
                        ClientDetails.Units.KG_CM,
                        "Pottery teacher; wedges clay three days a week",
                        false,
                        35,
                        Set.of(),
                        true,
                        0.9,
                        0.007,
                        new Sore(Site.BACK_OF_ELBOW, Side.LEFT, List.of("deep-bending")),
                        List.of(2, 2, 2),
                        Says.samely(0, 2),
                        58,
                        2,
                        true,
                        null),
                new DemoClient(
                        "Rolf Askevik",
                        66,
                        Sex.MALE,
                        1.81,
                        79,
                        Side.LEFT,
                        Goal.FUNCTION,
                        ClientDetails.Units.KG_CM,
                        "Postal cyclist; carries the island’s parcels",
                        false,
                        40,
                        Set.of(),
                        true,
                        1.4,
                        0.008,
                        new Sore(Site.OUTER_ELBOW, Side.RIGHT, List.of("gripping")),
                        List.of(3, 3, 3),
                        Says.flaring(0, 2),
                        50,
                        1,
                        true,
                        null),
                new DemoClient(
                        "Birte Solhaug",
                        57,
                        Sex.FEMALE,
                        1.7,
                        73,
                        Side.RIGHT,
                        Goal.FUNCTION,
                        ClientDetails.Units.KG_CM,
                        "Night baker; lifts trays until four",
                        false,
                        35,
                        Set.of(),
                        true,
                        1.1,
                        0.009,
                        new Sore(Site.BACK_OF_ELBOW, Side.RIGHT, List.of("deep-bending")),
                        List.of(2, 2),
                        new Says(Set.of(), Set.of(), false, new Sore(Site.WRIST, Side.LEFT, List.of()), null),
                        40,
                        3,
                        true,
                        null));
    }

    boolean takesHeartMedicine() {
        return cautions.contains("CAUTION-heart-medicine");
    }

    /** Movement checks of the {@code n}th screen: Maren's elbow opens up from screen to screen. */
    List<CheckResult> checks(int n) {
        return sore == null || sore.site() != Site.BACK_OF_ELBOW
                ? List.of()
                : List.of(
                        new CheckResult("elbow-bend", sore.side(), 112.0 + 7 * n, null, null, null, null),
                        new CheckResult("elbow-bend", sore.side().other(), 142.0, null, null, null, null),
                        new CheckResult("chair-push-up", sore.side(), null, null, null, null, Ability.CAN));
    }

    /** The answer to every caution, given those that hold. */
    Map<String, Boolean> cautionAnswers(List<String> ids) {
        return ids.stream().collect(java.util.stream.Collectors.toMap(id -> id, cautions::contains));
    }
}
