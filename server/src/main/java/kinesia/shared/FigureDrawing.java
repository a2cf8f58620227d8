package kinesia.shared;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import kinesia.core.exercise.Figure;
import org.jspecify.annotations.Nullable;
import org.mozilla.javascript.Context;
import org.mozilla.javascript.Function;
import org.mozilla.javascript.ScriptableObject;
import org.springframework.stereotype.Component;

/**
 * Figures as they are drawn on the page, for paper: the interface's own drawing is run here, so that there is one. Where the
 * interface is not on the class path there is none, and a sheet has words alone.
 */
@Component
public class FigureDrawing {
    private static final String SCRIPT = "/static/figure-drawing.js";
    // Start, middle and end.
    private static final String ON_PAPER = """
            (function (json) {
              var f = JSON.parse(json), b = box(f, f.view);
              var at = function (q) { return project(q, f.view); };
              return JSON.stringify({
                left: b.x, top: b.y, width: b.width, height: b.height, floor: -f.floorY,
                things: f.props.map(function (p) { return { kind: p.kind, points: p.points.map(at) }; }),
                moments: [0, 0.5, 1].map(function (t) {
                  return drawn(f, momentAt(f, t), f.view).map(function (s) { return { tone: s.tone, path: s.path() }; });
                })
              });
            })""";

    private final ObjectMapper mapper = new ObjectMapper().setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL);
    private @Nullable ScriptableObject scope;
    private @Nullable Function onPaper;

    /** A bench, a post or a pad: a line of two points or a surface of four, page metres, y down. */
    public record Thing(String kind, List<List<Double>> points) {}

    /** One shape: outlines as "M0 1L2 3Z", and the tone it is filled with. */
    public record Shape(String tone, String path) {}

    /** A figure at its start, middle and end, in one frame; the shapes of each in the order of painting. */
    public record Drawing(
            double left,
            double top,
            double width,
            double height,
            double floor,
            List<Thing> things,
            List<List<Shape>> moments) {}

    /** {@code figure} on paper. */
    public synchronized Optional<Drawing> of(Figure figure) {
        try (Context context = Context.enter()) {
            context.setLanguageVersion(Context.VERSION_ES6);
            Function draw = function(context);
            if (draw == null || scope == null) {
                return Optional.empty();
            }
            Object drawn = draw.call(context, scope, scope, new Object[] {mapper.writeValueAsString(figure)});
            return Optional.of(mapper.readValue(Context.toString(drawn), Drawing.class));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private @Nullable Function function(Context context) throws IOException {
        if (onPaper == null) {
            try (InputStream script = FigureDrawing.class.getResourceAsStream(SCRIPT)) {
                if (script == null) {
                    return null;
                }
                ScriptableObject fresh = context.initSafeStandardObjects();
                String text = new String(script.readAllBytes(), StandardCharsets.UTF_8);
                context.evaluateString(fresh, text, SCRIPT, 1, null);
                scope = fresh;
                onPaper = (Function) context.evaluateString(fresh, ON_PAPER, "on-paper", 1, null);
            }
        }
        return onPaper;
    }
}
