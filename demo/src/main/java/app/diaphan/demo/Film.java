package app.diaphan.demo;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;

/** A clip as a WebM file of 25 pictures a second, packed by ffmpeg. */
final class Film {
  private static final int PICTURES = 150;

  private Film() {}

  static void write(Clip clip, Path file) throws IOException {
    Process packing =
        new ProcessBuilder(
                "ffmpeg",
                "-y",
                "-loglevel",
                "error",
                "-f",
                "rawvideo",
                "-pix_fmt",
                "bgr24",
                "-s",
                Clip.WIDTH + "x" + Clip.HEIGHT,
                "-r",
                "25",
                "-i",
                "-",
                "-c:v",
                "libvpx-vp9",
                "-b:v",
                "0",
                "-crf",
                "40",
                "-g",
                "25",
                "-pix_fmt",
                "yuv420p",
                "-an",
                file.toString())
            .inheritIO()
            .redirectInput(ProcessBuilder.Redirect.PIPE)
            .start();
    BufferedImage picture =
        new BufferedImage(Clip.WIDTH, Clip.HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
    try (OutputStream frames = new BufferedOutputStream(packing.getOutputStream())) {
      for (int i = 0; i < PICTURES; i++) {
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        clip.draw(g, i / (PICTURES - 1.0));
        g.dispose();
        frames.write(((DataBufferByte) picture.getRaster().getDataBuffer()).getData());
      }
    }
    try {
      if (packing.waitFor() != 0) {
        throw new IOException("ffmpeg could not pack " + file);
      }
    } catch (InterruptedException e) {
      packing.destroy();
      Thread.currentThread().interrupt();
    }
  }
}
