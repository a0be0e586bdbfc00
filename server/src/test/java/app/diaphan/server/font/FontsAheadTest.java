package app.diaphan.server.font;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.diaphan.core.font.Axis;
import app.diaphan.core.font.AxisValue;
import app.diaphan.core.font.Embedding;
import app.diaphan.core.font.FontFace;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.FontKind;
import app.diaphan.core.font.FontWeight;
import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.server.TestOverlays;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Which styles of a house's fonts are settled before anybody draws with them. */
class FontsAheadTest {
  private static final List<FontWeight> WEIGHTS =
      List.of(new FontWeight(300, "Light"), new FontWeight(700, "Bold"));
  private static final List<Axis> AXES = List.of(new Axis("wdth", "Width", 75, 100, 125));

  private final PackageStore packages = mock();
  private final FontShelves shelves = mock();
  private final FontsAhead ahead = new FontsAhead(packages, shelves);
  private final BlockingQueue<Integer> settled = new LinkedBlockingQueue<>();

  @AfterEach
  void end() {
    ahead.end();
  }

  private static FontFile file(String content, List<Axis> axes) {
    FontFace face = new FontFace(0, "Work Sans", FontKind.SANS, WEIGHTS, axes);
    return new FontFile("sans.ttf", content, List.of(face), Embedding.INSTALLABLE, true);
  }

  /** The family of the overlay's words, as if it were the house's own. */
  private void has(FontFile file) {
    FontFamily family =
        new FontFamily("Work Sans", FontKind.SANS, file.content(), WEIGHTS, AXES, this::settle);
    when(shelves.filesOf(1L)).thenReturn(List.of(file));
    when(shelves.of(any(List.class))).thenReturn(new FontShelf(List.of(family)));
    when(packages.overlaysOf(1L))
        .thenReturn(
            List.of(
                new OverlayEntity(
                    1L, "Skipper", TestOverlays.lowerThird("Ysolde"), Instant.EPOCH)));
  }

  private byte[] settle(int weight, List<AxisValue> axes) {
    settled.add(weight);
    try (InputStream font =
        FontFamily.class.getResourceAsStream(
            "/app/diaphan/fonts/work-sans/400Regular/WorkSans_400Regular.ttf")) {
      return font.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void whatOverlaysAreSetInIsSettledOnceForEachStateOfTheFiles() throws InterruptedException {
    has(file("first " + Instant.now(), AXES));
    ahead.begin(1L);
    assertEquals(700, settled.poll(20, TimeUnit.SECONDS));
    ahead.begin(1L);
    assertNull(settled.poll(300, TimeUnit.MILLISECONDS));
    has(file("second " + Instant.now(), AXES));
    ahead.begin(1L);
    assertEquals(700, settled.poll(20, TimeUnit.SECONDS));
    // One after the other, so whatever the second call had begun was done before.
    verify(packages, times(2)).overlaysOf(1L);
  }

  @Test
  void packagesThatNobodyAskedForInALongTimeAreForgotten() throws InterruptedException {
    has(file("third " + Instant.now(), AXES));
    List<FontFile> files = shelves.filesOf(1L);
    when(shelves.filesOf(any())).thenReturn(files);
    ahead.begin(1L);
    for (long other = 2; other <= 65; other++) {
      ahead.begin(other);
    }
    ahead.begin(65L);
    ahead.begin(1L);
    verify(packages, timeout(20_000).times(2)).overlaysOf(1L);
    verify(packages).overlaysOf(65L);
  }

  @Test
  void fontsOfOneStyleNeedNoSettling() throws InterruptedException {
    has(file("plain " + Instant.now(), List.of()));
    ahead.begin(1L);
    assertNull(settled.poll(300, TimeUnit.MILLISECONDS));
  }
}
