package kinesia.core.response;

/** What a site's answer to a session says, mildest first. */
public enum Signal {
    GO,
    SAME,
    EASE,
    REFER
}
