package dorada.server.neighbour;

import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import tools.jackson.databind.json.JsonMapper;

/** Which beans there are is settled while packing; what they are, when it starts. */
@Configuration(proxyBeanMethods = false)
class NeighbourConfiguration {

    @Bean
    Neighbours neighbours(
            Environment environment, DataSourceProperties database, ApplicationEventPublisher events, JsonMapper json) {
        return Neighbours.share(environment) ? new OnPostgres(database, events, json) : new Alone();
    }
}
