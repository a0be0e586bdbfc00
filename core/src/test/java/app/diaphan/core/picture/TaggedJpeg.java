package app.diaphan.core.picture;

import java.io.ByteArrayOutputStream;

/** A JPEG file that says how the camera was held. */
public final class TaggedJpeg {
  private TaggedJpeg() {}

  /** With an EXIF segment of one entry after its start. */
  public static byte[] of(byte[] jpeg, int orientation) {
    byte[] exif = {
      (byte) 0xFF,
      (byte) 0xE1,
      0,
      34,
      'E',
      'x',
      'i',
      'f',
      0,
      0,
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      1,
      1,
      0x12,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      (byte) orientation,
      0,
      0,
      0,
      0,
      0,
      0
    };
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    all.write(jpeg, 0, 2);
    all.writeBytes(exif);
    all.write(jpeg, 2, jpeg.length - 2);
    return all.toByteArray();
  }
}
