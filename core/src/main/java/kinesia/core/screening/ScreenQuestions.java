package kinesia.core.screening;

import java.util.List;
import kinesia.core.arm.Pose;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** What the screen asks, read from the rule file {@code screening.yaml}. */
public record ScreenQuestions(
        List<Gate> gates,
        List<Flag> flags,
        List<SiteFlag> siteFlags,
        List<Caution> cautions,
        List<CuffQuestion> cuffQuestions,
        List<SiteQuestions> sites,
        List<Check> checks) {

    /** When a flag is asked. */
    public enum Group {
        EMERGENCY,
        SAME_DAY,
        BEFORE_LOADING
    }

    /** A question that decides nothing itself, only whether the flags behind it are asked. */
    public record Gate(String id, Group group, String ask) {}

    /**
     * One red flag.
     *
     * @param when the gate or flag that has to be yes before this one is asked; null when it is always asked
     * @param clearedBy the clearance that answers the referral; null when only a new screen does
     */
    public record Flag(
            String id,
            Group group,
            Outcome outcome,
            Scope scope,
            String ask,
            String means,
            String say,
            String whatToDo,
            Tag tag,
            @Nullable String when,
            Clearance.@Nullable Purpose clearedBy) {}

    /** A question asked of each sore place; yes refers that place. */
    public record SiteFlag(String id, String ask, String means, Tag tag, Clearance.@Nullable Purpose clearedBy) {}

    /**
     * One medical caution, medicine or ability asked at intake.
     *
     * @param because why it is asked, for the client
     * @param limitsAtSorePlaces limits that hold at each sore place only
     */
    public record Caution(
            String id,
            String ask,
            String because,
            String why,
            String say,
            Tag tag,
            List<LimitRow> limits,
            List<LimitRow> limitsAtSorePlaces,
            List<String> notes,
            Clearance.@Nullable Purpose clearedBy) {}

    /** Asked before restriction cuffs, of those whom a clinician cleared for them. */
    public record CuffQuestion(String id, String ask) {}

    /** What can provoke a site, in the order of the table; the first is taken when none is named. */
    public record SiteQuestions(Site site, List<Provocation> provocations) {}

    /**
     * One row of the table: what provokes the site and what limits that gives.
     *
     * @param shownBy checks that count as this provocation when they hurt
     * @param untilQuiet what stays out until a check was quiet; null for none
     */
    public record Provocation(
            String key,
            String words,
            String means,
            String say,
            List<String> shownBy,
            List<LimitRow> limits,
            @Nullable UntilQuiet untilQuiet,
            List<String> notes) {}

    /** Limits that stay until {@code check} was done and was quiet; then {@code note} says what is welcome. */
    public record UntilQuiet(String check, List<LimitRow> limits, String note) {}

    /** What a check yields. */
    public enum CheckKind {
        RANGE,
        EFFORT,
        GRIP,
        TASK
    }

    /**
     * A movement check that a trainer may do.
     *
     * @param least smallest value that makes sense, degrees or kilograms; 0 where nothing is measured
     * @param most largest
     * @param norm a guide, degrees; null where there is none
     * @param normSource where the norm is from, quoted from memory; empty without one
     * @param lessIsMore whether a smaller value is the larger range
     * @param sites the places it is about
     * @param shortSide the limit when one side is much shorter; null for none
     */
    public record Check(
            String key,
            CheckKind kind,
            String name,
            String how,
            double least,
            double most,
            @Nullable Double norm,
            String normSource,
            boolean lessIsMore,
            List<Site> sites,
            @Nullable ShortSide shortSide,
            Pose start,
            Pose end) {}

    /** The limit that a much shorter side gives; degrees kinds take their value from the shorter side. */
    public record ShortSide(
            Limit.Kind kind,
            @Nullable String target,
            @Nullable Grip grip) {}

    /** The check called {@code key}; there always is one, as the rule file is checked on reading. */
    Check check(String key) {
        return checks.stream().filter(c -> c.key().equals(key)).findFirst().orElseThrow();
    }
}
