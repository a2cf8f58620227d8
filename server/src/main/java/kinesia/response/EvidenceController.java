package kinesia.response;

import java.util.List;
import kinesia.account.SignedIn;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.reason.Reason;
import kinesia.core.response.RoomEvidence;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the joints of a room answered, as counts and without names. */
@RestController
class EvidenceController {
    private final RoomEvidences evidences;
    private final ExerciseModel model;

    EvidenceController(RoomEvidences evidences, ExerciseModel model) {
        this.evidences = evidences;
        this.model = model;
    }

    record EvidenceLine(RoomEvidence.AtSite counts, String name, Reason reason) {}

    @GetMapping("/api/evidence")
    List<EvidenceLine> all(@AuthenticationPrincipal SignedIn who) {
        return evidences.of(who.roomId()).exercises().stream()
                .map(e -> {
                    String name = model.catalogue().nameOf(e.exerciseKey());
                    return new EvidenceLine(e, name, e.says(name));
                })
                .toList();
    }
}
