package app.diaphan.core.photograph;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.photograph.file.PhotographFormat;
import app.diaphan.core.photograph.file.Photographs;
import app.diaphan.core.photograph.jpeg.Segment;
import app.diaphan.core.photograph.metadata.Credit;
import app.diaphan.core.render.Renderer;
import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import com.drew.metadata.exif.ExifThumbnailDirectory;
import com.drew.metadata.iptc.IptcDirectory;
import com.drew.metadata.xmp.XmpDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What photographs' files say, read back by a library that wrote none of it. */
class PhotographMetadataTest {
  private static final String XMP =
      "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'><rdf:Description rdf:about='' xmlns:race='http://saltlight.example/race/' race:Heat='3'/></rdf:RDF></x:xmpmeta>";
  private static final String XMP_NAME = "http://ns.adobe.com/xap/1.0/\0";

  /** A record of a caption, then a resource that is nobody's business, then a small picture. */
  private static final byte[] RESOURCES = resources();

  @TempDir Path folder;

  private static byte[] resources() {
    byte[] caption = "Heat three".getBytes(StandardCharsets.US_ASCII);
    ByteArrayOutputStream records = new ByteArrayOutputStream();
    records.writeBytes(new byte[] {0x1C, 2, 120, 0, (byte) caption.length});
    records.writeBytes(caption);
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    resource(all, 0x0404, records.toByteArray());
    resource(all, 0x0BB7, new byte[] {7, 7, 7, 7});
    resource(all, 0x040C, new byte[] {1, 2, 3, 4, 5, 6});
    return all.toByteArray();
  }

  private static void resource(ByteArrayOutputStream to, int number, byte[] data) {
    to.writeBytes("8BIM".getBytes(StandardCharsets.US_ASCII));
    to.writeBytes(new byte[] {(byte) (number >> 8), (byte) number, 0, 0, 0, 0, 0});
    to.write(data.length);
    to.writeBytes(data);
    if (data.length % 2 == 1) {
      to.write(0);
    }
  }

