package app.diaphan.core.picture;

import app.diaphan.core.Sentence;
import com.github.weisj.jsvg.parser.DomElement;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What of an SVG file is not drawn, or not as it is meant, and has to be told. */
final class SvgGaps {
  private static final int LONGEST = 60;

  /** Steps of filters that the library leaves out. */
  private static final Pattern LEFT_OUT =
      Pattern.compile(
          "<(?:\\w{1,30}:)?(feImage|feTile|feMorphology|feDiffuseLighting|feSpecularLighting|feConvolveMatrix)\\b");

  /** Steps that come out otherwise in some cases. */
  private static final Pattern OTHERWISE =
      Pattern.compile(
          "<(?:\\w{1,30}:)?(feTurbulence|feDisplacementMap|feComponentTransfer|feComposite|feBlend)\\b");

  /** A step that works on a part of the filter's region alone. */
  private static final Pattern PART_OF_REGION =
      Pattern.compile("<(?:\\w{1,30}:)?fe\\w{1,30}\\s[^<>]{0,2000}?\\b(?:x|y|width|height)\\s*=");

  /** Anything but one filter of the file. */
  private static final Pattern FILTER_FUNCTION =
      Pattern.compile(
          "\\bfilter\\s*(?:=\\s*[\"']|:)\\s*(?!none|inherit|url\\([^)<>]{0,200}\\)\\s*[;\"'}])[\\w]");

  private static final Pattern PATTERN_BY_REFERENCE =
      Pattern.compile("<(?:\\w{1,30}:)?pattern\\s[^<>]{0,2000}?\\b(?:href|viewBox)\\s*=");

  private static final Pattern MARKS =
      Pattern.compile(
          "\\bmarker(?:-start|-mid|-end)?\\s*(?:=\\s*[\"']|:)\\s*(?!none|inherit)[\\w#]");

  /** Of words, what is set as if it were not there. */
  private static final Pattern UNKNOWN_SETTING =
      Pattern.compile(
          "\\b(writing-mode|glyph-orientation-vertical|glyph-orientation-horizontal|baseline-shift|text-decoration)\\s*(?:=\\s*[\"']|:)\\s*(?!none|normal|auto|baseline|horizontal-tb|lr|inherit|0)[\\w-]");

  private static final Pattern MIXING =
      Pattern.compile("mix-blend-mode\\s*(?:=\\s*[\"']|:)\\s*(?!normal|inherit)\\w");

  /** What lies behind the picture is not there in a file of its own. */
  private static final Pattern BEHIND =
      Pattern.compile("in2?\\s*=\\s*[\"']Background(?:Image|Alpha)");

  /** The library does not even tell of such elements. */
  private static final Pattern OWN_LETTERS =
      Pattern.compile("<(font|font-face-src|altGlyph)[\\s>/]");

  private static final Pattern WORDS_BY_REFERENCE = Pattern.compile("<tref[\\s>/]");

  private static final Set<String> REFERRING = Set.of("image", "use", "feimage");

  private final Set<String> outside = new LinkedHashSet<>();
  private boolean thinGroup;

  private final String text;

  /**
   * @param text the whole file
   */
  SvgGaps(String text) {
    this.text = text;
  }

  /** Looks at all elements. */
  void look(DomElement element) {
    if (REFERRING.contains(element.tagName().toLowerCase(Locale.ROOT))) {
      lookAtReference(element);
    }
    thinGroup |= isThinGroup(element);
    element.children().forEach(this::look);
  }

  private void lookAtReference(DomElement element) {
    String to = element.attribute("href", element.attribute("xlink:href", "")).strip();
    if (!to.isEmpty() && !to.startsWith("#") && !to.startsWith("data:")) {
      outside.add(
          to.codePointCount(0, to.length()) <= LONGEST
              ? to
              : to.substring(0, to.offsetByCodePoints(0, LONGEST)) + "…");
    }
  }

