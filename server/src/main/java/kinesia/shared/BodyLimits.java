package kinesia.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What may be sent, JSON, and how much of it, before anything else looks at it: little where nobody has signed in yet, and there not from many at
 * once, so that slow or large requests of strangers never take the threads of the people at work.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimits extends OncePerRequestFilter {
    private static final int UNSIGNED_BYTES = 16_000;
    private static final int SIGNED_BYTES = 1_000_000;
    private static final int FILE_BYTES = 50_000_000;
    private static final String FILES = "/api/imports/records";
    // Of the web server's threads, which are not many more.
    private static final int STRANGERS_AT_ONCE = 6;
    private static final long LONGEST_NANOS = TimeUnit.SECONDS.toNanos(15);
    private static final Set<String> UNSIGNED = Set.of("/api/session", "/api/owner");

    private final Semaphore strangers = new Semaphore(STRANGERS_AT_ONCE);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean unsigned = UNSIGNED.contains(request.getRequestURI());
        boolean isFile = request.getRequestURI().equals(FILES);
        int most = unsigned ? UNSIGNED_BYTES : isFile ? FILE_BYTES : SIGNED_BYTES;
        if (request.getContentLengthLong() > most) {
            tooLarge(most).write(response);
            return;
        }
        boolean body = request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
        if (body && !(isFile ? isOctets(request.getContentType()) : isJson(request.getContentType()))) {
            Problem.of(
                            HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                            "Not JSON",
                            "Bodies are application/json; files are application/octet-stream.")
                    .write(response);
            return;
        }
        if (!unsigned || !body) {
            chain.doFilter(body ? new Limited(request, most) : request, response);
        } else if (strangers.tryAcquire()) {
            try {
                chain.doFilter(new Limited(request, most), response);
            } finally {
                strangers.release();
            }
        } else {
            Problem.tooMany(2).write(response);
        }
    }

    private static boolean isOctets(@Nullable String contentType) {
        return MediaType.APPLICATION_OCTET_STREAM_VALUE.equals(contentType);
    }

    private static boolean isJson(@Nullable String contentType) {
        try {
            MediaType type = contentType == null ? MediaType.ALL : MediaType.parseMediaType(contentType);
            return type.isConcrete() && MediaType.APPLICATION_JSON.includes(type);
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }

    private static Problem tooLarge(int most) {
        return Problem.of(
                HttpStatus.PAYLOAD_TOO_LARGE,
                "Too large",
                "At most " + (most < 1_000_000 ? most / 1_000 + " kB" : most / 1_000_000 + " MB")
                        + " can be sent here at once.");
    }

    /** A body that ends where it becomes too large or takes too long. */
    private static final class Limited extends HttpServletRequestWrapper {
        private final int most;

        private Limited(HttpServletRequest request, int most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new LimitedStream(super.getInputStream(), most);
        }
    }

    private static final class LimitedStream extends ServletInputStream {
        private final ServletInputStream inner;
        private final int most;
        private final long begun = System.nanoTime();
        private int read;

        private LimitedStream(ServletInputStream inner, int most) {
            this.inner = inner;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int got = inner.read(buffer, offset, length);
            read += Math.max(0, got);
            if (read > most) {
                throw tooLarge(most);
            }
            if (System.nanoTime() - begun > LONGEST_NANOS) {
                throw Problem.of(HttpStatus.REQUEST_TIMEOUT, "Too slow", "The request took too long to arrive.");
            }
            return got;
        }

        @Override
        public boolean isFinished() {
            return inner.isFinished();
        }

        @Override
        public boolean isReady() {
            return inner.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            inner.setReadListener(listener);
        }
    }
}
