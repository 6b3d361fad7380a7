package dorada.server.job;

import dorada.server.neighbour.Neighbours;
import java.time.Clock;
import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.json.JsonMapper;

/** Where long computations are kept. */
@Configuration(proxyBeanMethods = false)
class JobConfiguration {

    @Bean
    Jobs jobs(
            Environment environment,
            DataSource database,
            JdbcClient sql,
            JobService.LongWorks known,
            JsonMapper json,
            Clock clock) {
        return Neighbours.share(environment)
                ? new JobsInDatabase(database, sql, known, json, clock)
                : new JobsInMemory(clock);
    }
}
