package app.diaphan.server.bundle;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.house.HouseStyle;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.roster.table.TableReader;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.json.DocumentJson;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** Reads a bundle from a folder or a zip file. Nothing outside it is ever touched. */
public final class BundleReader {
  private static final long MOST_BYTES = 512L * 1024 * 1024;
  private static final int MOST_FILES = 5000;

  /** The moving picture of a clip, beside its stills. */
  static final String FILM = "clip.webm";

  static final String OVERLAYS = "overlays/";
  static final String STARTERS = "starters/";

  private BundleReader() {}

  /**
   * Pictures and clips are handed on as they are: who draws them decodes them, who keeps them looks
   * through them first ({@link BundleParts}).
   *
   * @throws InvalidInput if it is no bundle, or one that this version cannot read without loss
   */
  public static Bundle read(Path folderOrZip) throws IOException {
    if (Files.isDirectory(folderOrZip)) {
      return of(filesOf(folderOrZip));
    }
    if (!Files.isRegularFile(folderOrZip)) {
      throw new InvalidInput(
          Sentence.of("There is no bundle at %s; give a folder or a .zip file.", folderOrZip));
    }
    return readZip(Files.readAllBytes(folderOrZip));
  }

  /** Sizes are counted while reading: what a zip file says of them may be anything. */
  public static Bundle readZip(byte[] zip) throws IOException {
    Map<String, byte[]> files = new TreeMap<>();
    long total = 0;
    try (ZipInputStream stream = new ZipInputStream(new ByteArrayInputStream(zip))) {
      ZipEntry entry;
      while ((entry = stream.getNextEntry()) != null) {
        if (entry.isDirectory()) {
          continue;
        }
        checkName(entry.getName());
        byte[] content = stream.readNBytes((int) (MOST_BYTES - total + 1));
        total += content.length;
        if (files.put(entry.getName(), content) != null) {
          throw new InvalidInput(
              Sentence.of(
                  "The zip file has two files named \"%s\" and was not taken in.",
                  entry.getName()));
        }
        checkSize(files.size(), total);
      }
    } catch (IllegalArgumentException | IOException e) {
      throw new InvalidInput(
          "The zip file is damaged and was not taken in; export the package again.", e);
    }
    return of(files);
  }

  private static Map<String, byte[]> filesOf(Path folder) throws IOException {
    Map<String, byte[]> files = new TreeMap<>();
    long total = 0;
    List<Path> paths;
    Path real = folder.toRealPath(); // The folder itself may be reached by a link.
    try (Stream<Path> walk = Files.walk(real, 4)) {
      paths = walk.filter(Files::isRegularFile).toList();
    }
    for (Path path : paths) {
      if (!path.toRealPath().startsWith(real)) {
        throw new InvalidInput(Sentence.of("The bundle's file %s leads out of it.", path));
      }
      total += Files.size(path);
      checkSize(files.size(), total);
      files.put(real.relativize(path).toString().replace('\\', '/'), Files.readAllBytes(path));
    }
    return files;
  }

  private static void checkSize(int files, long bytes) {
    if (files > MOST_FILES || bytes > MOST_BYTES) {
      throw new InvalidInput(
          Sentence.of(
              "The bundle is larger than %d MB or has more than %d files.",
              MOST_BYTES >> 20, MOST_FILES));
    }
  }

  private static void checkName(String name) {
    if (name.startsWith("/") || name.contains("\\") || name.contains(":")) {
      throw leadsOut(name);
    }
    for (String step : name.split("/", -1)) {
      if (step.isEmpty() || step.equals(".") || step.equals("..")) {
        throw leadsOut(name);
      }
    }
  }

  private static InvalidInput leadsOut(String name) {
    return new InvalidInput(
        Sentence.of(
            "The bundle has a file named \"%s\", which would lie outside its folder; it was not taken in.",
            name));
  }

