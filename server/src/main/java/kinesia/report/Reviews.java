package kinesia.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kinesia.client.Client;
import kinesia.core.arm.Side;
import kinesia.core.dose.ArmCurlNorms;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.StrengthPicture;
import kinesia.core.exercise.Head;
import kinesia.core.response.BlockReview;
import kinesia.core.response.Outcomes;
import kinesia.core.response.Outcomes.Activity;
import kinesia.core.response.Outcomes.OfArms;
import kinesia.dose.ClientStrengths;
import kinesia.screening.Standings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The reviews of a client, each beside the one before. */
@Component
public class Reviews {
    private final StoredReviews stored;
    private final ClientStrengths strengths;
    private final Standings standings;

    Reviews(StoredReviews stored, ClientStrengths strengths, Standings standings) {
        this.stored = stored;
        this.strengths = strengths;
        this.standings = standings;
    }

    /**
     * One review.
     *
     * @param compared with the one before; missing at the first
     */
    public record PastReview(
            UUID id,
            LocalDate on,
            String by,
            Outcomes outcomes,
            String decision,
            BlockReview.@Nullable Result compared) {}

    /** All of {@code client}, the latest first. */
    public List<PastReview> of(Client client) {
        List<PastReview> all = new ArrayList<>();
        BlockReview.Taken before = null;
        for (StoredReview review : stored.findByClientIdOrderByTakenAt(client.id())) {
            BlockReview.Taken now = review.taken();
            all.add(
                    0,
                    new PastReview(
                            review.getId(),
                            now.on(),
                            review.takenBy(),
                            now.outcomes(),
                            review.decision(),
                            before == null ? null : BlockReview.between(before, now, row(client, now.on()))));
            before = now;
        }
        return all;
    }

    /** The row of the arm-curl norms that is {@code client}'s on that day. */
    static ArmCurlNorms.Row row(Client client, LocalDate on) {
        return ArmCurlNorms.of(client.body().sex(), client.ageOn(on));
    }

    /** Arms at which nothing is sore, where the curl test may be done. */
    List<Side> painless(Client client, LocalDate today) {
        return List.of(Side.values()).stream()
                .filter(side ->
                        standings.of(client.id(), today).soreSites().stream().noneMatch(s -> s.side() == side))
                .toList();
    }

    /** What was measured, with the strength that the log of {@code client} shows on that day. */
    public Outcomes measured(
            Client client,
            LocalDate on,
            List<Activity> activities,
            @Nullable Integer pushes,
            @Nullable String rung,
            OfArms curls,
            OfArms girth,
            OfArms grip) {
        ClientStrength strength =
                strengths.of(client, standings.of(client.id(), on), on).strength();
        List<StrengthPicture.OfArm> parts = StrengthPicture.of(strength).parts();
        return new Outcomes(
                activities,
                pushes,
                rung,
                curls,
                girth,
                grip,
                arms(parts, Head.Group.FLEXORS),
                arms(parts, Head.Group.EXTENSORS));
    }

    private static OfArms arms(List<StrengthPicture.OfArm> parts, Head.Group group) {
        return new OfArms(shown(parts, group, Side.LEFT), shown(parts, group, Side.RIGHT));
    }

    /** Nothing where it stands on the norms alone: that is no measure of this client. */
    private static @Nullable Double shown(List<StrengthPicture.OfArm> parts, Head.Group group, Side side) {
        return parts.stream()
                .filter(p -> p.group() == group && p.side() == side && p.shownOn() != null)
                .map(StrengthPicture.OfArm::kg)
                .findFirst()
                .orElse(null);
    }
}
