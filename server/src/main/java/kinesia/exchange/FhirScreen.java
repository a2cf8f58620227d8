package kinesia.exchange;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.Map;
import java.util.stream.Collectors;
import kinesia.core.screening.CheckResult;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenAnswers;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.SiteRecord;
import kinesia.exchange.FhirBundle.Category;
import kinesia.screening.Screen;
import org.jspecify.annotations.Nullable;

/** A screen as a FHIR QuestionnaireResponse, every answer beside its question, and what was measured at it. */
final class FhirScreen {
    private static final String QUESTIONS = "urn:kinesia:screen";

    private final FhirBundle bundle;
    private final ScreenQuestions questions;
    private final Screen screen;
    private final ArrayNode items;

    private FhirScreen(FhirBundle bundle, ScreenQuestions questions, Screen screen) {
        this.bundle = bundle;
        this.questions = questions;
        this.screen = screen;
        ObjectNode response = bundle.about("QuestionnaireResponse", screen.id().toString());
        response.put("questionnaire", QUESTIONS)
                .put("status", "completed")
                .put("authored", screen.takenOn().toString());
        response.putObject("author").put("display", screen.takenBy());
        items = response.putArray("item");
    }

    static void into(FhirBundle bundle, ScreenQuestions questions, Screen screen) {
        FhirScreen fhir = new FhirScreen(bundle, questions, screen);
        ScreenAnswers answers = screen.answers();
        fhir.flags(answers);
        fhir.readiness(answers.readiness());
        fhir.pressure(answers.pressure());
        fhir.cautions(answers);
        if (answers.soreSites() != null) {
            answers.soreSites().forEach(fhir::sore);
        }
        answers.checks().forEach(fhir::check);
        if (fhir.items.isEmpty()) {
            said(fhir.items, "nothing", "Answers", "none was given");
        }
    }

    private void flags(ScreenAnswers answers) {
        Map<String, String> asked = questions.flags().stream()
                .collect(Collectors.toMap(ScreenQuestions.Flag::id, ScreenQuestions.Flag::ask));
        questions.gates().forEach(gate -> asked.put(gate.id(), gate.ask()));
        answers.flags().entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(said -> {
            String arm = said.getValue().side() == null
                    ? ""
                    : ", " + said.getValue().side().word() + " arm";
            yes(
                    items,
                    said.getKey(),
                    asked.getOrDefault(said.getKey(), said.getKey()) + arm,
                    said.getValue().present());
        });
    }

    private void readiness(ScreenAnswers.Readiness readiness) {
        yes(items, "readiness.active", "Regularly active", readiness.regularlyActive());
        yes(items, "readiness.disease", "Known disease of heart, metabolism or kidneys", readiness.knownDisease());
        said(items, "readiness.disease.which", "Which disease", readiness.disease());
        yes(items, "readiness.symptoms", "Signs or symptoms of such a disease", readiness.symptoms());
        said(items, "readiness.symptoms.which", "Which symptoms", readiness.symptom());
        yes(items, "readiness.changed", "Health changed since the last clearance", readiness.changedSinceClearance());
    }

    private void pressure(ScreenAnswers.Pressure pressure) {
        yes(items, "pressure.concern", "Known, borderline or treated blood pressure", pressure.concern());
        int number = 0;
        for (ScreenAnswers.Reading reading : pressure.readings()) {
            reading(reading, number++);
        }
    }

    private void reading(ScreenAnswers.Reading reading, int number) {
        LocalDate on = reading.on() == null ? screen.takenOn() : reading.on();
        if (reading.systolic() != null && reading.diastolic() != null) {
            ObjectNode panel = FhirBundle.loinc(
                    bundle.observation(FhirBundle.id(screen.id(), "pressure " + number), on, Category.VITAL_SIGNS, ""),
                    "85354-9",
                    "Blood pressure panel with all children optional");
            ArrayNode parts = panel.putArray("component");
            millimetres(parts, "8480-6", "Systolic blood pressure", reading.systolic());
            millimetres(parts, "8462-4", "Diastolic blood pressure", reading.diastolic());
        }
        if (reading.pulse() != null) {
            ObjectNode pulse = FhirBundle.loinc(
                    bundle.observation(FhirBundle.id(screen.id(), "pulse " + number), on, Category.VITAL_SIGNS, ""),
                    "8867-4",
                    "Heart rate");
            FhirBundle.quantity(pulse, reading.pulse(), "beats/minute", "/min");
        }
    }

    private static void millimetres(ArrayNode parts, String code, String display, int value) {
        FhirBundle.quantity(FhirBundle.loinc(parts.addObject(), code, display), value, "mmHg", "mm[Hg]");
    }

    private void cautions(ScreenAnswers answers) {
        Map<String, String> asked = questions.cautions().stream()
                .collect(Collectors.toMap(ScreenQuestions.Caution::id, ScreenQuestions.Caution::ask));
        questions.cuffQuestions().forEach(cuff -> asked.put(cuff.id(), cuff.ask()));
        answers.cautions().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(said -> {
                    String id = said.getKey();
                    String words = asked.getOrDefault(id, id);
                    yes(items, id, words, said.getValue());
                    ScreenAnswers.CautionDetail detail = answers.details().get(id);
                    if (detail != null) {
                        said(items, id + ".what", words + ": which", detail.what());
                        said(
                                items,
                                id + ".side",
                                words + ": on which arm",
                                detail.side() == null ? null : detail.side().word());
                        said(
                                items,
                                id + ".dose",
                                words + ": last dose on",
                                detail.lastDoseOn() == null
                                        ? null
                                        : detail.lastDoseOn().toString());
                    }
                });
    }

