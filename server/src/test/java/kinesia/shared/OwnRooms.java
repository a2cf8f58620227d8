package kinesia.shared;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.junit.jupiter.SpringExtension;

/**
 * Copies of the demo rooms, one for each test that signs in: nobody finds what another test left, and no order is asked for.
 * Every id of a copy is made of the demo's and the number of the copy, and so is every e-mail.
 */
final class OwnRooms implements BeforeEachCallback {
    private static final AtomicInteger NUMBER = new AtomicInteger();
    private static final String COPY = read(Path.of("..", "ops", "copy-of-demo.sql"));

    @Override
    public void beforeEach(ExtensionContext context) {
        SpringExtension.getApplicationContext(context).getBean(Caller.class).leaveRoom();
    }

    /** Makes the next copy and gives its number. */
    static int copy(JdbcTemplate database) {
        int number = NUMBER.incrementAndGet();
        database.execute("set kinesia.copy = '" + number + "'; " + COPY);
        return number;
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The e-mail that a demo account has in a copy. */
    static String email(String demo, int number) {
        return number + "." + demo;
    }

    /** The room of that e-mail. */
    static UUID room(JdbcTemplate database, String email) {
        return database.queryForObject("select room_id from account where email = ?", UUID.class, email);
    }
}
