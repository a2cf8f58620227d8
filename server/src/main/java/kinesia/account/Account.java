package kinesia.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

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
        this(UUID.randomUUID(), room, email, name, role, passwordHash);
    }

    Account(UUID id, Room room, String email, String name, Role role, String passwordHash) {
        this.id = id;
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

    /** Other details, and another password unless {@code hash} is null. */
    void change(String newEmail, String newName, Role newRole, @Nullable String hash) {
        email = normalised(newEmail);
        name = newName;
        role = newRole;
        passwordHash = hash == null ? passwordHash : hash;
    }

    UUID id() {
        return id;
    }

    UUID roomId() {
        return room.id();
    }

    String name() {
        return name;
    }

    String email() {
        return email;
    }

    Role role() {
        return role;
    }

    String passwordHash() {
        return passwordHash;
    }
}