    private void sore(SiteRecord site) {
        String id = "sore." + site.side() + "." + site.site();
        ObjectNode group = items.addObject().put("linkId", id).put("text", "Sore place: " + site.where());
        ArrayNode of = group.putArray("item");
        score(of, id + ".usual", "Usual pain, 0 to 10", site.usualPain());
        score(of, id + ".rest", "Pain at rest, 0 to 10", site.painAtRest());
        score(of, id + ".light-use", "Pain in light use, 0 to 10", site.painInLightUse());
        score(of, id + ".worst", "Worst this week, 0 to 10", site.worstThisWeek());
        score(of, id + ".morning", "Pain in the morning, 0 to 10", site.morningPain());
        score(of, id + ".stiffness", "Morning stiffness, 0 to 10", site.morningStiffness());
        measured(of, id + ".stiff-for", "Stiff for", whole(site.stiffMinutes()), "min", "min");
        measured(of, id + ".settles", "Settles within", site.settlesHours(), "h", "h");
        measured(of, id + ".since", "There for", whole(site.sinceWeeks()), "weeks", "wk");
        said(of, id + ".provoked", "Brought on by", provoked(site));
        Map<String, String> asked = questions.siteFlags().stream()
                .collect(Collectors.toMap(ScreenQuestions.SiteFlag::id, ScreenQuestions.SiteFlag::ask));
        site.flags().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(said -> yes(
                        of,
                        id + "." + said.getKey(),
                        asked.getOrDefault(said.getKey(), said.getKey()),
                        said.getValue()));
        if (of.isEmpty()) {
            said(of, id + ".nothing", "Answers", "none was given");
        }
        if (site.usualPain() != null) {
            pain(
                    bundle,
                    FhirBundle.id(screen.id(), site.where()),
                    screen.takenOn(),
                    site.where() + ", usual",
                    site.usualPain().value());
        }
    }

    private @Nullable String provoked(SiteRecord site) {
        String words = questions.sites().stream()
                .filter(q -> q.site() == site.site())
                .flatMap(q -> q.provocations().stream())
                .filter(p -> site.provokedBy().contains(p.key()))
                .map(ScreenQuestions.Provocation::words)
                .collect(Collectors.joining(", "));
        return words.isEmpty() ? null : words;
    }

    private void check(CheckResult check) {
        String name = questions.checks().stream()
                .filter(c -> c.key().equals(check.check()))
                .findFirst()
                .map(ScreenQuestions.Check::name)
                .orElse(check.check());
        boolean gauge = questions.checks().stream()
                .anyMatch(c -> c.key().equals(check.check()) && c.kind() == ScreenQuestions.CheckKind.GRIP);
        String id = "check." + check.check() + "." + check.side();
        String text = name + ", " + check.side().word();
        measured(items, id, text, check.value(), gauge ? "kg" : "degrees", gauge ? "kg" : "deg");
        score(items, id + ".pain", text + ": pain, 0 to 10", check.pain());
        measured(items, id + ".from", text + ": hurts from", check.arcFromDeg(), "degrees", "deg");
        measured(items, id + ".to", text + ": hurts to", check.arcToDeg(), "degrees", "deg");
        if (check.ability() != null) {
            said(
                    items,
                    id + ".task",
                    text,
                    switch (check.ability()) {
                        case CAN -> "can";
                        case SORE -> "can, sore";
                        case CANNOT -> "cannot";
                    });
        }
    }

    /** A pain score of a place, as an observation of its own. */
    static void pain(FhirBundle bundle, String id, LocalDate on, String where, int score) {
        ObjectNode pain = FhirBundle.loinc(
                bundle.observation(id, on, Category.SURVEY, ""),
                "72514-3",
                "Pain severity - 0-10 verbal numeric rating [Score] - Reported");
        FhirBundle.quantity(pain, score, "{score}", "{score}");
        pain.putObject("bodySite").put("text", where);
    }

    private static @Nullable Double whole(@Nullable Integer number) {
        return number == null ? null : number.doubleValue();
    }

    private static ObjectNode answer(ArrayNode items, String id, String text) {
        return items.addObject()
                .put("linkId", id)
                .put("text", text)
                .putArray("answer")
                .addObject();
    }

    // What was not answered stays out: a missing answer is never a no.
    private static void yes(ArrayNode items, String id, String text, @Nullable Boolean value) {
        if (value != null) {
            answer(items, id, text).put("valueBoolean", value);
        }
    }

    private static void said(ArrayNode items, String id, String text, @Nullable String value) {
        if (value != null && !value.isBlank()) {
            answer(items, id, text).put("valueString", value.strip());
        }
    }

    private static void score(ArrayNode items, String id, String text, @Nullable PainScore value) {
        if (value != null) {
            answer(items, id, text).put("valueInteger", value.value());
        }
    }

    private static void measured(
            ArrayNode items, String id, String text, @Nullable Double value, String unit, String ucum) {
        if (value != null) {
            FhirBundle.quantity(answer(items, id, text), value, unit, ucum);
        }
    }
}
