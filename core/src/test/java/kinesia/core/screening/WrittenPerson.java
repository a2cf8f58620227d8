package kinesia.core.screening;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.RuleFile;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.ScreenAnswers.PastStop;
import kinesia.core.screening.ScreenAnswers.Pressure;
import kinesia.core.screening.ScreenAnswers.Readiness;
import kinesia.core.screening.ScreenAnswers.Reading;

/** Reads one person of cases.yaml; days are counted from the day of the screen. */
final class WrittenPerson {
    static final String[] FIELDS = {
        "name",
        "outcome",
        "limits",
        "must",
        "must-not",
        "scope",
        "plans",
        "missing",
        "says",
        "must-say-not",
        "reads",
        "longer-says-not",
        "note",
        "no-note",
        "flags",
        "cautions",
        "dose",
        "side-of",
        "cleared",
        "changed",
        "readiness",
        "symptoms-since",
        "disease-since",
        "pressure-alone",
        "unsaid",
        "letter",
        "pressure",
        "concern",
        "no-meter",
        "earlier-reading",
        "stopped",
        "seen",
        "sore",
        "pains",
        "arcs",
        "ranges",
        "tasks",
        "cuffs"
    };

    private final RuleFile person;
    private final Side side;
    private final Answers answers = new Answers();

    private WrittenPerson(RuleFile person, Side side) {
        this.person = person;
        this.side = side;
    }

    /** The answers of {@code person}, whose right arm is the arm of {@code side}. */
    static Answers answers(RuleFile person, Side side) {
        WrittenPerson written = new WrittenPerson(person, side);
        written.flagsAndCautions();
        written.readiness();
        written.pressure();
        written.places();
        written.checks();
        return written.answers;
    }

    private void flagsAndCautions() {
        for (String flag : ScreeningCasesTest.texts(person, "flags")) {
            String[] words = flag.split(" ");
            Side of = words.length > 1 && words[1].equals("both") ? null : side;
            if (words.length > 2) {
                answers.flag(words[0], of, day(words[2]));
            } else {
                answers.flag(words[0], of);
            }
        }
        person.find("cuffs").ifPresent(no -> Answers.QUESTIONS.cuffQuestions().forEach(q -> answers.no(q.id())));
        ScreeningCasesTest.texts(person, "cautions").forEach(answers::caution);
        person.find("dose")
                .ifPresent(dose -> answers.detail("CAUTION-tendon-medicine", null, "cortisone", day(dose.text())));
        person.find("side-of").ifPresent(id -> answers.detail(id.text(), side, null, null));
        ScreeningCasesTest.texts(person, "cleared").forEach(this::clear);
        if (person.find("stopped").isPresent() || person.find("earlier-reading").isPresent()) {
            PastStop stop = person.find("stopped")
                    .map(s -> new PastStop("Fainting in the last 24 hours", day(s.text())))
                    .orElse(null);
            answers.earlier(
                    stop,
                    person.find("seen").map(RuleFile::yesNo).orElse(null),
                    person.find("earlier-reading").map(this::reading).orElse(null));
        }
    }

    private void readiness() {
        String words = person.find("readiness").map(RuleFile::text).orElse("");
        boolean unsaid = ScreeningCasesTest.texts(person, "unsaid").contains("changed");
        Boolean changed =
                unsaid ? null : person.find("changed").map(RuleFile::yesNo).orElse(false);
        answers.readiness(new Readiness(
                !words.startsWith("inactive"),
                words.endsWith("disease"),
                words.equals("symptoms"),
                changed,
                person.find("symptoms-since").map(s -> day(s.text())).orElse(null),
                null,
                null,
                person.find("disease-since")
                        .map(s -> day(s.text()))
                        .orElse(words.endsWith("disease") ? Answers.TODAY.minusYears(5) : null),
                person.find("pressure-alone").map(RuleFile::yesNo).orElse(null)));
    }

    private void pressure() {
        Boolean concern = person.find("concern").map(RuleFile::yesNo).orElse(false);
        Boolean noMeter = person.find("no-meter").map(RuleFile::yesNo).orElse(null);
        Optional<RuleFile> readings = person.find("pressure");
        if (readings.isPresent()) {
            answers.pressure(new Pressure(
                    concern, readings.get().items().stream().map(this::reading).toList(), noMeter));
        }
    }

