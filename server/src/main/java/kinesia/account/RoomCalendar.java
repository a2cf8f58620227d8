package kinesia.account;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What day it is in a room. A demo room's calendar can be moved ahead, so that a whole week can be tried in an hour. */
@Component
public class RoomCalendar {
    private final Rooms rooms;
    private final Clock clock;

    RoomCalendar(Rooms rooms, Clock clock) {
        this.rooms = rooms;
        this.clock = clock;
    }

    public LocalDate today(UUID roomId) {
        int ahead = rooms.findById(roomId).map(Room::demoClockDays).orElse(0);
        return LocalDate.now(clock).plusDays(ahead);
    }

    public Instant now() {
        return clock.instant();
    }
}
