package kinesia.core.plan;

import kinesia.core.exercise.Site;

/** Prints the visit before a flare of each place and the two after it, with what stands against the rest. */
final class PrintFlares {
    private PrintFlares() {}

    public static void main(String[] args) {
        for (Site site : Site.values()) {
            EaseOutranksTest.Flare flare = EaseOutranksTest.flare(site);
            System.out.println(
                    "== " + site.words() + " flares in " + flare.worst().name());
            print("before", flare.first(), site);
            print("after", flare.after(), site);
            print("second", flare.second(), site);
        }
    }

    private static void print(String which, PlanResult result, Site site) {
        Plan plan = result.plan();
        if (plan == null) {
            result.refusals().forEach(r -> System.out.println("  " + which + ": refused, " + r.exact()));
            return;
        }
        System.out.printf("  %s: %d min%n", which, plan.minutes().total());
        plan.units()
                .forEach(u -> u.slots()
                        .forEach(s -> System.out.printf(
                                "     %s %s%s, %s, %s, %d x %d-%d at %.1f, stress %.2f%n",
                                u.letter(),
                                u.care() ? "care " : "",
                                s.name(),
                                SlotWords.arms(s),
                                s.loadWords(),
                                s.sets(),
                                s.reps().low(),
                                s.reps().high(),
                                s.targetEffort().value(),
                                s.stress().getOrDefault(site, 0.0))));
        plan.whyNot().stream()
                .filter(w -> w.reasons().stream().anyMatch(r -> r.ruleId().equals("EASE-swap")))
                .forEach(w -> System.out.println("     out: " + w.name()));
    }
}
