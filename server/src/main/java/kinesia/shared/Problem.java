package kinesia.shared;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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

    /** Any refusal. */
    public static Problem of(HttpStatus status, String title, String detail) {
        return new Problem(status, title, detail, Map.of());
    }

    /** A refusal of which no more is known than its status. */
    static Problem ofStatus(HttpStatus status) {
        return of(
                status,
                status.is5xxServerError() ? "Our fault" : status.getReasonPhrase(),
                status.is5xxServerError()
                        ? "Something went wrong here. What was saved before is kept."
                        : "This cannot be asked here.");
    }

    /** Nothing here by that name, or not for this room; the answer is the same in every case, so that it tells nothing. */
    public static Problem notFound() {
        return of(HttpStatus.NOT_FOUND, "Not found", "There is nothing like that in your room.");
    }

    /** Writes it where no controller does. */
    public void write(HttpServletResponse response) throws IOException {
        response.setStatus(getStatusCode().value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("type", "about:blank");
        body.put("title", getBody().getTitle());
        body.put("status", getStatusCode().value());
        body.put("detail", getBody().getDetail());
        body.putAll(Objects.requireNonNullElse(getBody().getProperties(), Map.of()));
        if (response.getHeader(RequestIds.HEADER) != null) {
            body.put(RequestIds.NAME, response.getHeader(RequestIds.HEADER));
        }
        response.getOutputStream().write(Json.write(body).getBytes(StandardCharsets.UTF_8));
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
