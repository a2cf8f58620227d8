package kinesia.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;

/**
 * Sign-ins as they were read a moment ago, so that a trainer who logs set after set is not looked up anew for each of them.
 * What a sign-in holds never changes after it was made, and signing out ends it at once.
 */
final class RecentSessions<S extends Session> implements SessionRepository<S> {
    private static final Duration RECENT = Duration.ofSeconds(30);
    private static final int MOST = 1_000;

    private final SessionRepository<S> stored;
    private final Cache<String, S> recent =
            Caffeine.newBuilder().expireAfterWrite(RECENT).maximumSize(MOST).build();

    RecentSessions(SessionRepository<S> stored) {
        this.stored = stored;
    }

    @Override
    public S createSession() {
        return stored.createSession();
    }

    @Override
    public void save(S session) {
        // What was read a moment ago has nothing new but when it was last asked for.
        if (recent.getIfPresent(session.getId()) != session) {
            stored.save(session);
        }
    }

    @Override
    public @Nullable S findById(String id) {
        S known = recent.getIfPresent(id);
        if (known != null) {
            return known;
        }
        S found = stored.findById(id);
        if (found != null) {
            stored.save(found);
            recent.put(id, found);
        }
        return found;
    }

    @Override
    public void deleteById(String id) {
        recent.invalidate(id);
        stored.deleteById(id);
    }
}
