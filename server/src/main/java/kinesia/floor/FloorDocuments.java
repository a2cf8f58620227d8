package kinesia.floor;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.SitePain;
import kinesia.core.response.SiteSignal;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of sessions as documents. */
@Configuration
class FloorDocuments {
    @Bean
    static StoredType planDocument() {
        return StoredType.of(Plan.class)
                .then(plan -> StoredType.withInputsAsPairs(madeOfUnits(plan)))
                .then(FloorDocuments::withoutCare);
    }

    @Bean
    static StoredType doorDocument() {
        return StoredType.of(DoorAnswers.class);
    }

    @Bean
    static StoredType soreSitesDocument() {
        return StoredType.of(new TypeReference<List<SoreSite>>() {});
    }

    @Bean
    static StoredType rightAfterDocument() {
        return StoredType.of(new TypeReference<List<SitePain>>() {});
    }

    @Bean
    static StoredType changesDocument() {
        return StoredType.of(new TypeReference<List<Change>>() {}).then(StoredType::withInputsAsPairs);
    }

    @Bean
    static StoredType signalsDocument() {
        return StoredType.of(new TypeReference<List<SiteSignal>>() {}).then(StoredType::withInputsAsPairs);
    }

    @Bean
    static StoredType faultsDocument() {
        return StoredType.of(new TypeReference<List<String>>() {});
    }

    // There was no care work, nobody said what stayed free, and repetitions past a range made a range of their own.
    private static JsonNode withoutCare(JsonNode plan) {
        for (JsonNode unit : plan.path("units")) {
            ((ObjectNode) unit).put("care", false);
            unit.path("slots").forEach(slot -> ((ObjectNode) slot).set("usual", slot.path("reps")));
        }
        return plan;
    }

    /**
     * The first plans followed no method, so nothing gave way to one, were made of pairs with the plan's rest, had fresh loads,
     * and sets and arms were alike.
     */
    private static JsonNode madeOfUnits(JsonNode document) {
        ObjectNode plan = (ObjectNode) document;
        plan.withArray("bends");
        for (JsonNode unit : plan.path("units")) {
            ObjectNode of = (ObjectNode) unit;
            if (!of.has("layout")) {
                of.put("layout", "PAIRS");
                of.set("restSeconds", plan.path("restSeconds"));
                of.put("changeOverSeconds", 0);
                of.put("setUpSeconds", 0);
            }
            for (JsonNode slot : unit.path("slots")) {
                ObjectNode what = (ObjectNode) slot;
                what.withArray("setReps");
                what.withObject("sides");
                if (what.path("loadShare").asDouble() == 0) {
                    what.put("loadShare", 1.0);
                }
                if (!what.has("stationSeconds")) {
                    what.put("stationSeconds", 0);
                }
            }
        }
        return plan;
    }
}
