package kinesia.core.plan;

import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.FirstLoads;
import kinesia.core.dose.Person;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/**
 * How exercises suit one body under the same limits, each worked out when it is first asked for, and what the body has
 * shown: nothing of it depends on the day or the place. Safe to share between threads.
 */
final class Suitabilities {
    private static final double MIDDLING_KG = 5;

    private final ExerciseModel model;
    private final Body body;
    private final ElbowStrength strength;
    private final List<Limit> limits;
    private final ExerciseModel.StressScale scale;
    private final Map<Asked, Suited> known = new HashMap<>();
    private final Map<Exercise, LoadCurve> outlines = new HashMap<>();

    Suitabilities(ExerciseModel model, Body body, ElbowStrength strength, List<Limit> limits) {
        this.model = model;
        this.body = body;
        this.strength = strength;
        this.limits = limits;
        this.scale = model.stressScale(body, strength);
    }

    /** {@code side} null for both arms. */
    private record Asked(Exercise exercise, @Nullable Side side) {}

    /** An exercise within limits at equal effort: stress per site on the working and the supporting arm, stimulus per head. */
    record Suited(
            Suitability suitability,
            Map<Site, Double> stress,
            Map<Site, Double> supporting,
            Map<Head, Double> stimulus) {
        /** What the places pay while {@code arms} work. */
        double cost(Worth worth, Collection<Side> arms) {
            return worth.cost(suitability.exercise().key(), stress, supporting, arms);
        }
    }

    /** With the limits of both sides. */
    synchronized Suited of(Exercise exercise) {
        return known.computeIfAbsent(new Asked(exercise, null), a -> suited(exercise, limits));
    }

    /** With the limits that hold for the arm of {@code side}. */
    synchronized Suited of(Exercise exercise, Side side) {
        return known.computeIfAbsent(
                new Asked(exercise, side), a -> suited(exercise, LimitCheck.whileWorking(side, exercise, limits)));
    }

    /** The curve at a middling load whatever the limits: enough to tell what kind of exercise it is. */
    synchronized LoadCurve outline(Exercise exercise) {
        return outlines.computeIfAbsent(exercise, e -> model.curve(e, body, MIDDLING_KG));
    }

    private Suited suited(Exercise exercise, List<Limit> under) {
        Suitability suitability = Suitability.of(model, scale, exercise, body, strength, under);
        return new Suited(
                suitability,
                Collections.unmodifiableMap(scale.of(suitability.curve(), suitability.exercise())),
                scale.supporting(exercise),
                Collections.unmodifiableMap(
                        model.stimulus(suitability.exercise(), suitability.curve(), strength, false)));
    }

    /**
     * Those of the clients asked for last. A trainer goes on with the same client, and moves one slider after the other.
     * The same question gets the same answer, remembered or not.
     */
    static final class Recent {
        private static final int CLIENTS = 12;
        private static final float LOAD_FACTOR = 0.75f;

        private final ExerciseModel model;
        private final Map<Client, Suitabilities> clients = new LinkedHashMap<>(CLIENTS, LOAD_FACTOR, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Client, Suitabilities> eldest) {
                return size() > CLIENTS;
            }
        };

        private final Map<Evidence, FirstLoads> firstLoads = new LinkedHashMap<>(CLIENTS, LOAD_FACTOR, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Evidence, FirstLoads> eldest) {
                return size() > CLIENTS;
            }
        };

        private record Client(Body body, ElbowStrength strength, List<Limit> limits) {}

        private record Evidence(Person person, PlanRequest.Known known, List<Exercise> own) {}

        Recent(ExerciseModel model) {
            this.model = model;
        }

        synchronized Suitabilities of(PlanRequest request) {
            return clients.computeIfAbsent(
                    new Client(request.body(), first(request).strength().both(), request.limits()),
                    c -> new Suitabilities(model, c.body(), c.strength(), c.limits()));
        }

        /** How strong the client of {@code request} is, and what follows from that for what was never done. */
        synchronized FirstLoads first(PlanRequest request) {
            return firstLoads.computeIfAbsent(
                    new Evidence(request.person(), request.known(), request.own()),
                    a -> new FirstLoads(ClientStrength.of(
                            model.with(model.catalogue().with(a.own())),
                            a.person(),
                            a.known().sets(),
                            a.known().on())));
        }
    }
}