  private static Overlay mark() {
    return Samples.overlay(
        Frame.of(640, 360),
        Samples.box("box", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 80, 60), 120, 60));
  }

  private Path photograph(boolean thumbnail, byte[]... more) throws IOException {
    BufferedImage small = MadePhotograph.picture(160, 100, BufferedImage.TYPE_3BYTE_BGR);
    byte[] jpeg =
        MadePhotograph.file(
            MadePhotograph.picture(800, 500, BufferedImage.TYPE_3BYTE_BGR), "jpeg", "");
    byte[] exif =
        new MadeExif(1, thumbnail ? MadePhotograph.file(small, "jpeg", "") : new byte[0]).bytes();
    byte[][] segments = Arrays.copyOf(more, more.length + 1);
    segments[more.length] = MadePhotograph.segment(0xE1, "Exif\0\0", exif);
    return Files.write(folder.resolve("p.jpg"), MadePhotograph.withSegments(jpeg, segments));
  }

  private Path marked(Path from, Credit credit, PhotographFormat format, List<String> notes)
      throws IOException {
    PhotographMarker marker =
        new PhotographMarker(
            new Renderer(ShippedFonts.shelf(), name -> Optional.empty(), Memory.NONE),
            new Dresses(mark(), Optional.empty()));
    Marking marking =
        new Marking(
            DressChoice.AS_DRAWN,
            Corner.BOTTOM_RIGHT,
            new Measure.Pixels(300),
            new Measure.Pixels(0),
            1);
    Upright photograph = new Upright(Photographs.open(from));
    Path to = folder.resolve("marked." + format.extensions().getFirst());
    assertEquals(
        notes,
        marker.write(photograph, marking, marker.hang(photograph, marking), credit, format, to));
    return to;
  }

  private static Metadata said(Path file) throws Exception {
    return ImageMetadataReader.readMetadata(file.toFile());
  }

  @Test
  void whatNobodyChangesIsTheSameToTheByte() throws Exception {
    Path from =
        photograph(
            false,
            MadePhotograph.segment(0xE1, XMP_NAME, XMP.getBytes(StandardCharsets.UTF_8)),
            MadePhotograph.segment(0xE5, "Tern Holm", new byte[] {9, 8, 7}));
    Path to = marked(from, Credit.AS_IT_IS, PhotographFormat.JPEG, List.of());
    assertEquals(
        Segment.beforeScans(Files.readAllBytes(from)).stream()
            .filter(segment -> segment.marker() >= Segment.APPLICATION)
            .toList(),
        Segment.beforeScans(Files.readAllBytes(to)).stream()
            .filter(segment -> segment.marker() >= Segment.APPLICATION)
            .toList());
  }

  @Test
  void theSmallPictureWithinShowsTheMark() throws Exception {
    Path from = photograph(true, MadePhotograph.segment(0xED, "Photoshop 3.0\0", RESOURCES));
    Path to = marked(from, Credit.AS_IT_IS, PhotographFormat.JPEG, List.of());
    Metadata metadata = said(to);
    ExifThumbnailDirectory small = metadata.getFirstDirectoryOfType(ExifThumbnailDirectory.class);
    byte[] bytes = Files.readAllBytes(to);
    int exif = new String(bytes, StandardCharsets.ISO_8859_1).indexOf("Exif\0\0") + 6;
    int at = exif + small.getInt(ExifThumbnailDirectory.TAG_THUMBNAIL_OFFSET);
    int length = small.getInt(ExifThumbnailDirectory.TAG_THUMBNAIL_LENGTH);
    BufferedImage picture = ImageIO.read(new ByteArrayInputStream(bytes, at, length));
    assertEquals(160, picture.getWidth());
    BufferedImage whole = ImageIO.read(to.toFile());
    int corner = picture.getRGB(140, 90);
    int there = whole.getRGB(700, 450);
    for (int shift = 0; shift <= 16; shift += 8) {
      assertEquals(there >> shift & 255, corner >> shift & 255, 12);
    }
    // Nothing else of it is lost, not even what nobody understands.
    assertEquals(
        MadeExif.CAMERA,
        metadata
            .getFirstDirectoryOfType(ExifIFD0Directory.class)
            .getString(ExifIFD0Directory.TAG_MAKE));
    assertArrayEquals(
        MadeExif.MAKERS_NOTE,
        metadata
            .getFirstDirectoryOfType(ExifSubIFDDirectory.class)
            .getByteArray(ExifSubIFDDirectory.TAG_MAKERNOTE));
    byte[] resources = Photographs.open(to).metadata().resources().orElseThrow();
    String letters = new String(resources, StandardCharsets.ISO_8859_1);
    assertTrue(letters.contains("Heat three"));
    assertTrue(letters.contains("8BIM\u000b\u00b7"));
    assertFalse(letters.contains("8BIM\u0004\u000c"), "the small picture of before");
  }

  @Test
  void creditsAreSetWhereProgramsLookForThem() throws Exception {
    Path from =
        photograph(
            true,
            MadePhotograph.segment(0xE1, XMP_NAME, XMP.getBytes(StandardCharsets.UTF_8)),
            MadePhotograph.segment(0xED, "Photoshop 3.0\0", RESOURCES));
    Credit credit = new Credit("© 2026 Saltlight", "Ysolde Farrow-Quill", "Photo: Saltlight");
    Metadata metadata = said(marked(from, credit, PhotographFormat.JPEG, List.of()));
    assertTrue(metadata.containsDirectoryOfType(ExifThumbnailDirectory.class));
    ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
    assertEquals("© 2026 Saltlight", exif.getString(ExifIFD0Directory.TAG_COPYRIGHT));
    assertEquals("Ysolde Farrow-Quill", exif.getString(ExifIFD0Directory.TAG_ARTIST));
    IptcDirectory iptc = metadata.getFirstDirectoryOfType(IptcDirectory.class);
    assertEquals("© 2026 Saltlight", iptc.getString(IptcDirectory.TAG_COPYRIGHT_NOTICE));
    assertEquals("Ysolde Farrow-Quill", iptc.getString(IptcDirectory.TAG_BY_LINE));
    assertEquals("Photo: Saltlight", iptc.getString(IptcDirectory.TAG_CREDIT));
    assertEquals("Heat three", iptc.getString(IptcDirectory.TAG_CAPTION));
    var xmp = metadata.getFirstDirectoryOfType(XmpDirectory.class).getXmpProperties();
    assertEquals("© 2026 Saltlight", xmp.get("dc:rights[1]"));
    assertEquals("Ysolde Farrow-Quill", xmp.get("dc:creator[1]"));
    assertEquals("Photo: Saltlight", xmp.get("photoshop:Credit"));
    assertTrue(xmp.containsValue("3"), xmp::toString);
  }

  @Test
  void creditsComeToAPhotographThatSaysNothing() throws Exception {
    Path from =
        Files.write(
            folder.resolve("p.jpg"),
            MadePhotograph.file(
                MadePhotograph.picture(800, 500, BufferedImage.TYPE_3BYTE_BGR), "jpeg", ""));
    for (PhotographFormat format : List.of(PhotographFormat.JPEG, PhotographFormat.PNG)) {
      Metadata metadata = said(marked(from, new Credit("© Saltlight", "", ""), format, List.of()));
      assertEquals(
          "© Saltlight",
          metadata
              .getFirstDirectoryOfType(ExifIFD0Directory.class)
              .getString(ExifIFD0Directory.TAG_COPYRIGHT));
      assertEquals(
          "© Saltlight",
          metadata
              .getFirstDirectoryOfType(XmpDirectory.class)
              .getXmpProperties()
              .get("dc:rights[1]"));
    }
  }

  @Test
  void whatCannotBeReadIsLeftAndTold() throws Exception {
    byte[] jpeg =
        MadePhotograph.file(
            MadePhotograph.picture(800, 500, BufferedImage.TYPE_3BYTE_BGR), "jpeg", "");
    byte[] broken = "not the structure that it should be".getBytes(StandardCharsets.US_ASCII);
    Path from =
        Files.write(
            folder.resolve("p.jpg"),
            MadePhotograph.withSegments(
                jpeg,
                MadePhotograph.segment(0xE1, "Exif\0\0", broken),
                MadePhotograph.segment(
                    0xE1, XMP_NAME, "<broken".getBytes(StandardCharsets.UTF_8))));
    Path to =
        marked(
            from,
            new Credit("© Saltlight", "", ""),
            PhotographFormat.JPEG,
            List.of(
                "Its EXIF data cannot be read and were left as they are.",
                "Its XMP data cannot be read and were left as they are."));
    assertArrayEquals(broken, Photographs.open(to).metadata().exif().orElseThrow());
  }

  @Test
  void aCameraIsStillNamedInATiffFile() throws Exception {
    Metadata metadata =
        said(marked(photograph(true), Credit.AS_IT_IS, PhotographFormat.TIFF, List.of()));
    assertEquals(
        MadeExif.CAMERA,
        metadata
            .getFirstDirectoryOfType(ExifIFD0Directory.class)
            .getString(ExifIFD0Directory.TAG_MAKE));
    assertArrayEquals(
        MadeExif.MAKERS_NOTE,
        metadata
            .getFirstDirectoryOfType(ExifSubIFDDirectory.class)
            .getByteArray(ExifSubIFDDirectory.TAG_MAKERNOTE));
  }

  @Test
  void aCreditIsOneLine() {
    assertThrows(InvalidInput.class, () -> new Credit("one\ntwo", "", ""));
    assertThrows(InvalidInput.class, () -> new Credit("", "x".repeat(2001), ""));
  }
}
