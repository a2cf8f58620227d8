package kinesia.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import kinesia.account.RoomCalendar;
import kinesia.account.SignedIn;
import kinesia.client.Client;
import kinesia.client.ClientDetails;
import kinesia.client.Clients;
import kinesia.core.plan.Goal;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.reason.InvalidValue;
import kinesia.core.response.DoneInBlock;
import kinesia.core.response.SessionRecord;
import kinesia.plan.CompositionController.PlaceChoice;
import kinesia.response.SessionHistory;
import kinesia.room.Places;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A client's days: the visits that are booked and the blocks of weeks. */
@RestController
class DaysController {
    private static final int FURTHEST_DAYS = 366;

    private final Clients clients;
    private final Places places;
    private final Appointments appointments;
    private final StoredBlocks blocks;
    private final ClientDays clientDays;
    private final SessionHistory history;
    private final RoomCalendar calendar;

    DaysController(
            Clients clients,
            Places places,
            Appointments appointments,
            StoredBlocks blocks,
            ClientDays clientDays,
            SessionHistory history,
            RoomCalendar calendar) {
        this.clients = clients;
        this.places = places;
        this.appointments = appointments;
        this.blocks = blocks;
        this.clientDays = clientDays;
        this.history = history;
        this.calendar = calendar;
    }

    /** A booked visit; {@code version} goes back with a change. */
    record AppointmentView(
            UUID id, long version, LocalDate on, LocalTime at, int minutes, UUID placeId, String placeName) {}

    /**
     * A block as it is or was.
     *
     * @param endsOn its last day
     * @param week which of its weeks it is today; 0 before and after
     * @param lighterFrom the first day of its lighter week; missing without one
     */
    record BlockLine(
            UUID id,
            LocalDate startsOn,
            LocalDate endsOn,
            int weeks,
            int week,
            Goal aim,
            @Nullable LocalDate lighterFrom,
            boolean newExercises,
            List<DoneInBlock> done) {}

    /**
     * @param usual what a booking has unless something else is chosen
     * @param blocks the latest first
     */
    record DaysView(
            LocalDate today,
            List<AppointmentView> appointments,
            List<BlockLine> blocks,
            Usual usual,
            List<PlaceChoice> places) {}

    record Usual(int minutes, UUID placeId, List<DayOfWeek> days, Goal goal) {}

    /** @param version of what the change was made to; missing for a new one */
    record SaveAppointment(@Nullable Long version, LocalDate on, LocalTime at, int minutes, UUID placeId) {}

    /**
     * The same visit on days of every week.
     *
     * @param from the first day it may be on
     * @param weeks 1 to 26
     */
    record BookWeeks(
            LocalDate from,
            List<DayOfWeek> days,

            @Min(value = 1, message = "from 1 to 26 weeks") @Max(value = 26, message = "from 1 to 26 weeks")
            int weeks,

            LocalTime at,
            int minutes,
            UUID placeId) {}

    /** @param lighterWeek counted from 1; missing for none */
    record SaveBlock(
            LocalDate startsOn,
            int weeks,
            Goal aim,
            @Nullable Integer lighterWeek,
            boolean newExercises) {}

    @GetMapping("/api/clients/{clientId}/days")
    @Transactional(readOnly = true)
    DaysView days(@PathVariable UUID clientId, @AuthenticationPrincipal SignedIn who) {
        return view(clients.require(clientId, who.roomId()), who);
    }

    /** Books a visit under an id made by the page, or moves the one there is. */
    @PutMapping("/api/clients/{clientId}/appointments/{id}")
    @Transactional
    DaysView book(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody SaveAppointment body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        Appointment.Slot slot = slot(body.on(), body.at(), body.minutes(), body.placeId(), who);
        Appointment known = own(id, clientId);
        Appointment there = appointments.findOn(clientId, slot.on()).orElse(null);
        if (there != null && !there.id().equals(id)) {
            throw Problem.invalid(List.of(new Problem.Field(
                    "on", "is booked already, at " + there.slot().at())));
        }
        if (known == null) {
            if (body.version() != null) {
                throw Problem.notFound();
            }
            clientDays.book(booked(id, slot), clientId, who.name());
        } else if (known.isCancelled() || !known.slot().equals(slot)) {
            if (body.version() == null || body.version() != known.version()) {
                throw Problem.conflict(known.changedBy() + " changed this visit meanwhile.", view(client, who));
            }
            known.move(slot, calendar.now(), who.name());
            appointments.saveAndFlush(known);
        }
        return view(client, who);
    }

