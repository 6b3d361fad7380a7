package dorada.server.installation;

import org.hibernate.boot.model.FunctionContributions;
import org.hibernate.boot.model.FunctionContributor;
import org.hibernate.dialect.PostgreSQLDialect;
import org.hibernate.type.StandardBasicTypes;

/**
 * {@code found_in(text, words)} in a query: whether {@code text} stands anywhere in {@code words}. H2 reads one row after another, and
 * twice as fast as by {@code like}, whose pattern it reads anew for each; PostgreSQL has an index for {@code like} (V39 there).
 */
public class FoundIn implements FunctionContributor {

    private static final String READ_THROUGH = "(locate(?1, ?2) > 0)";

    private static final String BY_INDEX =
            "(?2 like '%' || replace(replace(replace(?1, '\\', '\\\\'), '%', '\\%'), '_', '\\_') || '%' escape '\\')";

    @Override
    public void contributeFunctions(FunctionContributions functions) {
        functions
                .getFunctionRegistry()
                .registerPattern(
                        "found_in",
                        functions.getDialect() instanceof PostgreSQLDialect ? BY_INDEX : READ_THROUGH,
                        functions.getTypeConfiguration().getBasicTypeRegistry().resolve(StandardBasicTypes.BOOLEAN));
    }
}
