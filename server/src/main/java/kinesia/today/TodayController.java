package kinesia.today;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.core.reason.Reason;
import kinesia.core.response.Forecast;
import kinesia.core.response.NextAction;
import kinesia.core.response.Signal;
import kinesia.core.screening.Outcome;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is to be looked after today, one line for each client. */
@RestController
class TodayController {
    private final TodayRows rows;
    private final RoomCalendar calendar;

    TodayController(TodayRows rows, RoomCalendar calendar) {
        this.rows = rows;
        this.calendar = calendar;
    }

    /**
     * @param on the day the next action is for
     * @param at when the next visit is booked for; missing when nothing is booked
     * @param minutes that are booked
     * @param sessionId the open session or the one whose morning is asked; missing for the others
     * @param signal the worst signal of the last session; missing before the first
     * @param said what made that signal
     * @param forecast how a visit of today will be taken where it is least sure; missing where nothing is sore or due
     * @param unreadable what of the client's record cannot be read, in words; missing as a rule
     * @param reviewDue the day since when limits or a clearance are to be looked at again; missing while none is
     */
    record ClientToday(
            UUID id,
            String name,
            int age,
            String life,
            int sessions,
            @Nullable LocalDate lastOn,
            @Nullable Signal signal,
            @Nullable Reason said,
            @Nullable Forecast forecast,
            @Nullable Outcome outcome,
            NextAction action,
            LocalDate on,
            @Nullable LocalTime at,
            @Nullable Integer minutes,
            @Nullable UUID sessionId,
            List<String> sorePlaces,
            @Nullable LocalDate reviewDue,
            @Nullable String unreadable) {}

    record TodayView(LocalDate today, List<ClientToday> clients) {}

    /** By day; on a day what has no time of its own first, then by time. */
    @GetMapping("/api/today")
    @Transactional(readOnly = true)
    TodayView today(@AuthenticationPrincipal SignedIn who) {
        LocalDate today = calendar.today(who.roomId());
        List<ClientToday> sorted = rows.of(who.roomId(), today).stream()
                .sorted(Comparator.comparing(ClientToday::on)
                        .thenComparing(ClientToday::at, Comparator.nullsFirst(Comparator.naturalOrder()))
                        .thenComparing(ClientToday::name))
                .toList();
        return new TodayView(today, sorted);
    }
}
