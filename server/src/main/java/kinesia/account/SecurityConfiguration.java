package kinesia.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import kinesia.shared.Problem;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.web.filter.OncePerRequestFilter;

/** Who may ask what: everything under /api needs a sign-in, except signing in itself and what a private link opens. */
@Configuration
class SecurityConfiguration {
    private static final String CONTENT_SECURITY =
            "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none';"
                    + " base-uri 'self'; form-action 'self'";

    private static final String PERMISSIONS = "camera=(), microphone=(), geolocation=(), payment=(), usb=(), midi=()";

    @Bean
    SecurityFilterChain chain(HttpSecurity http, JdbcClient database, Clock clock) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                path("/api/session"), path("/api/owner"), path("/api/link/**"))
                        .permitAll()
                        // Who answers for privacy chooses how long records are kept.
                        .requestMatchers(path("/api/accounts/**"), put("/api/retention"))
                        .hasRole(Role.OWNER.name())
                        .requestMatchers(path("/api/**"))
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                // A private link is asked without a sign-in, so nobody's cookie can be misused there.
                .csrf(csrf -> csrf.ignoringRequestMatchers(path("/api/link/**"))
                        .csrfTokenRepository(tokens())
                        .csrfTokenRequestHandler(new SinglePageCsrfHandler()))
                .addFilterAfter(new CsrfCookieFilter(), CsrfFilter.class)
                .addFilterBefore(new SignInCheck(database, clock), AuthorizationFilter.class)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.IF_REQUIRED))
                .requestCache(cache -> cache.disable())
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_SECURITY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(permissions -> permissions.policy(PERMISSIONS)))
                .exceptionHandling(handling -> handling.authenticationEntryPoint((request, response, e) -> Problem.of(
                                        HttpStatus.UNAUTHORIZED, "Not signed in", "Please sign in again.")
                                .write(response))
                        .accessDeniedHandler((request, response, e) -> Problem.of(
                                        HttpStatus.FORBIDDEN,
                                        "Not allowed",
                                        "This page is too old or not yours. Reload it.")
                                .write(response)))
                .build();
    }

    /** Matches the path itself; asking the controllers for each request would take longer than some of the answers. */
    private static RequestMatcher path(String pattern) {
        return PathPatternRequestMatcher.withDefaults().matcher(pattern);
    }

    private static RequestMatcher put(String pattern) {
        return PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.PUT, pattern);
    }

    @Bean
    CsrfTokenRepository tokens() {
        return CookieCsrfTokenRepository.withHttpOnlyFalse();
    }

    /** Puts what was read a moment ago before the stored sign-ins. */
    @Bean
    static BeanPostProcessor recentSessions() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository stored ? recent(stored) : bean;
            }
        };
    }

    private static <S extends Session> SessionRepository<S> recent(SessionRepository<S> stored) {
        return new RecentSessions<>(stored);
    }

    /** When somebody was last seen is written once a minute and not with every request, which would wait for the disk. */
    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> seenOnceAMinute() {
        return sessions -> sessions.setUpdateSessionQuery("""
                update spring_session s
                set session_id = v.session_id, last_access_time = v.seen, max_inactive_interval = v.idle,
                    expiry_time = v.ends, principal_name = v.principal
                from (values (?::char(36), ?::bigint, ?::int, ?::bigint, ?::varchar)) v (session_id, seen, idle, ends, principal)
                where s.primary_id = ?
                  and (s.session_id <> v.session_id or s.max_inactive_interval <> v.idle
                       or s.principal_name is distinct from v.principal or v.seen - s.last_access_time > 60000)
                """);
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        // Argon2id, 19 MiB, two passes (OWASP password storage cheat sheet, quoted from memory).
        return new Argon2PasswordEncoder(16, 32, 1, 19_456, 2);
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    /** Loads the token on every answer, so that the page always has the cookie it must send back. */
    private static final class CsrfCookieFilter extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(
                HttpServletRequest request, HttpServletResponse response, jakarta.servlet.FilterChain chain)
                throws jakarta.servlet.ServletException, IOException {
            CsrfToken token = (CsrfToken) request.getAttribute(CsrfToken.class.getName());
            if (token != null) {
                token.getToken();
            }
            chain.doFilter(request, response);
        }
    }
}
