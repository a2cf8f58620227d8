package kinesia.core.screening;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenQuestions.CheckKind;
import kinesia.core.screening.ScreenQuestions.Provocation;
import kinesia.core.screening.ScreenQuestions.SiteFlag;
import kinesia.core.screening.ScreenQuestions.UntilQuiet;
import org.jspecify.annotations.Nullable;

/** What each sore place says: whether it is referred, how easily it flares, and what provokes it. */
final class PlaceRules {
    // Staged-approach pain bands [pub]; the hours beside them are a house rule.
    static final int HIGH_IRRITABILITY_PAIN = 7;
    static final int LOW_IRRITABILITY_PAIN = 3;
    static final double HIGH_IRRITABILITY_HOURS = 24;
    static final double LOW_IRRITABILITY_HOURS = 1;
    private static final int REFERRAL_PAIN = 7;
    private static final int LOW_EFFORT_CAP = 7;
    private static final int MODERATE_EFFORT_CAP = 6;
    private static final int MODERATE_SETS = 2;
    private static final int MODERATE_FEWEST_REPS = 12;
    private static final int MODERATE_MOST_REPS = 15;
    private static final int LONGEST_HOLD_S = 6;
    // A loaded arm stays this far inside a sore arc, and inside the shorter side's range [house].
    static final double MARGIN_DEG = 10;

    private static final String SEE_FIRST = "Ask a licensed clinician to look at it before this place is loaded.";

    private final ScreenQuestions questions;
    private final Work work;

    PlaceRules(ScreenQuestions questions, Work work) {
        this.questions = questions;
        this.work = work;
    }

    void apply() {
        List<SiteRecord> sites = work.answers().soreSites();
        if (sites == null) {
            work.ask("Is any place on the arms sore?");
            return;
        }
        for (SiteRecord site : sites) {
            // Flags and provocations hold as soon as they are said; only irritability needs every number.
            flags(site);
            if (complete(site)) {
                irritability(site);
            }
            provocations(site);
        }
    }

    /** Asks what is missing; whether nothing was. */
    private boolean complete(SiteRecord site) {
        boolean stiff =
                site.morningStiffness() != null && site.morningStiffness().value() > 0;
        List<String> open = Stream.of(
                        unless(site.usualPain(), "usual pain"),
                        unless(site.painAtRest(), "pain at rest"),
                        unless(site.painInLightUse(), "pain in light use"),
                        unless(site.worstThisWeek(), "worst this week"),
                        unless(site.morningPain(), "pain this morning"),
                        unless(site.morningStiffness(), "stiffness this morning"),
                        stiff ? unless(site.stiffMinutes(), "how long the stiffness lasts") : Stream.<String>empty(),
                        unless(site.settlesHours(), "hours to settle"))
                .flatMap(question -> question)
                .toList();
        open.forEach(question -> work.ask(site.where() + ": " + question));
        return open.isEmpty();
    }

    private static Stream<String> unless(@Nullable Object answer, String question) {
        return answer == null ? Stream.of(question) : Stream.empty();
    }

    private void flags(SiteRecord site) {
        for (SiteFlag flag : questions.siteFlags()) {
            Boolean answer = site.flags().get(flag.id());
            if (answer == null) {
                work.ask(site.where() + ": " + flag.ask());
            } else if (answer) {
                Optional<Clearance> cleared = work.clearance(flag.clearedBy(), site.side(), site.site());
                if (cleared.isPresent()) {
                    work.noteCleared(cleared.get(), site.where() + ": " + flag.ask());
                } else {
                    refer(
                            site,
                            SEE_FIRST,
                            Reason.of(
                                            flag.id(),
                                            flag.tag(),
                                            "present",
                                            "At the " + site.where() + ", " + flag.means() + ".",
                                            "Before we load this, someone should look at it.")
                                    .with("answer", "yes"));
                }
            }
        }
    }

    private void refer(SiteRecord site, String whatToDo, Reason reason) {
        refer(work, site, whatToDo, reason);
    }

