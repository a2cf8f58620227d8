package kinesia.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import kinesia.shared.Problem;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Slows guessing down and keeps the cost of it small: ten failed tries a minute and a hundred an hour for each e-mail (OWASP
 * ASVS 4.0.3, from memory), three times that for each address. Beyond that a try waits its turn, one at a time, so that the
 * right password is slow and never locked out. Half the processors hash passwords, the others are for the people at work.
 */
@Component
class SignInLimiter {
    private static final int OF_ACCOUNT = 10;
    // Several people sign in from one room.
    private static final int OF_ADDRESS = 30;
    // An hour allows what ten of its minutes do.
    private static final int HOUR_OF_MINUTES = 10;
    private static final int MOST_KEPT = 10_000;
    private static final int MOST_WAITING = 5;
    private static final int MOST_SLOW_OF_ONE = 3;
    private static final long PENALTY_MS = 2_000;
    private static final long LONGEST_WAIT_MS = 8_000;

    private final PasswordEncoder passwords;
    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(MOST_KEPT)
            .expireAfterAccess(Duration.ofHours(1))
            .build();
    private final Cache<String, Semaphore> slow = Caffeine.newBuilder()
            .maximumSize(MOST_KEPT)
            .expireAfterAccess(Duration.ofHours(1))
            .build();
    private final Semaphore hashing =
            new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() / 2), true);

    SignInLimiter(PasswordEncoder passwords) {
        this.passwords = passwords;
    }

    /** The hash of a new password. */
    String hash(String password) {
        return inTurn(hashing, MOST_WAITING, () -> passwords.encode(password));
    }

    /**
     * Whether {@code password} is the one of {@code hash}; a wrong one counts against the e-mail and the address.
     *
     * @throws Problem when too many failed lately and this one did too, or when too many wait
     */
    boolean matches(String email, String address, String password, String hash) {
        Bucket account = bucket("e-mail " + email, OF_ACCOUNT);
        Bucket device = bucket("address " + address, OF_ADDRESS);
        boolean often = account.getAvailableTokens() < 1 || device.getAvailableTokens() < 1;
        boolean right = often
                // A stranger's many tries wait for each other and not before somebody else's.
                ? inTurn(slow.get(address, a -> new Semaphore(1, true)), MOST_SLOW_OF_ONE, () -> {
                    pause();
                    return isRight(password, hash);
                })
                : isRight(password, hash);
        if (!right) {
            account.tryConsume(1);
            device.tryConsume(1);
            if (often) {
                throw Problem.tooMany(Math.max(seconds(account), seconds(device)));
            }
        }
        return right;
    }

    private boolean isRight(String password, String hash) {
        return inTurn(hashing, MOST_WAITING, () -> passwords.matches(password, hash));
    }

    private static <T> T inTurn(Semaphore turn, int mostWaiting, Supplier<T> work) {
        try {
            if (turn.getQueueLength() >= mostWaiting || !turn.tryAcquire(LONGEST_WAIT_MS, TimeUnit.MILLISECONDS)) {
                throw Problem.tooMany(2);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Problem.tooMany(2);
        }
        try {
            return work.get();
        } finally {
            turn.release();
        }
    }

    private static void pause() {
        try {
            Thread.sleep(PENALTY_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static long seconds(Bucket bucket) {
        long nanos = bucket.estimateAbilityToConsume(1).getNanosToWaitForRefill();
        return Math.max(1, Duration.ofNanos(nanos).toSeconds());
    }

    private Bucket bucket(String who, int perMinute) {
        int perHour = perMinute * HOUR_OF_MINUTES;
        return buckets.get(
                who,
                w -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(perMinute).refillGreedy(perMinute, Duration.ofMinutes(1)))
                        .addLimit(limit -> limit.capacity(perHour).refillGreedy(perHour, Duration.ofHours(1)))
                        .build());
    }
}
