package kinesia.core.screening;

import java.util.List;
import kinesia.core.arm.Pose;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Numbers;
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

    /**
     * A question that decides nothing itself, only whether the flags behind it are asked.
     *
     * @param version of the rules that first asked it
     */
    public record Gate(String id, Group group, String ask, int version) {}

    /**
     * One red flag.
     *
     * @param what the sign in a few words, for saying that it was cleared; null where nothing clears it
     * @param when the gate or flag that has to be yes before this one is asked; null when it is always asked
     * @param clearedBy the clearance that answers the referral; null when only a new screen does
     * @param version of the rules that first asked it
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
            Clearance.@Nullable Purpose clearedBy,
            @Nullable String what,
            int version) {}

    /**
     * A question asked of each sore place; yes refers that place.
     *
     * @param what the sign in a few words, for saying that it was cleared
     * @param wholeJoint whether every place of the joint rests then
     * @param version of the rules that first asked it
     */
    public record SiteFlag(
            String id,
            String ask,
            String means,
            Tag tag,
            Clearance.@Nullable Purpose clearedBy,
            @Nullable String what,
            boolean wholeJoint,
            int version) {}

    /**
     * One medical caution, medicine or ability asked at intake.
     *
     * @param because why it is asked, for the client
     * @param limitsAtSorePlaces limits that hold at each sore place only
     * @param sided whether it is asked on which arm; its limits are then of that arm
     * @param which whether it is asked what exactly; null when not, else the question
     * @param weeksAfterDose weeks after the last dose for which it holds whatever was cleared; 0 where no dose is asked
     * @param meansDisease what a yes means for the question of a known disease; null when nothing
     * @param version of the rules that first asked it
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
            Clearance.@Nullable Purpose clearedBy,
            @Nullable String what,
            boolean sided,
            @Nullable String which,
            int weeksAfterDose,
            @Nullable Means meansDisease,
            int version) {}

    /** What a medicine or a device means beside the answer "no known disease". */
    public enum Means {
        /** There is one, so the answer is looked at again. */
        DISEASE("that means a known disease of heart, metabolism or kidneys. Which is it?"),
        /** There is one, unless it is for the blood pressure alone. */
        DISEASE_OR_PRESSURE("is it for the blood pressure alone, or for a known disease?");

        private final String question;

        Means(String question) {
            this.question = question;
        }

        /** What is asked where no disease is said to be known. */
        String question() {
            return question;
        }
    }

    /** Asked before restriction cuffs, of those whom a clinician cleared for them; any yes rules them out on both arms. */
    public record CuffQuestion(String id, String ask) {}

    /** What can provoke a site, in the order of the table; the first is taken when none is named. */
    public record SiteQuestions(Site site, List<Provocation> provocations) {}

    /**
     * One row of the table: what provokes the site and what limits that gives.
     *
     * @param shownBy checks that count as this provocation when they hurt
     * @param untilQuiet what stays out until a check was quiet; null for none
     * @param covers movements of any place that this row speaks for here
     * @param anyPlace whether it is a movement that may bring on pain anywhere, and says nothing of this place itself
     */
    public record Provocation(
            String key,
            String words,
            String means,
            String say,
            List<String> shownBy,
            List<LimitRow> limits,
            @Nullable UntilQuiet untilQuiet,
            List<String> notes,
            List<String> covers,
            boolean anyPlace) {
        /** Whether {@code key} names it, by its own key or by a movement that it speaks for. */
        boolean isSaid(String key) {
            return this.key.equals(key) || covers.contains(key);
        }

        /** What it means with the number that stands in the table. */
        String usuallyMeans() {
            return meansWith(limits.isEmpty() ? null : limits.get(0).value());
        }

        /** What it means with the number of its first limit as it holds for somebody. */
        String meansWith(@Nullable Double first) {
            return first == null ? means : means.replace("{1}", Numbers.plain(first));
        }
    }

    /**
     * Limits that stay until {@code check} was done and was quiet.
     *
     * @param note what is welcome once it was
     * @param opens what a quiet check would open, for saying why it is worth doing
     * @param leavesOut what the limits leave out, as in "drag curls stay out"
     */
    public record UntilQuiet(String check, List<LimitRow> limits, String note, String opens, String leavesOut) {}

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
     * @param allows for a held effort, the movements whose holds go on when it was pain-free; empty for none
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
            List<String> allows,
            Pose start,
            Pose end) {}

    /**
     * The limit that a much shorter side gives; degrees kinds take their value from the shorter side.
     *
     * @param means what that leads to in words, for the degrees kinds up to the number
     */
    public record ShortSide(
            Limit.Kind kind,
            @Nullable String target,
            @Nullable Grip grip,
            String means) {}

    /** The check called {@code key}; there always is one, as the rule file is checked on reading. */
    Check check(String key) {
        return checks.stream().filter(c -> c.key().equals(key)).findFirst().orElseThrow();
    }
}
