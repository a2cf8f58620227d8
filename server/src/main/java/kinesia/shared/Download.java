package kinesia.shared;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file as an answer. */
public final class Download {
    private Download() {}

    /** A document that the browser shows. */
    public static ResponseEntity<byte[]> pdf(String name, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, named(ContentDisposition.inline(), name))
                .body(bytes);
    }

    /** A text that is saved. */
    public static ResponseEntity<String> text(MediaType type, String name, String content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, named(ContentDisposition.attachment(), name))
                .body(content);
    }

    /** Says in {@code response} what is about to be written to it. */
    public static void begin(HttpServletResponse response, MediaType type, String name) {
        response.setContentType(type.toString());
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, named(ContentDisposition.attachment(), name));
    }

    /** Part of a file's name that every file system takes. */
    public static String plain(String words) {
        return words.replaceAll("[^\\p{Alnum}]+", "-").replaceAll("^-|-$", "");
    }

    private static String named(ContentDisposition.Builder how, String name) {
        return how.filename(name).build().toString();
    }
}
