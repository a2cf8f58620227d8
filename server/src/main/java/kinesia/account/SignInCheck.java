package kinesia.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a sign-in that is 30 days old, and one whose account was removed or changed since. */
final class SignInCheck extends OncePerRequestFilter {
    private static final Duration LONGEST = Duration.ofDays(30);

    private final JdbcClient database;
    private final Clock clock;
    // Within a second; who logs one set after the other is not looked up for each.
    private final Cache<SignedIn, Boolean> lately = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofSeconds(1))
            .maximumSize(1_000)
            .build();

    SignInCheck(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication != null && authentication.getPrincipal() instanceof SignedIn who) {
            HttpSession session = request.getSession(false);
            if (session == null || isOld(session) || !isStill(who)) {
                if (session != null) {
                    session.invalidate();
                }
                SecurityContextHolder.clearContext();
            }
        }
        chain.doFilter(request, response);
    }

    private boolean isOld(HttpSession session) {
        return clock.millis() - session.getCreationTime() > LONGEST.toMillis();
    }

    private boolean isStill(SignedIn who) {
        return lately.get(who, this::isStored);
    }

    private boolean isStored(SignedIn who) {
        return database.sql(
                        "select 1 from account where id = ? and room_id = ? and email = ? and role = ? and version = ?")
                .params(who.accountId(), who.roomId(), who.email(), who.role().name(), who.version())
                .query(Integer.class)
                .optional()
                .isPresent();
    }
}
