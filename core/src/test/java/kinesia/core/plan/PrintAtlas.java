package kinesia.core.plan;

import java.util.Locale;
import java.util.stream.Collectors;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;

/**
 * Prints for each of the sixty written people the first five exercises of each side of the arm, what each asks and is worth, for
 * reading. Run by {@code ops/print-atlas}.
 */
public final class PrintAtlas {
    private static final int FIRST = 5;

    private PrintAtlas() {}

    public static void main(String[] args) {
        for (FirstChoices.Written who : FirstChoices.people()) {
            System.out.printf(
                    Locale.ROOT,
                    "%n%s: %s %d, %.2f m, %.0f kg, %d visits%s%s, %s%s%n",
                    who.who(),
                    who.person().body().sex().name().toLowerCase(Locale.ROOT),
                    who.person().age(),
                    who.person().body().statureM(),
                    who.person().body().massKg(),
                    who.person().story().visits(),
                    who.person().story().trainedBefore() ? ", trained before" : "",
                    who.person().story().isFrail(who.person().age()) ? ", frail" : "",
                    who.sore().isEmpty()
                            ? "nothing sore"
                            : who.sore().stream()
                                    .map(s -> s.words() + " at " + s.usual().value())
                                    .collect(Collectors.joining(" and ")),
                    ", " + who.room() + (who.provokedBy() == null ? "" : ", " + who.provokedBy() + " provokes it"));
            for (Head.Group group : Head.Group.values()) {
                int place = 1;
                for (Atlas.Entry e : who.first(group, FIRST)) {
                    String stress = e.stress().entrySet().stream()
                            .filter(s ->
                                    s.getValue() >= 0.5 || who.sore().stream().anyMatch(p -> p.site() == s.getKey()))
                            .map(s -> short_(s.getKey()) + " " + String.format(Locale.ROOT, "%.1f", s.getValue()))
                            .collect(Collectors.joining(", "));
                    System.out.printf(
                            Locale.ROOT,
                            "  %s%d  %-52s %5.1f kg  worth %5.2f  %s%n",
                            place == 1 ? group.word().substring(0, 3) + " " : "    ",
                            place++,
                            e.exercise().name(),
                            e.loadKg(),
                            e.worth(),
                            stress);
                    System.out.println("         " + e.says() + " " + e.beforeNext());
                }
            }
        }
    }

    private static String short_(Site site) {
        return site.words()
                .replace(" of shoulder", " sh")
                .replace(" of elbow", " el")
                .replace(" shoulder", " sh");
    }
}
