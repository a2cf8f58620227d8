package kinesia.link;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import kinesia.shared.Problem;
import org.springframework.stereotype.Component;

/** Slows guessing at links down: so many tries a minute from one address that open nothing, and so many of any kind. */
@Component
class LinkLimiter {
    private static final int WRONG_A_MINUTE = 10;
    private static final int ANY_A_MINUTE = 120;
    private static final int MOST_KEPT = 10_000;

    private final Cache<String, Bucket> wrong = kept();
    private final Cache<String, Bucket> any = kept();

    private static Cache<String, Bucket> kept() {
        return Caffeine.newBuilder()
                .maximumSize(MOST_KEPT)
                .expireAfterAccess(Duration.ofMinutes(10))
                .build();
    }

    /** @throws Problem when there were too many from {@code address} lately */
    void ask(String address) {
        Bucket failed = bucket(wrong, address, WRONG_A_MINUTE);
        if (failed.getAvailableTokens() < 1
                || !bucket(any, address, ANY_A_MINUTE).tryConsume(1)) {
            throw Problem.tooMany(Duration.ofMinutes(1).toSeconds());
        }
    }

    /** One from {@code address} opened nothing. */
    void wrong(String address) {
        bucket(wrong, address, WRONG_A_MINUTE).tryConsume(1);
    }

    private static Bucket bucket(Cache<String, Bucket> kept, String address, int perMinute) {
        return kept.get(
                address,
                a -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(perMinute).refillGreedy(perMinute, Duration.ofMinutes(1)))
                        .build());
    }
}
