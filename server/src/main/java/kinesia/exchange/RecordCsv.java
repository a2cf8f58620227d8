package kinesia.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Sets and mornings as tables for a spreadsheet: RFC 4180, UTF-8, columns that stay as they are, no cell that is a formula. */
@Component
class RecordCsv {
    static final List<String> SETS = List.of(
            "visit_on",
            "exercise_key",
            "side",
            "set_number",
            "load_kg",
            "load",
            "reps",
            "effort",
            "pain",
            "pain_place",
            "before_this_room");
    static final List<String> MORNINGS = List.of(
            "visit_on", "answered_on", "place", "pain", "muscle_soreness", "sleep_hours", "stiff_minutes", "sharp");
    private static final String FORMULA = "=+-@\t\r";

    private final Rows rows;

    RecordCsv(Rows rows) {
        this.rows = rows;
    }

    /** One line for each set that stands, oldest first; those of a log from before are marked. */
    void sets(UUID clientId, OutputStream out) throws IOException {
        write(out, SETS, """
                select visit_on::text, exercise_key, side, set_number::text, load_kg::text, load_label, reps::text,
                  effort::text, pain::text, pain_place, before
                from (
                  select t.visit_on, l.logged_at, l.exercise_key, l.side, l.set_number, l.load_kg, l.load_label, l.reps,
                    case when coalesce(l.effort_said, true) then l.effort end as effort, l.pain,
                    concat_ws(' ', l.pain_side, l.pain_site) as pain_place, null as before
                  from set_log l join training_session t on t.id = l.session_id
                  where t.client_id = ? and not l.undone
                  union all
                  select done_on, null, exercise_key, side, set_number, load_kg, load_label, reps, effort, null, '', 'yes'
                  from old_set where client_id = ?) kept
                order by visit_on, logged_at nulls first, exercise_key, set_number""", clientId, clientId);
    }

    /** One line for each place of each morning that was answered, oldest first. */
    void mornings(UUID clientId, OutputStream out) throws IOException {
        write(out, MORNINGS, """
                select t.visit_on::text, m.answers #>> '{document,on}', concat_ws(' ', s ->> 'side', s ->> 'site'),
                  s ->> 'pain', m.answers #>> '{document,muscleSoreness}', m.answers #>> '{document,sleepHours}',
                  m.answers #>> '{document,stiffMinutes}', m.answers #>> '{document,sharp}'
                from morning_check m join training_session t on t.id = m.session_id
                left join lateral jsonb_array_elements(m.answers #> '{document,sites}') s on true
                where t.client_id = ? order by t.visit_on, 3""", clientId);
    }

    private void write(OutputStream out, List<String> columns, String query, Object... parameters) throws IOException {
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(columns.toArray(String[]::new))
                .get();
        CSVPrinter csv = new CSVPrinter(writer, format); // not closed: the stream is the caller's
        rows.each(
                query,
                row -> {
                    for (int i = 1; i <= columns.size(); i++) {
                        csv.print(harmless(row.getString(i)));
                    }
                    csv.println();
                },
                parameters);
        csv.flush();
    }

    /** A cell that a spreadsheet would work out as a formula stands behind an apostrophe. */
    static @Nullable String harmless(@Nullable String text) {
        return text == null || text.isEmpty() || FORMULA.indexOf(text.charAt(0)) < 0 ? text : "'" + text;
    }
}
