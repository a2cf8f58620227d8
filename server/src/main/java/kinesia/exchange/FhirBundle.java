package kinesia.exchange;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;

/** A FHIR R4 collection about one person, put together resource by resource. */
final class FhirBundle {
    private static final String LOINC = "http://loinc.org";
    private static final String UCUM = "http://unitsofmeasure.org";
    private static final String CATEGORY = "http://terminology.hl7.org/CodeSystem/observation-category";

    private final ObjectNode bundle = JsonNodeFactory.instance.objectNode();
    private final ArrayNode entries;
    private final String patient;

    FhirBundle(UUID clientId) {
        bundle.put("resourceType", "Bundle").put("type", "collection");
        entries = bundle.putArray("entry");
        patient = "urn:uuid:" + clientId;
    }

    /** How a measurement came about, as the standard sorts them. */
    enum Category {
        VITAL_SIGNS("vital-signs"),
        SURVEY("survey"),
        EXAM("exam");

        private final String code;

        Category(String code) {
            this.code = code;
        }
    }

    ObjectNode whole() {
        return bundle;
    }

    ObjectNode add(String type, String id) {
        ObjectNode entry = entries.addObject();
        entry.put("fullUrl", "urn:uuid:" + id);
        return entry.putObject("resource").put("resourceType", type).put("id", id);
    }

    /** A resource whose subject is the person. */
    ObjectNode about(String type, String id) {
        ObjectNode resource = add(type, id);
        resource.putObject("subject").put("reference", patient);
        return resource;
    }

    /** Something measured or said, called {@code name} in words alone. */
    ObjectNode observation(String id, LocalDate on, Category category, String name) {
        ObjectNode observation = about("Observation", id);
        observation.put("status", "final").put("effectiveDateTime", on.toString());
        observation
                .putArray("category")
                .addObject()
                .putArray("coding")
                .addObject()
                .put("system", CATEGORY)
                .put("code", category.code);
        observation.putObject("code").put("text", name);
        return observation;
    }

    /** Gives what {@code of} measures its LOINC code. */
    static ObjectNode loinc(ObjectNode of, String code, String display) {
        of.withObjectProperty("code")
                .put("text", display)
                .putArray("coding")
                .addObject()
                .put("system", LOINC)
                .put("code", code)
                .put("display", display);
        return of;
    }

    static ObjectNode quantity(ObjectNode of, double value, String unit, String ucum) {
        of.putObject("valueQuantity")
                .put("value", value)
                .put("unit", unit)
                .put("system", UCUM)
                .put("code", ucum);
        return of;
    }

    /** The same id for the same thing, however often it is handed out. */
    static String id(UUID of, String what) {
        return UUID.nameUUIDFromBytes((of + "/" + what).getBytes(StandardCharsets.UTF_8))
                .toString();
    }
}
