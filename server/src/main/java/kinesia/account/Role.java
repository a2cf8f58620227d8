package kinesia.account;

/** What someone may do in a room: an owner adds and removes people besides all that a trainer does with clients and places. */
public enum Role {
    OWNER,
    TRAINER
}
