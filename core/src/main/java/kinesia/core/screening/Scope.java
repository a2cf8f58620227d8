package kinesia.core.screening;

/** What a referral is about. */
public enum Scope {
    SITE,
    ARM,
    ALL
}
