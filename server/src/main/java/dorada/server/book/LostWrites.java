package dorada.server.book;

import java.util.concurrent.atomic.AtomicBoolean;
import org.hibernate.search.engine.reporting.EntityIndexingFailureContext;
import org.hibernate.search.engine.reporting.FailureContext;
import org.hibernate.search.engine.reporting.FailureHandler;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Whether the index lacks something that could not be written into it, as on a full disk: the rows have it all the same. */
@Component
class LostWrites implements FailureHandler {

    private static final Logger LOG = LoggerFactory.getLogger(LostWrites.class);

    private final AtomicBoolean areThere = new AtomicBoolean();

    @Override
    public void handle(FailureContext failure) {
        areThere.set(true);
        LOG.warn("The search index was not written: {}", failure.throwable().getMessage());
    }

    @Override
    public void handle(EntityIndexingFailureContext failure) {
        handle((FailureContext) failure);
    }

    /** True once, where there were some; whoever asks makes the index anew. */
    boolean taken() {
        return areThere.getAndSet(false);
    }
}
