package dorada.core.instrument.scpi;

import java.util.Locale;

/**
 * One node of a header: its long form and its short form, the capital letters. Source: SCPI-1999, volume 1, section 6.2.
 */
record Keyword(String longForm, String shortForm) {

    static Keyword of(String mixed) {
        StringBuilder capitals = new StringBuilder();
        mixed.chars().filter(c -> !Character.isLowerCase(c)).forEach(c -> capitals.append((char) c));
        return new Keyword(mixed.toUpperCase(Locale.ROOT), capitals.toString());
    }

    boolean matches(String token) {
        String upper = token.toUpperCase(Locale.ROOT);
        return upper.equals(longForm) || upper.equals(shortForm);
    }
}
