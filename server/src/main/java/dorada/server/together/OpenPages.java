package dorada.server.together;

import dorada.server.book.RowWritten;
import dorada.server.installation.InstallationService.Touched;
import dorada.server.neighbour.Heard;
import dorada.server.neighbour.Missed;
import dorada.server.neighbour.Neighbours;
import dorada.server.people.OpenSessions;
import dorada.server.people.PeopleService;
import dorada.server.people.SignedIn;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * All pages that listen to this server. What its neighbours' pages are told is told to them as well, and who is on an installation
 * there is on it here.
 */
@Component
class OpenPages {

    /** A page comes back by itself when its time is over, with whatever its person may still do. */
    private static final Duration LONGEST = Duration.ofMinutes(30);

    /** A page that is gone is noticed by what can't be sent to it. */
    private static final long PULSE_MS = 5_000;

    /** Of one person: a shop's browsers, and no script that never closes. */
    private static final int MOST_OF_ONE = 24;

    private static final int TELLERS = 4;

    private final Map<UUID, OpenPage> open = new ConcurrentHashMap<>();
    private final PeopleService people;
    private final OpenSessions sessions;
    private final Neighbours neighbours;
    private final PresenceElsewhere elsewhere;

    /** More than one, so that a network that is stuck holds up only itself. */
    private final ExecutorService tellers = new ThreadPoolExecutor(
            TELLERS,
            TELLERS,
            0,
            TimeUnit.SECONDS,
            new LinkedBlockingQueue<>(),
            run -> {
                Thread thread = new Thread(run, "together");
                thread.setDaemon(true);
                return thread;
            },
            // While the server stops, changes go on, and nobody listens any more.
            new ThreadPoolExecutor.DiscardPolicy());

    OpenPages(PeopleService people, OpenSessions sessions, Neighbours neighbours, PresenceElsewhere elsewhere) {
        this.people = people;
        this.sessions = sessions;
        this.neighbours = neighbours;
        this.elsewhere = elsewhere;
    }

    /** Who else is on an installation. */
    record HereView(@NotNull List<String> others) {}

    /** Listens until the page is gone; what the same page listened to before is over. */
    SseEmitter listen(UUID page, SignedIn who, Optional<UUID> installation, HttpSession session) {
        SseEmitter emitter = new SseEmitter(LONGEST.toMillis());
        OpenPage opened = new OpenPage(page, who, installation, session, emitter, tellers);
        OpenPage before = open.put(page, opened);
        emitter.onCompletion(() -> gone(opened));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> gone(opened));
        if (before != null) {
            before.close();
            before.installation()
                    .filter(i -> !installation.equals(Optional.of(i)))
                    .ifPresent(this::tellWhoIsOn);
        }
        closeTheOldestOf(who);
        opened.tell("pulse", SseEmitter.event().comment("here"));
        installation.ifPresent(this::tellWhoIsOn);
        return emitter;
    }

    private void closeTheOldestOf(SignedIn who) {
        List<OpenPage> own = open.values().stream()
                .filter(p -> p.who().id().equals(who.id()))
                .sorted(Comparator.comparingLong(OpenPage::number))
                .toList();
        own.stream().limit(Math.max(0, own.size() - MOST_OF_ONE)).forEach(this::close);
    }

    private void close(OpenPage page) {
        page.close();
        gone(page);
    }

    private void gone(OpenPage page) {
        if (open.remove(page.id(), page)) {
            page.installation().ifPresent(this::tellWhoIsOn);
        }
    }

    private void tellWhoIsOn(UUID installation) {
        neighbours.tell(new Here(neighbours.me(), installation, peopleOn(installation)));
        tellHereWhoIsOn(installation);
    }

    private List<Here.Somebody> peopleOn(UUID installation) {
        return open.values().stream()
                .filter(p -> p.installation().equals(Optional.of(installation)))
                .map(p -> new Here.Somebody(p.who().id(), p.who().displayName()))
                .distinct()
                .toList();
    }

    private void tellHereWhoIsOn(UUID installation) {
        List<OpenPage> here = open.values().stream()
                .filter(p -> p.installation().equals(Optional.of(installation)))
                .toList();
        for (OpenPage page : here) {
            List<String> others = Stream.concat(peopleOn(installation).stream(), elsewhere.on(installation).stream())
                    .filter(w -> !w.id().equals(page.who().id()))
                    .map(Here.Somebody::name)
                    .distinct()
                    .sorted()
                    .toList();
            page.tell("here", SseEmitter.event().name("here").data(new HereView(others)));
        }
    }

    /** @param by the page that did it, which knows; null where none did */
    void tell(ChangeView change, UUID by) {
        neighbours.tell(new Changed(change, by));
        tellHere(change, by);
    }

    /** @param by the page that did it; null where none did */
    record Changed(ChangeView change, UUID by) {}

    private void tellHere(ChangeView change, UUID by) {
        open.values().stream()
                .filter(p -> !Objects.equals(p.id(), by))
                .forEach(p -> p.tell(change, SseEmitter.event().name("changed").data(change)));
    }

    /** Judged anew, too, in the background. */
    @TransactionalEventListener(fallbackExecution = true)
    void touched(Touched touched) {
        tell(new ChangeView("installations", touched.installation()), null);
    }

    @EventListener
    void written(RowWritten row) {
        tell(ChangeView.OF_THE_BOOK, null);
    }

    @EventListener
    void heard(Heard heard) {
        heard.as(Changed.class).ifPresent(c -> tellHere(c.change(), c.by()));
        heard.as(Here.class).ifPresent(h -> {
            elsewhere.put(h);
            tellHereWhoIsOn(h.installation());
        });
    }

    /** Nobody knows what: the pages come back by themselves, and ask for everything anew. */
    @EventListener
    void missed(Missed missed) {
        open.values().forEach(OpenPage::close);
    }

    @Scheduled(fixedDelay = PULSE_MS)
    void pulse() {
        open.values().stream()
                .flatMap(p -> p.installation().stream())
                .distinct()
                .forEach(i -> neighbours.tell(new Here(neighbours.me(), i, peopleOn(i))));
        elsewhere.forgotten().forEach(this::tellHereWhoIsOn);
        for (OpenPage page : open.values()) {
            if (isSignedIn(page) && isCurrent(page.who())) {
                page.tell("pulse", SseEmitter.event().comment(""));
            } else {
                close(page);
            }
        }
    }

    private boolean isSignedIn(OpenPage page) {
        try {
            return page.session().map(sessions::isOpen).orElse(true);
        } catch (DataAccessException | TransactionException e) {
            return true;
        }
    }

    private boolean isCurrent(SignedIn who) {
        try {
            return people.isCurrent(who);
        } catch (DataAccessException | TransactionException e) {
            // The database has a bad moment; whoever listens learns nothing but numbers.
            return true;
        }
    }

    /** An open stream would hold up the shutdown. */
    @EventListener(ContextClosedEvent.class)
    void closeAll() {
        open.values().forEach(OpenPage::close);
        tellers.shutdownNow();
    }
}
