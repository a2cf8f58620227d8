package kinesia.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.util.Locale;
import java.util.UUID;

/** Someone who signs in. */
@Entity
public class Account {
    @Id
    private UUID id;

    // Any change ends the sign-ins of before.
    @Version
    private long version;

    @ManyToOne(optional = false)
    private Room room;

    private String email;
    private String name;

    @Enumerated(EnumType.STRING)
    private Role role;

    private String passwordHash;

    protected Account() {}

    public Account(Room room, String email, String name, Role role, String passwordHash) {
        this.id = UUID.randomUUID();
        this.room = room;
        this.email = normalised(email);
        this.name = name;
        this.role = role;
        this.passwordHash = passwordHash;
    }

    static String normalised(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }

    SignedIn signedIn() {
        return new SignedIn(id, room.id(), email, name, role, version);
    }

    String passwordHash() {
        return passwordHash;
    }
}
