package kinesia.exchange;

import com.fasterxml.jackson.databind.JsonNode;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
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
    // What one file of a ZIP may unpack to: more than ten years of a client, far less than the memory.
    private static final int MOST_OF_ONE = 50_000_000;
    // What all of it may: a room of some hundred clients; one file at a time is in memory.
    private static final long MOST_OF_ALL = 2_000_000_000;
    private static final int MOST_FILES = 2_000;

    private final RecordFile file;

    RecordImportController(RecordFile file) {
        this.file = file;
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
        byte[] bytes = request.getInputStream().readAllBytes();
        Count count = new Count(who.roomId());
        if (isZip(bytes)) {
            unzip(bytes, count::take);
        } else {
            count.take(file.parse(bytes));
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

        private void take(JsonNode content) {
            if (RecordFile.isRoom(content)) {
                int fresh = file.readRoom(content, room);
                ofRoom += fresh;
                unchanged += fresh == 0 ? 1 : 0;
                return;
            }
            RecordFile.Brought one = file.read(content, room);
            if (one.rows() == 0) {
                unchanged++;
            } else {
                brought.add(new BroughtClient(one.clientId(), one.name(), one.rows()));
            }
        }
    }

    private static boolean isZip(byte[] bytes) {
        return bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K';
    }

    private void unzip(byte[] bytes, Consumer<JsonNode> each) {
        long left = MOST_OF_ALL;
        int files = 0;
        int found = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++files > MOST_FILES) {
                    throw Problem.refused("This ZIP has more than " + MOST_FILES + " files.");
                }
                byte[] one = limited(zip, left);
                left -= one.length;
                if (entry.getName().endsWith(".json")) {
                    each.accept(file.parse(one));
                    found++;
                }
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

    /** Counted while it is unpacked, whatever the file says of its size. */
    private static byte[] limited(InputStream in, long left) throws IOException {
        byte[] bytes = in.readNBytes((int) Math.min(MOST_OF_ONE, left) + 1);
        if (bytes.length > left) {
            throw Problem.refused("This ZIP unpacks to more than " + MOST_OF_ALL / 1_000_000 + " MB.");
        }
        if (bytes.length > MOST_OF_ONE) {
            throw Problem.refused("A file of this ZIP unpacks to more than " + MOST_OF_ONE / 1_000_000 + " MB.");
        }
        return bytes;
    }
}
