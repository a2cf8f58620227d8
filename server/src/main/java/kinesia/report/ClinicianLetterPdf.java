package kinesia.report;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import kinesia.client.Client;
import kinesia.core.reason.Numbers;
import kinesia.core.response.ClientStory;
import kinesia.core.response.ClientStory.DoneDay;
import kinesia.core.response.ClientStory.DoneWeek;
import kinesia.core.response.ClientStory.ExerciseStory;
import kinesia.core.response.ClientStory.PlaceStory;
import kinesia.core.screening.ReferralSummary;
import kinesia.shared.Letter;
import org.jspecify.annotations.Nullable;

/** How it goes, for a clinician: what was seen, what is left out, what is lifted, how the mornings were, what we ask. */
final class ClinicianLetterPdf {
    private static final int WEEKS = 6;
    private static final int EXERCISES = 8;
    private static final int MORNINGS = 8;

    private ClinicianLetterPdf() {}

    /**
     * The bytes of the document.
     *
     * @param seen what the latest screen found; null before the first
     */
    static byte[] of(Client client, @Nullable ReferralSummary seen, ClientStory story, Written at, Letter.Paper paper) {
        return Letter.of("Training of " + client.name() + ", " + at.on(), paper, letter -> {
            letter.title("How the training goes");
            letter.text(client.name() + ", born "
                    + Letter.day(client.details().bornOn()) + ". Written on " + Letter.day(at.on()) + " by " + at.by()
                    + ".");
            letter.text(ReferralSummary.PURPOSE);
            if (seen != null) {
                letter.section("What was seen on " + Letter.day(seen.screenedOn()), seen.findings());
                letter.section("Sore places", seen.places());
                letter.section("Measured", seen.measured());
                letter.section("What is left out or kept small", seen.limits());
            }
            dose(letter, story.weeks());
            lifted(letter, story.exercises());
            for (PlaceStory place : story.places()) {
                mornings(letter, place);
            }
            List<String> questions = new ArrayList<>(seen == null ? List.of() : seen.questions());
            questions.add("Is there anything that this training should leave out or allow again?");
            letter.section("What we ask", questions);
        });
    }

    /** When and by whom it is written. */
    record Written(java.time.LocalDate on, String by) {}

    private static void dose(Letter letter, List<DoneWeek> weeks) throws IOException {
        if (weeks.isEmpty()) {
            return;
        }
        letter.heading("Sets a week, hard ones first");
        for (DoneWeek week : last(weeks, WEEKS)) {
            letter.pair(
                    "Week of " + Letter.day(week.monday()),
                    "front " + told(week.flexors()) + "; back " + told(week.extensors()));
        }
    }

    private static String told(ClientStory.Done done) {
        return done.hard() + (done.easy() == 0 ? "" : " and " + done.easy() + " easy");
    }

    private static void lifted(Letter letter, List<ExerciseStory> exercises) throws IOException {
        if (exercises.isEmpty()) {
            return;
        }
        letter.heading("What is lifted, first and last");
        for (ExerciseStory exercise : exercises.subList(0, Math.min(EXERCISES, exercises.size()))) {
            List<DoneDay> days = exercise.days();
            letter.pair(exercise.name(), best(days.get(0)) + "; " + best(days.get(days.size() - 1)));
        }
    }

    private static String best(DoneDay day) {
        return Letter.day(day.on()) + ": " + day.load() + ", " + day.reps() + " repetitions";
    }

    private static void mornings(Letter letter, PlaceStory place) throws IOException {
        letter.heading("Mornings after, " + place.words() + ", pain of 10");
        if (place.trend() != null) {
            letter.text(place.trend().reason().exact());
        }
        List<String> said = last(place.sessions(), MORNINGS).stream()
                .map(s ->
                        Objects.requireNonNullElse(s.morning(), "not answered").toString())
                .toList();
        letter.text("The last " + said.size() + ": " + String.join(", ", said) + ". Usual now: "
                + Numbers.plain(
                        place.sessions().get(place.sessions().size() - 1).usual()) + ".");
    }

    private static <T> List<T> last(List<T> all, int most) {
        return all.subList(Math.max(0, all.size() - most), all.size());
    }
}
