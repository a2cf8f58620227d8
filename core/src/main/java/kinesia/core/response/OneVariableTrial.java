package kinesia.core.response;

import java.util.List;
import java.util.Optional;
import kinesia.core.exercise.Place;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * Two exercises that were always done together while mornings were worse: which of them it is, the record cannot tell. One of them
 * rests for two visits while all else stays as it was (RULES 6).
 *
 * @param rests the exercise that rests, the one that counts for more
 * @param stays the other
 * @param together answered visits with both
 * @param worse of these, with a morning two or more over usual
 */
public record OneVariableTrial(String rests, String stays, int together, int worse) {
    private static final int FEWEST_WORSE = 2;
    private static final int VISITS = 2;
    // What counts for less than this share of the first cannot be the cause of much [house].
    private static final double LIKE_IT = 0.6;
    private static final double LOADS = 0.1;

    /** The two that ask most of the place, where they were never answered apart and neither hurts in its own sets. */
    static Optional<OneVariableTrial> of(List<Exposure> visits, LearnedStress stress) {
        List<LearnedStress.Evidence> suspects = stress.evidence().stream()
                .filter(e -> e.worse() >= FEWEST_WORSE && e.house() >= LOADS && e.hurt() == 0)
                .toList();
        if (suspects.size() < 2) {
            return Optional.empty();
        }
        LearnedStress.Evidence first = suspects.get(0);
        LearnedStress.Evidence second = suspects.get(1);
        List<Exposure> answered = visits.stream()
                .filter(v -> v.isAnswered() && (has(v, first) || has(v, second)))
                .toList();
        boolean apart = answered.stream().anyMatch(v -> has(v, first) != has(v, second));
        if (apart || second.stress() < LIKE_IT * first.stress()) {
            return Optional.empty();
        }
        return Optional.of(new OneVariableTrial(first.exerciseKey(), second.exerciseKey(), answered.size(), (int)
                answered.stream().filter(Exposure::wasWorse).count()));
    }

    private static boolean has(Exposure visit, LearnedStress.Evidence exercise) {
        return visit.done().containsKey(exercise.exerciseKey());
    }

    /** What is proposed, by the names of the two. */
    public Reason says(Place place, String restsName, String staysName) {
        String resting = Reason.inSentence(restsName);
        String staying = Reason.inSentence(staysName);
        return Reason.of(
                        "LEARNED-trial",
                        Tag.HOUSE,
                        "two exercises never answered apart, at least two mornings worse",
                        worse + " of " + together + " mornings were worse at the " + place.words() + " after "
                                + resting + " and " + staying
                                + ", which were always done together: which of them it is cannot be told. Leave out "
                                + resting + " for " + VISITS + " visits and keep all else as it is.",
                        "We leave one of the two out for two visits, then we know which one it is.")
                .with("together", together)
                .with("mornings worse", worse);
    }
}
