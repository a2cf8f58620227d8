package kinesia.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Objects;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads rows a few at a time, so that ten years of a record need no more memory than a day. */
@Component
class Rows {
    private static final int AT_ONCE = 500;

    private final JdbcTemplate database;
    // Rows come a few at a time only within a transaction.
    private final TransactionTemplate reading;

    Rows(JdbcTemplate database, PlatformTransactionManager transactions) {
        this.database = new JdbcTemplate(Objects.requireNonNull(database.getDataSource()));
        this.database.setFetchSize(AT_ONCE);
        reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
    }

    /** What writes a row somewhere. */
    interface Writing {
        void of(ResultSet row) throws SQLException, IOException;
    }

    void each(String query, Writing writing, Object... parameters) throws IOException {
        try {
            reading.executeWithoutResult(status -> database.query(
                    query,
                    row -> {
                        try {
                            writing.of(row);
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    },
                    parameters));
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }
}
