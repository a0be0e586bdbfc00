package app.diaphan.core.picture;

import java.awt.color.ICC_Profile;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** The container of WebP files (RFC 9649): chunks of four letters, a length and content. */
public final class WebpFile {
  private static final int HEAD = 12;
  private static final int ALPHA = 0x10;

  /** The first chunk of each name. */
  private final Map<String, ByteBuffer> chunks;

  private WebpFile(Map<String, ByteBuffer> chunks) {
    this.chunks = chunks;
  }

  /** One picture of an animation, as a file of its own. */
  record Frame(CanvasPlace place, byte[] still) {}

  /** None if it is another kind of file. */
  public static Optional<WebpFile> of(byte[] bytes) {
    boolean webp =
        bytes.length > HEAD
            && new String(bytes, 0, 4, StandardCharsets.ISO_8859_1).equals("RIFF")
            && new String(bytes, 8, 4, StandardCharsets.ISO_8859_1).equals("WEBP");
    return webp
        ? Optional.of(new WebpFile(chunks(ByteBuffer.wrap(bytes, HEAD, bytes.length - HEAD))))
        : Optional.empty();
  }

  private static Map<String, ByteBuffer> chunks(ByteBuffer from) {
    ByteBuffer bytes = from.slice().order(ByteOrder.LITTLE_ENDIAN);
    Map<String, ByteBuffer> chunks = new LinkedHashMap<>();
    while (bytes.remaining() >= 8) {
      byte[] name = new byte[4];
      bytes.get(name);
      int length = bytes.getInt();
      if (length < 0 || length > bytes.remaining()) {
        break; // Cut short: the decoder will say so.
      }
      ByteBuffer content = bytes.slice(bytes.position(), length).order(ByteOrder.LITTLE_ENDIAN);
      chunks.putIfAbsent(new String(name, StandardCharsets.ISO_8859_1), content);
      bytes.position(Math.min(bytes.limit(), bytes.position() + length + length % 2));
    }
    return chunks;
  }

  /**
   * A chunk's content.
   *
   * @param name four letters
   */
  public Optional<byte[]> chunk(String name) {
    return Optional.ofNullable(chunks.get(name))
        .map(
            content -> {
              byte[] bytes = new byte[content.limit()];
              content.duplicate().get(0, bytes);
              return bytes;
            });
  }

  /** Whether it is a series of pictures. */
  public boolean animated() {
    return chunks.containsKey("ANMF");
  }

  /** The profile that the decoder leaves to us. */
  Optional<ICC_Profile> profile() {
    return Optional.ofNullable(chunks.get("ICCP"))
        .flatMap(
            content -> {
              try {
                byte[] profile = new byte[content.remaining()];
                content.duplicate().get(profile);
                return Optional.of(ICC_Profile.getInstance(profile));
              } catch (IllegalArgumentException e) {
                return Optional.empty(); // A profile that cannot be read says nothing.
              }
            });
  }

  /** The first picture of an animation; none if it is a still. */
  Optional<Frame> firstFrame() {
    ByteBuffer head = chunks.get("VP8X");
    ByteBuffer frame = chunks.get("ANMF");
    if (head == null || head.limit() < 10 || frame == null || frame.limit() < 16) {
      return Optional.empty();
    }
    int width = 1 + three(frame, 6);
    int height = 1 + three(frame, 9);
    CanvasPlace place =
        new CanvasPlace(
            1 + three(head, 4), 1 + three(head, 7), 2 * three(frame, 0), 2 * three(frame, 3));
    Map<String, ByteBuffer> parts = chunks(frame.slice(16, frame.limit() - 16));
    ByteBuffer still =
        ByteBuffer.allocate(HEAD + 18 + frame.limit()).order(ByteOrder.LITTLE_ENDIAN);
    still.put("RIFF".getBytes(StandardCharsets.ISO_8859_1)).putInt(0);
    still.put("WEBP".getBytes(StandardCharsets.ISO_8859_1));
    if (parts.containsKey("ALPH")) {
      still.put("VP8X".getBytes(StandardCharsets.ISO_8859_1)).putInt(10).putInt(ALPHA);
      putThree(still, width - 1);
      putThree(still, height - 1);
    }
    parts.forEach(
        (name, content) -> {
          still.put(name.getBytes(StandardCharsets.ISO_8859_1)).putInt(content.limit());
          still.put(content.duplicate());
          if (content.limit() % 2 == 1) {
            still.put((byte) 0);
          }
        });
    still.putInt(4, still.position() - 8);
    byte[] bytes = new byte[still.position()];
    still.get(0, bytes);
    return Optional.of(new Frame(place, bytes));
  }

  private static int three(ByteBuffer from, int at) {
    return from.getShort(at) & 0xffff | (from.get(at + 2) & 0xff) << 16;
  }

  private static void putThree(ByteBuffer to, int value) {
    to.putShort((short) value).put((byte) (value >> 16));
  }
}