    /** Refers one place and takes the load off it until then. */
    static void refer(Work work, SiteRecord site, String whatToDo, Reason reason) {
        work.found(new Finding(Outcome.REFER_BEFORE_LOADING, Scope.SITE, site.side(), site.site(), whatToDo, reason));
        work.limit(List.of(LimitRow.of(Limit.Kind.NO_LOADING)), site.side(), site.site(), reason);
    }

    private void irritability(SiteRecord site) {
        int rest = Objects.requireNonNull(site.painAtRest()).value();
        int lightUse = Objects.requireNonNull(site.painInLightUse()).value();
        if (rest >= REFERRAL_PAIN || lightUse >= REFERRAL_PAIN) {
            strongPain(site, rest, lightUse);
        }
        Reason reason = reason(site);
        SiteRecord.Irritability irritability = site.irritability();
        if (irritability == SiteRecord.Irritability.LOW) {
            limit(site, reason, LimitRow.of(Limit.Kind.LARGEST_EFFORT, LOW_EFFORT_CAP));
            return;
        }
        limit(
                site,
                reason,
                LimitRow.of(Limit.Kind.SETS_PER_EXERCISE, MODERATE_SETS),
                LimitRow.of(Limit.Kind.LARGEST_EFFORT, MODERATE_EFFORT_CAP),
                LimitRow.of(Limit.Kind.FEWEST_REPS, MODERATE_FEWEST_REPS),
                LimitRow.of(Limit.Kind.MOST_REPS, MODERATE_MOST_REPS));
        if (irritability == SiteRecord.Irritability.HIGH) {
            high(site, reason);
        }
    }

    private void strongPain(SiteRecord site, int rest, int lightUse) {
        boolean atRest = rest >= REFERRAL_PAIN;
        String when = atRest ? "at rest" : "in light use";
        Reason reason = Reason.of(
                        "SITE-strong-pain",
                        Tag.HOUSE,
                        "7 or more at rest or in light use",
                        "Pain of " + (atRest ? rest : lightUse) + " " + when + " at the " + site.where()
                                + " is 7 or more.",
                        "This hurts too much in easy use to load it before someone has looked at it.")
                .with("pain at rest", rest)
                .with("pain in light use", lightUse);
        if (atRest) {
            refer(site, SEE_FIRST, reason);
        } else {
            work.found(
                    new Finding(Outcome.REFER_BEFORE_LOADING, Scope.SITE, site.side(), site.site(), SEE_FIRST, reason));
        }
    }

    /** High irritability is referred; pain-free static efforts may go on meanwhile. */
    private void high(SiteRecord site, Reason reason) {
        work.found(new Finding(Outcome.REFER_BEFORE_LOADING, Scope.SITE, site.side(), site.site(), SEE_FIRST, reason));
        limit(site, reason, LimitRow.of(Limit.Kind.HOLDS_ONLY), LimitRow.of(Limit.Kind.LONGEST_HOLD, LONGEST_HOLD_S));
        questions.checks().stream()
                .filter(c -> c.kind() == CheckKind.EFFORT && c.sites().contains(site.site()))
                .flatMap(c -> work.answers().check(c.key(), site.side()).stream())
                .filter(r -> r.pain() != null && r.pain().value() > 0)
                .findFirst()
                .ifPresent(r -> limit(
                        site,
                        Reason.of(
                                        "HOLDS-painful",
                                        Tag.HOUSE,
                                        "only pain-free static efforts go on",
                                        "At the " + site.where() + " the held effort \""
                                                + questions.check(r.check()).name() + "\" hurt "
                                                + Objects.requireNonNull(r.pain())
                                                        .value()
                                                + ": no static efforts either.",
                                        "Even holding still hurts, so this place rests.")
                                .with(
                                        "pain in the held effort",
                                        Objects.requireNonNull(r.pain()).value()),
                        LimitRow.of(Limit.Kind.NO_LOADING)));
    }

