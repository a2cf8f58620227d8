package kinesia.shared;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.context.annotation.Primary;

/** The clock of the tests: it runs on, and a test may move it; the next test finds it right again. */
@Primary
public final class TestClock extends Clock {
    private volatile Duration ahead = Duration.ZERO;

    /** Moves it on from where it stands. */
    public void pass(Duration time) {
        ahead = ahead.plus(time);
    }

    void setRight() {
        ahead = Duration.ZERO;
    }

    @Override
    public Instant instant() {
        return Instant.now().plus(ahead);
    }

    @Override
    public ZoneId getZone() {
        return ZoneId.systemDefault();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return zone.equals(getZone()) ? this : Clock.offset(Clock.system(zone), ahead);
    }
}