    /** Books the same visit on days of every week; days that are booked already stay as they are. The same id again books nothing more. */
    @PutMapping("/api/clients/{clientId}/appointments/{id}/weekly")
    @Transactional
    DaysView bookWeeks(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @Valid @RequestBody BookWeeks body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        if (body.days().isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field("days", "at least one is needed")));
        }
        slot(body.from(), body.at(), body.minutes(), body.placeId(), who);
        Set<DayOfWeek> days = new TreeSet<>(body.days());
        body.from()
                .datesUntil(body.from().plusWeeks(body.weeks()))
                .filter(d -> days.contains(d.getDayOfWeek()))
                .forEach(day -> bookOne(clientId, id, day, body, who));
        return view(client, who);
    }

    private void bookOne(UUID clientId, UUID series, LocalDate day, BookWeeks body, SignedIn who) {
        UUID id = UUID.nameUUIDFromBytes((series + "/" + day).getBytes(StandardCharsets.UTF_8));
        if (appointments.findOn(clientId, day).isEmpty() && !appointments.existsById(id)) {
            clientDays.book(
                    new ClientDays.Booked(id, day, body.at(), body.minutes(), body.placeId()), clientId, who.name());
        }
    }

    /** Takes a booked visit off; it is kept as cancelled. */
    @DeleteMapping("/api/clients/{clientId}/appointments/{id}")
    @Transactional
    DaysView cancel(@PathVariable UUID clientId, @PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        Appointment appointment = own(id, clientId);
        if (appointment == null) {
            throw Problem.notFound();
        }
        if (!appointment.isCancelled()) {
            appointment.cancel(calendar.now(), who.name());
            appointments.saveAndFlush(appointment);
        }
        return view(client, who);
    }

    /** Keeps a block under an id made by the page, in place of what would begin in it; the one it begins in ends before it. */
    @PutMapping("/api/clients/{clientId}/blocks/{id}")
    @Transactional
    DaysView keep(
            @PathVariable UUID clientId,
            @PathVariable UUID id,
            @RequestBody SaveBlock body,
            @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        requireNear("startsOn", body.startsOn(), who);
        TrainingBlock block = new TrainingBlock(
                body.startsOn(), body.weeks(), body.aim(), body.lighterWeek(), body.newExercises(), null);
        StoredBlock known = blocks.findById(id).orElse(null);
        if (known != null && !known.clientId().equals(clientId)) {
            throw Problem.notFound();
        }
        if (known == null) {
            clientDays.keep(id, clientId, block, who.name());
        }
        return view(client, who);
    }

    /** Ends a block with yesterday; one that has not begun is dropped. */
    @DeleteMapping("/api/clients/{clientId}/blocks/{id}")
    @Transactional
    DaysView end(@PathVariable UUID clientId, @PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        Client client = clients.require(clientId, who.roomId());
        clients.lock(clientId);
        LocalDate today = calendar.today(who.roomId());
        StoredBlock stored =
                blocks.findById(id).filter(b -> b.clientId().equals(clientId)).orElseThrow(() -> Problem.notFound());
        if (!stored.block().start().isBefore(today)) {
            blocks.delete(stored);
        } else if (stored.block().covers(today)) {
            stored.end(today, calendar.now(), who.name());
        }
        blocks.flush();
        return view(client, who);
    }

    private static ClientDays.Booked booked(UUID id, Appointment.Slot slot) {
        return new ClientDays.Booked(id, slot.on(), slot.at(), slot.minutes(), slot.placeId());
    }

    private @Nullable Appointment own(UUID id, UUID clientId) {
        Appointment known = appointments.findById(id).orElse(null);
        if (known != null && !known.clientId().equals(clientId)) {
            throw Problem.notFound();
        }
        return known;
    }

    private Appointment.Slot slot(LocalDate on, LocalTime at, int minutes, UUID placeId, SignedIn who) {
        requireNear("on", on, who);
        InvalidValue.requireWithin(
                "minutes", minutes, PlanRequest.SHORTEST_MINUTES, PlanRequest.LONGEST_MINUTES, "minutes");
        if (places.findByIdAndRoomId(placeId, who.roomId()).isEmpty()) {
            throw Problem.invalid(List.of(new Problem.Field("placeId", "is not a place of this room")));
        }
        return new Appointment.Slot(on, at.withSecond(0).withNano(0), minutes, placeId);
    }

    private void requireNear(String field, LocalDate day, SignedIn who) {
        LocalDate today = calendar.today(who.roomId());
        if (day.isBefore(today) || day.isAfter(today.plusDays(FURTHEST_DAYS))) {
            throw Problem.invalid(List.of(new Problem.Field(field, "is between today and a year from now")));
        }
    }

    private DaysView view(Client client, SignedIn who) {
        LocalDate today = calendar.today(who.roomId());
        List<PlaceChoice> choices = places.findByRoomIdOrderByName(who.roomId()).stream()
                .map(p -> new PlaceChoice(p.id(), p.name()))
                .toList();
        List<SessionRecord> records = history.of(client.id(), null).stream()
                .map(SessionHistory.Entry::record)
                .toList();
        List<BlockLine> lines = new ArrayList<>();
        for (StoredBlock stored : blocks.findByClientIdInOrderByStartsOn(List.of(client.id()))) {
            lines.add(0, line(stored, records, today));
        }
        ClientDetails details = client.details();
        return new DaysView(
                today,
                appointments.findBooked(List.of(client.id()), today).stream()
                        .map(a -> view(a, choices))
                        .toList(),
                lines,
                new Usual(
                        details.minutes(),
                        client.place().id(),
                        details.days() == null ? List.of() : details.days(),
                        details.goal()),
                choices);
    }

    private static AppointmentView view(Appointment appointment, List<PlaceChoice> places) {
        Appointment.Slot slot = appointment.slot();
        String place = places.stream()
                .filter(p -> p.id().equals(slot.placeId()))
                .map(PlaceChoice::name)
                .findFirst()
                .orElse("");
        return new AppointmentView(
                appointment.id(), appointment.version(), slot.on(), slot.at(), slot.minutes(), slot.placeId(), place);
    }

    private static BlockLine line(StoredBlock stored, List<SessionRecord> records, LocalDate today) {
        TrainingBlock block = stored.block();
        Integer lighter = block.lighterWeek();
        return new BlockLine(
                stored.id(),
                block.start(),
                block.end().minusDays(1),
                block.weeks(),
                block.week(today),
                block.aim(),
                lighter == null ? null : block.start().plusWeeks(lighter - 1L),
                block.newExercises(),
                DoneInBlock.of(block, records));
    }
}
