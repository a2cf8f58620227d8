package kinesia.exchange;

import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayInputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import kinesia.account.SignedIn;
import kinesia.shared.Problem;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Brings in what was handed out: one record, a room's file, or a whole room as a ZIP. */
@RestController
class RecordImportController {
    // What one file of a ZIP may unpack to: more than ten years of a client.
    private static final int MOST_OF_ONE = 50_000_000;
    // What all of it may: a room of some hundred clients.
    private static final long MOST_OF_ALL = 2_000_000_000;
    private static final int MOST_FILES = 2_000;

    private final RecordReader reader;

    RecordImportController(RecordReader reader) {
        this.reader = reader;
    }

    /**
     * @param ofRoom places, variations and ways of working that were new
     * @param unchanged files whose content was here already as it is
     */
    record BroughtIn(List<BroughtClient> clients, int ofRoom, int unchanged) {}

    /** @param rows of it that were new */
    record BroughtClient(UUID id, String name, int rows) {}

    /** All of it or nothing. A second time changes nothing. */
    @PostMapping(path = "/api/imports/records", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Transactional
    BroughtIn bring(HttpServletRequest request, @AuthenticationPrincipal SignedIn who) throws IOException {
        Count count = new Count(who.roomId());
        // All of it first: nobody's connection waits for the database, and only so many bytes are let in.
        byte[] bytes = request.getInputStream().readAllBytes();
        InputStream in = new ByteArrayInputStream(bytes);
        if (bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K') {
            unzip(in, count);
        } else {
            count.take(in);
        }
        return new BroughtIn(count.brought, count.ofRoom, count.unchanged);
    }

    /** What came in so far. */
    private final class Count {
        private final UUID room;
        private final List<BroughtClient> brought = new ArrayList<>();
        private int ofRoom;
        private int unchanged;

        private Count(UUID room) {
            this.room = room;
        }

        private void take(InputStream in) throws IOException {
            RecordReader.Brought one = reader.read(in, room);
            if (one.rows() == 0) {
                unchanged++;
            } else if (one.clientId() == null) {
                ofRoom += one.rows();
            } else {
                brought.add(new BroughtClient(one.clientId(), one.name(), one.rows()));
            }
        }
    }

    private static void unzip(InputStream in, Count count) {
        long left = MOST_OF_ALL;
        int files = 0;
        int found = 0;
        try (ZipInputStream zip = new ZipInputStream(in, StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++files > MOST_FILES) {
                    throw Problem.refused("This ZIP has more than " + MOST_FILES + " files.");
                }
                Counted one = new Counted(zip, left);
                if (entry.getName().endsWith(".json")) {
                    count.take(one);
                    found++;
                }
                one.transferTo(OutputStream.nullOutputStream());
                left -= one.read;
            }
        } catch (ZipException e) {
            throw Problem.refused("This ZIP is broken.");
        } catch (IOException e) {
            throw Problem.refused("This ZIP ends too early.");
        }
        if (found == 0) {
            throw Problem.refused("There is no record in this ZIP.");
        }
    }

    /** One file of a ZIP, counted while it is unpacked, whatever the ZIP says of its size. */
    private static final class Counted extends FilterInputStream {
        private final long left;
        private long read;

        private Counted(InputStream in, long left) {
            super(in);
            this.left = left;
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] bytes, int from, int most) throws IOException {
            int some = super.read(bytes, from, most);
            count(Math.max(some, 0));
            return some;
        }

        private void count(int bytes) {
            read += bytes;
            if (read > left) {
                throw Problem.refused("This ZIP unpacks to more than " + MOST_OF_ALL / 1_000_000 + " MB.");
            }
            if (read > MOST_OF_ONE) {
                throw Problem.refused("A file of this ZIP unpacks to more than " + MOST_OF_ONE / 1_000_000 + " MB.");
            }
        }

        @Override
        public void close() {
            // The ZIP goes on after this file.
        }
    }
}
