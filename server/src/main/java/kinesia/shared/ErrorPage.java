package kinesia.shared;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was refused before any controller saw it, in the same form as every other refusal. */
@Hidden
@RestController
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        // Without a status somebody asked for this page itself.
        Integer code = (Integer) request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code == null ? HttpStatus.NOT_FOUND : HttpStatus.resolve(code);
        Problem.ofStatus(status == null ? HttpStatus.BAD_REQUEST : status).write(response);
    }
}
