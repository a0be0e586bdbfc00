package app.diaphan.server.disk;

import app.diaphan.server.DataFolder;
import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.MVStore;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * The database, for reading alone while it cannot be written. A database whose disk was full in the
 * middle of a save has closed and cannot be opened as usual; it can still be read. As usual it is
 * tried again every few seconds, so that saving comes back by itself.
 */
public final class ReopenedDatabase extends DelegatingDataSource {
  private static final Duration BETWEEN_TRIES = Duration.ofSeconds(3);

  private static final int MOST_TRIES = 20;
  private static final long WAIT_NANOS = 50_000_000;

  private final HikariDataSource pool;
  private final String toRead;
  private final Clock clock;
  private volatile Closed closed;

  /** What the last connection led to. */
  private final AtomicReference<MVStore> inUse = new AtomicReference<>();

  /** Since when it cannot be written, and why. */
  private record Closed(DatabaseTrouble why, Instant tryAgain) {}

  ReopenedDatabase(HikariDataSource usual, DataFolder data, Clock clock) {
    super(usual);
    pool = usual;
    toRead = "jdbc:h2:file:" + data.database() + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE";
    this.clock = clock;
  }

  /** Why nothing can be written just now; nothing if it can, or if it is time to try again. */
  Optional<DatabaseTrouble> trouble() {
    Closed now = closed;
    return now == null || clock.instant().isAfter(now.tryAgain())
        ? Optional.empty()
        : Optional.of(now.why());
  }

  /**
   * Why something failed; nothing if neither the disk nor the database is to blame. Forgets
   * connections to a database that has closed.
   */
  public Optional<DatabaseTrouble> trouble(Throwable e) {
    Optional<DatabaseTrouble> found = DatabaseTrouble.of(e);
    if (found.isPresent() && DatabaseTrouble.closed(e)) {
      Closed before = closed;
      DatabaseTrouble why =
          found.get() == DatabaseTrouble.CLOSED && before != null ? before.why() : found.get();
      close(why);
      return Optional.of(why);
    }
    return found;
  }

  private void close(DatabaseTrouble why) {
    closed = new Closed(why, clock.instant().plus(BETWEEN_TRIES));
    pool.getHikariPoolMXBean().softEvictConnections();
    MVStore store = inUse.get();
    if (store != null && store.isClosed()) {
      ClosedStore.letGo(store);
    }
  }

  /** It may still be closing, which takes a moment. */
  private Connection toRead() throws SQLException {
    for (int tries = 1; ; tries++) {
      try {
        return DriverManager.getConnection(toRead);
      } catch (SQLException e) {
        if (tries == MOST_TRIES) {
          throw e;
        }
        LockSupport.parkNanos(WAIT_NANOS);
      }
    }
  }

  @Override
  public Connection getConnection() throws SQLException {
    if (trouble().isPresent()) {
      return toRead();
    }
    try {
      Connection usual = toOpenDatabase();
      closed = null;
      return usual;
    } catch (SQLException e) {
      DatabaseTrouble why = DatabaseTrouble.of(e).orElseThrow(() -> e);
      if (why == DatabaseTrouble.LOCKED || why == DatabaseTrouble.DAMAGED) {
        throw e;
      }
      closed = new Closed(why, clock.instant().plus(BETWEEN_TRIES));
      return toRead();
    }
  }

  /**
   * The pool may still hold connections to a database that closed since. They are of no more use,
   * and what others do with such a one at this moment may hold them up for ever.
   */
  private Connection toOpenDatabase() throws SQLException {
    while (true) {
      Connection usual = super.getConnection();
      MVStore store = storeOf(usual);
      MVStore before = inUse.getAndSet(store);
      if (before != store && before != null && before.isClosed()) {
        ClosedStore.letGo(before);
      }
      if (!store.isClosed()) {
        return usual;
      }
      ClosedStore.letGo(store);
      pool.evictConnection(usual);
    }
  }

  private static MVStore storeOf(Connection connection) throws SQLException {
    SessionLocal session = (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
    return session.getDatabase().getStore().getMvStore();
  }
}
