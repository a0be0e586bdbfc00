package app.diaphan.server.disk;

import app.diaphan.server.program.DataFolder;
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
import org.h2.engine.Database;
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

  /** Longer than until it is tried as usual again. */
  private static final Duration LONGEST_WAIT = Duration.ofSeconds(6);

  private static final long WAIT_NANOS = 50_000_000;

  private final HikariDataSource pool;

  /**
   * Another name for the same file: by its usual one the pool, which fills itself meanwhile, would
   * join whoever reads, and come by connections that cannot write.
   */
  private final String toRead;

  private final Clock clock;
  private volatile Closed closed;

  /** What the last connection led to. */
  private final AtomicReference<Database> inUse = new AtomicReference<>();

  /** Since when it cannot be written, and why. */
  private record Closed(DatabaseTrouble why, Instant tryAgain) {}

  ReopenedDatabase(HikariDataSource usual, DataFolder data, Clock clock) {
    super(usual);
    pool = usual;
    toRead = "jdbc:h2:retry:" + data.database() + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE";
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
    lastIsOpen();
  }

  /**
   * It may still be closing, which takes a moment, or have been opened again meanwhile: by somebody
   * or by the pool, which fills itself.
   */
  private Connection toRead() throws SQLException {
    long end = System.nanoTime() + LONGEST_WAIT.toNanos();
    while (true) {
      try {
        return DriverManager.getConnection(toRead);
      } catch (SQLException e) {
        if (System.nanoTime() - end > 0) {
          throw e;
        }
      }
      if (lastIsOpen() || pool.getHikariPoolMXBean().getIdleConnections() > 0) {
        try {
          return toOpenDatabase();
        } catch (SQLException e) {
          // What the pool had was of the one that closed.
        }
      }
      if (trouble().isEmpty()) {
        return asUsual();
      }
      LockSupport.parkNanos(WAIT_NANOS);
    }
  }

  @Override
  public Connection getConnection() throws SQLException {
    if (trouble().isPresent()) {
      return toRead();
    }
    try {
      return asUsual();
    } catch (SQLException e) {
      DatabaseTrouble why = DatabaseTrouble.of(e).orElseThrow(() -> e);
      if (why == DatabaseTrouble.LOCKED || why == DatabaseTrouble.DAMAGED) {
        throw e;
      }
      closed = new Closed(why, clock.instant().plus(BETWEEN_TRIES));
      return toRead();
    }
  }

  private Connection asUsual() throws SQLException {
    Connection usual = toOpenDatabase();
    closed = null;
    return usual;
  }

  /**
   * The pool may still hold connections to a database that closed since. They are of no more use,
   * and what others do with such a one at this moment may hold them up for ever.
   */
  private Connection toOpenDatabase() throws SQLException {
    while (true) {
      lastIsOpen();
      Connection usual = super.getConnection();
      Database database = databaseOf(usual);
      Database before = inUse.getAndSet(database);
      if (before != database && before != null) {
        seeWhetherOpen(before);
      }
      if (seeWhetherOpen(database)) {
        return usual;
      }
      pool.evictConnection(usual);
    }
  }

  private boolean lastIsOpen() {
    Database last = inUse.get();
    return last != null && seeWhetherOpen(last);
  }

  /** An open one stays known to who comes next; from a closed one who waits is let go. */
  private static boolean seeWhetherOpen(Database database) {
    MVStore store = database.getStore().getMvStore();
    if (store.isClosed()) {
      ClosedStore.letGo(store);
      return false;
    }
    KnownDatabases.remember(database);
    return true;
  }

  private static Database databaseOf(Connection connection) throws SQLException {
    return ((SessionLocal) connection.unwrap(JdbcConnection.class).getSession()).getDatabase();
  }
}
