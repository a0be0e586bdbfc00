package app.diaphan.core.font.file;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What a font can put in place of its letters (OpenType, table "GSUB"). The Java platform's layout
 * asks a font for what is on as a rule and cannot be told to ask for more. So the font is changed:
 * what is wanted is moved to where the layout looks in any case.
 */
public final class Substitutions {
  /** A feature that HarfBuzz, which lays out for the Java platform, always asks for. */
  private static final String ALWAYS_ON = "Harf";

  private static final int LARGEST_OFFSET = 0xffff;
  private static final int MOST = 2000;
  private static final int HEADER = 10;

  private final Sfnt font;
  private final Optional<ByteBuffer> table;
  private final List<Feature> features = new ArrayList<>();

  /**
   * @param name by which the font calls a stylistic set; empty for none
   */
  private record Feature(String tag, List<Integer> lookups, String name) {}

  private Substitutions(Sfnt font) {
    this.font = font;
    table = font.table("GSUB");
    table.ifPresent(this::readFeatures);
  }

  /**
   * @param file of one font
   * @throws RuntimeException of many kinds if it is damaged
   */
  public static Substitutions of(byte[] file) {
    return new Substitutions(Sfnt.read(file, 0));
  }

  private static int unsigned(ByteBuffer in, int at) {
    return Short.toUnsignedInt(in.getShort(at));
  }

  private void readFeatures(ByteBuffer in) {
    NameTable names = new NameTable(font);
    int list = unsigned(in, 6);
    int count = limited(unsigned(in, list));
    for (int i = 0; i < count; i++) {
      int entry = list + 2 + 6 * i;
      String tag = Sfnt.tag(in.getInt(entry));
      int feature = list + unsigned(in, entry + 4);
      int parameters = unsigned(in, feature);
      List<Integer> lookups = new ArrayList<>();
      int size = limited(unsigned(in, feature + 2));
      for (int l = 0; l < size; l++) {
        lookups.add(unsigned(in, feature + 4 + 2 * l));
      }
      // Stylistic sets say in their second number which of the font's names is theirs.
      String name =
          tag.startsWith("ss") && parameters != 0
              ? names.of(unsigned(in, feature + parameters + 2))
              : "";
      features.add(new Feature(tag, lookups, name));
    }
  }

  private static int limited(int count) {
    if (count > MOST) {
      throw new IllegalArgumentException("A list has " + count + " entries");
    }
    return count;
  }

  /** The features of the font by their tags, each with what the font calls it, mostly nothing. */
  public Map<String, String> features() {
    Map<String, String> named = new TreeMap<>();
    features.forEach(feature -> named.merge(feature.tag(), feature.name(), this::longer));
    return named;
  }

  private String longer(String one, String other) {
    return one.length() >= other.length() ? one : other;
  }

  /** The font with these features on throughout; those it lacks change nothing. */
  public byte[] with(Set<String> wanted) {
    return table
        .filter(in -> features.stream().anyMatch(feature -> wanted.contains(feature.tag())))
        .map(in -> font.with("GSUB", written(in, wanted)).bytes())
        .orElseGet(font::bytes);
  }

  /** A language of a script, by the features it has; of the required one there may be none. */
  private record Language(int tag, int required, List<Integer> features) {}

  private record Script(int tag, Optional<Language> standard, List<Language> others) {}

  private byte[] written(ByteBuffer in, Set<String> wanted) {
    List<Script> scripts = new ArrayList<>();
    int list = unsigned(in, 4);
    int count = limited(unsigned(in, list));
    for (int i = 0; i < count; i++) {
      int entry = list + 2 + 6 * i;
      scripts.add(script(in, in.getInt(entry), list + unsigned(in, entry + 4)));
    }
    // Features of their own for the sets of lookups that languages then have in addition.
    Map<Set<Integer>, Integer> added = new LinkedHashMap<>();
    List<Script> more =
        scripts.stream()
            .map(
                script ->
                    new Script(
                        script.tag(),
                        script.standard().map(one -> more(one, wanted, added)),
                        script.others().stream().map(one -> more(one, wanted, added)).toList()))
            .toList();
    byte[] written = scriptList(more);
    byte[] all = featureList(added.keySet());
    int lookups = unsigned(in, 8);
    ByteBuffer rest = in.duplicate().position(lookups);
    ByteBuffer out = ByteBuffer.allocate(HEADER + written.length + all.length + rest.remaining());
    out.putShort((short) 1).putShort((short) 0);
    out.putShort(offset(HEADER)).putShort(offset(HEADER + written.length));
    out.putShort(offset(HEADER + written.length + all.length));
    return out.put(written).put(all).put(rest).array();
  }

