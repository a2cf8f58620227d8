package kinesia.core.response;

/** What a site's answer to a session says, mildest first. */
public enum Signal {
    GO,
    /** Nobody has answered yet, neither the morning nor the next door. */
    WAITING,
    SAME,
    EASE,
    REFER
}
