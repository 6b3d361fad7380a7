package dorada.server.network;

import dorada.server.problem.Sentence;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers under our own names alone: a page of somebody else's, whose name was made to point here, is no page of ours (DNS rebinding).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class HostFilter extends OncePerRequestFilter {

    /** Names under which a proxy or the shop's own name service lead here. */
    static final String HOSTS = "DORADA_HOSTS";

    private static final Logger LOG = LoggerFactory.getLogger(HostFilter.class);

    private final Environment environment;
    private volatile Names names;

    HostFilter(Environment environment) throws IOException {
        this.environment = environment;
        names = Names.ofTheMachine().and(environment.getProperty(HOSTS, ""));
    }

    /** The machine may have got another address since. */
    private boolean isOurs(String host) throws IOException {
        if (!names.have(host)) {
            names = Names.ofTheMachine().and(environment.getProperty(HOSTS, ""));
        }
        return names.have(host);
    }

    @EventListener(ApplicationReadyEvent.class)
    void tellTheFingerprint() {
        String fingerprint = environment.getProperty("dorada.fingerprint");
        if (fingerprint != null) {
            LOG.info("The certificate's fingerprint (SHA-256), to be compared in the browser: {}", fingerprint);
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!isOurs(request.getServerName())) {
            Sentence.notOurName(response, HOSTS);
            return;
        }
        chain.doFilter(request, response);
    }
}