  private static Script script(ByteBuffer in, int tag, int at) {
    int standard = unsigned(in, at);
    List<Language> others = new ArrayList<>();
    int count = limited(unsigned(in, at + 2));
    for (int i = 0; i < count; i++) {
      int entry = at + 4 + 6 * i;
      others.add(language(in, in.getInt(entry), at + unsigned(in, entry + 4)));
    }
    return new Script(
        tag,
        standard == 0 ? Optional.empty() : Optional.of(language(in, 0, at + standard)),
        others);
  }

  private static Language language(ByteBuffer in, int tag, int at) {
    List<Integer> features = new ArrayList<>();
    int count = limited(unsigned(in, at + 4));
    for (int i = 0; i < count; i++) {
      features.add(unsigned(in, at + 6 + 2 * i));
    }
    return new Language(tag, unsigned(in, at + 2), features);
  }

  private Language more(Language language, Set<String> wanted, Map<Set<Integer>, Integer> added) {
    Set<Integer> lookups = new TreeSet<>();
    for (int feature : language.features()) {
      if (wanted.contains(features.get(feature).tag())) {
        lookups.addAll(features.get(feature).lookups());
      }
    }
    if (lookups.isEmpty()) {
      return language;
    }
    List<Integer> with = new ArrayList<>(language.features());
    with.add(added.computeIfAbsent(lookups, one -> features.size() + added.size()));
    return new Language(language.tag(), language.required(), with);
  }

  private static byte[] scriptList(List<Script> scripts) {
    ByteBuffer out = ByteBuffer.allocate(0xffff);
    out.putShort((short) scripts.size());
    int at = 2 + 6 * scripts.size();
    // Scripts that are alike share what they have, as they mostly did.
    Map<Script, Integer> known = new HashMap<>();
    for (Script script : scripts) {
      Script untold = new Script(0, script.standard(), script.others());
      int there = known.getOrDefault(untold, at);
      out.putInt(script.tag()).putShort(offset(there));
      if (there == at) {
        byte[] bytes = script(script);
        out.duplicate().position(at).put(bytes);
        at += bytes.length;
        known.put(untold, there);
      }
    }
    return Arrays.copyOf(out.array(), at);
  }

  private static byte[] script(Script script) {
    ByteBuffer out = ByteBuffer.allocate(0xffff);
    int at = 4 + 6 * script.others().size();
    out.putShort(offset(script.standard().isPresent() ? at : 0));
    out.putShort((short) script.others().size());
    if (script.standard().isPresent()) {
      at += put(out, at, script.standard().get());
    }
    for (Language language : script.others()) {
      out.putInt(language.tag()).putShort(offset(at));
      at += put(out, at, language);
    }
    return Arrays.copyOf(out.array(), at);
  }

  private static int put(ByteBuffer into, int at, Language language) {
    ByteBuffer out = into.duplicate().position(at);
    out.putShort((short) 0).putShort((short) language.required());
    out.putShort((short) language.features().size());
    language.features().forEach(feature -> out.putShort(feature.shortValue()));
    return out.position() - at;
  }

  /** All that were there, without what they say of themselves, and the added ones. */
  private byte[] featureList(Collection<Set<Integer>> added) {
    List<Feature> all = new ArrayList<>(features);
    added.forEach(lookups -> all.add(new Feature(ALWAYS_ON, List.copyOf(lookups), "")));
    ByteBuffer out = ByteBuffer.allocate(0xffff);
    out.putShort((short) all.size());
    int at = 2 + 6 * all.size();
    for (Feature feature : all) {
      out.putInt(Sfnt.tag(feature.tag())).putShort(offset(at));
      ByteBuffer own = out.duplicate().position(at);
      own.putShort((short) 0).putShort((short) feature.lookups().size());
      feature.lookups().forEach(lookup -> own.putShort(lookup.shortValue()));
      at = own.position();
    }
    return Arrays.copyOf(out.array(), at);
  }

  private static short offset(int at) {
    if (at > LARGEST_OFFSET) {
      throw new IllegalArgumentException("Its substitutions are too many");
    }
    return (short) at;
  }
}
