package app.diaphan.server.disk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.diaphan.server.program.DataFolder;
import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import org.h2.engine.Database;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A database that closes while somebody is still at work with it, and is opened anew by others. */
class ReopenedDatabaseTest {
  @TempDir Path folder;
  private HikariDataSource pool;
  private ReopenedDatabase database;
  private Instant now = Instant.parse("2026-06-30T10:40:00Z");

  @BeforeEach
  void open() throws SQLException {
    DataFolder data = new DataFolder(folder);
    HikariConfig settings = new HikariConfig();
    settings.setJdbcUrl("jdbc:h2:file:" + data.database());
    settings.setConnectionTimeout(1000);
    pool = new HikariDataSource(settings);
    database = new ReopenedDatabase(pool, data, clock());
    try (Connection first = database.getConnection()) {
      first.createStatement().execute("create table title (words varchar)");
      first.createStatement().execute("insert into title values ('Lantern Reach')");
      first.createStatement().execute("checkpoint sync");
    }
  }

  @AfterEach
  void close() {
    pool.close();
  }

  @Test
  void whoIsLateWithTheClosedOneDoesNotKeepOthersFromTheNewOne() throws SQLException {
    try (Connection late = database.getConnection();
        Connection anew = openedAnew(late)) {
      assertThrows(SQLException.class, () -> words(late));
      assertEquals("Lantern Reach", words(anew));
      for (int i = 0; i < 3; i++) {
        try (Connection another = database.getConnection();
            Connection andOneMore = database.getConnection()) {
          assertEquals("Lantern Reach", words(another));
          assertEquals(databaseOf(anew), databaseOf(andOneMore));
        }
      }
    }
  }

  @Test
  void itIsReadMeanwhile() throws SQLException {
    try (Connection late = database.getConnection();
        Connection anew = openedAnew(late)) {
      SQLException failed = assertThrows(SQLException.class, () -> words(late));
      assertTrue(database.trouble(failed).isPresent());
      try (Connection reading = database.getConnection()) {
        assertEquals("Lantern Reach", words(reading));
      }
      assertEquals("Lantern Reach", words(anew));
    }
  }

  @Test
  void itIsWrittenAgainAlthoughThePoolFillsItselfWhileItIsRead() throws SQLException {
    SQLException failed;
    try (Connection late = database.getConnection()) {
      databaseOf(late).getStore().closeImmediately();
      failed = assertThrows(SQLException.class, () -> words(late));
    }
    assertTrue(database.trouble(failed).isPresent());
    try (Connection reading = database.getConnection()) {
      assertEquals("Lantern Reach", words(reading));
    }
    now = now.plusSeconds(60);
    try (Connection usual = database.getConnection()) {
      usual.createStatement().execute("insert into title values ('Tern Holm')");
      assertEquals("Lantern Reach", words(usual));
    }
  }

  private Clock clock() {
    Clock clock = mock(Clock.class);
    when(clock.instant()).thenAnswer(asked -> now);
    return clock;
  }

  private Connection openedAnew(Connection before) throws SQLException {
    databaseOf(before).getStore().closeImmediately();
    Connection anew = database.getConnection();
    assertNotEquals(databaseOf(before), databaseOf(anew));
    return anew;
  }

  private static Database databaseOf(Connection connection) throws SQLException {
    return ((SessionLocal) connection.unwrap(JdbcConnection.class).getSession()).getDatabase();
  }

  private static String words(Connection connection) throws SQLException {
    try (ResultSet rows = connection.createStatement().executeQuery("select words from title")) {
      rows.next();
      return rows.getString(1);
    }
  }
}
