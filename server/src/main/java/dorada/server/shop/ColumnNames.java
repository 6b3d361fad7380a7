package dorada.server.shop;

import org.hibernate.boot.model.naming.Identifier;
import org.hibernate.boot.model.naming.PhysicalNamingStrategySnakeCaseImpl;
import org.hibernate.engine.jdbc.env.spi.JdbcEnvironment;

/** A field that ends in its unit, {@code lengthM} or {@code ratedW}, is the column {@code length_m}, {@code rated_w}. */
public class ColumnNames extends PhysicalNamingStrategySnakeCaseImpl {

    @Override
    public Identifier toPhysicalColumnName(Identifier name, JdbcEnvironment environment) {
        return super.toPhysicalColumnName(
                name == null
                        ? null
                        : Identifier.toIdentifier(
                                name.getText().replaceFirst("([a-z0-9])([MW])$", "$1_$2"), name.isQuoted()),
                environment);
    }
}
