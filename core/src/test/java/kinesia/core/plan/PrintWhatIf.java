package kinesia.core.plan;

import java.util.List;
import kinesia.core.RuleFiles;

/** Prints what would change the fourth visit of the invented people, for reading. Run by {@code ops/print-what-if}. */
public final class PrintWhatIf {
    private static final int VISIT = 4;

    private PrintWhatIf() {}

    public static void main(String[] args) {
        Planner planner = new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork());
        for (Course.Who who : PrintVisits.people()) {
            for (int minutes : PrintVisits.MINUTES) {
                String title = who.name() + ", " + minutes + " minutes";
                if (!List.of(args).stream().allMatch(title::contains)) {
                    continue;
                }
                Course.Visit visit = new Course(who, minutes).visits(VISIT).get(VISIT - 1);
                System.out.println("\n" + title);
                Plan plan = visit.result().plan();
                if (plan != null) {
                    plan.mainSlots().forEach(s -> System.out.println("    " + s.sets() + " x " + s.name()));
                }
                long start = System.nanoTime();
                new WhatIf(planner)
                        .of(visit.request(), plan)
                        .forEach(a -> System.out.println("  " + a.change() + ": " + a.then()));
                System.out.println("  (" + (System.nanoTime() - start) / 1_000_000 + " ms)");
            }
        }
    }
}
