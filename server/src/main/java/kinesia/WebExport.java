package kinesia;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kinesia.core.arm.Sex;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Figure;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;

/**
 * Writes what the build of the interface needs: the OpenAPI document that the controllers publish, for its types, and the figure
 * of every exercise, for the test of its drawing. Needs no database: it starts the web layer on a free port and asks it once.
 */
public final class WebExport {
    // Outside /api, which asks for a sign-in.
    private static final String DOCUMENT = "/openapi.json";

    // Somebody small and light, somebody usual, somebody tall and heavy.
    private static final List<Body> BUILDS =
            List.of(new Body(Sex.FEMALE, 1.5, 47), new Body(Sex.FEMALE, 1.65, 68), new Body(Sex.MALE, 1.92, 110));
    private static final double LOAD_KG = 4;

    private WebExport() {}

    public static void main(String[] args) throws IOException, InterruptedException {
        SpringApplication application = new SpringApplication(KinesiaApplication.class);
        application.setDefaultProperties(Map.of());
        try (var context = (ServletWebServerApplicationContext) application.run(
                "--server.port=0",
                "--spring.flyway.enabled=false",
                "--spring.jpa.hibernate.ddl-auto=none",
                "--spring.jpa.properties.hibernate.boot.allow_jdbc_metadata_access=false",
                "--spring.jpa.database-platform=org.hibernate.dialect.PostgreSQLDialect",
                "--spring.session.jdbc.cleanup-cron=-",
                "--spring.datasource.hikari.connection-timeout=250",
                "--logging.level.root=error",
                "--springdoc.api-docs.enabled=true",
                "--springdoc.api-docs.path=" + DOCUMENT,
                "--kinesia.demo=false")) {
            URI uri = URI.create("http://127.0.0.1:" + context.getWebServer().getPort() + DOCUMENT);
            // Cut first: a document that became shorter would keep the end of the last one.
            HttpResponse<Path> response = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(uri).build(),
                            HttpResponse.BodyHandlers.ofFile(
                                    Path.of(args[0]),
                                    StandardOpenOption.CREATE,
                                    StandardOpenOption.WRITE,
                                    StandardOpenOption.TRUNCATE_EXISTING));
            if (response.statusCode() != 200) {
                throw new IllegalStateException("no OpenAPI document, status " + response.statusCode());
            }
            writeFigures(context.getBean(ExerciseModel.class), Path.of(args[1]));
        }
    }

    private static void writeFigures(ExerciseModel model, Path file) throws IOException {
        Map<String, List<Figure>> figures = new TreeMap<>();
        for (Exercise exercise : model.catalogue().all()) {
            figures.put(
                    exercise.key(),
                    BUILDS.stream()
                            .map(body -> Figure.still(exercise, body, model.curve(exercise, body, LOAD_KG)))
                            .toList());
        }
        new ObjectMapper()
                .setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL)
                .writeValue(file.toFile(), figures);
    }
}
