package app.diaphan.core.code;

import com.google.zxing.Binarizer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.LuminanceSource;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.Result;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.qrcode.QRCodeMultiReader;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads a code from a picture as a camera's program would. */
public final class ReadCode {
  private static final Map<DecodeHintType, ?> THOROUGHLY = Map.of(DecodeHintType.TRY_HARDER, true);

  private ReadCode() {}

  /**
   * What the code in a picture says; nothing if none can be read. Light modules on a dark ground
   * are not tried, since many cameras do not either. The library's ways of finding a code fail for
   * one clean code in thirty, each for others, so all are tried, as a camera tries again and again.
   *
   * @param rgb a value for each pixel, row by row, as {@code 0xrrggbb}
   */
  public static Optional<String> in(int[] rgb, int width, int height) {
    LuminanceSource source = new RGBLuminanceSource(width, height, rgb);
    return Stream.of(new HybridBinarizer(source), new GlobalHistogramBinarizer(source))
        .flatMap(binarizer -> read(binarizer).stream())
        .findFirst();
  }

  private static Optional<String> read(Binarizer binarizer) {
    BinaryBitmap bitmap = new BinaryBitmap(binarizer);
    return read(() -> new Result[] {new QRCodeReader().decode(bitmap, THOROUGHLY)})
        .or(() -> read(() -> new QRCodeMultiReader().decodeMultiple(bitmap, THOROUGHLY)));
  }

  private interface Reading {
    Result[] results() throws ReaderException;
  }

  private static Optional<String> read(Reading reading) {
    try {
      return Arrays.stream(reading.results()).map(Result::getText).findFirst();
    } catch (ReaderException e) {
      return Optional.empty();
    }
  }
}
