package kinesia.room;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.core.plan.Method;
import kinesia.core.plan.Methods;
import kinesia.shared.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Ways of working: the house's to read and begin from, and the room's own, held to the checks of the rule files. */
@RestController
class MethodController {
    private static final Pattern NEXT = Pattern.compile("(?m)^  - (?=key:)");

    private final RoomMethods methods;
    private final Methods house;
    private final RoomCalendar calendar;
    private final JdbcTemplate database;

    MethodController(RoomMethods methods, Methods house, RoomCalendar calendar, JdbcTemplate database) {
        this.methods = methods;
        this.house = house;
        this.calendar = calendar;
        this.database = database;
    }

    /** One of the house, as its rule file has it. */
    record HouseMethod(String key, String name, String what, String text) {}

    /** One of the room. */
    record OwnMethod(UUID id, String key, String name, String what, String text, String changedBy) {}

    record MethodsView(List<HouseMethod> house, List<OwnMethod> own) {}

    /** @param text one method as the rule files write it */
    record SaveMethod(
            @NotNull(message = "is needed") @Size(max = 8000, message = "at most 8000 characters")
            String text) {}

    @GetMapping("/api/methods")
    @Transactional(readOnly = true)
    MethodsView all(@AuthenticationPrincipal SignedIn who) throws IOException {
        List<OwnMethod> own = new ArrayList<>();
        for (RoomMethods.Own kept : methods.own(who.roomId())) {
            own.add(view(kept));
        }
        return new MethodsView(ofHouse(), own);
    }

    /** Keeps a method under an id made by the page; the same id again changes it. */
    @PutMapping("/api/methods/{id}")
    @Transactional
    OwnMethod keep(@PathVariable UUID id, @Valid @RequestBody SaveMethod body, @AuthenticationPrincipal SignedIn who) {
        List<UUID> owner = database.queryForList("select room_id from room_method where id = ?", UUID.class, id);
        if (!owner.isEmpty() && !owner.get(0).equals(who.roomId())) {
            throw Problem.notFound();
        }
        Method read;
        try {
            List<Method> together =
                    methods.with(methods.without(who.roomId(), id), body.text()).all();
            read = together.get(together.size() - 1);
        } catch (IllegalArgumentException e) {
            throw Problem.invalid(List.of(new Problem.Field("text", String.valueOf(e.getMessage()))));
        }
        database.update(
                """
                insert into room_method (id, room_id, name, text, changed_at, changed_by) values (?, ?, ?, ?, ?, ?)
                on conflict (id) do update set name = excluded.name, text = excluded.text,
                  changed_at = excluded.changed_at, changed_by = excluded.changed_by""", id, who.roomId(), read.name(), body.text(), java.sql.Timestamp.from(calendar.now()), who.name());
        return new OwnMethod(id, read.key(), read.name(), read.what(), body.text(), who.name());
    }

    /** It is offered no more; what was planned by it stays. */
    @DeleteMapping("/api/methods/{id}")
    @Transactional
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        database.update("delete from room_method where id = ? and room_id = ?", id, who.roomId());
    }

    private OwnMethod view(RoomMethods.Own kept) {
        try {
            Method read = methods.read(kept.text());
            return new OwnMethod(kept.id(), read.key(), read.name(), read.what(), kept.text(), kept.changedBy());
        } catch (IllegalArgumentException e) {
            return new OwnMethod(
                    kept.id(), "", "To mend", String.valueOf(e.getMessage()), kept.text(), kept.changedBy());
        }
    }

    private List<HouseMethod> ofHouse() throws IOException {
        try (InputStream in = Methods.class.getResourceAsStream("/kinesia/rules/methods.yaml")) {
            if (in == null) {
                throw new IOException("methods.yaml is missing");
            }
            String[] texts = NEXT.split(new String(in.readAllBytes(), StandardCharsets.UTF_8), -1);
            List<HouseMethod> all = new ArrayList<>();
            for (Method method : house.all()) {
                String text = texts[all.size() + 1].replaceAll("(?m)^    ", "").strip() + "\n";
                all.add(new HouseMethod(method.key(), method.name(), method.what(), text));
            }
            return all;
        }
    }
}
