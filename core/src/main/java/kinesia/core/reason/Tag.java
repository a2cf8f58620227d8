package kinesia.core.reason;

/** Where a constant comes from. Shown beside every reason. */
public enum Tag {
    /** Published; the source is named in docs/references.md. */
    PUB("published"),
    /** Common practice of the trade, no source. */
    PRACTICE("common practice, no source"),
    /** Falls out of mechanics. */
    PHYSICS("mechanics"),
    /** Our own decision. */
    HOUSE("house rule");

    private final String words;

    Tag(String words) {
        this.words = words;
    }

    /** The tag as a trainer reads it. */
    public String words() {
        return words;
    }
}
