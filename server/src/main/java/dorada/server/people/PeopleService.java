package dorada.server.people;

import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the shop and their access tokens. */
@Service
@Transactional
public class PeopleService implements UserDetailsService {

    private static final int TOKEN_BYTES = 24;
    private static final Duration OF_THE_DEMO = Duration.ofDays(3650);

    private final PersonRepository people;
    private final AccessTokenRepository tokens;
    private final PasswordEncoder encoder;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    PeopleService(PersonRepository people, AccessTokenRepository tokens, PasswordEncoder encoder, Clock clock) {
        this.people = people;
        this.tokens = tokens;
        this.encoder = encoder;
        this.clock = clock;
    }

    /** A new token's text, which is shown once, and its record. */
    record NewToken(AccessToken token, String text) {}

    @Override
    @Transactional(readOnly = true)
    public SignedIn loadUserByUsername(String login) {
        return people.findByLogin(normalised(login))
                .map(SignedIn::new)
                .orElseThrow(() -> new UsernameNotFoundException("No such login"));
    }

    /** Whether nobody could let others in: a new shop, perhaps with the names of an archive. The last lead cannot leave. */
    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return people.countByRoleAndActiveTrue(Role.LEAD) == 0;
    }

    @Transactional(readOnly = true)
    public List<Person> all() {
        return people.findAllByOrderByDisplayName();
    }

    @Transactional(readOnly = true)
    public Person byId(UUID id) {
        return people.findById(id).orElseThrow(() -> UserProblem.notFound(Missing.PERSON));
    }

    /**
     * The shop's first login, a lead's; refused once there is one. Who is known by name from an archive becomes themselves again.
     * {@link FirstLead} lets one at a time.
     */
    Person addFirst(String login, String displayName, String password) {
        if (!isEmpty()) {
            throw UserProblem.conflict(Refused.HAS_LOGINS.of());
        }
        Optional<Person> known = people.findByLogin(normalised(login)).filter(p -> !p.isActive());
        if (known.isPresent()) {
            known.get().change(displayName.strip(), Role.LEAD, true);
            return setPassword(known.get(), password);
        }
        return add(login, displayName, Role.LEAD, password);
    }

    public Person add(String login, String displayName, Role role, String password) {
        PasswordRules.require("password", password, login);
        if (people.findByLogin(normalised(login)).isPresent()) {
            throw UserProblem.atField("login", Refused.LOGIN_TAKEN.of(normalised(login)));
        }
        return people.saveAndFlush(
                new Person(normalised(login), displayName.strip(), role, encoder.encode(password), clock.instant()));
    }

    @Transactional(readOnly = true)
    public Person loadPerson(String login) {
        return people.findByLogin(normalised(login)).orElseThrow(() -> UserProblem.notFound(Missing.PERSON));
    }

    /** Somebody of an archive: who has this login here, else a name that can't sign in. */
    public Person namedInArchive(String login, String displayName) {
        return people.findByLogin(normalised(login))
                .orElseGet(() -> people.saveAndFlush(Person.whoLeft(normalised(login), displayName, clock.instant())));
    }

    @Transactional(readOnly = true)
    public Optional<SignedIn> byToken(String text) {
        return tokens.findByTokenHash(hash(text))
                .filter(t -> t.isValidAt(clock.instant()))
                .map(t -> new SignedIn(t.person()));
    }

    /** Whether {@code me} is still here with the role and password of then. */
    @Transactional(readOnly = true)
    public boolean isCurrent(SignedIn me) {
        return people.findById(me.id())
                .filter(p -> p.isActive() && p.version() == me.version())
                .isPresent();
    }

    /** Another name or role, or the end: sessions end at once, and with the person their tokens. */
    Person change(UUID id, String displayName, Role role, boolean active) {
        Person person = byId(id);
        boolean wasLead = person.isActive() && person.role() == Role.LEAD;
        if (wasLead && (role != Role.LEAD || !active) && people.countByRoleAndActiveTrue(Role.LEAD) == 1) {
            throw UserProblem.conflict(Refused.ONLY_LEAD.of());
        }
        person.change(displayName.strip(), role, active);
        if (!active) {
            tokens.deleteByPersonId(id);
        }
        return people.saveAndFlush(person);
    }

    /** A new password, by a lead or on the machine itself; the person's sessions and tokens end. */
    Person resetPassword(UUID id, String password) {
        tokens.deleteByPersonId(id);
        return setPassword(byId(id), password);
    }

    @Transactional(readOnly = true)
    boolean isPassword(UUID id, String password) {
        return encoder.matches(password, byId(id).passwordHash());
    }

    /** By oneself: tokens go on, other sessions end. */
    SignedIn changePassword(UUID id, String password) {
        return new SignedIn(setPassword(byId(id), password));
    }

    private Person setPassword(Person person, String password) {
        PasswordRules.require("password", password, person.login());
        person.setPasswordHash(encoder.encode(password));
        return people.saveAndFlush(person);
    }

    NewToken createToken(UUID owner, String name, int days) {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String text = "dorada_" + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        return new NewToken(addToken(byId(owner), name, text, Duration.ofDays(days)), text);
    }

    /** Makes {@code text} a valid token of {@code owner}, if it is not one already. */
    public void ensureToken(Person owner, String name, String text) {
        if (tokens.findByTokenHash(hash(text)).isEmpty()) {
            addToken(owner, name, text, OF_THE_DEMO);
        }
    }

    List<AccessToken> tokensOf(UUID owner) {
        return tokens.findByPersonIdOrderByCreatedAt(owner);
    }

    void revoke(SignedIn by, UUID tokenId) {
        AccessToken token = tokens.findById(tokenId)
                .filter(t -> t.person().id().equals(by.id()) || by.role() == Role.LEAD)
                .orElseThrow(() -> UserProblem.notFound(Missing.ACCESS_TOKEN));
        tokens.delete(token);
    }

    private AccessToken addToken(Person owner, String name, String text, Duration life) {
        return tokens.save(new AccessToken(
                owner, name, hash(text), clock.instant(), clock.instant().plus(life)));
    }

    private static String normalised(String login) {
        return login.strip().toLowerCase(Locale.ROOT);
    }

    /** SHA-256 is enough here: the text has 192 random bits, so there is nothing to guess. */
    static String hash(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
