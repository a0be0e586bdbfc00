package app.diaphan.core.file;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.diaphan.core.InvalidInput;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FileFormatTest {
  @ParameterizedTest
  @EnumSource(FileFormat.class)
  void whatAFormatCarriesCanBeDelivered(FileFormat format) {
    for (Carried carried : format.carries()) {
      assertDoesNotThrow(() -> FileKind.png().with(format).with(carried));
    }
  }

  @Test
  void premultipliedAlphaIsOfTiffAlone() {
    assertEquals(
        List.of(),
        FileFormat.PNG.carries().stream().filter(Carried.Premultiplied.class::isInstance).toList());
    assertEquals(4, FileFormat.TIFF.carries().size());
    FileKind png = FileKind.png();
    InvalidInput refused = assertThrows(InvalidInput.class, () -> png.with(Carried.PREMULTIPLIED));
    assertEquals(
        "A PNG file's alpha is always straight; choose TIFF for premultiplied alpha.",
        refused.getMessage());
  }
}
