package app.diaphan.server.disk;

import app.diaphan.server.program.DataFolder;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfoService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Backs the database up before its tables are changed, and once a day. */
@Component
class DatabaseCare implements FlywayMigrationStrategy {
  private static final Logger LOG = LoggerFactory.getLogger(DatabaseCare.class);
  private static final Duration APART = Duration.ofDays(1);

  private final Backups backups;
  private final Clock clock;
  private final ScheduledExecutorService daily =
      Executors.newSingleThreadScheduledExecutor(
          work -> Thread.ofPlatform().name("backup").daemon().unstarted(work));

  DatabaseCare(DataFolder data, Clock clock) {
    backups = new Backups(data);
    this.clock = clock;
  }

  @Override
  public void migrate(Flyway flyway) {
    MigrationInfoService tables = flyway.info();
    if (tables.current() != null) {
      if (asTheyShouldBe(tables)) {
        return; // Working it out once more is a twentieth of a start.
      }
      backUp(flyway.getConfiguration().getDataSource());
    }
    flyway.migrate();
  }

  private static boolean asTheyShouldBe(MigrationInfoService tables) {
    return tables.pending().length == 0
        && Arrays.stream(tables.all()).noneMatch(migration -> migration.getState().isFailed());
  }

  /** Looked at every hour, since a computer may sleep or be closed for days. */
  @EventListener
  void watch(ApplicationReadyEvent ready) {
    DataSource database = ready.getApplicationContext().getBean(DataSource.class);
    daily.scheduleWithFixedDelay(() -> backUpIfDue(database), 1, 60, TimeUnit.MINUTES);
  }

  private void backUpIfDue(DataSource database) {
    try {
      boolean due =
          backups.newest().map(last -> last.plus(APART).isBefore(clock.instant())).orElse(true);
      if (due) {
        backUp(database);
      }
    } catch (IOException | RuntimeException e) {
      LOG.warn("The daily backup was not made", e);
    }
  }

  private void backUp(DataSource database) {
    try (Connection connection = database.getConnection()) {
      LOG.info("Backed up to {}", backups.make(connection, clock.instant()));
    } catch (SQLException | IOException e) {
      throw new IllegalStateException("The database could not be backed up.", e);
    }
  }

  @PreDestroy
  void stop() {
    daily.shutdownNow();
  }
}
