package dorada.core.tuning;

/**
 * Something that trimming cannot cure.
 *
 * @param name what it likely is
 * @param evidence what in the curve or the circumstances speaks for it
 * @param test the quick test that tells it from the others
 */
public record Cause(String name, String evidence, String test) {

    String sentence() {
        String capital = Character.toUpperCase(name.charAt(0)) + name.substring(1);
        return capital + ", for " + evidence + ". To tell: " + test + ".";
    }
}
