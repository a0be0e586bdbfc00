package app.diaphan.server.bundle;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.font.file.FontFiles;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.roster.table.TableReader;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.json.DocumentJson;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads a bundle from a folder or a zip file. Nothing outside it is ever touched. */
public final class BundleReader {
  /** The moving picture of a clip, beside its stills. */
  static final String FILM = "clip.webm";

  static final String OVERLAYS = "overlays/";
  static final String STARTERS = "starters/";

  /** Pictures of the house. */
  static final String HOUSE = "house/";

  /** Own fonts of the house. */
  static final String FONTS = "fonts/";

  private static final String PICTURES = "pictures/";

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
    return readZip(folderOrZip);
  }

  /**
   * Sizes are counted while reading: what a zip file says of them may be anything. The file has to
   * stay where it is for as long as the bundle's parts are asked for.
   */
  public static Bundle readZip(Path zip) throws IOException {
    Map<String, Part> files = new TreeMap<>();
    BundleLimits limits = new BundleLimits();
    try (ZipInputStream stream =
        new ZipInputStream(new BufferedInputStream(Files.newInputStream(zip)))) {
      ZipEntry entry;
      while ((entry = stream.getNextEntry()) != null) {
        if (entry.isDirectory()) {
          continue;
        }
        String name = entry.getName();
        checkName(name);
        int length = counted(stream);
        limits.add(name, length);
        if (files.put(name, new Part(length, BundlePart.inZip(zip, name, length))) != null) {
          throw new InvalidInput(
              Sentence.of("The zip file has two files named \"%s\" and was not taken in.", name));
        }
      }
      if (!files.isEmpty()) {
        checkList(zip, files.keySet());
      }
    } catch (IllegalArgumentException | IOException e) {
      throw new InvalidInput(
          "The zip file is damaged and was not taken in; export the package again.", e);
    }
    return of(files);
  }

  /** What stands at its end has to agree with what was met on the way. */
  private static void checkList(Path zip, Set<String> met) throws IOException {
    try (ZipFile known = new ZipFile(zip.toFile())) {
      if (!met.stream().allMatch(name -> known.getEntry(name) != null)) {
        throw new ZipException("Files are missing from the list at its end.");
      }
    }
  }

  /** How long a file is; a little more than the most if it is longer than that. */
  private static int counted(InputStream content) throws IOException {
    byte[] buffer = new byte[1 << 16];
    int length = 0;
    for (int read; length <= BundleLimits.MOST_OF_A_FILE && (read = content.read(buffer)) >= 0; ) {
      length += read;
    }
    return length;
  }

  /** A file that was found, and how many bytes it has. */
  private record Part(long length, BundlePart content) {
    String text() {
      return new String(content.bytes(), StandardCharsets.UTF_8);
    }
  }

  private static Map<String, Part> filesOf(Path folder) throws IOException {
    Map<String, Part> files = new TreeMap<>();
    BundleLimits limits = new BundleLimits();
    List<Path> paths;
    Path real = folder.toRealPath(); // The folder itself may be reached by a link.
    try (Stream<Path> walk = Files.walk(real, 4)) {
      paths = walk.filter(Files::isRegularFile).toList();
    }
    for (Path path : paths) {
      if (!path.toRealPath().startsWith(real)) {
        throw new InvalidInput(Sentence.of("The bundle's file %s leads out of it.", path));
      }
      long length = Files.size(path);
      String name = real.relativize(path).toString().replace('\\', '/');
      limits.add(name, length);
      files.put(name, new Part(length, BundlePart.of(path)));
    }
    return files;
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

  private static Bundle of(Map<String, Part> files) {
    BundleContents contents = contents(files);
    List<RosterFile> rosters = new ArrayList<>();
    for (String name : contents.rosters()) {
      rosters.add(roster(name, files));
    }
    Map<String, BundlePart> pictures = pictures(PICTURES, files);
    Map<String, List<BundlePart>> clips = new LinkedHashMap<>();
    Map<String, BundlePart> films = new LinkedHashMap<>();
    for (String clip : contents.clips()) {
      checkName(clip);
      List<BundlePart> stills = new ArrayList<>();
      files.forEach(
          (path, part) -> {
            if (path.equals("backdrops/" + clip + "/" + FILM)) {
              films.put(clip, part.content());
            } else if (path.startsWith("backdrops/" + clip + "/")) {
              stills.add(part.content());
            }
          });
      clips.put(clip, stills);
    }
    return new Bundle(
        contents.name(),
        contents.house(),
        pictures(HOUSE, files),
        fonts(files),
        new TargetList(contents.targets()),
        contents.checksLeftOut(),
        overlays(OVERLAYS, contents.overlays(), contents.house(), files),
        overlays(STARTERS, contents.starters(), contents.house(), files),
        rosters,
        contents.cueLists().stream().map(name -> cueList(name, files)).toList(),
        pictures,
        contents.following(),
        clips,
        films);
  }

  private static Map<String, BundlePart> pictures(String folder, Map<String, Part> files) {
    Map<String, BundlePart> pictures = new LinkedHashMap<>();
    files.forEach(
        (path, part) -> {
          if (path.startsWith(folder)) {
            String name = path.substring(folder.length());
            FileName.check(name);
            PictureReader.checkLength(name, part.length());
            pictures.put(name, part.content());
          }
        });
    return pictures;
  }

  private static Map<String, BundlePart> fonts(Map<String, Part> files) {
    Map<String, BundlePart> fonts = new LinkedHashMap<>();
    files.forEach(
        (path, part) -> {
          if (path.startsWith(FONTS)) {
            String name = path.substring(FONTS.length());
            FileName.check(name);
            FontFiles.checkLength(name, part.length());
            fonts.put(name, part.content());
          }
        });
    return fonts;
  }

  /** By the names of their files, in the order of these. */
  private static Map<String, Overlay> overlays(
      String folder, List<String> names, House house, Map<String, Part> files) {
    Map<String, Part> texts = new LinkedHashMap<>();
    for (String file : names) {
      checkName(file);
      String path = folder + file;
      Part text = files.get(path);
      if (text == null) {
        throw new InvalidInput(
            Sentence.of("The bundle lists the overlay %s, but has no such file.", path));
      }
      texts.put(file, text);
    }
    // Side by side: of a command that delivers one overlay this is a fifth of its time.
    Map<String, Overlay> overlays = new LinkedHashMap<>();
    texts.entrySet().parallelStream()
        .map(
            text ->
                Map.entry(text.getKey(), overlay(folder + text.getKey(), text.getValue(), house)))
        .forEachOrdered(read -> overlays.put(read.getKey(), read.getValue()));
    return overlays;
  }

  private static Overlay overlay(String path, Part text, House house) {
    // Copies are as their originals were when the bundle was written: it has pictures of both.
    return house
        .withOriginals(List.of())
        .dressed(DocumentJson.read(text.text(), Overlay.class, "The file " + path));
  }

  private static RosterFile roster(String name, Map<String, Part> files) {
    checkName(name);
    Part said = part("rosters/" + name + ".json", files);
    Part table = part("rosters/" + name + ".csv", files);
    RosterFile.Contents contents =
        DocumentJson.read(
            said.text(), RosterFile.Contents.class, "The file rosters/" + name + ".json");
    return RosterFile.of(
        contents,
        TableReader.written("The file rosters/" + name + ".csv", table.content().bytes()));
  }

  private static CueFile cueList(String name, Map<String, Part> files) {
    checkName(name);
    String path = "cues/" + name + ".json";
    return DocumentJson.read(part(path, files).text(), CueFile.class, "The file " + path);
  }

  private static Part part(String path, Map<String, Part> files) {
    return Optional.ofNullable(files.get(path))
        .orElseThrow(
            () ->
                new InvalidInput(
                    Sentence.of("The bundle lists the file %s, but does not have it.", path)));
  }

  private static BundleContents contents(Map<String, Part> files) {
    Part text = files.get("package.json");
    if (text == null) {
      throw new InvalidInput("This is no Diaphan bundle: it has no file package.json.");
    }
    return contents(text.text());
  }

  /** What a file package.json of any version says. */
  static BundleContents contents(String text) {
    BundleContents contents =
        DocumentJson.read(
            text, BundleContents.class, "The file package.json", BundleReader::bringUpToDate);
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
  private static void bringUpToDate(JsonNode contents) {
    JsonNode version = contents.path("version");
    if (!(contents instanceof ObjectNode fields) || !version.isInt() || version.intValue() < 1) {
      throw new InvalidInput("The file package.json does not say its version as a whole number.");
    }
    int number = version.intValue();
    if (number > BundleContents.VERSION) {
      throw new InvalidInput(
          Sentence.of(
              "The bundle has version %d; this Diaphan reads versions up to %d. Use a newer Diaphan.",
              number, BundleContents.VERSION));
    }
    if (number < 2) {
      fields.set("house", DocumentJson.tree(House.NONE));
    }
    if (number < 6) {
      fields.set("targets", DocumentJson.tree(TargetList.AS_DESIGNED.targets()));
      fields.putArray("checksLeftOut");
    }
    if (number < 7) {
      fields.putArray("rosters");
    }
    if (number < 9) {
      fields.putArray("starters");
    }
    if (number < 13) {
      fields.putArray("cueLists");
    }
    if (number < 14) {
      if (fields.get("house") instanceof ObjectNode house) {
        house.put("name", fields.path("name").asString("House"));
      }
      fields.putObject("following");
    }
  }
}
