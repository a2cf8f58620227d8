package kinesia.shared;

import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;

/** A refusal in the one error format of this server: problem details (RFC 9457), with a list of fields where it helps. */
public final class Problem extends ErrorResponseException {
    private Problem(HttpStatus status, String title, String detail, Map<String, ?> extra) {
        super(status, body(status, title, detail, extra), null);
    }

    /** One field and what is wrong with it. */
    public record Field(String field, String message) {}

    private static ProblemDetail body(HttpStatus status, String title, String detail, Map<String, ?> extra) {
        ProblemDetail body = ProblemDetail.forStatusAndDetail(status, detail);
        body.setTitle(title);
        extra.forEach(body::setProperty);
        return body;
    }

    /** Nothing here by that name, or not for this room; the two are not told apart. */
    public static Problem notFound(String what) {
        return new Problem(HttpStatus.NOT_FOUND, "Not found", "There is no such " + what + " in your room.", Map.of());
    }

    /** Values that cannot be; nothing was changed. */
    public static Problem invalid(List<Field> fields) {
        String detail =
                fields.size() == 1 ? "One field needs another value." : fields.size() + " fields need another value.";
        return new Problem(
                HttpStatus.UNPROCESSABLE_ENTITY, "Please check the values", detail, Map.of("fields", fields));
    }

    /** Somebody else was first; {@code current} is what is stored now. */
    public static Problem conflict(String detail, Object current) {
        return new Problem(HttpStatus.CONFLICT, "Changed in the meantime", detail, Map.of("current", current));
    }

    /** Not possible in this state. */
    public static Problem refused(String detail) {
        return new Problem(HttpStatus.CONFLICT, "Not possible now", detail, Map.of());
    }

    /** Too many tries. */
    public static Problem tooMany(long seconds) {
        return new Problem(
                HttpStatus.TOO_MANY_REQUESTS,
                "Too many tries",
                "Please wait " + seconds + " s before trying again.",
                Map.of("retryAfterSeconds", seconds));
    }

    /** Wrong e-mail or password. */
    public static Problem unauthorized() {
        return new Problem(HttpStatus.UNAUTHORIZED, "Not signed in", "E-mail or password is not right.", Map.of());
    }
}
