package kinesia.core.arm;

/** Sex as the anthropometric tables print it. */
public enum Sex {
    FEMALE,
    MALE
}
