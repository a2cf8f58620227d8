package kinesia.core.exercise;

import java.util.List;
import kinesia.core.reason.RuleFile;
import kinesia.core.reason.Tag;

/** What trainers disagree about, from the rule file {@code debates.yaml}, with what is done here and why. */
public final class Debates {
    private final List<Debate> all;

    /**
     * One question with what the schools hold and what is done here.
     *
     * @param about entries, movements or families that it is about
     */
    public record Debate(List<String> about, String question, String schools, String here, Tag tag) {
        public Debate {
            about = List.copyOf(about);
        }
    }

    private Debates(List<Debate> all) {
        this.all = all;
    }

    /** Reads the text of the rule file; errors name the line, also where it speaks of what {@code catalogue} does not have. */
    public static Debates parse(String file, String text, Catalogue catalogue) {
        return new Debates(RuleFile.parse(file, text).onlyKeys("debates").at("debates").items().stream()
                .map(d -> d.onlyKeys("about", "question", "schools", "here", "tag"))
                .map(d -> new Debate(
                        d.at("about").items().stream()
                                .map(a -> a.oneOf("an exercise, movement or family", catalogue.names()))
                                .toList(),
                        d.at("question").text(),
                        d.at("schools").text(),
                        d.at("here").text(),
                        d.at("tag").choice(Tag.class)))
                .toList());
    }

    /** The questions that somebody may ask about {@code exercise}. */
    public List<Debate> about(Exercise exercise) {
        return all.stream()
                .filter(d -> d.about().stream().anyMatch(exercise::isCalled))
                .toList();
    }
}
