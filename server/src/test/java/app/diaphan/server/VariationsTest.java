package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import app.diaphan.server.store.Aging;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Duplicating, deleting and bringing back. */
class VariationsTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  private static final String LARGE =
      """
      {"width":640,"height":360,"pixelAspect":"1/1","scan":"PROGRESSIVE",
       "safeAreas":{"name":"EBU R 95","actionX":3.5,"actionY":3.5,"titleX":5,"titleY":5},
       "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
       "dotsPerInch":72,"videoHeight":360}""";

  private long packageId;
  private long overlay;

  @BeforeEach
  void newPackage() {
    packageId = SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
    overlay =
        SERVER
            .post("/api/packages/" + packageId + "/overlays", TestOverlays.lowerThird("Ysolde"))
            .body()
            .path("id")
            .asLong();
  }

  private List<String> names(String what) {
    List<String> names = new ArrayList<>();
    SERVER
        .get("/api/packages/" + packageId + "/" + what)
        .body()
        .forEach(
            one ->
                names.add(one.path("name").asString(one.path("overlay").path("name").asString())));
    return names;
  }

  @ParameterizedTest
  @CsvSource({"FOLLOW_FRAME, 48", "STAY, 24"})
  void anOverlayIsDuplicatedForAnotherFrame(String lengths, double size) {
    Answer made =
        SERVER.post(
            "/api/overlays/" + overlay + "/copies",
            "{\"frame\":%s,\"lengths\":\"%s\"}".formatted(LARGE, lengths));
    assertEquals(201, made.status(), () -> made.body().toString());
    JsonNode copy = made.body().path("overlay");
    assertEquals("Lower third 2", copy.path("name").asString());
    assertEquals(640, copy.path("frame").path("width").asInt());
    JsonNode run = copy.path("stack").get(0).path("runs").get(0);
    assertEquals(size, run.path("size").asDouble());
    assertEquals(List.of("Lower third", "Lower third 2"), names("overlays"));
  }

  @Test
  void aCopyNeedsAFrameAndAnOverlay() {
    assertEquals(
        404,
        SERVER
            .post(
                "/api/overlays/999999/copies",
                "{\"frame\":%s,\"lengths\":\"STAY\"}".formatted(LARGE))
            .status());
    Answer without = SERVER.post("/api/overlays/" + overlay + "/copies", "{\"lengths\":\"STAY\"}");
    assertTrue(without.status() >= 400 && without.status() < 500, () -> "" + without.status());
    assertTrue(without.detail().contains("frame"), without::detail);
  }

  @Test
  void aDeletedOverlayIsGoneEverywhereAndComesBackWhole() {
    String path = "/api/overlays/" + overlay;
    assertEquals(204, SERVER.delete(path).status());
    assertEquals(404, SERVER.get(path).status());
    assertEquals(404, SERVER.get(path + "/picture.png").status());
    assertEquals(404, SERVER.delete(path).status());
    assertEquals(List.of(), names("overlays"));
    assertEquals(List.of("Lower third"), names("deleted-overlays"));

    assertEquals(204, SERVER.post("/api/deleted-overlays/" + overlay + "/return", "").status());
    assertEquals(List.of("Lower third"), names("overlays"));
    assertEquals(List.of(), names("deleted-overlays"));
    assertEquals(1, SERVER.get(path + "/revisions").body().size());
    assertEquals(404, SERVER.post("/api/deleted-overlays/" + overlay + "/return", "").status());
  }

  @Test
  void aDeletedPackageComesBackWithItsOverlaysUnderItsNewName() {
    String path = "/api/packages/" + packageId;
    assertEquals(200, SERVER.put(path + "/name", "{\"name\":\" Winter races \"}").status());
    assertEquals(422, SERVER.put(path + "/name", "{\"name\":\"  \"}").status());
    assertEquals(204, SERVER.delete(path).status());
    assertEquals(404, SERVER.get(path + "/overlays").status());
    assertTrue(SERVER.get("/api/deleted-packages").body().toString().contains("\"Winter races\""));
    assertEquals(204, SERVER.post("/api/deleted-packages/" + packageId + "/return", "").status());
    assertEquals(List.of("Lower third"), names("overlays"));
  }

  @Test
  void whatWasDeletedAMonthAgoIsGoneForGood() throws SQLException {
    SERVER.delete("/api/overlays/" + overlay);
    SERVER.bean(Aging.class).look();
    assertEquals(List.of("Lower third"), names("deleted-overlays"));
    try (Connection connection = SERVER.bean(DataSource.class).getConnection();
        Statement statement = connection.createStatement()) {
      statement.execute(
          "update overlay set deleted_at = dateadd('DAY', -31, deleted_at) where id = " + overlay);
    }
    SERVER.bean(Aging.class).look();
    assertEquals(List.of(), names("deleted-overlays"));
    assertEquals(404, SERVER.post("/api/deleted-overlays/" + overlay + "/return", "").status());
  }
}
