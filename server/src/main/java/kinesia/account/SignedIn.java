package kinesia.account;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * Who is signed in; kept with the sign-in session.
 *
 * @param version of the account as it was when it signed in
 */
public record SignedIn(UUID accountId, UUID roomId, String email, String name, Role role, long version)
        implements Principal, Serializable {
    @Override
    public String getName() {
        return email;
    }
}
