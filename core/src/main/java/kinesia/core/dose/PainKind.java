package kinesia.core.dose;

/** What kind of pain it was, where somebody said. Each of them counts whatever its number. */
public enum PainKind {
    SHARP,
    CATCHING,
    GIVING_WAY,
    TINGLING;

    /** As it stands in a sentence. */
    public String words() {
        return switch (this) {
            case SHARP -> "sharp pain";
            case CATCHING -> "a catch";
            case GIVING_WAY -> "giving way";
            case TINGLING -> "tingling";
        };
    }
}
