package kinesia.exchange;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.core.exercise.Catalogue;
import kinesia.core.screening.ReferralSummary;
import kinesia.core.screening.ScreeningRules;
import kinesia.room.RoomCatalogue;
import kinesia.screening.Screen;
import kinesia.screening.Screens;
import kinesia.shared.Letter;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A client's whole record to read: who they are, screens, every session set by set, mornings, reviews and visits. */
@Component
class RecordPdf {
    private static final Pattern ISO = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

    private final JdbcTemplate database;
    private final RoomCatalogue rooms;
    private final Screens screens;
    private final ScreeningRules rules;

    RecordPdf(JdbcTemplate database, RoomCatalogue rooms, Screens screens, ScreeningRules rules) {
        this.screens = screens;
        this.rules = rules;
        this.database = database;
        this.rooms = rooms;
    }

    /** The bytes of the document. */
    byte[] of(Client client, LocalDate today, Letter.Paper paper) {
        return Letter.of("Record of " + client.name() + ", " + today, paper, letter -> {
            letter.title("Record of " + client.name());
            letter.text("All that is kept, as it was on " + Letter.day(today) + ".");
            Catalogue catalogue =
                    rooms.of(client.roomId(), client.body()).model().catalogue();
            person(letter, client, catalogue);
            pairs(letter, "Contact", """
                    select lower(channel) || ', ' || coalesce(address, ''),
                      coalesce('agreed on ' || consented_on, 'did not agree to be asked')
                    from client_contact where client_id = ?""", client.id());
            screens(letter, client);
            pairs(letter, "Limits changed by hand", """
                    select coalesce(change #>> '{document,madeOn}', made_at::date::text),
                      concat_ws(', ', change #>> '{document,why}', change #>> '{document,author}')
                    from limit_change where client_id = ? order by made_at""", client.id());
            sessions(letter, client, catalogue);
            pairs(letter, "Before this room", """
                    select done_on::text || ' ' || exercise_key, load_label || ', ' || reps || ' repetitions'
                    from old_set where client_id = ? order by done_on, set_number""", client.id());
            pairs(letter, "Mornings after", """
                    select t.visit_on::text || ', asked ' || (m.answers #>> '{document,on}'),
                      coalesce(string_agg(lower(concat_ws(' ', s ->> 'side', replace(s ->> 'site', '_', ' '))) || ' '
                        || (s ->> 'pain') || ' of 10', ', '), 'nothing sore')
                      || ', muscles ' || coalesce(m.answers #>> '{document,muscleSoreness}', '0') || ' of 10'
                    from morning_check m join training_session t on t.id = m.session_id
                    left join lateral jsonb_array_elements(m.answers #> '{document,sites}') s on true
                    where t.client_id = ? group by t.visit_on, m.answers order by t.visit_on""", client.id());
            pairs(letter, "Reviews", """
                    select taken_on::text, decision || ' (' || taken_by || ')'
                    from block_review where client_id = ? order by taken_on""", client.id());
            pairs(letter, "Referrals", """
                    select made_on::text, 'to ' || addressed_to || '. ' || note
                    from referral where client_id = ? order by made_on""", client.id());
            pairs(letter, "Visits booked", """
                    select visit_on::text, starts_at::text || ', ' || minutes || ' minutes'
                      || case when cancelled then ', taken off' else '' end
                    from appointment where client_id = ? order by visit_on""", client.id());
        });
    }

    private static void person(Letter letter, Client client, Catalogue catalogue) throws IOException {
        ClientDetails details = client.details();
        letter.heading("Who");
        letter.pair("Born", Letter.day(details.bornOn()));
        letter.pair("Stature and body mass", details.statureM() + " m, " + details.bodyMassKg() + " kg");
        letter.pair("Life and work", details.life());
        if (!details.dislikes().isEmpty()) {
            letter.pair(
                    "Rather not",
                    String.join(
                            ", ",
                            details.dislikes().stream().map(catalogue::nameOf).toList()));
        }
        if (!details.events().isEmpty()) {
            letter.pair(
                    "Coming up",
                    String.join(
                            ", ",
                            details.events().stream()
                                    .map(e -> e.name() + " on " + Letter.day(e.on()))
                                    .toList()));
        }
    }

    private void screens(Letter letter, Client client) throws IOException {
        for (Screen screen : screens.findByClientIdOrderByTakenAt(client.id())) {
            ReferralSummary seen =
                    ReferralSummary.of(rules.questions(), screen.takenOn(), screen.answers(), screen.assessment());
            letter.heading("Screen of " + Letter.day(screen.takenOn()) + ", taken by " + screen.takenBy());
            letter.pair("Found", seen.findings().isEmpty() ? "nothing to ask a clinician" : told(seen.findings()));
            letter.pair("Sore places", seen.places().isEmpty() ? "none" : told(seen.places()));
            letter.pair("Measured", seen.measured().isEmpty() ? "nothing" : told(seen.measured()));
            letter.pair("Left out or kept small", seen.limits().isEmpty() ? "nothing" : told(seen.limits()));
        }
    }

    private static String told(List<String> lines) {
        return String.join(" ", lines);
    }

    private record DoneSet(LocalDate on, String exercise, String words) {}

    private void sessions(Letter letter, Client client, Catalogue catalogue) throws IOException {
        Map<LocalDate, Map<String, List<String>>> days = new LinkedHashMap<>();
        database.query(
                        """
                        select t.visit_on, l.exercise_key,
                          concat_ws(' ', lower(l.side), l.load_label, 'for', l.reps,
                            case when l.effort is not null then 'at effort ' || l.effort end,
                            case when l.pain > 0 then 'with pain ' || l.pain end)
                        from set_log l join training_session t on t.id = l.session_id
                        where t.client_id = ? and not l.undone order by t.visit_on, l.logged_at""",
                        (row, n) -> new DoneSet(row.getObject(1, LocalDate.class), row.getString(2), row.getString(3)),
                        client.id())
                .forEach(set -> days.computeIfAbsent(set.on(), d -> new LinkedHashMap<>())
                        .computeIfAbsent(catalogue.nameOf(set.exercise()), e -> new ArrayList<>())
                        .add(set.words()));
        for (Map.Entry<LocalDate, Map<String, List<String>>> day : days.entrySet()) {
            letter.heading("Session of " + Letter.day(day.getKey()));
            for (Map.Entry<String, List<String>> exercise : day.getValue().entrySet()) {
                letter.pair(exercise.getKey(), String.join("; ", exercise.getValue()));
            }
        }
    }

    /** Rows of two columns under a heading; nothing where there are none. */
    private void pairs(Letter letter, String title, String query, UUID clientId) throws IOException {
        List<String[]> rows =
                database.query(query, (row, n) -> new String[] {row.getString(1), row.getString(2)}, clientId);
        if (rows.isEmpty()) {
            return;
        }
        letter.heading(title);
        for (String[] row : rows) {
            letter.pair(ISO.matcher(row[0]).replaceAll(d -> Letter.day(LocalDate.parse(d.group()))), row[1]);
        }
    }
}
