package kinesia.core.response;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.reason.RuleFile;
import kinesia.core.screening.Outcome;
import kinesia.core.screening.ScreenQuestions;
import org.jspecify.annotations.Nullable;

/** The signs that a morning check asks after and whom to call at each, from the rule file {@code morning.yaml}. */
public final class MorningSigns {
    private static final String EMERGENCY = "Call your local emergency number now. Do not stay alone.";
    private static final String TODAY = "Call your doctor today. No training until they have looked at it.";

    private final List<Sign> signs;

    private MorningSigns(List<Sign> signs) {
        this.signs = List.copyOf(signs);
    }

    /**
     * One sign.
     *
     * @param id of the question of the screen that means it
     * @param words as a client says it
     * @param call whom to call
     * @param now whether that is the emergency number
     */
    public record Sign(String id, String words, String call, boolean now) {}

    /** Reads the text of the rule file; errors name the line, also where it names a question that the screen does not have. */
    public static MorningSigns parse(String file, String text, ScreenQuestions questions) {
        List<Sign> signs = new ArrayList<>();
        List<String> known =
                questions.flags().stream().map(ScreenQuestions.Flag::id).toList();
        for (RuleFile line :
                RuleFile.parse(file, text).onlyKeys("signs").at("signs").items()) {
            String id = line.onlyKeys("flag", "words").at("flag").oneOf("a flag of the screen", known);
            boolean now =
                    questions.flags().stream().anyMatch(f -> f.id().equals(id) && f.outcome() == Outcome.STOP_NOW);
            signs.add(new Sign(id, line.at("words").text(), now ? EMERGENCY : TODAY, now));
        }
        return new MorningSigns(signs);
    }

    /** The signs that were said: {@code several}, and {@code one} beside them where only one could be. */
    public static List<String> said(@Nullable String one, @Nullable List<String> several) {
        return Stream.concat(Stream.ofNullable(one), several == null ? Stream.empty() : several.stream())
                .distinct()
                .toList();
    }

    /** All of them, what cannot wait first. */
    public List<Sign> all() {
        return signs;
    }

    /** The one with that id. */
    public Optional<Sign> find(String id) {
        return signs.stream().filter(s -> s.id().equals(id)).findFirst();
    }
}
