package kinesia.response;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.account.RoomCalendar;
import kinesia.client.Client;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.response.Morning;
import kinesia.core.response.MorningSigns;
import kinesia.core.screening.PainScore;
import kinesia.floor.TrainingSession;
import kinesia.shared.Problem;
import org.springframework.stereotype.Component;

/** Asks the morning after a session and takes the answer, whoever gives it. */
@Component
public class Mornings {
    private final MorningChecks checks;
    private final SessionHistory history;
    private final MorningSigns signs;
    private final RoomCalendar calendar;

    Mornings(MorningChecks checks, SessionHistory history, MorningSigns signs, RoomCalendar calendar) {
        this.checks = checks;
        this.history = history;
        this.signs = signs;
        this.calendar = calendar;
    }

    /** A place to ask about, with what is usual there. */
    public record PlaceToAsk(Site site, Side side, PainScore usual) {}

    /** The places to ask about after {@code session}, which has ended. */
    public List<PlaceToAsk> places(TrainingSession session) {
        return history.one(session).places().entrySet().stream()
                .map(e -> new PlaceToAsk(e.getKey().site(), e.getKey().side(), e.getValue()))
                .toList();
    }

    /** Whether it can be asked on {@code today}: not before the night is over. */
    public static boolean mayAnswer(TrainingSession session, LocalDate today) {
        return !session.isOpen() && today.isAfter(session.visitOn());
    }

    public boolean isAnswered(UUID sessionId) {
        return checks.existsById(sessionId);
    }

    /** The signs that end training until somebody has looked. */
    public List<MorningSigns.Sign> signs() {
        return signs.all();
    }

    /** Refuses an answer that leaves out a place that is asked after {@code session}. */
    public void requireEachPlace(TrainingSession session, Morning morning) {
        for (PlaceToAsk asked : places(session)) {
            boolean said = morning.sites().stream().anyMatch(s -> s.site() == asked.site() && s.side() == asked.side());
            if (!said) {
                throw Problem.invalid(List.of(new Problem.Field(
                        "sites",
                        "say how the " + asked.side().word() + " "
                                + asked.site().words() + " is")));
            }
        }
    }

    /** Keeps the first answer after a session; a sign holds the client until a new screen. */
    public void keep(TrainingSession session, Client client, Morning morning) {
        holdFor(client, morning);
        checks.saveAndFlush(new MorningCheck(session.id(), morning, calendar.now()));
    }

    /** Holds {@code client} for the signs that were said, if any was. */
    void holdFor(Client client, Morning morning) {
        List<MorningSigns.Sign> said = morning.flags().stream()
                .map(flag -> signs.find(flag)
                        .orElseThrow(() ->
                                Problem.invalid(List.of(new Problem.Field("flags", "has a sign that is not asked")))))
                .toList();
        if (!said.isEmpty()) {
            client.hold(
                    morning.on(), said.stream().map(MorningSigns.Sign::words).collect(Collectors.joining("; ")));
        }
    }
}
