package kinesia.core.screening;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenQuestions.Check;
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

    /** Asks what is missing, and again what does not agree; whether every number is there. */
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
        Stream.concat(open.stream(), agrees(site)).forEach(question -> work.ask(site.where() + ": " + question));
        return open.isEmpty();
    }

    private static Stream<String> unless(@Nullable Object answer, String question) {
        return answer == null ? Stream.of(question) : Stream.empty();
    }

    /** What is asked again because two numbers do not agree. */
    private static Stream<String> agrees(SiteRecord site) {
        if (site.isUnderTheMorning()) {
            return Stream.of("worst this week again, as this morning was worse");
        }
        return site.isBetterThanUsual() && !Boolean.TRUE.equals(site.betterWeek())
                ? Stream.of("worst this week once more, as it is under the usual: was it a better week?")
                : Stream.empty();
    }

    private void flags(SiteRecord site) {
        for (SiteFlag flag : questions.siteFlags()) {
            Boolean answer = site.flags().get(flag.id());
            if (answer == null) {
                work.ask(site.where() + ": " + flag.ask(), flag.version());
            } else if (answer) {
                Reason reason = Reason.of(
                                flag.id(),
                                flag.tag(),
                                "present",
                                "At the " + site.where() + ", " + flag.means() + ".",
                                "Before we load this, someone should look at it.")
                        .with("answer", "yes");
                if (refer(site, flag.clearedBy(), String.valueOf(flag.what()), reason)) {
                    rest(site, flag.wholeJoint(), reason);
                }
            }
        }
    }

    /** Refers one place unless a clearance that knew of it answers that; whether it was referred. */
    private boolean refer(SiteRecord site, Clearance.@Nullable Purpose clearedBy, String about, Reason reason) {
        Optional<Clearance> cleared = work.clearance(clearedBy, site.side(), site.site(), work.known(site.since()));
        if (cleared.isPresent()) {
            work.noteCleared(cleared.get(), "The " + site.where() + ", " + about);
            return false;
        }
        work.found(new Finding(Outcome.REFER_BEFORE_LOADING, Scope.SITE, site.side(), site.site(), SEE_FIRST, reason));
        return true;
    }

    /** Takes the load off one place, or off every place of its joint. */
    private void rest(SiteRecord site, boolean wholeJoint, Reason reason) {
        for (Site place : Site.values()) {
            if (place == site.site()
                    || (wholeJoint && place.joint() == site.site().joint())) {
                work.limit(List.of(LimitRow.of(Limit.Kind.NO_LOADING)), site.side(), place, reason);
            }
        }
    }

    private void irritability(SiteRecord site) {
        int rest = Objects.requireNonNull(site.painAtRest()).value();
        int lightUse = Objects.requireNonNull(site.painInLightUse()).value();
        if (rest >= REFERRAL_PAIN || lightUse >= REFERRAL_PAIN) {
            strongPain(site, rest, lightUse);
        }
        SiteRecord.Irritability irritability = site.irritability();
        if (irritability == SiteRecord.Irritability.LOW) {
            limit(
                    site,
                    reason(site, "calms down quickly", "effort to " + LOW_EFFORT_CAP + " in what loads it"),
                    LimitRow.of(Limit.Kind.LARGEST_EFFORT, LOW_EFFORT_CAP));
            return;
        }
        String carefully = MODERATE_SETS + " sets an exercise of " + MODERATE_FEWEST_REPS + " to " + MODERATE_MOST_REPS
                + " repetitions in what loads it, with effort to " + MODERATE_EFFORT_CAP;
        boolean high = irritability == SiteRecord.Irritability.HIGH;
        limit(
                site,
                reason(site, high ? "flares easily" : "reacts moderately", carefully),
                LimitRow.of(Limit.Kind.SETS_PER_EXERCISE, MODERATE_SETS),
                LimitRow.of(Limit.Kind.LARGEST_EFFORT, MODERATE_EFFORT_CAP),
                LimitRow.of(Limit.Kind.FEWEST_REPS, MODERATE_FEWEST_REPS),
                LimitRow.of(Limit.Kind.MOST_REPS, MODERATE_MOST_REPS));
        Reason flares = reason(site, "flares easily", "it is looked at before it is loaded");
        if (high && refer(site, Clearance.Purpose.PLACE, "how easily it flares", flares)) {
            onlyHoldsThatWereQuiet(site, rest, flares);
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
        if (refer(site, Clearance.Purpose.PLACE, "pain of 7 or more " + when, reason) && atRest) {
            rest(site, false, reason);
        }
    }

    /**
     * A place that flares easily and was referred: held efforts that were tried and were pain-free go on meanwhile, one that
     * was not tried does not, and none goes on where it hurts 7 or more at rest.
     */
    private void onlyHoldsThatWereQuiet(SiteRecord site, int painAtRest, Reason reason) {
        if (painAtRest >= REFERRAL_PAIN) {
            return;
        }
        List<Check> efforts = questions.checks().stream()
                .filter(c -> c.kind() == CheckKind.EFFORT && c.sites().contains(site.site()))
                .toList();
        List<CheckResult> tried = efforts.stream()
                .flatMap(c -> work.answers().check(c.key(), site.side()).stream())
                .filter(r -> r.pain() != null)
                .toList();
        Optional<CheckResult> painful =
                tried.stream().filter(CheckResult::hurtAtAll).findFirst();
        if (tried.isEmpty()) {
            noHolds(
                    site,
                    "HOLDS-not-tried",
                    "At the " + site.where()
                            + " none of the held efforts that could go on was tried, so none is known to be"
                            + " pain-free.",
                    "Until we have tried holding still, this place rests.",
                    "held efforts tried",
                    tried.size());
        } else if (painful.isPresent() && tried.stream().allMatch(CheckResult::hurtAtAll)) {
            noHolds(
                    site,
                    "HOLDS-painful",
                    hurt(site, painful.get()) + ": no static efforts either.",
                    "Even holding still hurts, so this place rests.",
                    "pain in the held effort",
                    Objects.requireNonNull(painful.get().pain()).value());
        } else {
            limit(
                    site,
                    reason,
                    LimitRow.of(Limit.Kind.HOLDS_ONLY),
                    LimitRow.of(Limit.Kind.LONGEST_HOLD, LONGEST_HOLD_S));
            questions.checks().stream()
                    .flatMap(c -> c.allows().stream())
                    .distinct()
                    .forEach(movement -> closedHold(site, movement, efforts, tried));
        }
    }

    /** Leaves out the holds of {@code movement} unless a held effort at this place opens them and none that does hurt. */
    private void closedHold(SiteRecord site, String movement, List<Check> efforts, List<CheckResult> tried) {
        List<Check> opening =
                efforts.stream().filter(c -> c.allows().contains(movement)).toList();
        List<CheckResult> done = tried.stream()
                .filter(r -> questions.check(r.check()).allows().contains(movement))
                .toList();
        Optional<CheckResult> painful =
                done.stream().filter(CheckResult::hurtAtAll).findFirst();
        if (!done.isEmpty() && painful.isEmpty()) {
            return;
        }
        // A movement that no held effort at this place is about is tried by the one it is made for.
        Check check = opening.isEmpty()
                ? questions.checks().stream()
                        .filter(c -> c.allows().contains(movement))
                        .findFirst()
                        .orElseThrow()
                : opening.get(0);
        Reason because = painful.map(result -> Reason.of(
                                "HOLDS-painful",
                                Tag.HOUSE,
                                "only held efforts that were tried and pain-free go on",
                                hurt(site, result) + ", so its holds stay out.",
                                "We leave out the hold that hurt.")
                        .with(
                                "pain in the held effort",
                                Objects.requireNonNull(result.pain()).value()))
                .orElseGet(() -> Reason.of(
                        "HOLDS-not-tried",
                        Tag.HOUSE,
                        "only held efforts that were tried and pain-free go on",
                        "The held effort \"" + check.name() + "\" was not tried on the "
                                + site.side().word() + " arm, so its holds stay out while the " + site.where()
                                + " flares.",
                        "We only hold what we have tried."));
        limit(site, because, LimitRow.of(Limit.Kind.NO_EXERCISE, movement));
    }

    private String hurt(SiteRecord site, CheckResult result) {
        return "At the " + site.where() + " the held effort \""
                + questions.check(result.check()).name() + "\" hurt "
                + Objects.requireNonNull(result.pain()).value();
    }

    private void noHolds(SiteRecord site, String id, String exact, String plain, String input, int value) {
        limit(
                site,
                Reason.of(id, Tag.HOUSE, "only held efforts that were tried and pain-free go on", exact, plain)
                        .with(input, value),
                LimitRow.of(Limit.Kind.NO_LOADING));
    }

    private static Reason reason(SiteRecord site, String how, String so) {
        String word = site.irritability().name().toLowerCase(Locale.ROOT);
        double hours = Objects.requireNonNull(site.settlesHours());
        return Reason.of(
                        "IRRITABILITY-" + word,
                        Tag.PUB,
                        "high from pain 7 or over 24 h, low up to pain 3 and 1 h",
                        "The " + site.where() + " " + how + " (" + worst(site) + ", " + Numbers.plain(hours)
                                + " h to settle): " + so + ".",
                        "How strongly it reacts and how long it lingers tell us how carefully to load it.")
                .with("worst this week", site.worst())
                .with("hours to settle", hours);
    }

    /** The pain that decides, and whether it is this week's or the usual one. */
    private static String worst(SiteRecord site) {
        return site.isBetterThanUsual()
                        && site.worst()
                                > Objects.requireNonNull(site.worstThisWeek()).value()
                ? "usual " + site.worst() + ", in a better week"
                : "worst " + site.worst() + " this week";
    }

    private void limit(SiteRecord site, Reason reason, LimitRow... rows) {
        work.limit(List.of(rows), site.side(), site.site(), reason);
    }

    private void provocations(SiteRecord site) {
        List<Provoked> all = provoked(questions, work.answers(), site);
        for (Provoked provoked : all) {
            Provocation row = provoked.row();
            List<LimitRow> rows =
                    row.limits().stream().map(limit -> inArc(limit, site)).toList();
            Double first = rows.isEmpty() ? null : rows.get(0).value();
            Reason reason = Reason.of(
                            id(site, row),
                            Tag.HOUSE,
                            "provoked by " + row.words(),
                            "The " + site.where() + " is provoked by " + row.words() + ": " + row.meansWith(first) + "."
                                    + arcs(row, rows, site),
                            row.say())
                    .with("side", site.side().word())
                    .with("provoked by", provoked.how());
            work.limit(rows, site.side(), site.site(), reason);
            row.notes().forEach(work::note);
            if (row.untilQuiet() != null) {
                untilQuiet(site, row, row.untilQuiet(), all);
            }
        }
    }

    private LimitRow inArc(LimitRow limit, SiteRecord site) {
        CheckResult measured = limit.arc() == null
                ? null
                : work.answers().check(limit.arc(), site.side()).orElse(null);
        return measured == null || measured.arcFromDeg() == null
                ? limit
                : limit.inside(measured.arcFromDeg(), measured.arcToDeg(), MARGIN_DEG);
    }

    /** Where the sore arc that was measured moved a line, a sentence that says so. */
    private String arcs(Provocation row, List<LimitRow> rows, SiteRecord site) {
        for (int i = 0; i < rows.size(); i++) {
            LimitRow table = row.limits().get(i);
            if (table.arc() != null
                    && !Objects.equals(table.value(), rows.get(i).value())) {
                CheckResult arc = work.answers().check(table.arc(), site.side()).orElseThrow();
                boolean fromBelow = table.kind() == Limit.Kind.SMALLEST_ELBOW_BEND;
                double edge = Objects.requireNonNull(fromBelow ? arc.arcToDeg() : arc.arcFromDeg());
                return " That is " + Numbers.plain(MARGIN_DEG) + " degrees inside the sore arc, which "
                        + (fromBelow ? "ends" : "begins") + " at " + Numbers.plain(edge) + ".";
            }
        }
        return "";
    }

    private void untilQuiet(SiteRecord site, Provocation row, UntilQuiet until, List<Provoked> all) {
        Optional<CheckResult> done = work.answers().check(until.check(), site.side());
        boolean soreAnyway = all.stream().anyMatch(p -> p.row().shownBy().contains(until.check()));
        if (done.isPresent() && done.get().isQuiet() && !soreAnyway) {
            work.note(until.note());
            return;
        }
        String name = questions.check(until.check()).name();
        String because = soreAnyway
                ? "That movement is sore at the " + site.where() + ", so " + until.leavesOut() + "."
                : "The check \"" + name + "\" at the " + site.side().word() + " shoulder "
                        + (done.isPresent() ? "was not quiet" : "was not done") + ", so " + until.leavesOut()
                        + " until it is.";
        work.limit(
                until.limits(),
                site.side(),
                site.site(),
                Reason.of(
                                id(site, row) + "-until-tested",
                                Tag.HOUSE,
                                "the check hurts 2 or less",
                                because,
                                soreAnyway
                                        ? "We leave out what takes the elbow behind you."
                                        : "We test that movement first.")
                        .with("check", name));
    }

    private static String id(SiteRecord site, Provocation row) {
        return "SITE-" + site.site().name().toLowerCase(Locale.ROOT).replace('_', '-') + "-" + row.key();
    }

    /** A row of the table that holds, and how it is known. */
    record Provoked(Provocation row, String how) {}

    /**
     * The rows that hold for {@code site}: those said, those a check showed, and the first where neither says anything of this
     * place itself.
     */
    static List<Provoked> provoked(ScreenQuestions questions, ScreenAnswers answers, SiteRecord site) {
        List<Provocation> table = rows(questions, site);
        boolean unknown =
                site.provokedBy().stream().anyMatch(said -> table.stream().noneMatch(row -> row.isSaid(said)));
        List<Provoked> provoked = new ArrayList<>();
        for (Provocation row : table) {
            if (unknown && !row.anyPlace()) {
                // A word of an earlier table may have meant any of these.
                provoked.add(new Provoked(row, "said in a word that is not known any more"));
                continue;
            }
            if (site.provokedBy().stream().anyMatch(row::isSaid)) {
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
        if (provoked.stream().allMatch(p -> p.row().anyPlace())) {
            provoked.add(0, new Provoked(table.get(0), "not said, first row taken"));
        }
        return provoked;
    }

    static List<Provocation> rows(ScreenQuestions questions, SiteRecord site) {
        return questions.sites().stream()
                .filter(s -> s.site() == site.site())
                .findFirst()
                .orElseThrow()
                .provocations();
    }
}
