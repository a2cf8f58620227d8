package kinesia.shared;

import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.util.List;
import java.util.stream.Collectors;
import kinesia.core.reason.InvalidValue;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every failure into problem details; where it happened goes to the log, and nothing of what was sent or stored. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    @ExceptionHandler
    ProblemDetail invalid(InvalidValue e) {
        return Problem.invalid(List.of(new Problem.Field(e.field(), e.getMessage())))
                .getBody();
    }

    @ExceptionHandler
    ProblemDetail stale(OptimisticLockingFailureException e) {
        ProblemDetail body = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "Someone else changed this just now. Nothing of theirs was overwritten.");
        body.setTitle("Changed in the meantime");
        return body;
    }

    @ExceptionHandler
    ProblemDetail unreadable(StoredJson.Unreadable e) {
        LOG.error("{}", e.getMessage());
        ProblemDetail body = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT,
                "Something stored for this page cannot be read, so it is not shown. It is kept as it is; the rest of the"
                        + " room is not touched.");
        body.setTitle("Cannot be read");
        return body;
    }

    /** Two at the same instant: the database let one of them through. */
    @ExceptionHandler
    ProblemDetail twice(DataIntegrityViolationException e) {
        LOG.warn("refused by the database: {}", Causes.of(e));
        ProblemDetail body = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "This was stored from another screen at the same moment. Reload to see it.");
        body.setTitle("Already there");
        return body;
    }

    @ExceptionHandler({DataAccessResourceFailureException.class, CannotCreateTransactionException.class})
    ProblemDetail databaseAway(Exception e) {
        LOG.warn("database away: {}", Causes.of(e));
        ProblemDetail body = ProblemDetail.forStatusAndDetail(
                HttpStatus.SERVICE_UNAVAILABLE, "The database does not answer. Nothing was saved; please try again.");
        body.setTitle("Please try again");
        return body;
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        LOG.error("unexpected failure: {}", Causes.of(e));
        ProblemDetail body = ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here. What was saved before is kept.");
        body.setTitle("Our fault");
        return body;
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        // A value refused by the core lies deepest and says most; only without one does the form of the JSON matter.
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof InvalidValue invalid) {
                return unprocessable(List.of(new Problem.Field(path(e, invalid.field()), invalid.getMessage())));
            }
        }
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof UnrecognizedPropertyException unknown) {
                return unprocessable(List.of(new Problem.Field(unknown.getPropertyName(), "is not a known field")));
            }
            if (cause instanceof JsonMappingException mapping
                    && !mapping.getPath().isEmpty()) {
                return unprocessable(List.of(new Problem.Field(pathOf(mapping), "has the wrong form")));
            }
        }
        return unprocessable(List.of(new Problem.Field("", "is not valid JSON")));
    }

    private static String path(Throwable e, String field) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof JsonMappingException mapping
                    && !mapping.getPath().isEmpty()) {
                String path = pathOf(mapping);
                return path.endsWith(field) ? path : path + "." + field;
            }
        }
        return field;
    }

    private static String pathOf(JsonMappingException e) {
        return e.getPath().stream()
                .map(r -> r.getFieldName() == null ? "[" + r.getIndex() + "]" : r.getFieldName())
                .collect(Collectors.joining("."))
                .replace(".[", "[");
    }

    private static ResponseEntity<Object> unprocessable(List<Problem.Field> fields) {
        ProblemDetail body = Problem.invalid(fields).getBody();
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_ENTITY).body(body);
    }
}
