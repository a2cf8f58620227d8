package kinesia.shared;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Holds every body against the document before anything is made of it. */
@RestControllerAdvice
class StrictBodies extends RequestBodyAdviceAdapter {
    private static final String OUT_OF_BOUNDS = StrictBodies.class.getName();

    private final ApiDocument document;
    private final Validator validator;
    private final HttpServletRequest request;

    StrictBodies(ApiDocument document, Validator validator, HttpServletRequest request) {
        this.document = document;
        this.validator = validator;
        this.request = request;
    }

    @Override
    public boolean supports(
            MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converterType) {
        return true;
    }

    @Override
    public HttpInputMessage beforeBodyRead(
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converterType)
            throws IOException {
        byte[] body = message.getBody().readAllBytes();
        String pattern = String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE));
        ApiDocument.Faults faults = document.faults(request.getMethod(), pattern, body);
        if (!faults.ofForm().isEmpty()) {
            throw Problem.invalid(Stream.concat(faults.ofForm().stream(), faults.ofBounds().stream())
                    .toList());
        }
        request.setAttribute(OUT_OF_BOUNDS, faults.ofBounds());
        return new HttpInputMessage() {
            @Override
            public InputStream getBody() {
                return new ByteArrayInputStream(body);
            }

            @Override
            public HttpHeaders getHeaders() {
                return message.getHeaders();
            }
        };
    }

    /** What is out of bounds is said with the record's own words where it has some. */
    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converterType) {
        Map<String, Problem.Field> faults = new LinkedHashMap<>();
        for (ConstraintViolation<Object> violation : validator.validate(body)) {
            String field = violation.getPropertyPath().toString();
            faults.putIfAbsent(field, new Problem.Field(field, violation.getMessage()));
        }
        for (Object fault : (List<?>) request.getAttribute(OUT_OF_BOUNDS)) {
            faults.putIfAbsent(((Problem.Field) fault).field(), (Problem.Field) fault);
        }
        if (!faults.isEmpty()) {
            throw Problem.invalid(List.copyOf(faults.values()));
        }
        return body;
    }
}
