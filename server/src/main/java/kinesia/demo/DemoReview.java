package kinesia.demo;

import java.util.List;
import java.util.Map;
import kinesia.core.response.Outcomes.Activity;
import kinesia.core.response.Outcomes.OfArms;

/** What a demo client's reviews measured, before the first block and after it: one got better, one is not beyond error. All invented. */
record DemoReview(
        List<Activity> activities, int pushes, String rung, OfArms curls, OfArms girth, OfArms grip, String decision) {
    private static final Map<String, List<DemoReview>> ALL = Map.of(
            "Maren Oldvik",
            List.of(
                    new DemoReview(
                            bells(4, 5, 4),
                            6,
                            "table",
                            new OfArms(13.0, null),
                            new OfArms(27.0, 27.5),
                            new OfArms(22.0, 17.0),
                            "Six weeks with the arms at the sides, the right elbow first."),
                    new DemoReview(
                            bells(8, 7, 6),
                            10,
                            "table",
                            new OfArms(15.0, null),
                            new OfArms(27.5, 27.5),
                            new OfArms(24.0, 21.0),
                            "Go on, one more set for the back of the arm once the bells are rung by hand again.")),
            "Tobias Fenn",
            List.of(
                    new DemoReview(
                            violins(7, 6, 7),
                            14,
                            "table",
                            new OfArms(null, 18.0),
                            new OfArms(31.0, 30.5),
                            new OfArms(34.0, 40.0),
                            "Six weeks of keeping what there is; no palm-down lifts on the left."),
                    new DemoReview(
                            violins(8, 6, 8),
                            16,
                            "table",
                            new OfArms(null, 19.0),
                            new OfArms(31.0, 31.0),
                            new OfArms(35.0, 41.0),
                            "Same exercises; wrist-cuffed curls first, and look again in six weeks.")));

    private static List<Activity> bells(int bell, int kettle, int cans) {
        return List.of(
                new Activity("pulling the big bell", bell),
                new Activity("lifting the kettle down", kettle),
                new Activity("carrying two water cans", cans));
    }

    private static List<Activity> violins(int scroll, int back, int bow) {
        return List.of(
                new Activity("carving a scroll", scroll),
                new Activity("planing a back", back),
                new Activity("bowing for half an hour", bow));
    }

    /** Before and after; empty where no review was taken. */
    static List<DemoReview> of(String client) {
        return ALL.getOrDefault(client, List.of());
    }
}
