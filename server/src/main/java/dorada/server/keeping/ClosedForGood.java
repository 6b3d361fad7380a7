package dorada.server.keeping;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import org.h2.api.ErrorCode;

/** A connection to a database that closed itself is thrown away at once; the next one opens it again. */
public final class ClosedForGood implements SQLExceptionOverride {

    @java.lang.Override
    public Override adjudicate(SQLException e) {
        return switch (e.getErrorCode()) {
            case ErrorCode.DATABASE_IS_CLOSED, ErrorCode.CONNECTION_BROKEN_1, ErrorCode.OBJECT_CLOSED ->
                Override.MUST_EVICT;
            default -> Override.CONTINUE_EVICT;
        };
    }
}
