package kinesia.core.plan;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import kinesia.core.plan.Plan.Slot;

/** Prints what becomes of each change of the invented clients' visits when it is halved or overruled, and what that stands against. */
public final class PrintRulings {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);

    private PrintRulings() {}

    public static void main(String[] args) {
        for (RuledVisits.Ruled r : RuledVisits.all()) {
            OUT.printf(
                    "%s, visit %d: %s %s %s -> %s | %s: %s%s%n",
                    r.who(),
                    r.visit(),
                    r.change().exerciseName(),
                    r.change().kind(),
                    r.change().from(),
                    r.change().to(),
                    r.said(),
                    r.ruled().mainSlots().stream()
                            .filter(s -> r.next().mainSlots().stream().noneMatch(s::equals))
                            .map(PrintRulings::words)
                            .collect(Collectors.joining("; ")),
                    r.ruled().notes().stream()
                            .filter(n -> !r.next().notes().contains(n))
                            .map(n -> " [" + n.exact() + "]")
                            .collect(Collectors.joining()));
        }
    }

    private static String words(Slot s) {
        return s.name() + " " + s.sets() + " x " + s.reps().low() + "-"
                + s.reps().high() + " " + s.loadWords() + " e"
                + s.targetEffort().value();
    }
}
