package kinesia.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kinesia.account.RoomCalendar;
import kinesia.client.Client;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.plan.TrainingWeek;
import kinesia.room.Place;
import kinesia.room.Places;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is planned and booked of clients' days. */
@Component
public class ClientDays {
    private final Appointments appointments;
    private final StoredBlocks blocks;
    private final Places places;
    private final RoomCalendar calendar;

    ClientDays(Appointments appointments, StoredBlocks blocks, Places places, RoomCalendar calendar) {
        this.appointments = appointments;
        this.blocks = blocks;
        this.places = places;
        this.calendar = calendar;
    }

    /** A visit that is booked. */
    public record Booked(UUID id, LocalDate on, LocalTime at, int minutes, UUID placeId) {}

    /** One client's days: the weeks as planning needs them, and what is booked, by day. */
    public record Days(TrainingWeek week, Map<LocalDate, Booked> booked) {
        public Days {
            booked = Map.copyOf(booked);
        }

        /** What is booked on {@code day}; null when nothing is. */
        public @Nullable Booked on(LocalDate day) {
            return booked.get(day);
        }
    }

    /** The days of {@code client}, with what is booked on {@code from} and later. */
    public Days of(Client client, LocalDate from) {
        return ofAll(List.of(client), from).getOrDefault(client.id(), days(client, List.of(), List.of()));
    }

    /** The days of each of {@code clients}. */
    public Map<UUID, Days> ofAll(Collection<Client> clients, LocalDate from) {
        List<UUID> ids = clients.stream().map(Client::id).toList();
        Map<UUID, List<StoredBlock>> planned = blocks.findByClientIdInOrderByStartsOn(ids).stream()
                .collect(Collectors.groupingBy(StoredBlock::clientId));
        Map<UUID, List<Appointment>> booked =
                appointments.findBooked(ids, from).stream().collect(Collectors.groupingBy(Appointment::clientId));
        Map<UUID, Days> days = new HashMap<>();
        clients.forEach(c -> days.put(
                c.id(), days(c, planned.getOrDefault(c.id(), List.of()), booked.getOrDefault(c.id(), List.of()))));
        return days;
    }

    /** Keeps {@code block} in place of what would begin in it; the one it begins in ends before it. */
    public void keep(UUID id, UUID clientId, TrainingBlock block, String by) {
        for (StoredBlock other : blocks.findByClientIdInOrderByStartsOn(List.of(clientId))) {
            if (block.covers(other.block().start())) {
                blocks.delete(other); // it has not begun
            } else if (other.block().covers(block.start())) {
                other.end(block.start(), calendar.now(), by);
            }
        }
        blocks.flush();
        blocks.saveAndFlush(new StoredBlock(id, clientId, block, calendar.now(), by));
    }

    /** Books {@code visit}, on a day on which nothing is booked. */
    public void book(Booked visit, UUID clientId, String by) {
        appointments.saveAndFlush(new Appointment(
                visit.id(),
                clientId,
                new Appointment.Slot(visit.on(), visit.at(), visit.minutes(), visit.placeId()),
                calendar.now(),
                by));
    }

    /** The place asked for, or else the one that is {@code booked}, or else the client's usual one. */
    Place place(Client client, @Nullable UUID asked, @Nullable Booked booked) {
        UUID id = asked == null && booked != null ? booked.placeId() : asked;
        return id == null || id.equals(client.place().id())
                ? client.place()
                : places.findByIdAndRoomId(id, client.roomId())
                        .orElseThrow(() ->
                                Problem.invalid(List.of(new Problem.Field("placeId", "is not a place of this room"))));
    }

    private static Days days(Client client, List<StoredBlock> planned, List<Appointment> visits) {
        Map<LocalDate, Booked> booked = new HashMap<>();
        visits.forEach(a -> booked.put(a.slot().on(), booked(a)));
        return new Days(
                client.details()
                        .week()
                        .with(planned.stream().map(StoredBlock::block).toList(), booked.keySet()),
                booked);
    }

    private static Booked booked(Appointment appointment) {
        Appointment.Slot slot = appointment.slot();
        return new Booked(appointment.id(), slot.on(), slot.at(), slot.minutes(), slot.placeId());
    }
}
