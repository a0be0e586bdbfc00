package app.diaphan.core.font.file;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Sentence;
import app.diaphan.core.font.AxisValue;
import app.diaphan.core.font.Embedding;
import app.diaphan.core.font.FontFace;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.FontKind;
import app.diaphan.core.font.FontWeight;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;

/**
 * Reads files of fonts: TrueType and OpenType ones, collections of them (TTC, OTC) and packed ones
 * (WOFF 2.0).
 */
public final class FontFiles {
  /** Bytes of a file, and of what is packed in it. */
  public static final int MOST_BYTES = 32 << 20;

  private static final int MOST_FACES = 64;
  private static final int SHORTEST = 12;
  private static final int COUNT_OF_COLLECTION = 8;

  /** What decides the outlines of letters and where they stand; nothing else is read. */
  private static final Set<String> OF_USE =
      Set.of(
          "cmap", "head", "hhea", "hmtx", "maxp", "name", "OS/2", "post", "glyf", "loca", "CFF ",
          "CFF2", "GDEF", "GSUB", "GPOS", "kern", "BASE", "fvar", "gvar", "avar", "HVAR", "MVAR",
          "STAT");

  private static final int WEIGHT_CLASS = 4;
  private static final int WIDTH_CLASS = 6;
  private static final int EMBEDDING = 8;
  private static final int PANOSE = 32;
  private static final int NARROW = 4;
  private static final int REGULAR = 400;

  private FontFiles() {}

  /**
   * Reads what a file tells of its fonts.
   *
   * @throws InvalidInput if it holds no font that letters can be drawn with
   */
  public static FontFile read(String name, byte[] bytes) {
    return orRefused(
        name,
        () -> {
          List<FontFace> faces = new ArrayList<>();
          Embedding embedding = Embedding.INSTALLABLE;
          int count = count(bytes);
          for (int i = 0; i < count; i++) {
            Sfnt font = font(bytes, i);
            NameTable names = new NameTable(font);
            Variations variations = new Variations(font, names);
            faces.add(face(i, font, names, variations, stem(name)));
            Embedding own = embedding(font);
            embedding = own.compareTo(embedding) > 0 ? own : embedding;
          }
          return new FontFile(name, Digest.of(bytes), faces, embedding, embedding.goesAlong());
        });
  }

  /**
   * A plain font of one of a file's faces.
   *
   * @param index of the face
   * @param weight for a font whose weight is an axis
   * @param axes of a variable font; other axes stay where the font has them
   * @return a TrueType or OpenType file without hints
   * @throws InvalidInput if it cannot be worked with
   */
  public static byte[] settled(
      String name, byte[] bytes, int index, double weight, List<AxisValue> axes) {
    return orRefused(
        name,
        () -> {
          Sfnt font = font(bytes, index);
          return font.has("fvar") ? Subsetting.settled(font.bytes(), axes, weight) : font.bytes();
        });
  }

  /** One of a file's faces as it is, by itself; a variable one stays variable. */
  public static byte[] raw(String name, byte[] bytes, int index) {
    return orRefused(name, () -> font(bytes, index).bytes());
  }

  /**
   * @throws InvalidInput if a file is longer than one that can be read
   */
  public static void checkLength(String name, long length) {
    if (length > MOST_BYTES) {
      throw refused(name, UnsuitableFont.tooLarge(MOST_BYTES).getMessage());
    }
  }

  static <T> T orRefused(String name, Supplier<T> reading) {
    try {
      return reading.get();
    } catch (UnsuitableFont e) {
      throw refused(name, e.getMessage());
    } catch (InvalidInput e) {
      throw e;
    } catch (RuntimeException e) {
      throw refused(name, "is damaged");
    }
  }

  private static InvalidInput refused(String name, String why) {
    return new InvalidInput(Sentence.of("The font \"%s\" %s. It was not taken in.", name, why));
  }

  /** How many fonts a file has. */
  private static int count(byte[] bytes) {
    if (bytes.length > MOST_BYTES) {
      throw UnsuitableFont.tooLarge(MOST_BYTES);
    }
    int signature = bytes.length < SHORTEST ? 0 : ByteBuffer.wrap(bytes).getInt();
    if (signature == Sfnt.COLLECTION) {
      int count = ByteBuffer.wrap(bytes).getInt(COUNT_OF_COLLECTION);
      if (count < 1 || count > MOST_FACES) {
        throw new UnsuitableFont(
            Sentence.of("is a collection of %d fonts; %d can be read", count, MOST_FACES));
      }
      return count;
    }
    if (signature == Woff2.SIGNATURE
        || signature == Sfnt.TRUE_TYPE
        || signature == Sfnt.CFF
        || signature == Sfnt.MAC_TRUE_TYPE) {
      return 1;
    }
    throw new UnsuitableFont(OtherFile.sentence(bytes));
  }

