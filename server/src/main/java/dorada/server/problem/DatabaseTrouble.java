package dorada.server.problem;

import dorada.server.words.Words;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Optional;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** What the database met, in a sentence: a full disk, or that it was closed and is being opened again. */
final class DatabaseTrouble {

    static final String FULL = Words.ENGLISH.sentence(Refused.DISK_FULL.of());

    /** SQLSTATE of a shared database whose disk is full, and the beginnings of those that say it is not there for the moment. */
    private static final String NO_ROOM = "53100";

    private static final String UNKEPT_LETTER = "22021";

    private static final List<String> AWAY = List.of("08", "57P");

    private static final String POOL_CLOSED = "Connection is closed";

    private DatabaseTrouble() {}

    /** Empty where the trouble is another. */
    static Optional<ProblemDetail> of(Throwable trouble) {
        boolean isClosed = false;
        for (Throwable t = trouble; t != null && t.getCause() != t; t = t.getCause()) {
            if (t instanceof IOException && String.valueOf(t.getMessage()).contains("No space left")) {
                return Optional.of(ProblemAdvice.said(HttpStatus.INSUFFICIENT_STORAGE, Refused.DISK_FULL));
            }
            if (t instanceof SQLException s && NO_ROOM.equals(s.getSQLState())) {
                return Optional.of(ProblemAdvice.said(HttpStatus.INSUFFICIENT_STORAGE, Refused.DISK_FULL));
            }
            // The pool has waited long enough for one that is on another machine.
            isClosed |= t instanceof SQLTransientConnectionException || t instanceof SQLException s && isAway(s);
            // Its store, while it closes itself.
            isClosed |= t instanceof MVStoreException;
            // The pool's own, without a code: what could not be rolled back hides what it was.
            isClosed |= t instanceof SQLException s
                    && (POOL_CLOSED.equals(s.getMessage())
                            || s.getErrorCode() == ErrorCode.DATABASE_IS_CLOSED
                            || s.getErrorCode() == ErrorCode.DATABASE_CALLED_AT_SHUTDOWN
                            || s.getErrorCode() == ErrorCode.OBJECT_CLOSED
                            || s.getErrorCode() == ErrorCode.CONNECTION_BROKEN_1);
        }
        return isClosed
                ? Optional.of(ProblemAdvice.said(HttpStatus.SERVICE_UNAVAILABLE, Refused.DATABASE_OPENS))
                : Optional.empty();
    }

    private static boolean isAway(SQLException e) {
        String state = String.valueOf(e.getSQLState());
        return AWAY.stream().anyMatch(state::startsWith);
    }

    /** A text with a character that the database does not keep. */
    static boolean isUnkeptLetter(Throwable trouble) {
        for (Throwable t = trouble; t != null && t.getCause() != t; t = t.getCause()) {
            if (t instanceof SQLException s && UNKEPT_LETTER.equals(s.getSQLState())) {
                return true;
            }
        }
        return false;
    }
}
