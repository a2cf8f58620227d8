package kinesia.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A training room: the border of what anyone may see. */
@Entity
public class Room {
    @Id
    private UUID id;

    private String name;
    private int demoClockDays;

    protected Room() {}

    public Room(String name) {
        this.id = UUID.randomUUID();
        this.name = name;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    /** Days by which a demo room's calendar runs ahead; 0 in a real one. */
    public int demoClockDays() {
        return demoClockDays;
    }

    void moveDemoClock(int days) {
        demoClockDays += days;
    }
}
