package kinesia.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import kinesia.shared.Problem;
import org.springframework.stereotype.Component;

/** Slows guessing down: ten failed tries a minute and a hundred an hour for each e-mail (OWASP ASVS 4.0.3, from memory). */
@Component
class SignInLimiter {
    private static final int PER_MINUTE = 10;
    private static final int PER_HOUR = 100;

    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(10_000)
            .expireAfterAccess(Duration.ofHours(1))
            .build();

    /** Refuses when too many tries failed lately. */
    void check(String email) {
        var probe = bucket(email).estimateAbilityToConsume(1);
        if (!probe.canBeConsumed()) {
            throw Problem.tooMany(Math.max(
                    1, Duration.ofNanos(probe.getNanosToWaitForRefill()).toSeconds()));
        }
    }

    /** Counts a failed try. */
    void failed(String email) {
        bucket(email).tryConsume(1);
    }

    private Bucket bucket(String email) {
        return buckets.get(
                email,
                e -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(PER_MINUTE).refillGreedy(PER_MINUTE, Duration.ofMinutes(1)))
                        .addLimit(limit -> limit.capacity(PER_HOUR).refillGreedy(PER_HOUR, Duration.ofHours(1)))
                        .build());
    }
}
