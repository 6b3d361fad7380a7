package dorada.server.people;

import dorada.server.problem.UserProblem;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;

/**
 * What a password must be: long enough, not one that is tried first, and no more bytes than are hashed. No rule about digits or capitals:
 * NIST SP 800-63B, 5.1.1.2, of 2017.
 */
final class PasswordRules {

    private static final int LEAST_LETTERS = 8;

    /** bcrypt looks at no more than this. */
    private static final int MOST_BYTES = 72;

    /** Those that are tried first; from memory. */
    private static final Set<String> COMMON = Set.of(
            "12345678",
            "123456789",
            "1234567890",
            "0123456789",
            "87654321",
            "password",
            "password1",
            "password123",
            "passw0rd",
            "p@ssw0rd",
            "qwertyui",
            "qwertyuiop",
            "qwerty123",
            "qwerty12",
            "1q2w3e4r",
            "1qaz2wsx",
            "asdfghjk",
            "asdfghjkl",
            "zxcvbnm1",
            "iloveyou",
            "sunshine",
            "princess",
            "football",
            "baseball",
            "welcome1",
            "welcome123",
            "admin123",
            "administrator",
            "letmein1",
            "changeme",
            "trustno1",
            "superman",
            "starwars",
            "whatever",
            "computer",
            "internet",
            "abcd1234",
            "abc12345",
            "aaaaaaaa",
            "11111111",
            "00000000",
            "88888888",
            "12341234",
            "11223344",
            "12121212",
            "contraseña",
            "contrasena",
            "antenna1",
            "radio123",
            "doradadorada");

    private PasswordRules() {}

    /** @throws UserProblem at {@code field} where {@code password} will not do */
    static void require(String field, String password, String login) {
        String text = password == null ? "" : password;
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (plain.codePointCount(0, plain.length()) < LEAST_LETTERS) {
            throw UserProblem.atField(field, Refused.PASSWORD_TOO_SHORT.of(LEAST_LETTERS));
        }
        int bytes = text.getBytes(StandardCharsets.UTF_8).length;
        if (bytes > MOST_BYTES) {
            throw UserProblem.atField(field, Refused.PASSWORD_TOO_LONG.of(MOST_BYTES, bytes));
        }
        if (COMMON.contains(plain)
                || plain.equals(login.toLowerCase(Locale.ROOT))
                || plain.chars().distinct().count() < 3) {
            throw UserProblem.atField(field, Refused.PASSWORD_COMMON.of());
        }
    }
}