    private static Reason reason(SiteRecord site) {
        String word = site.irritability().name().toLowerCase(Locale.ROOT);
        double hours = Objects.requireNonNull(site.settlesHours());
        return Reason.of(
                        "IRRITABILITY-" + word,
                        Tag.PUB,
                        "high from pain 7 or over 24 h, low up to pain 3 and 1 h",
                        "Worst " + site.worst() + " this week and " + Numbers.plain(hours) + " h to settle make the "
                                + site.where() + " " + word + " in irritability.",
                        "How strongly it reacts and how long it lingers tell us how carefully to load it.")
                .with("worst this week", site.worst())
                .with("hours to settle", hours);
    }

    private void limit(SiteRecord site, Reason reason, LimitRow... rows) {
        work.limit(List.of(rows), site.side(), site.site(), reason);
    }

    private void provocations(SiteRecord site) {
        for (Provoked provoked : provoked(questions, work.answers(), site)) {
            Provocation row = provoked.row();
            List<LimitRow> rows = new ArrayList<>();
            Reason reason = Reason.of(
                            id(site, row),
                            Tag.HOUSE,
                            "provoked by " + row.words(),
                            "The " + site.where() + " is provoked by " + row.words() + ": " + row.means() + ".",
                            row.say())
                    .with("side", site.side().word())
                    .with("provoked by", provoked.how());
            for (LimitRow limit : row.limits()) {
                Optional<CheckResult> arc =
                        limit.arc() == null ? Optional.empty() : work.answers().check(limit.arc(), site.side());
                Double from = arc.map(CheckResult::arcFromDeg).orElse(null);
                if (from != null) {
                    reason = reason.with("sore arc from", from);
                    rows.add(limit.inside(from, arc.get().arcToDeg(), MARGIN_DEG));
                } else {
                    rows.add(limit);
                }
            }
            work.limit(rows, site.side(), site.site(), reason);
            row.notes().forEach(work::note);
            if (row.untilQuiet() != null) {
                untilQuiet(site, row, row.untilQuiet());
            }
        }
    }

    private void untilQuiet(SiteRecord site, Provocation row, UntilQuiet until) {
        Optional<CheckResult> done = work.answers().check(until.check(), site.side());
        if (done.isPresent() && done.get().isQuiet()) {
            work.note(until.note());
            return;
        }
        String name = questions.check(until.check()).name();
        work.limit(
                until.limits(),
                site.side(),
                site.site(),
                Reason.of(
                                id(site, row) + "-until-tested",
                                Tag.HOUSE,
                                "the check hurts 2 or less",
                                "The check \"" + name + "\" at the "
                                        + site.side().word() + " shoulder "
                                        + (done.isPresent() ? "was not quiet" : "was not done")
                                        + ", so what depends on it stays out.",
                                "We test that movement first.")
                        .with("check", name));
    }

    private static String id(SiteRecord site, Provocation row) {
        return "SITE-" + site.site().name().toLowerCase(Locale.ROOT).replace('_', '-') + "-" + row.key();
    }

    /** A row of the table that holds, and how it is known. */
    record Provoked(Provocation row, String how) {}

    /** The rows that hold for {@code site}: those said, those a check showed, and without either the first. */
    static List<Provoked> provoked(ScreenQuestions questions, ScreenAnswers answers, SiteRecord site) {
        List<Provocation> table = rows(questions, site);
        List<Provoked> provoked = new ArrayList<>();
        for (Provocation row : table) {
            if (site.provokedBy().contains(row.key())) {
                provoked.add(new Provoked(row, row.words()));
                continue;
            }
            row.shownBy().stream()
                    .flatMap(key -> answers.check(key, site.side()).stream())
                    .filter(CheckResult::hurts)
                    .findFirst()
                    .ifPresent(r -> provoked.add(new Provoked(
                            row,
                            "shown by the check \"" + questions.check(r.check()).name() + "\"")));
        }
        return provoked.isEmpty() ? List.of(new Provoked(table.get(0), "not said, first row taken")) : provoked;
    }

    static List<Provocation> rows(ScreenQuestions questions, SiteRecord site) {
        return questions.sites().stream()
                .filter(s -> s.site() == site.site())
                .findFirst()
                .orElseThrow()
                .provocations();
    }
}
