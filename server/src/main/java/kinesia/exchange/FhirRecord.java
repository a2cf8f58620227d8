package kinesia.exchange;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.TreeMap;
import java.util.UUID;
import kinesia.client.Client;
import kinesia.core.arm.Sex;
import kinesia.core.screening.ScreenAnswers;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningRules;
import kinesia.core.screening.SiteRecord;
import kinesia.screening.Screen;
import kinesia.screening.Screens;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * A client's record as a FHIR R4 collection: the person, what was measured, each screen, each block and each referral. LOINC and
 * UCUM codes are quoted from memory; what has none stands as text.
 */
@Component
class FhirRecord {
    private static final String LOINC = "http://loinc.org";
    private static final String UCUM = "http://unitsofmeasure.org";
    private static final String QUESTIONS = "urn:kinesia:screen";

    private final JdbcTemplate database;
    private final Screens screens;
    private final ScreenQuestions questions;
    private final ObjectMapper mapper = new ObjectMapper();

    FhirRecord(JdbcTemplate database, Screens screens, ScreeningRules rules) {
        this.database = database;
        this.screens = screens;
        this.questions = rules.questions();
    }

    /** A bundle of resources about one person. */
    private final class Bundle {
        private final ObjectNode bundle = mapper.createObjectNode();
        private final ArrayNode entries;
        private final String patient;

        private Bundle(UUID clientId) {
            bundle.put("resourceType", "Bundle").put("type", "collection");
            entries = bundle.putArray("entry");
            patient = "urn:uuid:" + clientId;
        }

        private ObjectNode add(String type, String id) {
            ObjectNode entry = entries.addObject();
            entry.put("fullUrl", "urn:uuid:" + id);
            return entry.putObject("resource").put("resourceType", type).put("id", id);
        }

        private ObjectNode about(String type, String id) {
            ObjectNode resource = add(type, id);
            resource.putObject("subject").put("reference", patient);
            return resource;
        }

        private ObjectNode observation(String id, LocalDate on, String code, String display) {
            ObjectNode observation = about("Observation", id);
            observation.put("status", "final").put("effectiveDateTime", on.toString());
            code(observation.putObject("code"), code, display);
            return observation;
        }
    }

    private static void code(ObjectNode concept, String code, String display) {
        if (!code.isEmpty()) {
            concept.putArray("coding")
                    .addObject()
                    .put("system", LOINC)
                    .put("code", code)
                    .put("display", display);
        }
        concept.put("text", display);
    }

    private static void quantity(ObjectNode of, double value, String unit, String ucum) {
        of.putObject("valueQuantity")
                .put("value", value)
                .put("unit", unit)
                .put("system", UCUM)
                .put("code", ucum);
    }

    private static String id(UUID of, String what) {
        return UUID.nameUUIDFromBytes((of + "/" + what).getBytes(java.nio.charset.StandardCharsets.UTF_8))
                .toString();
    }

    /** The bundle of {@code client} as it stands on {@code today}. */
    ObjectNode of(Client client, LocalDate today) {
        Bundle bundle = new Bundle(client.id());
        patient(bundle, client);
        ObjectNode weight = bundle.observation(id(client.id(), "mass"), today, "29463-7", "Body weight");
        quantity(weight, client.details().bodyMassKg(), "kg", "kg");
        ObjectNode height = bundle.observation(id(client.id(), "stature"), today, "8302-2", "Body height");
        quantity(height, Math.rint(client.details().statureM() * 100), "cm", "cm");
        for (Screens.Line line : screens.findLines(client.id())) {
            screens.findById(line.getId()).ifPresent(screen -> screen(bundle, screen));
        }
        mornings(bundle, client.id());
        blocks(bundle, client.id(), today);
        referrals(bundle, client.id());
        return bundle.bundle;
    }

    private static void patient(Bundle bundle, Client client) {
        ObjectNode patient = bundle.add("Patient", client.id().toString());
        patient.put("active", true);
        patient.putArray("name").addObject().put("text", client.name());
        patient.put("gender", client.details().sex() == Sex.FEMALE ? "female" : "male");
        patient.put("birthDate", client.details().bornOn().toString());
    }

    private void screen(Bundle bundle, Screen screen) {
        ScreenAnswers answers = screen.answers();
        ObjectNode response = bundle.about("QuestionnaireResponse", screen.id().toString());
        response.put("questionnaire", QUESTIONS)
                .put("status", "completed")
                .put("authored", screen.takenOn().toString());
        response.putObject("author").put("display", screen.takenBy());
        ArrayNode items = response.putArray("item");
        for (ScreenQuestions.Flag flag : questions.flags()) {
            ScreenAnswers.FlagAnswer said = answers.flags().get(flag.id());
            if (said != null) {
                ObjectNode item = items.addObject().put("linkId", flag.id()).put("text", flag.ask());
                item.putArray("answer").addObject().put("valueBoolean", said.present());
            }
        }
        new TreeMap<>(answers.cautions())
                .forEach((id, yes) -> items.addObject()
                        .put("linkId", id)
                        .putArray("answer")
                        .addObject()
                        .put("valueBoolean", yes));
        if (answers.soreSites() != null) {
            answers.soreSites().forEach(s -> sore(bundle, items, screen, s));
        }
        if (answers.pressure() != null) {
            int number = 0;
            for (ScreenAnswers.Reading reading : answers.pressure().readings()) {
                pressure(bundle, screen, reading, number++);
            }
        }
    }

