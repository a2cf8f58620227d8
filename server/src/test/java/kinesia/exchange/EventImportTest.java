package kinesia.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Map;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Events of a calendar file, with the forms of RFC 5545 that calendars write: whole days, local times, folded lines, escapes. */
@ServerTest
class EventImportTest {
    @Autowired
    private Caller caller;

    private static String event(String start, String summary, String more) {
        return "BEGIN:VEVENT\r\nUID:" + summary.hashCode() + "@x\r\nDTSTAMP:20260101T000000Z\r\n" + start
                + "\r\nSUMMARY:" + summary + "\r\n" + more + "END:VEVENT\r\n";
    }

    @Test
    void what_comes_is_read_and_what_was_or_is_cancelled_is_not() throws Exception {
        DateTimeFormatter day = DateTimeFormatter.BASIC_ISO_DATE;
        LocalDate today = LocalDate.now();
        String text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//x//EN\r\n"
                + event(
                        "DTSTART;VALUE=DATE:" + day.format(today.plusDays(20)),
                        "Advent con\r\n cert\\, both nights",
                        "")
                + event("DTSTART:" + day.format(today.plusDays(3)) + "T180000", "Peal", "")
                + event("DTSTART;VALUE=DATE:" + day.format(today.minusDays(3)), "Gone", "")
                + event("DTSTART;VALUE=DATE:" + day.format(today.plusDays(5)), "Off", "STATUS:CANCELLED\r\n")
                + "END:VCALENDAR\r\n";
        Caller.Answer read = caller.asTrainer().post("/api/imports/events", Map.of("text", text));
        assertThat(read.body().findValuesAsText("name")).containsExactly("Peal", "Advent concert, both nights");
        assertThat(read.at("/1/on").asText()).isEqualTo(today.plusDays(20).toString());
    }

    @Test
    void what_is_no_calendar_is_refused() throws Exception {
        caller.asTrainer();
        for (String bad : new String[] {"", "hello", "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n"}) {
            assertThat(caller.post("/api/imports/events", Map.of("text", bad)).status())
                    .as(bad)
                    .isEqualTo(409);
        }
    }
}
