package dorada.server.demo;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;

/**
 * The one clock of the server. Which beans there are is settled when the application is packed, so the demo is told
 * apart here, when it starts, and not by a condition on the bean.
 */
@Configuration(proxyBeanMethods = false)
class ClockConfiguration {

    @Bean
    Clock clock(Environment environment) {
        return environment.acceptsProfiles(Profiles.of("demo")) ? new DemoClock() : Clock.systemDefaultZone();
    }
}
