package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.server.command.CommandRun;
import app.diaphan.server.disk.Backups;
import app.diaphan.server.program.DataFolder;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import app.diaphan.server.store.StarterStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;

/** Data of every earlier version, and backups of it. */
class MigrationTest {
  private static final String DIGEST = "a".repeat(64);

  @TempDir Path data;

  private String url() {
    return "jdbc:h2:file:" + data.resolve("diaphan");
  }

  /** A database as the version with this number of schema left it. */
  private void old(int version) throws Exception {
    OldDatabases.lay(version, data);
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void everythingIsThereAfterwardsAndABackupOfBefore(int version) throws Exception {
    old(version);
    try (ConfigurableApplicationContext server = ServerApplication.start(data, 0)) {
      PackageStore store = server.getBean(PackageStore.class);
      assertEquals("Old", store.get(1L).name());
      assertTrue(PackageStore.documentOf(store.overlay(1L)).toString().contains("Ysolde"));
      assertEquals(1, store.revisionsOf(1L).size());
      PictureStore pictures = server.getBean(PictureStore.class);
      assertArrayEquals(new byte[] {1, 2, 3}, pictures.content(pictures.of(1L).getFirst()));
      DeliveryEntity delivered = server.getBean(Deliveries.class).findAll().getFirst();
      assertEquals("as it was", delivered.sentence());
      assertEquals(DeliveryEntity.State.DONE, delivered.state());
      House house = store.house(1L);
      if (version >= 2) {
        assertEquals("Old", house.name());
        assertEquals(
            List.of("Lamp", "lamp 2"), house.colours().stream().map(HouseColour::name).toList());
        assertEquals("#102030cc", house.colours().getLast().dark().toString());
        assertEquals(3, house.ownMargin().left());
        assertEquals(House.NONE, store.house(2L));
      } else {
        assertEquals(House.NONE, house);
      }
      if (version >= 6) {
        RosterStore rosters = server.getBean(RosterStore.class);
        assertEquals("Skippers", rosters.of(1L).getFirst().roster().name());
        assertTrue(rosters.rowsOf(1L).getFirst().row().toString().contains("Ysolde"));
      }
      assertEquals("Lower third", server.getBean(StarterStore.class).keep(1L).name());
    }
    List<Path> backups = new Backups(new DataFolder(data)).all();
    assertEquals(1, backups.size(), "made before the tables were changed");
    CommandRun restored = CommandRun.of("restore", "--data", data.toString());
    assertEquals(0, restored.code(), restored.errors());
    try (Connection database = DriverManager.getConnection(url());
        var rows =
            database
                .createStatement()
                .executeQuery(
                    "select max(cast(\"version\" as integer)) from \"flyway_schema_history\" where \"success\"")) {
      rows.next();
      assertEquals(version, rows.getInt(1), "as it was before");
    }
    assertTrue(Files.exists(data.resolve("diaphan.mv.db.before-1")), "nothing is thrown away");
  }

  @ParameterizedTest
  @CsvSource({
    "straight,     /there/a-key.png,  true,  /there/a-key.json",
    "fill-and-key, /there/a-key.tif,  true,  /there/a.json",
    "straight,     /there/a-key.png,  false, ''"
  })
  void whereASideFileLiesIsKeptOfDeliveriesBefore(
      String carried, String path, boolean sidecar, String expected) throws Exception {
    old(9);
    try (Connection database = DriverManager.getConnection(url())) {
      OldDatabases.insert(
          database,
          Sentence.of(
              "delivery (package_id, overlay_name, revision, target, file_name, path, state, sentence, started_at) values (1, 'A', 1, '{\"file\":{\"carried\":{\"kind\":\"%s\"},\"sidecar\":%s}}', 'a', '%s', 'DONE', '', now())",
              carried, sidecar, path));
    }
    Flyway.configure()
        .dataSource(url(), "", "")
        .locations("classpath:db/migration")
        .load()
        .migrate();
    try (Connection database = DriverManager.getConnection(url());
        ResultSet found =
            database
                .createStatement()
                .executeQuery("select coalesce(side_file, '') from delivery order by id desc")) {
      assertTrue(found.next());
      assertEquals(expected, found.getString(1));
      assertTrue(found.next());
      assertEquals("", found.getString(1));
    }
  }

  @Test
  void onlyTheNewestBackupsAreKeptAndADamagedOneChangesNothing() throws Exception {
    old(4);
    Backups backups = new Backups(new DataFolder(data));
    try (Connection database = DriverManager.getConnection(url())) {
      for (int day = 1; day <= 8; day++) {
        backups.make(database, java.time.Instant.parse(Sentence.of("2026-06-%02dT10:00:00Z", day)));
      }
    }
    List<Path> kept = backups.all();
    assertEquals(5, kept.size());
    assertEquals("2026-06-08T100000.zip", kept.getFirst().getFileName().toString());
    assertEquals(java.time.Instant.parse("2026-06-08T10:00:00Z"), backups.newest().orElseThrow());
    byte[] before = Files.readAllBytes(data.resolve("diaphan.mv.db"));
    Path damaged = Files.write(data.resolve("backups/2026-06-09T100000.zip"), new byte[99]);
    CommandRun refused = CommandRun.of("restore", "--data", data.toString());
    assertEquals(1, refused.code());
    assertTrue(refused.errors().contains(damaged.getFileName().toString()), refused.errors());
    assertArrayEquals(before, Files.readAllBytes(data.resolve("diaphan.mv.db")));
    CommandRun outside = CommandRun.of("restore", "--data", data.toString(), "../../elsewhere.zip");
    assertEquals(1, outside.code());
  }

  @Test
  void whatIsInUseIsNotReplaced() throws Exception {
    old(4);
    Backups backups = new Backups(new DataFolder(data));
    try (Connection database = DriverManager.getConnection(url())) {
      Path backup = backups.make(database, java.time.Instant.EPOCH);
      InvalidInput refused =
          org.junit.jupiter.api.Assertions.assertThrows(
              InvalidInput.class, () -> backups.restore(backup));
      assertTrue(refused.getMessage().contains("in use"), refused.getMessage());
    }
  }
}
