package app.diaphan.core.picture;

import app.diaphan.core.Sentence;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Kinds of files that Diaphan does not read but knows by how they begin, so that it can say what to
 * do.
 */
final class OtherFormats {
  private static final String AS_PNG = "export it as PNG or TIFF";
  private static final String AS_SVG = "export it as SVG or PDF";

  /**
   * @param at where the signature stands
   * @param what "a photograph of the AVIF kind", after "is"
   * @param instead what to do
   */
  private record Known(int at, String signature, String what, String instead) {
    boolean fits(byte[] bytes) {
      byte[] expected = signature.getBytes(StandardCharsets.ISO_8859_1);
      int end = at + expected.length;
      return bytes.length >= end && Arrays.equals(bytes, at, end, expected, 0, expected.length);
    }
  }

  /** The brands of ISO/IEC 14496-12 stand at 8; more particular ones first. */
  private static final List<Known> KNOWN =
      List.of(
          new Known(4, "ftypavif", "an AVIF picture", AS_PNG),
          new Known(4, "ftypavis", "an AVIF picture", AS_PNG),
          new Known(4, "ftyphei", "a HEIC picture", "export it as JPEG or PNG"),
          new Known(4, "ftyphev", "a HEIC picture", "export it as JPEG or PNG"),
          new Known(4, "ftypmif1", "a HEIC or AVIF picture", "export it as JPEG or PNG"),
          new Known(4, "ftypmsf1", "a HEIC or AVIF picture", "export it as JPEG or PNG"),
          new Known(4, "ftyp", "a video", "export a still of it as PNG"),
          new Known(0, "8BPS", "a layered file of a drawing program", AS_PNG),
          new Known(5, "xcf ", "a layered file of a drawing program", AS_PNG),
          new Known(0, "\0\0\0\fjP  ", "a JPEG 2000 picture", AS_PNG),
          new Known(0, "\u00ffO\u00ffQ", "a JPEG 2000 picture", AS_PNG),
          new Known(0, "\0\0\0\fJXL ", "a JPEG XL picture", AS_PNG),
          new Known(0, "\u00ff\n", "a JPEG XL picture", AS_PNG),
          new Known(0, "II\u00bc", "a JPEG XR picture", AS_PNG),
          new Known(0, "v/1\u0001", "an OpenEXR picture", AS_PNG),
          new Known(0, "#?", "a picture of light levels (HDR)", AS_PNG),
          new Known(0, "\0\0\u0001\0", "an icon file", "export its largest picture as PNG"),
          new Known(0, "\0\0\u0002\0", "a cursor file", "export its largest picture as PNG"),
          new Known(0, "%!PS", "a PostScript file", AS_SVG),
          new Known(0, "\u00c5\u00d0\u00d3\u00c6", "an EPS file", AS_SVG),
          new Known(0, "P1", "a portable bitmap (PBM)", AS_PNG),
          new Known(0, "P2", "a portable graymap (PGM)", AS_PNG),
          new Known(0, "P3", "a portable pixmap (PPM)", AS_PNG),
          new Known(0, "P4", "a portable bitmap (PBM)", AS_PNG),
          new Known(0, "P5", "a portable graymap (PGM)", AS_PNG),
          new Known(0, "P6", "a portable pixmap (PPM)", AS_PNG),
          new Known(0, "P7", "a portable map (PAM)", AS_PNG),
          new Known(0, "DDS ", "a DDS texture", AS_PNG),
          new Known(0, "\u0001\u00da", "an SGI picture", AS_PNG),
          new Known(0, "\n\u0005\u0001", "a PCX picture", AS_PNG),
          new Known(0, "icns", "an icon file", "export its largest picture as PNG"),
          new Known(0, "/* XPM", "an XPM picture", AS_PNG),
          new Known(0, "SIMPLE  =", "a FITS picture", AS_PNG),
          new Known(0, "\u00d7\u00cd\u00c6\u009a", "a WMF drawing", AS_SVG),
          new Known(40, " EMF", "an EMF drawing", AS_SVG),
          new Known(0, "\u001aE\u00df\u00a3", "a video", "export a still of it as PNG"),
          new Known(0, "OggS", "a video or a sound", "export a still of it as PNG"),
          new Known(8, "AVI ", "a video", "export a still of it as PNG"),
          new Known(0, "PK\u0003\u0004", "a zip file", "unpack it and give the pictures in it"),
          new Known(0, "\u001f\u008b", "a packed file", "unpack it and give the picture in it"),
          new Known(0, "wOF", "a font", "give a picture of its letters"),
          new Known(0, "<!DOCTYPE html", "a web page", "save the picture in it by itself"),
          new Known(0, "<html", "a web page", "save the picture in it by itself"));

  private static final String TGA_END = "-XFILE.\0";

  private OtherFormats() {}

  /** What is to be said about a file that no decoder knows; none if it is not known here either. */
  static Optional<String> sentence(String name, byte[] bytes) {
    return KNOWN.stream()
        .filter(known -> known.fits(bytes))
        .findFirst()
        .or(() -> targa(bytes))
        .map(
            known ->
                Sentence.of(
                    "\"%s\" is %s, which Diaphan does not read; %s.",
                    name, known.what(), known.instead()));
  }

  /** Its newer form ends in a signature. */
  private static Optional<Known> targa(byte[] bytes) {
    int at = Math.max(0, bytes.length - TGA_END.length());
    Known known = new Known(at, TGA_END, "a TGA picture", AS_PNG);
    return known.fits(bytes) ? Optional.of(known) : Optional.empty();
  }
}