  private static boolean isThinGroup(DomElement element) {
    String opacity =
        element.attribute(
            "opacity", element.attribute("style", "").replaceAll("(?s).*(?<!-)opacity\\s*:", ""));
    return opacity.matches("\\s*0?\\.\\d+.*|\\s*\\d\\d?(\\.\\d+)?%.*")
        && element.children().size() > 1;
  }

  /**
   * @param mixing whether something was drawn to be mixed with what lies behind it
   * @param nothing whether nothing at all was drawn
   */
  List<String> notes(boolean mixing, boolean nothing) {
    List<String> notes = new ArrayList<>();
    if (thinGroup) {
      notes.add(
          "A group in it has an opacity of its own, which is given to each of its parts; where they overlap, they show through each other.");
    }
    if (mixing || MIXING.matcher(text).find()) {
      notes.add(Notes.MIXING);
    }
    Set<String> leftOut = found(LEFT_OUT);
    if (!leftOut.isEmpty()) {
      notes.add(
          Sentence.of(
              "Filters in it take steps that are left out here (%s), so what they are laid on looks different or is missing. Turn those parts into pixels before you save it.",
              String.join(", ", leftOut)));
    }
    Set<String> otherwise = found(OTHERWISE);
    if (!otherwise.isEmpty()) {
      notes.add(
          Sentence.of(
              "Filters in it take steps that may come out otherwise here (%s); look at those parts.",
              String.join(", ", otherwise)));
    }
    if (PART_OF_REGION.matcher(text).find() || FILTER_FUNCTION.matcher(text).find()) {
      notes.add(
          "Filters in it work on parts of their region, or are given as functions, which may come out otherwise here; look at those parts.");
    }
    if (PATTERN_BY_REFERENCE.matcher(text).find()) {
      notes.add(
          "A pattern in it is made from another one or has a view box of its own, and may come out otherwise here; look at that part.");
    }
    if (MARKS.matcher(text).find()) {
      notes.add(
          "Lines in it carry marks at their ends or corners (markers), which may be of another size or direction here; turn them into shapes to be sure of them.");
    }
    if (text.contains("<!ENTITY")) {
      notes.add(
          "Parts of it are written by reference to its document type (entities) and are left out; save it without them.");
    }
    if (BEHIND.matcher(text).find()) {
      notes.add(
          "A filter in it looks at what lies behind the picture, which a file by itself does not know; that part looks different.");
    }
    if (!outside.isEmpty()) {
      notes.add(
          Sentence.of(
              "It shows what lies outside its file (%s), which is not looked at; embed it and save again.",
              String.join(", ", outside)));
    }
    if (text.contains("<foreignObject") && !text.contains("<switch")) {
      notes.add("A part of it is written as a web page (foreignObject) and is left out.");
    }
    noteWords(notes);
    if (nothing) {
      notes.add(
          "Nothing of it can be seen: all of it is hidden, has no paint or is of a kind that is not drawn here.");
    }
    return notes;
  }

  private void noteWords(List<String> notes) {
    if (!text.contains("<text")) {
      return;
    }
    if (WORDS_BY_REFERENCE.matcher(text).find()) {
      notes.add("Words in it are taken from elsewhere by reference (tref) and are left out.");
    }
    if (OWN_LETTERS.matcher(text).find()) {
      notes.add(
          "It brings letters of its own, which are not used; another font stands in. Turn the words into outlines to be sure of them.");
    }
    Set<String> settings = found(UNKNOWN_SETTING);
    if (!settings.isEmpty()) {
      notes.add(
          Sentence.of(
              "Its words are set in ways that are not known here (%s). Turn them into outlines to be sure of them.",
              String.join(", ", settings)));
    }
  }

  /** What a pattern's first group was, each once. */
  private Set<String> found(Pattern pattern) {
    Set<String> found = new LinkedHashSet<>();
    Matcher matcher = pattern.matcher(text);
    while (matcher.find()) {
      found.add(matcher.group(1));
    }
    return found;
  }
}
