package nimblefurrow.server.platform.background;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTransientConnectionException;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.CannotCreateTransactionException;

/**
 * What keeps the database from answering for a while: whoever asked is told so and when to come
 * again. Not what it refuses, as a row that contradicts another.
 */
public enum DatabaseTrouble {
  /** No connection is free or can be made. */
  FULL(
      HttpStatus.SERVICE_UNAVAILABLE,
      "too much is asked at once: try again in a moment; nothing was saved"),
  /** The database has gone away in the middle, or does not answer. */
  GONE(
      HttpStatus.SERVICE_UNAVAILABLE,
      "the database does not answer: try again in a moment; nothing was saved"),
  /** It went away while it was keeping a change: nobody knows on which side of it. */
  UNKNOWN(
      HttpStatus.SERVICE_UNAVAILABLE,
      "the database did not answer in time to say whether this was kept: it is asked again by the"
          + " same name, or look before you repeat it"),
  /** There is no room left on its disk. */
  DISK_FULL(
      HttpStatus.INSUFFICIENT_STORAGE,
      "the disk is full: nothing was saved; make room on the machine that keeps the farm's data");

  public static final String RETRY_SECONDS = "3";

  private static final String DISK = "53100";
  private static final Set<String> CLASSES_OF_STATES = Set.of("08", "53", "57");

  /** Somebody called a question off: no trouble of the database's. */
  private static final String CALLED_OFF = "57014";

  public final HttpStatus status;
  public final String says;

  DatabaseTrouble(HttpStatus status, String says) {
    this.status = status;
    this.says = says;
  }

  /** The trouble behind a failure; empty where it is something else. */
  public static Optional<DatabaseTrouble> of(Throwable failed) {
    Set<Throwable> seen = new HashSet<>();
    boolean wrapped = false;
    for (Throwable t = failed; t != null && seen.add(t); t = t.getCause()) {
      if (t instanceof CommitUnknown) {
        return Optional.of(UNKNOWN);
      }
      if (t instanceof SQLException sql) {
        Optional<DatabaseTrouble> trouble = of(sql);
        if (trouble.isPresent()) {
          return trouble;
        }
      }
      wrapped |=
          t instanceof CannotCreateTransactionException
              || t instanceof DataAccessResourceFailureException
              || t instanceof TransientDataAccessResourceException;
    }
    return wrapped ? Optional.of(GONE) : Optional.empty();
  }

  private static Optional<DatabaseTrouble> of(SQLException sql) {
    String state = String.valueOf(sql.getSQLState());
    if (DISK.equals(state)) {
      return Optional.of(DISK_FULL);
    }
    if (sql instanceof SQLTransientConnectionException) {
      return Optional.of(sql.getCause() == null ? FULL : GONE);
    }
    boolean closed = "Connection is closed".equals(sql.getMessage());
    boolean gone =
        closed
            || sql instanceof SQLNonTransientConnectionException
            || sql instanceof SQLRecoverableException
            || state.length() == 5
                && CLASSES_OF_STATES.contains(state.substring(0, 2))
                && !state.equals(CALLED_OFF);
    return gone ? Optional.of(GONE) : Optional.empty();
  }

  /** A change was handed over to be kept, and the answer never came. */
  public static final class CommitUnknown extends RuntimeException {
    private static final long serialVersionUID = 1;

    public CommitUnknown(Throwable cause) {
      super(cause);
    }
  }
}
