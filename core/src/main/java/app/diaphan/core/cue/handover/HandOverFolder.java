package app.diaphan.core.cue.handover;

import app.diaphan.core.Digest;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.deliver.DiskTrouble;
import app.diaphan.core.deliver.SafeFile;
import app.diaphan.core.render.Renderer;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Writes hand-overs into a folder; each file gets its name when it is whole and on the disk. */
public final class HandOverFolder {
  private HandOverFolder() {}

  /**
   * What an earlier hand-over left under the same names is replaced; all else in the folder stays.
   *
   * @return the stills in the folder that no cue of this hand-over names, by their names
   * @throws DeliveryFailed if something could not be written; whole files stay
   */
  public static List<String> write(HandOver handOver, Path folder, Renderer renderer) {
    try {
      Files.createDirectories(folder);
      handOver.to(new InFolder(folder), renderer);
      return others(handOver, folder.resolve(HandOver.STILLS));
    } catch (IOException e) {
      throw new DeliveryFailed(
          "The hand-over to \"" + folder + "\" stopped: " + DiskTrouble.reason(e) + ".", e);
    }
  }

  private record InFolder(Path folder) implements HandOver.Destination {
    @Override
    public void put(String name, HandOver.Writing writing) throws IOException {
      HandOverFolder.put(folder.resolve(name), writing);
    }

    @Override
    public boolean has(String name, Path file) {
      try {
        Path own = folder.resolve(name);
        return Files.exists(own) && Files.isSameFile(own, file);
      } catch (IOException e) {
        return false; // It is written, and what is wrong is told then.
      }
    }
  }

  private static void put(Path file, HandOver.Writing writing) throws IOException {
    String[] written = {""};
    SafeFile.write(
        file,
        channel -> written[0] = written(channel, writing),
        unfinished -> {
          if (!Digest.of(unfinished).equals(written[0])) {
            throw new IOException(file.getFileName() + " was not read back as it was written");
          }
        });
  }

  /** The channel stays open: it is flushed to the disk afterwards. */
  private static String written(FileChannel channel, HandOver.Writing writing) throws IOException {
    Digest.Written digest = Digest.written(new LeftOpen(Channels.newOutputStream(channel)));
    try (OutputStream out = new BufferedOutputStream(digest, 1 << 16)) {
      writing.to(out);
    }
    return digest.hex();
  }

  private static List<String> others(HandOver handOver, Path stills) throws IOException {
    Set<String> own = new HashSet<>(handOver.names());
    try (Stream<Path> there = Files.list(stills)) {
      return there
          .map(file -> file.getFileName().toString())
          .filter(name -> !own.contains(HandOver.STILLS + name))
          .sorted()
          .toList();
    }
  }
}