  private static Sfnt font(byte[] bytes, int index) {
    ByteBuffer in = ByteBuffer.wrap(bytes);
    int signature = in.getInt();
    if (signature == Woff2.SIGNATURE) {
      return checked(Woff2.read(bytes, MOST_BYTES));
    }
    int start = signature == Sfnt.COLLECTION ? in.getInt(COUNT_OF_COLLECTION + 4 + 4 * index) : 0;
    return checked(Sfnt.read(bytes, start));
  }

  private static Sfnt checked(Sfnt font) {
    boolean outlined = font.has("glyf") && font.has("loca") || font.has("CFF ") || font.has("CFF2");
    if (!outlined) {
      throw new UnsuitableFont(
          font.has("CBDT") || font.has("sbix") || font.has("EBDT") || font.has("SVG ")
              ? "holds pictures of its letters and no outlines; give one with outlines"
              : "has no outlines of letters; give one that has");
    }
    for (String needed : new String[] {"cmap", "head", "hhea", "hmtx", "maxp"}) {
      if (!font.has(needed)) {
        throw new UnsuitableFont("is not whole; save or download it again");
      }
    }
    Map<String, byte[]> ofUse = new HashMap<>(font.tables());
    ofUse.keySet().retainAll(OF_USE);
    int flavour = font.flavour() == Sfnt.CFF ? Sfnt.CFF : Sfnt.TRUE_TYPE;
    return new Sfnt(flavour, ofUse);
  }

  private static Embedding embedding(Sfnt font) {
    return font.table("OS/2")
        .map(table -> Embedding.of(table.getShort(EMBEDDING)))
        .orElse(Embedding.INSTALLABLE);
  }

  private static FontFace face(
      int index, Sfnt font, NameTable names, Variations variations, String stem) {
    String typographic = names.of(NameTable.TYPOGRAPHIC_FAMILY);
    String family = names.first(NameTable.TYPOGRAPHIC_FAMILY, NameTable.FAMILY);
    String style = names.first(NameTable.TYPOGRAPHIC_STYLE, NameTable.STYLE);
    String root = typographic.isEmpty() ? WeightWords.familyWithout(family) : family;
    if (root.isBlank()) {
      root = stem;
    }
    String rest = WeightWords.styleWithout(style);
    boolean saidAlready = root.toLowerCase(Locale.ROOT).endsWith(rest.toLowerCase(Locale.ROOT));
    List<FontWeight> weights = variations.weights();
    if (weights.isEmpty()) {
      int weight = font.table("OS/2").map(FontFiles::weightClass).orElse(REGULAR);
      String named = typographic.isEmpty() ? family + " " + style : style;
      weights = List.of(new FontWeight(weight, WeightWords.said(named, weight)));
    }
    return new FontFace(
        index,
        Names.shortened(saidAlready ? root : root + " " + rest, FontFace.LONGEST_FAMILY),
        kind(font),
        weights,
        variations.axes());
  }

  private static int weightClass(ByteBuffer table) {
    int weight = Short.toUnsignedInt(table.getShort(WEIGHT_CLASS));
    if (weight == 0) {
      return REGULAR;
    }
    // Old fonts say 1 to 9.
    return weight < 10 ? 100 * weight : Math.min(weight, 1000);
  }

  private static FontKind kind(Sfnt font) {
    return font.table("OS/2")
        .map(
            table -> {
              int width = table.getShort(WIDTH_CLASS);
              if (width >= 1 && width < NARROW) {
                return FontKind.CONDENSED;
              }
              // Latin text, with one of the styles that have serifs (PANOSE 1.0).
              boolean latin = table.get(PANOSE) == 2;
              int serifs = table.get(PANOSE + 1);
              return latin && serifs >= 2 && serifs <= 10 ? FontKind.SERIF : FontKind.SANS;
            })
        .orElse(FontKind.SANS);
  }

  private static String stem(String name) {
    int dot = name.lastIndexOf('.');
    return dot > 0 ? name.substring(0, dot) : name;
  }
}