    private static void sore(Bundle bundle, ArrayNode items, Screen screen, SiteRecord site) {
        items.addObject()
                .put("linkId", "sore." + site.side() + "." + site.site())
                .put("text", "Sore place")
                .putArray("answer")
                .addObject()
                .put("valueString", site.where());
        if (site.usualPain() != null) {
            pain(
                    bundle,
                    id(screen.id(), site.where()),
                    screen.takenOn(),
                    site.where() + ", usual",
                    site.usualPain().value());
        }
    }

    private static void pain(Bundle bundle, String id, LocalDate on, String where, int score) {
        ObjectNode pain =
                bundle.observation(id, on, "72514-3", "Pain severity - 0-10 verbal numeric rating [Score] - Reported");
        quantity(pain, score, "{score}", "{score}");
        pain.putObject("bodySite").put("text", where);
    }

    private static void pressure(Bundle bundle, Screen screen, ScreenAnswers.Reading reading, int number) {
        LocalDate on = reading.on() == null ? screen.takenOn() : reading.on();
        if (reading.systolic() != null && reading.diastolic() != null) {
            ObjectNode panel = bundle.observation(
                    id(screen.id(), "pressure " + number),
                    on,
                    "85354-9",
                    "Blood pressure panel with all children optional");
            ArrayNode parts = panel.putArray("component");
            part(parts, "8480-6", "Systolic blood pressure", reading.systolic());
            part(parts, "8462-4", "Diastolic blood pressure", reading.diastolic());
        }
        if (reading.pulse() != null) {
            ObjectNode pulse = bundle.observation(id(screen.id(), "pulse " + number), on, "8867-4", "Heart rate");
            quantity(pulse, reading.pulse(), "beats/minute", "/min");
        }
    }

    private static void part(ArrayNode parts, String code, String display, int value) {
        ObjectNode part = parts.addObject();
        code(part.putObject("code"), code, display);
        quantity(part, value, "mmHg", "mm[Hg]");
    }

    private void mornings(Bundle bundle, UUID clientId) {
        database.query(
                """
                select m.session_id, (m.answers #>> '{document,on}')::date, s ->> 'side', s ->> 'site', (s ->> 'pain')::int
                from morning_check m join training_session t on t.id = m.session_id
                cross join lateral jsonb_array_elements(m.answers #> '{document,sites}') s
                where t.client_id = ? order by 2, 3, 4""",
                row -> {
                    String where = (row.getString(3) + " " + row.getString(4))
                            .toLowerCase(java.util.Locale.ROOT)
                            .replace('_', ' ');
                    pain(
                            bundle,
                            id(row.getObject(1, UUID.class), where),
                            row.getObject(2, LocalDate.class),
                            where + ", on the morning after training",
                            row.getInt(5));
                },
                clientId);
    }

    private void blocks(Bundle bundle, UUID clientId, LocalDate today) {
        database.query(
                "select id, starts_on, weeks, aim, ended_on from training_block where client_id = ? order by starts_on",
                row -> {
                    LocalDate start = row.getObject(2, LocalDate.class);
                    LocalDate end = row.getObject(5, LocalDate.class);
                    LocalDate last =
                            end == null ? start.plusWeeks(row.getInt(3)).minusDays(1) : end;
                    ObjectNode plan = bundle.about("CarePlan", row.getString(1));
                    plan.put("status", last.isBefore(today) ? "completed" : "active")
                            .put("intent", "plan");
                    plan.put("title", row.getInt(3) + " weeks of training for the arms");
                    plan.put(
                            "description",
                            "Aim: "
                                    + row.getString(4)
                                            .toLowerCase(java.util.Locale.ROOT)
                                            .replace('_', ' '));
                    plan.putObject("period").put("start", start.toString()).put("end", last.toString());
                },
                clientId);
    }

    private void referrals(Bundle bundle, UUID clientId) {
        database.query(
                "select id, made_on, made_by, addressed_to, note, screen_id from referral where client_id = ? order by made_at",
                row -> {
                    ObjectNode request = bundle.about("ServiceRequest", row.getString(1));
                    request.put("status", "active").put("intent", "proposal");
                    request.putObject("code").put("text", "To be looked at before training goes on");
                    request.put("authoredOn", row.getObject(2, LocalDate.class).toString());
                    request.putObject("requester").put("display", row.getString(3));
                    request.putArray("performer").addObject().put("display", row.getString(4));
                    request.putArray("supportingInfo").addObject().put("reference", "urn:uuid:" + row.getString(6));
                    if (!row.getString(5).isBlank()) {
                        request.putArray("note").addObject().put("text", row.getString(5));
                    }
                },
                clientId);
    }
}
