package kinesia.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HexFormat;
import java.util.concurrent.ThreadLocalRandom;
import org.jspecify.annotations.Nullable;
import org.slf4j.MDC;
import org.springframework.core.MethodParameter;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.http.server.ServletServerHttpResponse;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/**
 * Gives every request a short id of its own, which stands in each line of the log and in each refusal: whoever sees "our fault"
 * can say which one.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestIds extends OncePerRequestFilter {
    static final String HEADER = "X-Request-Id";
    /** The name of it in a refusal, and in a line of the log. */
    static final String NAME = "request";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String id = HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextInt());
        response.setHeader(HEADER, id);
        MDC.put(NAME, id);
        try {
            chain.doFilter(request, response);
        } finally {
            MDC.remove(NAME);
        }
    }

    /** Puts it into the refusals that controllers end in. */
    @RestControllerAdvice
    static final class InRefusals implements ResponseBodyAdvice<Object> {
        @Override
        public boolean supports(MethodParameter from, Class<? extends HttpMessageConverter<?>> converter) {
            return true;
        }

        @Override
        public @Nullable Object beforeBodyWrite(
                @Nullable Object body,
                MethodParameter from,
                MediaType type,
                Class<? extends HttpMessageConverter<?>> converter,
                ServerHttpRequest request,
                ServerHttpResponse response) {
            if (body instanceof ProblemDetail problem && response instanceof ServletServerHttpResponse served) {
                problem.setProperty(NAME, served.getServletResponse().getHeader(HEADER));
            }
            return body;
        }
    }
}
