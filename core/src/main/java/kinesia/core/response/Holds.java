package kinesia.core.response;

import java.time.LocalDate;
import kinesia.core.dose.Load;
import kinesia.core.dose.Progression;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** What keeps a load as it is, each with its own sentence. */
final class Holds {
    private Holds() {}

    /** Care work is never made harder. */
    static Decided care(Load load) {
        return new Decided(
                load,
                Reason.of(
                                "CARE-light",
                                Tag.HOUSE,
                                "effort to 4",
                                "Care work stays light: " + load.label() + ", as last time.",
                                "This one stays easy.")
                        .with("load", load.label()));
    }

    /** A place that it loads eased {@code on} that day. */
    static Decided eased(Load load, LocalDate on, SiteSignal signal) {
        return new Decided(
                load,
                Reason.of(
                                "EASE-hold",
                                Tag.HOUSE,
                                "no progress for two sessions after an ease",
                                "The " + signal.place().words() + ", which it loads, eased on " + on + ": "
                                        + load.label() + " stays for two sessions; sets come back before load.",
                                "We hold the weight until the sore place is calm.")
                        .with("load", load.label())
                        .with("eased on", on)
                        .with("signal", signal.reason().ruleId()));
    }

    /** A place that it loads has not answered yet. */
    static Decided waiting(Load load, SiteSignal signal) {
        return bySignal("WAITING-hold", "no progress before the morning or the door has answered", load, signal);
    }

    /** A place that it loads was the same as it always is under load. */
    static Decided same(Load load, SiteSignal signal) {
        return bySignal("SAME-hold", "same: load stays", load, signal);
    }

    private static Decided bySignal(String id, String threshold, Load load, SiteSignal signal) {
        return new Decided(
                load,
                Reason.of(
                                id,
                                Tag.HOUSE,
                                threshold,
                                load.first() + " stays. " + signal.reason().exact(),
                                signal.reason().plain())
                        .with("load", load.label())
                        .with("signal", signal.reason().ruleId()));
    }

    /** It hurt in it of late. */
    static Decided hurt(Load load) {
        return new Decided(
                load,
                Reason.of(
                                "PROGRESS-hurt",
                                Tag.HOUSE,
                                "4 or 5 in a set holds it until two clean sessions",
                                load.first() + " stays: it hurt 4 or more in one of the last two sessions.",
                                "It has to be quiet twice before we add anything.")
                        .with("load", load.label()));
    }

    /** A step is not yet earned by {@code rule}. */
    static Decided notYet(Progression.Rule rule, Done last) {
        Load load = last.load();
        return new Decided(
                load,
                (rule == Progression.Rule.TWO_FOR_TWO ? notYetTwoForTwo(last) : notYetTwice(last))
                        .with("load", load.label())
                        .with("last repetitions", last.repetitions())
                        .with("last efforts", last.efforts()));
    }

    private static Reason notYetTwice(Done last) {
        Slot slot = last.slot();
        String aim = slot.setReps().isEmpty() ? slot.reps().high() + " repetitions" : "their aims";
        return notYet(
                Tag.HOUSE,
                "two sessions running, all sets at the top of the range at or under the target effort, both go",
                last.load().first()
                        + (last.lastSet().effort() == null
                                ? " stays: nobody said how hard the last set was."
                                : " stays: not yet two sessions running with all sets at " + aim
                                        + " and effort at or under "
                                        + Numbers.plain(slot.targetEffort().value()) + "."));
    }

    private static Reason notYetTwoForTwo(Done last) {
        int aim = last.slot().reps().high();
        return notYet(
                Tag.PUB,
                "2-for-2: two repetitions over the aim in the last set, in two sessions running, both go",
                last.load().first() + " stays: not yet two sessions running with "
                        + (aim + Progression.OVER_IN_LAST_SET)
                        + " repetitions or more in the last set, two over the " + aim + " aimed at.");
    }

    private static Reason notYet(Tag tag, String threshold, String exact) {
        return Reason.of("PROGRESS-not-yet", tag, threshold, exact, "Same weight; let the repetitions come up first.");
    }
}
