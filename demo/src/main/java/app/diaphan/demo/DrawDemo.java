package app.diaphan.demo;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/**
 * Writes the demo bundle's pictures, stills and clips. Run it after changing how one is drawn;
 * clips need ffmpeg.
 */
public final class DrawDemo {
  private static final int STILLS = 8;

  /** Soft clipping is not anti-aliased by the JDK; drawing larger and shrinking makes it so. */
  private static final int LARGER = 4;

  private DrawDemo() {}

  /**
   * @param arguments the bundle's folder, and that of the house for the winter
   */
  public static void main(String[] arguments) throws IOException {
    Path bundle = Path.of(arguments[0]);
    for (Clip clip :
        List.of(new QuayAtDusk(), new WhiteSails(), new CrowdAtTheRail(), new SeaFog())) {
      Path folder = Files.createDirectories(bundle.resolve("backdrops").resolve(clip.name()));
      for (int i = 0; i < STILLS; i++) {
        double time = i / (STILLS - 1.0);
        BufferedImage still =
            drawn(Clip.WIDTH, Clip.HEIGHT, BufferedImage.TYPE_INT_RGB, 1, g -> clip.draw(g, time));
        ImageIO.write(still, "jpg", folder.resolve("%02d.jpg".formatted(i + 1)).toFile());
      }
      Film.write(clip, folder.resolve("clip.webm"));
    }
    Path pictures = Files.createDirectories(bundle.resolve("pictures"));
    for (Pennant pennant : Pennant.values()) {
      Files.writeString(pictures.resolve(pennant.file()), pennant.svg());
    }
    writeMark(LampMark.REGATTA, pictures);
    writeMark(LampMark.REGATTA, bundle.resolve("house"));
    writeMark(LampMark.WINTER, Path.of(arguments[1]).resolve("house"));
    for (SponsorMark sponsor : SponsorMark.values()) {
      BufferedImage picture =
          drawn(
              SponsorMark.WIDTH,
              SponsorMark.HEIGHT,
              BufferedImage.TYPE_INT_RGB,
              LARGER,
              sponsor::draw);
      photograph(softened(picture), pictures.resolve(sponsor.file()), 0.9f);
    }
    BufferedImage boat =
        softened(
            drawn(
                BoatAtAnchor.WIDTH,
                BoatAtAnchor.HEIGHT,
                BufferedImage.TYPE_INT_RGB,
                LARGER,
                BoatAtAnchor::draw));
    BoatAtAnchor.grain(boat);
    photograph(boat, pictures.resolve(BoatAtAnchor.FILE), 0.92f);
  }

  private static void writeMark(LampMark mark, Path folder) throws IOException {
    Files.writeString(Files.createDirectories(folder).resolve(LampMark.FILE), mark.svg());
  }

  /** As a lens or an export for the web leaves it: about a pixel soft. */
  private static BufferedImage softened(BufferedImage image) {
    float[] weights = {1, 2, 1, 2, 4, 2, 1, 2, 1};
    for (int i = 0; i < weights.length; i++) {
      weights[i] /= 16;
    }
    ConvolveOp soft = new ConvolveOp(new Kernel(3, 3, weights), ConvolveOp.EDGE_NO_OP, null);
    return soft.filter(image, null);
  }

  private static void photograph(BufferedImage image, Path file, float quality) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(quality);
    Files.deleteIfExists(file);
    try (ImageOutputStream out = ImageIO.createImageOutputStream(file.toFile())) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
  }

  private static BufferedImage drawn(
      int width, int height, int type, int larger, Consumer<Graphics2D> drawing) {
    BufferedImage large = new BufferedImage(width * larger, height * larger, type);
    Graphics2D g = large.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.scale(larger, larger);
    drawing.accept(g);
    g.dispose();
    return larger == 1 ? large : shrunk(large, larger);
  }

  /** The mean of each block of pixels, weighted by alpha. */
  private static BufferedImage shrunk(BufferedImage large, int by) {
    BufferedImage small =
        new BufferedImage(large.getWidth() / by, large.getHeight() / by, large.getType());
    for (int y = 0; y < small.getHeight(); y++) {
      for (int x = 0; x < small.getWidth(); x++) {
        long[] sum = new long[4];
        for (int i = 0; i < by * by; i++) {
          int pixel = large.getRGB(x * by + i % by, y * by + i / by);
          int alpha = pixel >>> 24;
          sum[3] += alpha;
          for (int c = 0; c < 3; c++) {
            sum[c] += (long) alpha * (pixel >> 16 - 8 * c & 0xff);
          }
        }
        if (sum[3] > 0) {
          int alpha = (int) (sum[3] / (by * by));
          int rgb = 0;
          for (int c = 0; c < 3; c++) {
            rgb = rgb << 8 | (int) (sum[c] / sum[3]);
          }
          small.setRGB(x, y, alpha << 24 | rgb);
        }
      }
    }
    return small;
  }
}
