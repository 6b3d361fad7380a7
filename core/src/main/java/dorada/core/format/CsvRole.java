package dorada.core.format;

import dorada.core.outcome.OutcomeId;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * What a column of a table holds, recognised from its heading. There is no standard for such tables; the headings are
 * common practice, no source.
 */
public enum CsvRole implements OutcomeId {
    FREQUENCY("(f|freq|frequency)\\b.*"),
    REAL("(re|real|gamma re|re gamma|s11 ?re|re s11|s11 real|real s11)"),
    IMAGINARY("(im|imag|imaginary|gamma im|im gamma|s11 ?im|im s11|s11 imag|imag s11|s11 imaginary|imaginary s11)"),
    RESISTANCE("(r|rs|resistance|re z|z re)( ohms?| ω)?"),
    REACTANCE("(x|xs|reactance|im z|z im)( ohms?| ω)?"),
    RETURN_LOSS("(return ?loss|rl\\b|s11 ?db|s11 ?mag ?db|mag(nitude)? ?db|db s11|db\\b|log ?mag).*"),
    SWR("(v?swr|standing wave ratio)\\b.*"),
    MAGNITUDE("(rho|ρ|mag|magnitude|s11 ?mag|mag s11|gamma mag)( lin(ear)?)?"),
    ANGLE("(s11 )?(angle|phase|arg)( s11)?( deg(rees)?| °)?"),
    IGNORED("(?!)");

    private final Pattern heading;

    CsvRole(String heading) {
        this.heading = Pattern.compile(heading);
    }

    @Override
    public String area() {
        return "column";
    }

    static CsvRole of(String heading) {
        String tidy = tidy(heading);
        for (CsvRole role : values()) {
            if (role.heading.matcher(tidy).matches()) {
                return role;
            }
        }
        return IGNORED;
    }

    static String tidy(String heading) {
        return heading.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[\\[\\]()|_:/#]+", " ")
                .replaceAll("\\s+", " ")
                .strip();
    }
}
