package kinesia.account;

/** What someone may do in a room: an owner may add trainers, a trainer works with clients. */
public enum Role {
    OWNER,
    TRAINER
}
