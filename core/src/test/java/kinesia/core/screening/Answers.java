package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.screening.CheckResult.Ability;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenAnswers.Pressure;
import kinesia.core.screening.ScreenAnswers.Readiness;
import kinesia.core.screening.ScreenAnswers.Reading;

/** A screen for tests: everything answered and nothing found, until something is said. */
public final class Answers {
    public static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    public static final ScreenQuestions QUESTIONS = RuleFiles.questions();
    public static final ScreeningRules RULES = new ScreeningRules(QUESTIONS);

    private final Map<String, FlagAnswer> flags = new HashMap<>(ScreeningRules.noFlags(QUESTIONS));
    private final Map<String, Boolean> cautions = new HashMap<>();
    private final List<SiteRecord> sites = new ArrayList<>();
    private final List<CheckResult> checks = new ArrayList<>();
    private final List<Clearance> clearances = new ArrayList<>();
    private Readiness readiness = new Readiness(true, false, false, false);
    private Pressure pressure = new Pressure(false, List.of(new Reading(124, 76, 68, false)));
    private final Map<String, ScreenAnswers.CautionDetail> details = new HashMap<>();
    private ScreenAnswers.Earlier earlier;
    private Integer version;
    private boolean sitesAsked = true;

    public Answers() {
        QUESTIONS.cautions().forEach(c -> cautions.put(c.id(), false));
    }

    /** Yes to a gate or flag; to what stands before it as well, as it would not have been asked otherwise. */
    public Answers flag(String id, Side side) {
        flags.put(id, new FlagAnswer(true, side));
        QUESTIONS.flags().stream()
                .filter(f -> f.id().equals(id) && f.when() != null)
                .forEach(f -> flags.put(f.when(), new FlagAnswer(true, null)));
        return this;
    }

    public Answers without(String id) {
        flags.remove(id);
        cautions.remove(id);
        return this;
    }

    public Answers caution(String id) {
        cautions.put(id, true);
        return this;
    }

    public Answers no(String id) {
        cautions.put(id, false);
        return this;
    }

    public Answers readiness(Boolean active, Boolean disease, Boolean symptoms, Boolean changed) {
        readiness = new Readiness(active, disease, symptoms, changed);
        return this;
    }

    public Answers pressure(Reading... readings) {
        pressure = new Pressure(true, List.of(readings));
        return this;
    }

    public Answers pressure(Pressure other) {
        pressure = other;
        return this;
    }

    public Answers readiness(Readiness other) {
        readiness = other;
        return this;
    }

    /** Yes to a flag, which began or was first said on {@code since}. */
    public Answers flag(String id, Side side, LocalDate since) {
        flag(id, side);
        flags.put(id, new FlagAnswer(true, side, since));
        return this;
    }

    public Answers detail(String id, Side side, String what, LocalDate lastDose) {
        details.put(id, new ScreenAnswers.CautionDetail(side, what, lastDose));
        return this;
    }

    public Answers earlier(ScreenAnswers.PastStop stop, Boolean seen, Reading reading) {
        earlier = new ScreenAnswers.Earlier(stop, seen, reading);
        return this;
    }

    public Answers underVersion(int rules) {
        version = rules;
        return this;
    }

    public Answers pressureUnknown() {
        pressure = new Pressure(null, List.of());
        return this;
    }

    public Answers sitesNotAsked() {
        sitesAsked = false;
        return this;
    }

    public Answers sore(Sore place) {
        sites.add(place.record());
        return this;
    }

    public Answers range(String check, Side side, double degrees) {
        checks.add(new CheckResult(check, side, degrees, null, null, null, null));
        return this;
    }

    public Answers pain(String check, Side side, int pain) {
        checks.add(new CheckResult(check, side, null, PainScore.of(pain), null, null, null));
        return this;
    }

    public Answers arc(String check, Side side, double from, double to) {
        checks.add(new CheckResult(check, side, null, null, from, to, null));
        return this;
    }

    public Answers task(String check, Side side, Ability ability) {
        checks.add(new CheckResult(check, side, null, null, null, null, ability));
        return this;
    }

    public Answers cleared(Clearance.Purpose purpose) {
        return cleared(purpose, null, null, TODAY.minusMonths(1), TODAY.plusMonths(1));
    }

    public Answers cleared(Clearance.Purpose purpose, Side side, Site site, LocalDate from, LocalDate to) {
        return letter(new Clearance(purpose, "Dr Solveig Marsh", from, to, "", side, site));
    }

    public Answers letter(Clearance clearance) {
        clearances.add(clearance);
        return this;
    }

    public ScreenAnswers build() {
        return new ScreenAnswers(
                flags,
                readiness,
                pressure,
                cautions,
                details,
                sitesAsked ? sites : null,
                checks,
                clearances,
                earlier,
                version);
    }

    public Assessment assess() {
        return RULES.assess(build(), TODAY);
    }

    /** A sore place with every question answered: calm, until something is said. */
    public static final class Sore {
        private final Site site;
        private final Side side;
        private Integer usual = 2;
        private Integer rest = 1;
        private Integer lightUse = 1;
        private Integer worst = 3;
        private Integer morning = 2;
        private Integer stiffness = 0;
        private Integer stiffMinutes;
        private Double settles = 1.0;
        private List<String> provokedBy = List.of();
        private LocalDate since;
        private Boolean betterWeek;
        private final Map<String, Boolean> flags = new HashMap<>();

        private Sore(Site site, Side side) {
            this.site = site;
            this.side = side;
            QUESTIONS.siteFlags().forEach(f -> flags.put(f.id(), false));
        }

        public static Sore at(Site site, Side side, String... provokedBy) {
            Sore sore = new Sore(site, side);
            sore.provokedBy = List.of(provokedBy);
            return sore;
        }

        public Sore usual(Integer pain) {
            usual = pain;
            return this;
        }

        public Sore rest(Integer pain) {
            rest = pain;
            return this;
        }

        public Sore lightUse(Integer pain) {
            lightUse = pain;
            return this;
        }

        public Sore worst(Integer pain) {
            worst = pain;
            return this;
        }

        public Sore morning(Integer pain) {
            morning = pain;
            return this;
        }

        public Sore stiff(Integer stiff, Integer minutes) {
            stiffness = stiff;
            stiffMinutes = minutes;
            return this;
        }

        public Sore settles(Double hours) {
            settles = hours;
            return this;
        }

        public Sore since(LocalDate day) {
            since = day;
            return this;
        }

        public Sore betterWeek() {
            betterWeek = true;
            return this;
        }

        public Sore flag(String id) {
            flags.put(id, true);
            return this;
        }

        public Sore without(String id) {
            flags.remove(id);
            return this;
        }

        public SiteRecord record() {
            return new SiteRecord(
                    site,
                    side,
                    null,
                    score(usual),
                    score(rest),
                    score(lightUse),
                    score(worst),
                    score(morning),
                    score(stiffness),
                    stiffMinutes,
                    settles,
                    provokedBy,
                    flags,
                    since,
                    betterWeek);
        }

        private static PainScore score(Integer pain) {
            return pain == null ? null : PainScore.of(pain);
        }
    }
}
