package kinesia.exchange;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The tables a client's record is made of, each after what it refers to. Links that were sent are not part of it: they would
 * open again what was closed.
 */
final class RecordTables {
    private static final String CLIENT = "client_id = ?";
    private static final String SESSION = "session_id in (select id from training_session where client_id = ?)";

    /** What is handed out and brought in. */
    static final List<OfClient> KEPT = List.of(
            new OfClient("client", "id = ?"),
            new OfClient("client_contact", CLIENT),
            new OfClient("appointment", CLIENT),
            new OfClient("training_block", CLIENT),
            new OfClient("composition", CLIENT),
            new OfClient("set_up", CLIENT),
            new OfClient("felt_trial", CLIENT),
            new OfClient("old_set", CLIENT),
            new OfClient("screen", CLIENT),
            new OfClient("clearance", CLIENT),
            new OfClient("pressure_reading", CLIENT),
            new OfClient("limit_change", CLIENT),
            new OfClient("referral", CLIENT),
            new OfClient("block_review", CLIENT),
            new OfClient("ruling", CLIENT),
            new OfClient("home_session", CLIENT),
            new OfClient("training_session", CLIENT),
            new OfClient("session_plan", SESSION),
            new OfClient("set_log", SESSION),
            new OfClient("session_note", SESSION),
            new OfClient("morning_check", SESSION));

    private RecordTables() {}

    /** The table called {@code name}; null where none of a record is. */
    static @Nullable OfClient find(String name) {
        return KEPT.stream().filter(t -> t.name().equals(name)).findFirst().orElse(null);
    }

    /** @param which rows of it are one client's, whose id is its one parameter */
    record OfClient(String name, String which) {
        /** Where its rows are handed out from. Why the other exercises were not chosen is most of a plan, and can be asked anew. */
        String source() {
            return name.equals("session_plan")
                    ? "(select session_id, jsonb_set(plan, '{document,whyNot}', '[]') as plan from session_plan)"
                    : name;
        }

        /** The column that tells its rows apart. */
        String key() {
            return switch (name) {
                case "client_contact", "composition" -> "client_id";
                case "session_plan", "morning_check" -> "session_id";
                default -> "id";
            };
        }

        boolean isOfSession() {
            return which.equals(SESSION);
        }
    }

    /** What is erased, what refers to something before it. */
    static List<OfClient> erased() {
        List<OfClient> all = new ArrayList<>(KEPT);
        Collections.reverse(all);
        all.add(0, new OfClient("screen_draft", CLIENT));
        all.add(0, new OfClient("private_link", CLIENT));
        all.add(0, new OfClient("outbox_message", CLIENT));
        return all;
    }
}
