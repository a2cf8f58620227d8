package kinesia.shared;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The OpenAPI document, for who is signed in. */
@Hidden
@RestController
class DocumentController {
    private final ApiDocument document;

    DocumentController(ApiDocument document) {
        this.document = document;
    }

    @GetMapping(path = "/api/openapi.json", produces = MediaType.APPLICATION_JSON_VALUE)
    String document() {
        return document.text();
    }
}
