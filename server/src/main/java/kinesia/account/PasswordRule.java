package kinesia.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import java.util.Locale;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What a new password must be: 12 to 200 characters (OWASP ASVS 4.0.3, from memory), not the e-mail, not one character over and
 * over, and none that is guessed first by those who know the common ones.
 */
@Component
class PasswordRule {
    private static final int SHORTEST = 12;
    private static final int LONGEST = 200;
    // Longer than that the estimate takes its time, and nothing that long is among the common ones.
    private static final int LOOKED_AT = 60;
    // Of 0 to 4; 2 is "guessable in a million tries and more".
    private static final int WEAKEST = 2;

    private final Zxcvbn estimate = new Zxcvbn();

    /** Refuses a password that is none, at the field {@code password}. */
    void require(String password, String email, List<String> names) {
        String wrong = wrong(password, email, names);
        if (wrong != null) {
            throw Problem.invalid(List.of(new Problem.Field("password", wrong)));
        }
    }

    private @Nullable String wrong(String password, String email, List<String> names) {
        if (password.length() < SHORTEST || password.length() > LONGEST) {
            return "from " + SHORTEST + " to " + LONGEST + " characters";
        }
        if (password.equalsIgnoreCase(email)
                || email.toLowerCase(Locale.ROOT).startsWith(password.toLowerCase(Locale.ROOT) + "@")) {
            return "is your e-mail address; take something that others cannot know";
        }
        if (password.chars().distinct().count() < 4) {
            return "is too few different characters";
        }
        List<String> known = new java.util.ArrayList<>(names);
        known.add(email);
        String seen = password.substring(0, Math.min(LOOKED_AT, password.length()));
        return estimate.measure(seen, known).getScore() < WEAKEST
                ? "is one of those that are guessed first; four unrelated words are a good one"
                : null;
    }
}
