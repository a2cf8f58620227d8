package kinesia.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import ca.uhn.fhir.context.FhirContext;
import ca.uhn.fhir.context.support.DefaultProfileValidationSupport;
import ca.uhn.fhir.parser.IParser;
import ca.uhn.fhir.parser.StrictErrorHandler;
import ca.uhn.fhir.validation.FhirValidator;
import ca.uhn.fhir.validation.ResultSeverityEnum;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.hl7.fhir.common.hapi.validation.support.CommonCodeSystemsTerminologyService;
import org.hl7.fhir.common.hapi.validation.support.InMemoryTerminologyServerValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.PrePopulatedValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.ValidationSupportChain;
import org.hl7.fhir.common.hapi.validation.validator.FhirInstanceValidator;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.CarePlan;
import org.hl7.fhir.r4.model.CodeSystem;
import org.hl7.fhir.r4.model.Enumerations;
import org.hl7.fhir.r4.model.Observation;
import org.hl7.fhir.r4.model.Patient;
import org.hl7.fhir.r4.model.QuestionnaireResponse;
import org.hl7.fhir.r4.model.ServiceRequest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** FHIR R4: every record is held to the standard's own definitions and vital-sign profiles by a general library. */
@ServerTest
class FhirRecordTest {
    private static final FhirContext R4 = FhirContext.forR4();
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String LOINC = "http://loinc.org";

    @Autowired
    private Caller caller;

    private String record(String client) throws Exception {
        return new String(caller.bytes("/api/clients/" + client + "/record.fhir.json"), StandardCharsets.UTF_8);
    }

    /** A referral drafted from each of the client's screens. */
    private void refer(String client) throws Exception {
        JsonNode record = JSON.readTree(caller.bytes("/api/clients/" + client + "/record.json"));
        for (JsonNode screen : record.at("/tables/screen")) {
            Map<String, String> referral =
                    Map.of("screenId", screen.at("/id").asText(), "addressedTo", "a clinician", "note", "Please look.");
            assertThat(caller.put("/api/clients/" + client + "/referrals/" + UUID.randomUUID(), referral)
                            .status())
                    .isEqualTo(200);
        }
    }

    private static Bundle read(String record) {
        IParser parser = R4.newJsonParser();
        parser.setParserErrorHandler(new StrictErrorHandler());
        return parser.parseResource(Bundle.class, record);
    }

    /** LOINC itself is not at hand: the few codes that are used, quoted from memory. */
    private static CodeSystem loinc() {
        CodeSystem loinc = new CodeSystem();
        loinc.setUrl(LOINC).setStatus(Enumerations.PublicationStatus.ACTIVE);
        loinc.setContent(CodeSystem.CodeSystemContentMode.COMPLETE);
        Map.of(
                        "29463-7", "Body weight",
                        "8302-2", "Body height",
                        "85354-9", "Blood pressure panel with all children optional",
                        "8480-6", "Systolic blood pressure",
                        "8462-4", "Diastolic blood pressure",
                        "8867-4", "Heart rate",
                        "72514-3", "Pain severity - 0-10 verbal numeric rating [Score] - Reported")
                .forEach((code, display) -> loinc.addConcept().setCode(code).setDisplay(display));
        return loinc;
    }

    private static FhirValidator standard() {
        ValidationSupportChain chain = new ValidationSupportChain(
                new DefaultProfileValidationSupport(R4),
                new PrePopulatedValidationSupport(R4, Map.of(), Map.of(), Map.of(LOINC, loinc())),
                new CommonCodeSystemsTerminologyService(R4),
                new InMemoryTerminologyServerValidationSupport(R4));
        return R4.newValidator().registerValidatorModule(new FhirInstanceValidator(chain));
    }

    @Test
    void every_record_keeps_to_the_standard() throws Exception {
        FhirValidator standard = standard();
        List<String> wrong = new ArrayList<>();
        List<ServiceRequest> referrals = new ArrayList<>();
        for (JsonNode client : caller.asTrainer().get("/api/today").at("/clients")) {
            String id = client.get("id").asText();
            refer(id);
            String record = record(id);
            referrals.addAll(of(read(record), ServiceRequest.class));
            standard.validateWithResult(record).getMessages().stream()
                    .filter(m -> m.getSeverity().compareTo(ResultSeverityEnum.WARNING) > 0)
                    .forEach(m -> wrong.add(
                            client.get("name").asText() + ", " + m.getLocationString() + ": " + m.getMessage()));
        }
        assertThat(wrong).isEmpty();
        assertThat(referrals).hasSizeGreaterThanOrEqualTo(10).allMatch(r -> r.hasSupportingInfo());
        assertThat(referrals.stream().flatMap(r -> r.getReasonCode().stream())).isNotEmpty();
    }

    @Test
    void what_breaks_the_standard_is_noticed() throws Exception {
        String record = record(caller.asTrainer().clientId("Maren Oldvik"));
        FhirValidator standard = standard();
        for (String[] change : new String[][] {
            {"\"code\" : \"vital-signs\"", "\"code\" : \"vital signs\""},
            {"\"status\" : \"final\"", "\"status\" : \"done\""},
            {"\"code\" : \"mm[Hg]\"", "\"code\" : \"mmHg\""}
        }) {
            assertThat(record).contains(change[0]);
            assertThat(standard.validateWithResult(record.replace(change[0], change[1]))
                            .isSuccessful())
                    .as(change[1])
                    .isFalse();
        }
    }

    @Test
    void a_record_holds_the_person_screens_measures_reviews_and_blocks() throws Exception {
        String id = caller.asTrainer().clientId("Maren Oldvik");
        Bundle bundle = read(record(id));
        assertThat(bundle.getType()).isEqualTo(Bundle.BundleType.COLLECTION);
        List<Patient> people = of(bundle, Patient.class);
        assertThat(people).hasSize(1);
        assertThat(people.get(0).getNameFirstRep().getText()).isEqualTo("Maren Oldvik");
        List<QuestionnaireResponse> screens = of(bundle, QuestionnaireResponse.class);
        assertThat(screens).hasSizeGreaterThan(2);
        assertThat(screens.get(0).getItem())
                .hasSizeGreaterThan(10)
                .allMatch(i -> !i.getText().isBlank());
        assertThat(of(bundle, CarePlan.class))
                .extracting(p -> p.getStatus().toCode())
                .contains("completed", "active");
        List<Observation> observations = of(bundle, Observation.class);
        assertThat(observations)
                .hasSizeGreaterThan(20)
                .allMatch(o -> o.getSubject().getReference().equals("urn:uuid:" + id));
        assertThat(observations)
                .anyMatch(o -> o.getCode().getCodingFirstRep().hasCode()
                        && o.getCode().getCodingFirstRep().getCode().equals("29463-7")
                        && o.getValueQuantity().getValue().doubleValue() == 66);
        assertThat(observations)
                .anyMatch(o -> o.getCode().getText().startsWith("Own activity"))
                .anyMatch(o -> o.getCode().getText().equals("30-second arm curl, repetitions, left arm"));
        assertThat(bundle.getEntry())
                .extracting(Bundle.BundleEntryComponent::getFullUrl)
                .doesNotHaveDuplicates();
    }

    private static <T> List<T> of(Bundle bundle, Class<T> type) {
        return bundle.getEntry().stream()
                .map(Bundle.BundleEntryComponent::getResource)
                .filter(type::isInstance)
                .map(type::cast)
                .toList();
    }
}
