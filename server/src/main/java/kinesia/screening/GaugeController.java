package kinesia.screening;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import kinesia.account.SignedIn;
import kinesia.core.arm.Side;
import kinesia.core.screening.ScreenQuestions.Check;
import kinesia.core.screening.ScreeningRules;
import kinesia.shared.Problem;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Inclinometer and grip gauge, simulated: a stream of readings that can be unplugged in the middle. Nothing is stored; the
 * page takes a reading only when the trainer does.
 */
@RestController
class GaugeController {
    private static final long LONGEST_MS = 60_000;
    private static final long EVERY_MS = 200;
    private static final double LEFT_IS_SHORTER_BY = 4;
    private static final double GRIP_KG = 22;

    private final ScreeningRules rules;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "gauges");
        thread.setDaemon(true);
        return thread;
    });
    private final Set<RoomGauge> unplugged = ConcurrentHashMap.newKeySet();

    GaugeController(ScreeningRules rules) {
        this.rules = rules;
    }

    /** A device that may be there. */
    enum Gauge {
        INCLINOMETER,
        GRIP
    }

    /** The device of one room. */
    private record RoomGauge(UUID roomId, Gauge gauge) {}

    record GaugeView(Gauge gauge, boolean plugged) {}

    record Plug(boolean plugged) {}

    @GetMapping("/api/gauges")
    List<GaugeView> gauges(@AuthenticationPrincipal SignedIn who) {
        return Stream.of(Gauge.values())
                .map(g -> new GaugeView(g, !unplugged.contains(new RoomGauge(who.roomId(), g))))
                .toList();
    }

    /** Plugs the simulated device in or pulls it out; readings under way then end. */
    @PutMapping("/api/gauges/{gauge}")
    GaugeView plug(@PathVariable String gauge, @RequestBody Plug body, @AuthenticationPrincipal SignedIn who) {
        RoomGauge which = new RoomGauge(who.roomId(), named(gauge));
        if (body.plugged()) {
            unplugged.remove(which);
        } else {
            unplugged.add(which);
        }
        return new GaugeView(which.gauge(), body.plugged());
    }

    /** Server-sent events named "reading" with value and steady, about five a second, for a minute at most. */
    @GetMapping(path = "/api/gauges/{gauge}/readings", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter readings(
            @PathVariable String gauge,
            @RequestParam String check,
            @RequestParam Side side,
            @AuthenticationPrincipal SignedIn who) {
        RoomGauge which = new RoomGauge(who.roomId(), named(gauge));
        double aim = aim(check, side);
        SseEmitter emitter = new SseEmitter(LONGEST_MS);
        long begun = System.nanoTime();
        AtomicReference<ScheduledFuture<?>> ticking = new AtomicReference<>();
        Runnable stop = () -> {
            ScheduledFuture<?> future = ticking.get();
            if (future != null) {
                future.cancel(false);
            }
        };
        emitter.onCompletion(stop);
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> stop.run());
        ticking.set(clock.scheduleAtFixedRate(
                () -> send(emitter, which, (System.nanoTime() - begun) / 1e9, aim, stop),
                0,
                EVERY_MS,
                TimeUnit.MILLISECONDS));
        return emitter;
    }

    private void send(SseEmitter emitter, RoomGauge gauge, double seconds, double aim, Runnable stop) {
        try {
            if (unplugged.contains(gauge)) {
                emitter.send(SseEmitter.event().name("unplugged").data("{}"));
                emitter.complete();
                stop.run();
                return;
            }
            emitter.send(SseEmitter.event()
                    .name("reading")
                    .data(SimulatedGauge.at(seconds, aim), MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException e) {
            stop.run(); // the page has gone
        }
    }

    private double aim(String key, Side side) {
        Check check = rules.questions().checks().stream()
                .filter(c -> c.key().equals(key))
                .findFirst()
                .orElseThrow(() -> Problem.notFound());
        double norm = check.norm() == null ? GRIP_KG : check.norm();
        return norm - (side == Side.LEFT ? LEFT_IS_SHORTER_BY : 0);
    }

    private static Gauge named(String name) {
        return Stream.of(Gauge.values())
                .filter(g -> g.name().toLowerCase(Locale.ROOT).equals(name))
                .findFirst()
                .orElseThrow(() -> Problem.notFound());
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
    }
}
