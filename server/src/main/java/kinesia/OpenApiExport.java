package kinesia;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;

/**
 * Writes the OpenAPI document that the controllers publish to a file, for the interface's types. Needs no database: it
 * starts the web layer on a free port and asks it once.
 */
public final class OpenApiExport {
    // Outside /api, which asks for a sign-in.
    private static final String DOCUMENT = "/openapi.json";

    private OpenApiExport() {}

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
        }
    }
}
