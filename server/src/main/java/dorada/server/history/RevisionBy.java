package dorada.server.history;

import dorada.server.people.SignedIn;
import java.time.Clock;
import org.hibernate.envers.RevisionListener;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Writes into each revision whose request it came with, by the shop's clock. */
@Component
class RevisionBy implements RevisionListener {

    /** Set afterwards, because Hibernate makes one of its own while the application is packed. */
    private Clock clock = Clock.systemUTC();

    @Autowired
    void setClock(Clock clock) {
        this.clock = clock;
    }

    @Override
    public void newRevision(Object revision) {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        ((Revision) revision)
                .made(
                        clock.instant(),
                        signedIn != null && signedIn.getPrincipal() instanceof SignedIn me ? me.id() : null);
    }
}
