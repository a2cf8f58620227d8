package kinesia.core.screening;

import java.util.List;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Tag;

/** What the screen asks, read from the rule file {@code screening.yaml}. */
public record ScreenQuestions(List<Flag> flags, List<Caution> cautions, List<SiteQuestions> sites) {

    /** When a flag is asked. */
    public enum Group {
        EMERGENCY,
        SAME_DAY,
        BEFORE_LOADING
    }

    /** One red flag. */
    public record Flag(
            String id,
            Group group,
            Outcome outcome,
            Scope scope,
            String ask,
            String means,
            String say,
            String whatToDo,
            Tag tag) {}

    /** One medical caution, medicine or ability asked at intake, with why it is asked. */
    public record Caution(
            String id, String ask, String why, String say, Tag tag, List<LimitRow> limits, List<String> notes) {}

    /** What can provoke a site, in the order of the table; the first is taken when none is named. */
    public record SiteQuestions(Site site, List<Provocation> provocations) {}

    /** One row of the table: what provokes the site and what limits that gives. */
    public record Provocation(String key, String words, String means, String say, List<LimitRow> limits) {}
}
