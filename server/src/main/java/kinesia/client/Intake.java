package kinesia.client;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import kinesia.client.ClientDetails.ComingEvent;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.screening.ScreenAnswers.CautionDetail;

/** What the intake holds beside the plain columns of a client, kept as one document. */
record Intake(
        Map<String, Boolean> cautions,
        Map<String, CautionDetail> cautionDetails,
        List<String> dislikes,
        List<TrainingWeek.OtherTraining> elsewhere,
        List<DayOfWeek> heavyDays,
        List<DayOfWeek> days,
        List<ComingEvent> events,
        List<UUID> otherPlaces,
        ClientDetails.Story story) {

    static Intake of(ClientDetails d) {
        return new Intake(
                d.cautions(),
                Objects.requireNonNull(d.cautionDetails()),
                d.dislikes(),
                Objects.requireNonNull(d.elsewhere()),
                Objects.requireNonNull(d.heavyDays()),
                Objects.requireNonNull(d.days()),
                Objects.requireNonNull(d.events()),
                Objects.requireNonNull(d.otherPlaces()),
                d.story());
    }
}
