package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Files that came back, beside two of the demo's that were delivered. */
class ReturnedCommandTest {
  private static final Path DEMO =
      Path.of("..", "demo", "lantern-reach-regatta").toAbsolutePath().normalize();

  @TempDir Path folder;
  private Path sent;
  private Path bug;
  private Path words;

  @BeforeEach
  void twoAreDelivered() throws IOException {
    sent = Files.createDirectory(folder.resolve("sent"));
    CommandRun run =
        CommandRun.of(
            "deliver",
            DEMO.toString(),
            "--overlay",
            "Saltlight bug",
            "--overlay",
            "Race Day Two",
            "--frame",
            "640x360",
            "--to",
            sent.toString());
    assertEquals(0, run.code(), run.errors());
    bug = sent.resolve("saltlight-bug.png");
    words = sent.resolve("race-day-two.png");
  }

  private CommandRun returned(Path... files) {
    String[] arguments = new String[files.length + 3];
    arguments[0] = "returned";
    for (int i = 0; i < files.length; i++) {
      arguments[i + 1] = files[i].toString();
    }
    arguments[files.length + 1] = "--against";
    arguments[files.length + 2] = sent.toString();
    return CommandRun.of(arguments);
  }

  private static void says(JsonNode line, Path delivered, String happened) {
    assertEquals(delivered.toString(), line.path("delivered").asString());
    assertTrue(line.path("happened").toString().contains(happened), line.toString());
  }

  /** Laid over black, as a program does that keeps no alpha. */
  private Path flattened(Path file, String name) throws IOException {
    BufferedImage image = ImageIO.read(file.toFile());
    BufferedImage flat =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D g = flat.createGraphics();
    g.drawImage(image, 0, 0, Color.BLACK, null);
    g.dispose();
    Path back = folder.resolve(name);
    ImageIO.write(flat, "png", back.toFile());
    return back;
  }

  @Test
  void eachIsToldInTheOrderThatItWasNamed() throws IOException {
    Path copied = Files.copy(words, folder.resolve("another name.png"));
    CommandRun run =
        returned(flattened(words, "words.png"), copied, flattened(bug, "corner.png"), bug);

    assertEquals(1, run.code());
    assertEquals(4, run.lines().size(), run.errors());
    says(run.lines().get(0), words, "ALPHA_LOST");
    says(run.lines().get(1), words, "SAME_BYTES");
    says(run.lines().get(2), bug, "ALPHA_LOST");
    says(run.lines().get(3), bug, "SAME_BYTES");
  }

  @Test
  void whatCannotBeReadIsSaidAndTheRestIsTold() throws IOException {
    Path broken = Files.writeString(sent.resolve("broken.png"), "no picture");
    Path text = Files.writeString(folder.resolve("letter.png"), "no picture either");
    CommandRun run = returned(text, folder.resolve("gone.png"), flattened(bug, "corner.png"));

    assertEquals(1, run.code());
    assertEquals(1, run.lines().size(), run.out());
    says(run.lines().getFirst(), bug, "ALPHA_LOST");
    for (Path file : new Path[] {broken, text, folder.resolve("gone.png")}) {
      assertTrue(run.errors().contains(file.getFileName().toString()), run.errors());
    }
  }

  @Test
  void aFileAsItWasDeliveredIsUsableWhateverElseLiesThere() throws IOException {
    Files.writeString(sent.resolve("broken.png"), "no picture");

    CommandRun run = returned(bug);

    assertEquals(0, run.code(), run.errors());
    assertEquals("", run.errors());
  }

  @Test
  void aFolderThatIsNotThereIsSaid() {
    CommandRun run =
        CommandRun.of("returned", bug.toString(), "--against", folder.resolve("no").toString());

    assertEquals(1, run.code());
    assertTrue(run.errors().startsWith("There is no folder"), run.errors());
  }
}