  private static Bundle of(Map<String, byte[]> files) {
    BundleContents contents = contents(files);
    List<RosterFile> rosters = new ArrayList<>();
    for (String name : contents.rosters()) {
      rosters.add(roster(name, files));
    }
    Map<String, byte[]> pictures = new LinkedHashMap<>();
    files.forEach(
        (path, content) -> {
          if (path.startsWith("pictures/")) {
            String name = path.substring("pictures/".length());
            FileName.check(name);
            PictureReader.checkLength(name, content.length);
            pictures.put(name, content);
          }
        });
    Map<String, List<byte[]>> clips = new LinkedHashMap<>();
    Map<String, byte[]> films = new LinkedHashMap<>();
    for (String clip : contents.clips()) {
      checkName(clip);
      List<byte[]> stills = new ArrayList<>();
      files.forEach(
          (path, content) -> {
            if (path.equals("backdrops/" + clip + "/" + FILM)) {
              films.put(clip, content);
            } else if (path.startsWith("backdrops/" + clip + "/")) {
              stills.add(content);
            }
          });
      clips.put(clip, stills);
    }
    return new Bundle(
        contents.name(),
        contents.house(),
        new TargetList(contents.targets()),
        contents.checksLeftOut(),
        overlays(OVERLAYS, contents.overlays(), contents.house(), files),
        overlays(STARTERS, contents.starters(), contents.house(), files),
        rosters,
        pictures,
        clips,
        films);
  }

  /** By the names of their files, in the order of these. */
  private static Map<String, Overlay> overlays(
      String folder, List<String> names, HouseStyle house, Map<String, byte[]> files) {
    Map<String, Overlay> overlays = new LinkedHashMap<>();
    for (String file : names) {
      checkName(file);
      String path = folder + file;
      byte[] text = files.get(path);
      if (text == null) {
        throw new InvalidInput(
            Sentence.of("The bundle lists the overlay %s, but has no such file.", path));
      }
      Overlay overlay =
          DocumentJson.read(
              new String(text, StandardCharsets.UTF_8), Overlay.class, "The file " + path);
      overlays.put(file, house.dressed(overlay));
    }
    return overlays;
  }

  private static RosterFile roster(String name, Map<String, byte[]> files) {
    checkName(name);
    byte[] said = part("rosters/" + name + ".json", files);
    byte[] table = part("rosters/" + name + ".csv", files);
    RosterFile.Contents contents =
        DocumentJson.read(
            new String(said, StandardCharsets.UTF_8),
            RosterFile.Contents.class,
            "The file rosters/" + name + ".json");
    return RosterFile.of(contents, TableReader.written("The file rosters/" + name + ".csv", table));
  }

  private static byte[] part(String path, Map<String, byte[]> files) {
    return Optional.ofNullable(files.get(path))
        .orElseThrow(
            () ->
                new InvalidInput(
                    Sentence.of("The bundle lists a roster, but has no file %s.", path)));
  }

  private static BundleContents contents(Map<String, byte[]> files) {
    byte[] text = files.get("package.json");
    if (text == null) {
      throw new InvalidInput("This is no Diaphan bundle: it has no file package.json.");
    }
    String json = upToDate(new String(text, StandardCharsets.UTF_8));
    BundleContents contents =
        DocumentJson.read(json, BundleContents.class, "The file package.json");
    if (!BundleContents.FORMAT.equals(contents.format())) {
      throw new InvalidInput(
          Sentence.of(
              "The file package.json is of the format \"%s\", not \"%s\".",
              contents.format(), BundleContents.FORMAT));
    }
    return contents;
  }

  /**
   * The version is looked at first: a newer bundle may well have fields that would be called
   * unknown, and older ones have no house style, no targets and no checks left out.
   */
  private static String upToDate(String json) {
    Map<?, ?> fields = DocumentJson.read(json, Map.class, "The file package.json");
    if (!(fields.get("version") instanceof Integer number) || number < 1) {
      throw new InvalidInput("The file package.json does not say its version as a whole number.");
    }
    if (number > BundleContents.VERSION) {
      throw new InvalidInput(
          Sentence.of(
              "The bundle has version %d; this Diaphan reads versions up to %d. Use a newer Diaphan.",
              number, BundleContents.VERSION));
    }
    Map<Object, Object> newer = new LinkedHashMap<>(fields);
    if (number < 2) {
      newer.put("house", HouseStyle.PLAIN);
    }
    if (number < 6) {
      newer.put("targets", TargetList.AS_DESIGNED.targets());
      newer.put("checksLeftOut", List.of());
    }
    if (number < 7) {
      newer.put("rosters", List.of());
    }
    if (number < 9) {
      newer.put("starters", List.of());
    }
    return DocumentJson.write(newer);
  }
}
