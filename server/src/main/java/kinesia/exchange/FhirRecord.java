package kinesia.exchange;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kinesia.client.Client;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.response.Outcomes;
import kinesia.core.screening.ReferralSummary;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningRules;
import kinesia.exchange.FhirBundle.Category;
import kinesia.report.StoredReview;
import kinesia.report.StoredReviews;
import kinesia.screening.Screen;
import kinesia.screening.Screens;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * A client's record as a FHIR R4 collection: the person, what was measured, each screen, review, block and referral. LOINC and
 * UCUM codes are quoted from memory; what has none stands as text.
 */
@Component
class FhirRecord {
    private final JdbcTemplate database;
    private final Screens screens;
    private final StoredReviews reviews;
    private final ScreenQuestions questions;

    FhirRecord(JdbcTemplate database, Screens screens, StoredReviews reviews, ScreeningRules rules) {
        this.database = database;
        this.screens = screens;
        this.reviews = reviews;
        this.questions = rules.questions();
    }

    /** The bundle of {@code client} as it stands on {@code today}. */
    ObjectNode of(Client client, LocalDate today) {
        FhirBundle bundle = new FhirBundle(client.id());
        patient(bundle, client);
        ObjectNode weight = FhirBundle.loinc(
                bundle.observation(FhirBundle.id(client.id(), "mass"), today, Category.VITAL_SIGNS, ""),
                "29463-7",
                "Body weight");
        FhirBundle.quantity(weight, client.details().bodyMassKg(), "kg", "kg");
        ObjectNode height = FhirBundle.loinc(
                bundle.observation(FhirBundle.id(client.id(), "stature"), today, Category.VITAL_SIGNS, ""),
                "8302-2",
                "Body height");
        FhirBundle.quantity(height, Math.rint(client.details().statureM() * 100), "cm", "cm");
        for (Screens.Line line : screens.findLines(client.id())) {
            screens.findById(line.getId()).ifPresent(screen -> FhirScreen.into(bundle, questions, screen));
        }
        mornings(bundle, client.id());
        reviews.findByClientIdOrderByTakenAt(client.id()).forEach(review -> review(bundle, review));
        blocks(bundle, client.id(), today);
        referrals(bundle, client.id());
        return bundle.whole();
    }

    private static void patient(FhirBundle bundle, Client client) {
        ObjectNode patient = bundle.add("Patient", client.id().toString());
        patient.put("active", true);
        patient.putArray("name").addObject().put("text", client.name());
        patient.put("gender", client.details().sex() == Sex.FEMALE ? "female" : "male");
        patient.put("birthDate", client.details().bornOn().toString());
    }

    private void mornings(FhirBundle bundle, UUID clientId) {
        database.query(
                """
                select m.session_id, (m.answers #>> '{document,on}')::date, s ->> 'side', s ->> 'site', (s ->> 'pain')::int
                from morning_check m join training_session t on t.id = m.session_id
                cross join lateral jsonb_array_elements(m.answers #> '{document,sites}') s
                where t.client_id = ? order by 2, 3, 4""",
                row -> {
                    String where = words(row.getString(3) + " " + row.getString(4));
                    FhirScreen.pain(
                            bundle,
                            FhirBundle.id(row.getObject(1, UUID.class), where),
                            row.getObject(2, LocalDate.class),
                            where + ", on the morning after training",
                            row.getInt(5));
                },
                clientId);
    }

    private static void review(FhirBundle bundle, StoredReview review) {
        Outcomes outcomes = review.taken().outcomes();
        for (Outcomes.Activity activity : outcomes.activities()) {
            String name = "Own activity, 0 cannot to 10 as ever: " + activity.name();
            measured(bundle, review, Category.SURVEY, name, activity.score(), "{score}");
        }
        if (outcomes.pushes() != null) {
            measured(bundle, review, Category.EXAM, "Pushes in one go, " + outcomes.rung(), outcomes.pushes(), "1");
        }
        arms(bundle, review, "30-second arm curl, repetitions", outcomes.curls(), "1");
        arms(bundle, review, "Girth round the middle of the upper arm", outcomes.girth(), "cm");
        arms(bundle, review, "Grip before it hurts", outcomes.grip(), "kg");
        arms(bundle, review, "Front of the arm, lifted 12 times at effort 7", outcomes.front(), "kg");
        arms(bundle, review, "Back of the arm, lifted 12 times at effort 7", outcomes.back(), "kg");
    }

    private static void arms(FhirBundle bundle, StoredReview review, String name, Outcomes.OfArms values, String ucum) {
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            Double value = values.of(side);
            if (value != null) {
                measured(bundle, review, Category.EXAM, name + ", " + side.word() + " arm", value, ucum);
            }
        }
    }

    private static void measured(
            FhirBundle bundle, StoredReview review, Category category, String name, double value, String ucum) {
        ObjectNode measured = bundle.observation(
                FhirBundle.id(review.getId(), name), review.taken().on(), category, name);
        FhirBundle.quantity(measured, value, ucum, ucum);
    }

    private void blocks(FhirBundle bundle, UUID clientId, LocalDate today) {
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
                    plan.put("description", "Aim: " + words(row.getString(4)));
                    plan.putObject("period").put("start", start.toString()).put("end", last.toString());
                },
                clientId);
    }

    private void referrals(FhirBundle bundle, UUID clientId) {
        database.query(
                "select id, made_on, made_by, addressed_to, note, screen_id from referral where client_id = ? order by made_at",
                row -> {
                    ObjectNode request = bundle.about("ServiceRequest", row.getString(1));
                    request.put("status", "active").put("intent", "proposal");
                    request.putObject("code").put("text", "To be looked at before training goes on");
                    request.put("authoredOn", row.getObject(2, LocalDate.class).toString());
                    request.putObject("requester").put("display", row.getString(3));
                    request.putArray("performer").addObject().put("display", row.getString(4));
                    screens.findById(row.getObject(6, UUID.class)).ifPresent(screen -> found(request, screen));
                    if (!row.getString(5).isBlank()) {
                        request.putArray("note").addObject().put("text", row.getString(5));
                    }
                },
                clientId);
    }

    /** The screen it is made from, and what was found there. */
    private void found(ObjectNode request, Screen screen) {
        request.putArray("supportingInfo").addObject().put("reference", "urn:uuid:" + screen.id());
        List<String> findings = ReferralSummary.of(questions, screen.takenOn(), screen.answers(), screen.assessment())
                .findings();
        if (!findings.isEmpty()) {
            ArrayNode reasons = request.putArray("reasonCode");
            findings.forEach(finding -> reasons.addObject().put("text", finding));
        }
    }

    private static String words(String constant) {
        return constant.toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
