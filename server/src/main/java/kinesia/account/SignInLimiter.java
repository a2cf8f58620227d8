package kinesia.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import kinesia.shared.Problem;
import org.springframework.stereotype.Component;

/** Slows guessing down: ten tries a minute and a hundred an hour for each e-mail (OWASP ASVS 4.0.3, from memory). */
@Component
class SignInLimiter {
    private static final int PER_MINUTE = 10;
    private static final int PER_HOUR = 100;

    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(10_000)
            .expireAfterAccess(Duration.ofHours(1))
            .build();

    void check(String email) {
        Bucket bucket = buckets.get(
                email,
                e -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(PER_MINUTE).refillGreedy(PER_MINUTE, Duration.ofMinutes(1)))
                        .addLimit(limit -> limit.capacity(PER_HOUR).refillGreedy(PER_HOUR, Duration.ofHours(1)))
                        .build());
        var probe = bucket.tryConsumeAndReturnRemaining(1);
        if (!probe.isConsumed()) {
            throw Problem.tooMany(Math.max(
                    1, Duration.ofNanos(probe.getNanosToWaitForRefill()).toSeconds()));
        }
    }
}
