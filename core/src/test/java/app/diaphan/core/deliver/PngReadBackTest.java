package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files read back while they are written, compared with what the library finds in them. */
class PngReadBackTest {
  private static final Frame FRAME = Frame.of(120, 300);

  @TempDir Path folder;
  private final Deliverer deliverer = new Deliverer(Samples.renderer(), Sidecar::toString);
  private final Overlay overlay =
      Samples.overlay(
          FRAME,
          Samples.plate(
              new PlateShape.Ellipse(),
              Place.at(PinPoint.TOP_LEFT, Area.FRAME, 11, 140),
              60.4,
              41.3,
              Samples.flat("#e8a33d")));

  @ParameterizedTest
  @CsvSource({"EIGHT, 2", "EIGHT, 9", "SIXTEEN, 1", "SIXTEEN, 6"})
  void everyRowAndAllThatIsSaidIsAsTheLibraryReadsIt(BitDepth depth, int level) throws IOException {
    for (Carried carried : List.of(Carried.STRAIGHT, new Carried.FillAndKey(true))) {
      for (Delivered file : delivered(depth, level, carried)) {
        List<String> rows = new ArrayList<>();
        List<String> expected = new ArrayList<>();
        FileReport report = readBack(Files.readAllBytes(file.file()), rows);
        assertEquals(FileInspector.inspect(file.file(), into(expected)), report);
        assertEquals(expected, rows);
        assertEquals(report, file.report());
      }
    }
  }

  @Test
  void noDamageAnywhereIsOverlooked() throws IOException {
    Path file = delivered(BitDepth.EIGHT, 6, Carried.STRAIGHT).getFirst().file();
    byte[] whole = Files.readAllBytes(file);
    for (int i = 0; i < whole.length; i++) {
      byte[] damaged = whole.clone();
      damaged[i] ^= 0x10;
      assertUnreadable(damaged, "byte " + i);
    }
    for (int length = 0; length < whole.length; length += 7) {
      byte[] cut = new byte[length];
      System.arraycopy(whole, 0, cut, 0, length);
      assertUnreadable(cut, "cut after " + length);
    }
    byte[] more = new byte[whole.length + 1];
    System.arraycopy(whole, 0, more, 0, whole.length);
    assertUnreadable(more, "something follows");
  }

  /** Chunks that are whole by themselves, so that only what they hold can tell. */
  @Test
  void rowsThatAreMissingOrTooManyAreNoticed() throws IOException {
    Path file = delivered(BitDepth.EIGHT, 2, Carried.STRAIGHT).getFirst().file();
    List<byte[]> chunks = chunks(Files.readAllBytes(file));
    int first = 0;
    while (!isData(chunks.get(first))) {
      first++;
    }
    for (int i = first; i < chunks.size(); i++) {
      List<byte[]> fewer = new ArrayList<>(chunks);
      fewer.remove(i);
      assertUnreadable(joined(fewer), "without chunk " + i);
      List<byte[]> more = new ArrayList<>(chunks);
      more.add(i, chunks.get(i));
      assertUnreadable(joined(more), "chunk " + i + " twice");
    }
    List<byte[]> exchanged = new ArrayList<>(chunks);
    byte[] sum = exchanged.get(exchanged.size() - 2).clone();
    sum[11] ^= 1;
    CRC32 check = new CRC32();
    check.update(sum, 4, sum.length - 8);
    ByteBuffer.wrap(sum).putInt(sum.length - 4, (int) check.getValue());
    exchanged.set(exchanged.size() - 2, sum);
    assertUnreadable(joined(exchanged), "another checksum of the stream");
  }

  private List<Delivered> delivered(BitDepth depth, int level, Carried carried) {
    FileKind kind = FileKind.png();
    FileKind asked =
        new FileKind(
            kind.extent(),
            kind.format(),
            depth,
            carried,
            kind.compression(),
            level,
            kind.dither(),
            kind.resolution(),
            kind.sidecar());
    return deliverer.deliver(
        overlay,
        new Target(FRAME, asked),
        folder,
        carried.getClass().getSimpleName() + level,
        Progress.NONE);
  }

  private static FileInspector.RowVisitor into(List<String> rows) {
    return (y, row, at, length) ->
        rows.add(y + " " + HexFormat.of().formatHex(row, at, at + length));
  }

  private FileReport readBack(byte[] bytes, List<String> rows) throws IOException {
    Path file = Files.createTempFile(folder, "followed", "");
    try (FileChannel channel =
        FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
      FollowedFile followed = new FollowedFile(channel);
      PngWriter.writeFully(followed, ByteBuffer.wrap(bytes));
      followed.end();
      return PngReadBack.of(followed, into(rows));
    }
  }

  private void assertUnreadable(byte[] bytes, String what) {
    Exception thrown =
        assertThrows(Exception.class, () -> readBack(bytes, new ArrayList<>()), what);
    assertTrue(
        thrown instanceof IllegalStateException || thrown instanceof IOException,
        () -> what + ": " + thrown);
  }

  private static boolean isData(byte[] chunk) {
    return chunk.length > 7 && chunk[4] == 'I' && chunk[5] == 'D';
  }

  /** The signature and each chunk with its length and checksum. */
  private static List<byte[]> chunks(byte[] file) {
    List<byte[]> chunks = new ArrayList<>();
    ByteBuffer rest = ByteBuffer.wrap(file);
    byte[] signature = new byte[8];
    rest.get(signature);
    chunks.add(signature);
    while (rest.hasRemaining()) {
      byte[] chunk = new byte[12 + rest.getInt(rest.position())];
      rest.get(chunk);
      chunks.add(chunk);
    }
    return chunks;
  }

  private static byte[] joined(List<byte[]> chunks) {
    ByteBuffer all = ByteBuffer.allocate(chunks.stream().mapToInt(chunk -> chunk.length).sum());
    chunks.forEach(all::put);
    return all.array();
  }
}
