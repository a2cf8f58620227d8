package kinesia.shared;

import java.time.Clock;
import java.time.ZoneId;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock of the server; whoever needs the time asks it, so that tests can set it. */
@Configuration
class TimeConfiguration {
    @Bean
    Clock clock() {
        return Clock.system(ZoneId.systemDefault());
    }
}
