package kinesia.shared;

import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.firewall.RequestRejectedHandler;

/** Requests that the web server or the firewall turn away get the one error format too. */
@Configuration
class RefusedRequests {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> problems() {
        return factory -> factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(ProblemValve.class.getName());
            }
        });
    }

    @Bean
    RequestRejectedHandler refused() {
        return (request, response, e) ->
                Problem.ofStatus(HttpStatus.BAD_REQUEST).write(response);
    }

    /** Made by the web server by its name. */
    public static final class ProblemValve extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable throwable) {
            if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            HttpStatus status = HttpStatus.resolve(response.getStatus());
            try {
                Problem.ofStatus(status == null ? HttpStatus.BAD_REQUEST : status)
                        .write(response.getResponse());
                response.finishResponse();
            } catch (java.io.IOException e) {
                // Who asked has gone.
                getContainer().getLogger().debug("no one to tell", e);
            }
        }
    }
}
