package dorada.server.tuning;

import dorada.server.installation.InstallationService.PlanChanged;
import dorada.server.keeping.InBackground;
import dorada.server.keeping.RoomOnDisk;
import jakarta.annotation.PreDestroy;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Judges passes again in the background: those of a plan that was changed, and, after a start of another build of the program, all.
 * Who looks meanwhile doesn't wait for it: what is opened is judged at once.
 */
@Component
class JudgedAgain {

    private final Judgements judgements;
    private final InBackground background;

    JudgedAgain(Judgements judgements, RoomOnDisk room) {
        this.judgements = judgements;
        background = new InBackground("judged-again", room, judgements::judgeMissing);
    }

    @EventListener(ApplicationReadyEvent.class)
    void all() {
        background.run(() -> judgements.toJudge().forEach(id -> background.renew(id, judgements::judgeAnew)));
    }

    @TransactionalEventListener
    void changed(PlanChanged plan) {
        background.later(plan.installation());
    }

    @PreDestroy
    void stop() {
        background.close();
    }
}
