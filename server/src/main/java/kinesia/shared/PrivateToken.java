package kinesia.shared;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** What opens something to whoever has it: random, said once, kept as its hash alone. */
public final class PrivateToken {
    private static final int BYTES = 32;
    private static final SecureRandom RANDOM = new SecureRandom();

    private PrivateToken() {}

    /** A new one, as it stands in an address. */
    public static String fresh() {
        byte[] token = new byte[BYTES];
        RANDOM.nextBytes(token);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(token);
    }

    /** What is kept of it: enough to know it again, not enough to open anything. */
    public static String hash(String token) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
