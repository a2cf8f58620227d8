package kinesia.core.screening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** What the letters that hold ask for: how hard at most, and their conditions in their own words. */
final class ClearanceRules {
    private ClearanceRules() {}

    static void apply(Work work) {
        for (Clearance letter : inForce(work)) {
            letter.effortCap()
                    .ifPresent(cap -> work.limit(
                            List.of(LimitRow.of(Limit.Kind.LARGEST_EFFORT, cap)),
                            letter.side(),
                            letter.site(),
                            strength(letter, cap)));
            if (!letter.conditions().isBlank()) {
                work.limit(List.of(LimitRow.of(Limit.Kind.IN_WORDS)), letter.side(), letter.site(), conditions(letter));
            }
        }
    }

    /** The latest of the letters that answer one question, oldest question first. */
    private static List<Clearance> inForce(Work work) {
        List<Clearance> latest = new ArrayList<>();
        work.answers().clearances().stream()
                .filter(c -> c.holdsOn(work.today()))
                .sorted(Comparator.comparing(Clearance::givenOn))
                .forEach(letter -> {
                    latest.removeIf(letter::isAbout);
                    latest.add(letter);
                });
        return latest;
    }

    private static Reason strength(Clearance letter, double cap) {
        String says = letter.strength() == null
                ? "names an effort of " + Numbers.plain(cap) + " at most"
                : "allows " + letter.strength().word() + " work";
        return Reason.of(
                        "CLEARANCE-strength",
                        Tag.HOUSE,
                        "light effort 5, moderate 6, or the number the letter names",
                        "The letter of " + letter.givenBy() + " of " + letter.givenOn() + " " + says
                                + ": effort stays at " + Numbers.plain(cap) + ".",
                        "Your clinician asked us to keep it at that.")
                .with("given by", letter.givenBy())
                .with("given on", letter.givenOn());
    }

    private static Reason conditions(Clearance letter) {
        String words = letter.conditions().strip().replaceAll("[.]$", "");
        return Reason.of(
                        "CLEARANCE-condition",
                        Tag.HOUSE,
                        "as the letter says",
                        letter.givenBy() + ", " + letter.givenOn() + ": " + words + ".",
                        "Your clinician asked for this: " + words + ".")
                .with("given by", letter.givenBy())
                .with("given on", letter.givenOn());
    }
}
