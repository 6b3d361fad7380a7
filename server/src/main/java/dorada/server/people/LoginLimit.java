package dorada.server.people;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import dorada.server.problem.UserProblem;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Wrong passwords are few: so many for a login and for an address, then one has to wait. Right ones cost nothing. */
@Component
class LoginLimit {

    private static final int FOR_A_LOGIN = 10;
    private static final int FOR_AN_ADDRESS = 60;
    private static final Duration IN = Duration.ofMinutes(5);
    private static final int MOST_REMEMBERED = 10_000;

    private final LoadingCache<String, Bucket> logins = buckets(FOR_A_LOGIN);
    private final LoadingCache<String, Bucket> addresses = buckets(FOR_AN_ADDRESS);

    private static LoadingCache<String, Bucket> buckets(int most) {
        return Caffeine.newBuilder()
                .maximumSize(MOST_REMEMBERED)
                .expireAfterAccess(IN.multipliedBy(2))
                .build(key -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(most).refillGreedy(most, IN))
                        .build());
    }

    /** @throws UserProblem where too many were wrong of late; asked before the password is looked at */
    void require(String login, String address) {
        for (Bucket bucket : of(login, address)) {
            if (bucket.getAvailableTokens() < 1) {
                long seconds = 1 + bucket.estimateAbilityToConsume(1).getNanosToWaitForRefill() / 1_000_000_000;
                throw UserProblem.tooMany("password", seconds, Refused.TOO_MANY_TRIES.of(seconds));
            }
        }
    }

    /** Login and password did not belong together. */
    void wrong(String login, String address) {
        for (Bucket bucket : of(login, address)) {
            bucket.tryConsume(1);
        }
    }

    private Bucket[] of(String login, String address) {
        return new Bucket[] {logins.get(login.strip().toLowerCase(Locale.ROOT)), addresses.get(address)};
    }
}
