package kinesia.core.exercise;

import kinesia.core.arm.Side;

/** A site on one arm. */
public record Place(Site site, Side side) {
    /** In words, for example "right back of elbow". */
    public String words() {
        return side.word() + " " + site.words();
    }
}
