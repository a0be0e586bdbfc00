package app.diaphan.server;

import app.diaphan.core.Sentence;
import app.diaphan.core.roster.Roster;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.util.List;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.flywaydb.core.Flyway;

/**
 * Files of databases as every earlier schema left them, made once and kept: neither a migration
 * that is changed nor a newer H2 changes them. {@code -Ddiaphan.keep-older=true} makes those that
 * are not there yet, which is done before a new migration is added.
 */
final class OldDatabases {
  private static final String DIGEST = "a".repeat(64);
  private static final String FILE = "diaphan.mv.db";

  private OldDatabases() {}

  /**
   * @param version of the schema
   * @param folder that the data folder's database is to lie in
   */
  static void lay(int version, Path folder) throws Exception {
    String name = "/older/databases/" + version + ".mv.db.gz";
    Path kept = Path.of("src/test/resources" + name);
    if (Boolean.getBoolean("diaphan.keep-older") && !Files.exists(kept)) {
      make(version, folder);
      keep(folder.resolve(FILE), kept);
    }
    try (InputStream packed =
            Files.exists(kept)
                ? Files.newInputStream(kept)
                : Objects.requireNonNull(OldDatabases.class.getResourceAsStream(name), name);
        InputStream file = new GZIPInputStream(packed)) {
      Files.write(folder.resolve(FILE), file.readAllBytes());
    }
  }

  private static void keep(Path database, Path kept) throws IOException {
    Files.createDirectories(kept.getParent());
    try (OutputStream packed = new GZIPOutputStream(Files.newOutputStream(kept))) {
      Files.copy(database, packed);
    }
  }

  private static String url(Path folder) {
    return "jdbc:h2:file:" + folder.resolve("diaphan");
  }

  private static void make(int version, Path folder) throws Exception {
    Flyway.configure()
        .dataSource(url(folder), "", "")
        .locations("classpath:db/migration")
        .target(Integer.toString(version))
        .load()
        .migrate();
    try (Connection database = DriverManager.getConnection(url(folder))) {
      if (version < 2) {
        insert(database, "graphics_package (name, created_at) values ('Old', now())");
      } else {
        insert(
            database,
            "graphics_package (name, created_at, house) values ('Old', now(), ?)",
            """
            {"colours":[{"name":"Lamp","colour":"#f0a93f"},{"name":"lamp","colour":"#102030cc"}],
             "ownMargin":{"unit":"PERCENT","left":3,"top":0,"right":0,"bottom":0}}""");
        insert(database, "graphics_package (name, created_at) values ('Without', now())");
      }
      insert(
          database,
          "overlay (package_id, name, document, revision, saved_at) values (1, 'Lower third', ?, 1, now())",
          TestOverlays.ofVersion1("Ysolde"));
      insert(
          database,
          "overlay_revision (overlay_id, number, document, saved_at) values (1, 1, ?, now())",
          TestOverlays.ofVersion1("Ysolde"));
      if (version < 3) {
        insert(
            database,
            Sentence.of(
                "picture (package_id, name, format, width, height, sha256, content) values (1, 'mark.png', 'PNG', 1, 1, '%s', x'010203')",
                DIGEST));
      } else {
        insert(
            database,
            Sentence.of("picture_content (sha256, content) values ('%s', x'010203')", DIGEST));
        insert(
            database,
            Sentence.of(
                "picture (package_id, name, format, width, height, sha256) values (1, 'mark.png', 'PNG', 1, 1, '%s')",
                DIGEST));
      }
      insert(
          database,
          Sentence.of(
              "delivery (overlay_id, package_id, overlay_name, revision, target, file_name, path, state, sentence, sha256, started_at) values (1, 1, 'Lower third', 1, '{}', 'lower-third.png', '/nowhere/lower-third.png', 'DONE', 'as it was', '%s', now())",
              DIGEST));
      if (version >= 4) {
        insert(
            database,
            "delivery_run (package_id, state, planned, sentence, started_at) values (1, 'DONE', 1, 'It was delivered.', now())");
      }
      if (version >= 6) {
        insert(
            database,
            "roster (package_id, name, document, revision) values (1, 'Skippers', ?, 1)",
            DocumentJson.write(new Roster("Skippers", List.of("name"), "name", "", List.of())));
        insert(
            database,
            "roster_row (id, roster_id, place, cells, given, left_out, changes) values (1, 1, 0, '[\"Ysolde\"]', '', false, '')");
      }
      database.createStatement().execute("shutdown compact");
    }
  }

  static void insert(Connection database, String row, String... values) throws Exception {
    try (PreparedStatement statement = database.prepareStatement("insert into " + row)) {
      for (int i = 0; i < values.length; i++) {
        statement.setString(i + 1, values[i]);
      }
      statement.executeUpdate();
    }
  }
}