    /** [upper, lower, pulse, words], [upper, lower] or [pulse]. */
    private Reading reading(RuleFile line) {
        List<Integer> numbers = new ArrayList<>();
        Integer quiet = 5;
        LocalDate on = null;
        boolean irregular = false;
        for (RuleFile part : line.items()) {
            String word = part.text();
            if (word.equals("irregular")) {
                irregular = true;
            } else if (word.equals("quiet unsaid")) {
                quiet = null;
            } else if (word.startsWith("quiet ")) {
                quiet = Integer.valueOf(word.substring(6));
            } else if (word.startsWith("day ")) {
                on = day(word.substring(4));
            } else if (numbers.size() == 3) {
                on = day(word);
            } else {
                numbers.add(part.whole());
            }
        }
        boolean pulseOnly = numbers.size() == 1;
        Integer pulse = pulseOnly ? numbers.get(0) : numbers.size() == 3 ? numbers.get(2) : null;
        return new Reading(
                pulseOnly ? null : numbers.get(0), pulseOnly ? null : numbers.get(1), pulse, irregular, quiet, on);
    }

    private void places() {
        for (RuleFile place : person.find("sore").map(RuleFile::items).orElse(List.of())) {
            Side of = place.find("side").isPresent() ? side.other() : side;
            Sore sore = Sore.at(
                    place.at("site").choice(Site.class),
                    of,
                    place.at("by").texts().toArray(String[]::new));
            ScreeningCasesTest.texts(place, "flags").forEach(sore::flag);
            place.find("rest").ifPresent(n -> sore.rest(n.whole()));
            place.find("light").ifPresent(n -> sore.lightUse(n.whole()));
            place.find("worst").ifPresent(n -> sore.worst(n.whole()));
            place.find("settles").ifPresent(n -> sore.settles(n.number()));
            place.find("stiff").ifPresent(n -> sore.stiff(4, n.whole()));
            place.find("since").ifPresent(n -> sore.since(day(n.text())));
            place.find("usual").ifPresent(n -> sore.usual(n.whole()));
            place.find("morning").ifPresent(n -> sore.morning(n.whole()));
            place.find("better-week").ifPresent(n -> sore.betterWeek());
            answers.sore(sore);
        }
    }

    private void checks() {
        person.find("pains")
                .ifPresent(p -> p.entries().forEach((check, pain) -> answers.pain(check, side, pain.whole())));
        person.find("tasks")
                .ifPresent(t -> t.entries()
                        .forEach((check, how) -> answers.task(check, side, how.choice(CheckResult.Ability.class))));
        person.find("arcs")
                .ifPresent(p -> p.entries()
                        .forEach((check, arc) -> answers.arc(check, side, arc.numbers()[0], arc.numbers()[1])));
        person.find("ranges")
                .ifPresent(p -> p.entries().forEach((check, degrees) -> {
                    answers.range(check, side, degrees.numbers()[0]);
                    answers.range(check, side.other(), degrees.numbers()[1]);
                }));
    }

    /** "purpose", then the day it was given, the site of a place, and "until" a day. */
    private void clear(String words) {
        String[] parts = words.split(" ");
        boolean other = parts[0].startsWith("other-");
        Clearance.Purpose purpose = Clearance.Purpose.valueOf(name(other ? parts[0].substring(6) : parts[0]));
        boolean sided = purpose == Clearance.Purpose.PLACE || purpose == Clearance.Purpose.ARM;
        LocalDate given = parts.length > 1 ? day(parts[1]) : Answers.TODAY;
        boolean ends = parts.length > 3 && parts[2].equals("until");
        Site site = purpose == Clearance.Purpose.PLACE ? Site.valueOf(name(parts[2])) : null;
        Optional<RuleFile> letter = person.find("letter");
        answers.letter(new Clearance(
                purpose,
                "Dr Solveig Marsh",
                given,
                ends ? day(parts[3]) : Answers.TODAY.plusDays(10),
                letter.flatMap(l -> l.find("conditions")).map(RuleFile::text).orElse(""),
                sided ? (other ? side.other() : side) : null,
                site,
                letter.isPresent() && letter.get().find("strength").isPresent()
                        ? letter.get().at("strength").choice(Clearance.Strength.class)
                        : null,
                letter.flatMap(l -> l.find("effort")).map(RuleFile::number).orElse(null)));
    }

    private static LocalDate day(String offset) {
        return Answers.TODAY.plusDays(Long.parseLong(offset));
    }

    private static String name(String word) {
        return word.toUpperCase(Locale.ROOT).replace('-', '_');
    }
}
