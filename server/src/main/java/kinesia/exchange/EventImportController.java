package kinesia.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.time.temporal.ChronoField;
import java.time.temporal.Temporal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.ClientDetails.ComingEvent;
import kinesia.shared.Problem;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.component.VEvent;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is coming up for a client, from a calendar's file (RFC 5545): read here, kept with the intake where it is chosen. */
@RestController
class EventImportController {
    private static final int LONGEST_NAME = 80;
    private static final int MOST = 12;

    private final RoomCalendar calendar;

    EventImportController(RoomCalendar calendar) {
        this.calendar = calendar;
    }

    record CalendarText(
            @NotNull(message = "is needed") @Size(max = 900_000, message = "at most 900 kB")
            String text) {}

    /** The next twelve events of the coming year, soonest first; cancelled ones are left out. */
    @PostMapping("/api/imports/events")
    List<ComingEvent> read(@Valid @RequestBody CalendarText body, @AuthenticationPrincipal SignedIn who) {
        LocalDate today = calendar.today(who.roomId());
        try {
            List<VEvent> events =
                    new CalendarBuilder().build(new StringReader(body.text())).getComponents("VEVENT");
            return events.stream()
                    .filter(e -> e.getStatus() == null
                            || !"CANCELLED".equals(e.getStatus().getValue()))
                    .flatMap(e -> coming(e).stream())
                    .filter(e -> !e.on().isBefore(today) && e.on().isBefore(today.plusYears(1)))
                    .sorted(Comparator.comparing(ComingEvent::on))
                    .distinct()
                    .limit(MOST)
                    .toList();
        } catch (ParserException | IOException | IllegalArgumentException e) {
            throw Problem.refused("This is no calendar file that can be read.");
        }
    }

    private static Optional<ComingEvent> coming(VEvent event) {
        if (event.getDateTimeStart() == null || event.getSummary() == null) {
            return Optional.empty();
        }
        Temporal start = event.getDateTimeStart().getDate();
        String name = event.getSummary().getValue().strip();
        return name.isEmpty() || !start.isSupported(ChronoField.EPOCH_DAY)
                ? Optional.empty()
                : Optional.of(new ComingEvent(
                        name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name, LocalDate.from(start)));
    }
}
