package dorada.server.people;

import dorada.server.neighbour.Neighbours;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import java.time.Duration;
import java.util.EnumSet;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;
import org.springframework.session.web.http.CookieHttpSessionIdResolver;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Who is signed in is kept by the container; where several servers share a database, there. */
@Configuration(proxyBeanMethods = false)
class SessionConfiguration {

    private static final long EACH_MINUTE_MS = 60_000;

    /** @param kept empty for a server on its own */
    record SharedSessions(Optional<JdbcIndexedSessionRepository> kept) {

        @Scheduled(fixedDelay = EACH_MINUTE_MS)
        void tidy() {
            kept.ifPresent(JdbcIndexedSessionRepository::cleanUpExpiredSessions);
        }
    }

    @Bean
    SharedSessions sharedSessions(
            Environment environment,
            JdbcOperations database,
            PlatformTransactionManager transactions,
            @Value("${server.servlet.session.timeout}") Duration timeout) {
        if (!Neighbours.share(environment)) {
            return new SharedSessions(Optional.empty());
        }
        TransactionTemplate alone = new TransactionTemplate(transactions);
        alone.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        JdbcIndexedSessionRepository kept = new JdbcIndexedSessionRepository(database, alone);
        kept.setDefaultMaxInactiveInterval(timeout);
        new PostgreSqlJdbcIndexedSessionRepositoryCustomizer().customize(kept);
        return new SharedSessions(Optional.of(kept));
    }

    @Bean
    @Primary
    OpenSessions openSessions(SharedSessions shared, SessionsInMemory inMemory) {
        return shared.kept().<OpenSessions>map(SessionsInDatabase::new).orElse(inMemory);
    }

    @Bean
    FilterRegistrationBean<Filter> sessionFilter(SharedSessions shared) {
        FilterRegistrationBean<Filter> registration = new FilterRegistrationBean<>(shared.kept()
                .map(SessionConfiguration::filter)
                .orElse((request, response, chain) -> chain.doFilter(request, response)));
        registration.setEnabled(shared.kept().isPresent());
        registration.setOrder(SessionRepositoryFilter.DEFAULT_ORDER);
        registration.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC, DispatcherType.ERROR));
        return registration;
    }

    private static Filter filter(JdbcIndexedSessionRepository kept) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        // As a single server's is called, which others of our classes look for.
        cookie.setCookieName("JSESSIONID");
        cookie.setSameSite("Lax");
        CookieHttpSessionIdResolver ids = new CookieHttpSessionIdResolver();
        ids.setCookieSerializer(cookie);
        SessionRepositoryFilter<?> filter = new SessionRepositoryFilter<>(kept);
        filter.setHttpSessionIdResolver(ids);
        return filter;
    }
}
