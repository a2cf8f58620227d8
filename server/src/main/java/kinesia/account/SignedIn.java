package kinesia.account;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** Who is signed in; kept with the sign-in session. */
public record SignedIn(UUID accountId, UUID roomId, String email, String name, Role role)
        implements Principal, Serializable {
    @Override
    public String getName() {
        return email;
    }
}
