package app.diaphan.core.picture;

import app.diaphan.core.Sentence;
import com.github.weisj.jsvg.parser.DomElement;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What of an SVG file is not drawn, or not as it is meant, and has to be told. */
final class SvgGaps {
  private static final int LONGEST = 60;

  /**
   * What is looked for in the file, and what is said if it is there.
   *
   * @param sentence with %s for what the pattern's groups found, if it has one
   */
  private record Gap(Pattern pattern, String sentence) {
    static Gap of(String pattern, String sentence) {
      return new Gap(Pattern.compile(pattern), sentence);
    }

    Optional<String> in(String text) {
      Matcher matcher = pattern.matcher(text);
      if (matcher.groupCount() == 0) {
        return matcher.find() ? Optional.of(sentence) : Optional.empty();
      }
      String found =
          matcher.results().map(one -> one.group(1)).distinct().collect(Collectors.joining(", "));
      return found.isEmpty() ? Optional.empty() : Optional.of(Sentence.of(sentence, found));
    }
  }

  private static final String FILTER_STEPS =
      "feImage|feTile|feMorphology|feDiffuseLighting|feSpecularLighting|feConvolveMatrix|feTurbulence|feDisplacementMap|feComponentTransfer|feComposite|feBlend";

  private static final Gap MARKERS =
      Gap.of(
          "\\bmarker(?:-start|-mid|-end)?\\s*(?:=\\s*[\"']|:)\\s*(?!none|inherit)[\\w#]",
          "Lines in it carry marks at their ends or corners (markers), which may be of another size or direction here; turn them into shapes to be sure of them.");

  private static final Gap FILTERS =
      Gap.of(
          "<(?:\\w{1,30}:)?(" + FILTER_STEPS + ")\\b",
          "Filters in it take steps that may come out otherwise here (%s); look at those parts.");

  private static final Gap FILTER_REGIONS =
      Gap.of(
          "<(?:\\w{1,30}:)?fe\\w{1,30}\\s[^<>]{0,2000}?\\b(?:x|y|width|height)\\s*=",
          "Filters in it work on parts of their region, which may come out otherwise here; look at those parts.");

  private static final Gap FILTER_LISTS =
      Gap.of(
          "\\bfilter\\s*(?:=\\s*[\"']|:)\\s*(?!none|inherit|url\\([^)<>]{0,200}\\)\\s*[;\"'}])\\w",
          "Filters in it are given as functions, which may come out otherwise here; look at those parts.");

  private static final Gap INNER_CIRCLES =
      Gap.of(
          "<(?:\\w{1,30}:)?radialGradient\\s[^<>]{0,2000}?\\bfr\\s*=",
          "A round gradient in it begins at a circle (fr), which it does not here; look at that part.");

  private static final Gap SHEET_FILTERS =
      Gap.of(
          "\\{[^{}<>]{0,2000}?\\bfilter\\s*:\\s*(?!none|inherit|url\\([^)<>]{0,200}\\)\\s*[;}])\\w",
          "A style sheet in it gives filters as functions or lists, which are left out; write them at the parts themselves.");

  private static final Gap LINEAR_MASKS =
      Gap.of(
          "<(?:\\w{1,30}:)?mask\\s[^<>]{0,2000}?\\bcolor-interpolation\\s*[=:]\\s*[\"']?linearRGB",
          "A mask in it is measured in linear light, which may come out otherwise here; look at what it is laid on.");

  /** What the quick library has wrong or leaves out, and the one for trees has not. */
  private static final List<Gap> QUICK =
      List.of(
          FILTERS,
          FILTER_REGIONS,
          FILTER_LISTS,
          INNER_CIRCLES,
          Gap.of(
              "<(?:\\w{1,30}:)?pattern[\\s>]",
              "A pattern in it may show lines between its tiles; look at that part."),
          MARKERS,
          Gap.of(
              "<(?:\\w{1,30}:)?mask\\s[^<>]{0,2000}?\\bfilter\\s*=",
              "A mask in it goes through a filter, which is left out here; look at what it is laid on."),
          LINEAR_MASKS,
          Gap.of(
              "in2?\\s*=\\s*[\"'](?:Fill|Stroke)Paint",
              "A filter in it goes out from a paint instead of what is drawn, and may come out otherwise here; look at that part."),
          Gap.of(
              "\\bclip-rule\\s*(?:=\\s*[\"']|:)\\s*evenodd",
              "A clip in it leaves out what is enclosed twice, which is not so here; look at that part."),
          Gap.of(
              "\\bstop-(?:color|opacity)\\s*(?:=\\s*[\"']|:)\\s*(?:inherit|currentColor)",
              "A gradient in it takes colours from around it, which may come out otherwise here; look at that part."));

  /** What the library for trees has wrong. */
  private static final List<Gap> TREE =
      List.of(FILTERS, FILTER_REGIONS, SHEET_FILTERS, LINEAR_MASKS);

  /**
   * What neither draws. Lengths are bounded, so that looking takes no longer than the file is long.
   */
  private static final List<Gap> BOTH =
      List.of(
          Gap.of(
              "\\bsystemLanguage\\s*=|:lang\\(",
              "What it shows depends on a language; what is meant for English is shown."),
          Gap.of(
              "\\brequiredFeatures\\s*=",
              "What it shows depends on what a program says it can do; programs may choose other parts of it."),
          Gap.of(
              "in2?\\s*=\\s*[\"']Background(?:Image|Alpha)",
              "A filter in it looks at what lies behind the picture, which a file by itself does not know; that part looks different."));

  /** The same of words. */
  private static final List<Gap> SET =
      List.of(
          Gap.of(
              "<tref[\\s>/]",
              "Words in it are taken from elsewhere by reference (tref) and are left out."),
          Gap.of(
              "<(?:font|font-face-src|altGlyph)[\\s>/]",
              "It brings letters of its own, which are not used; another font stands in. Turn the words into outlines to be sure of them."),
          Gap.of(
              "\\b(writing-mode|glyph-orientation-vertical|glyph-orientation-horizontal|baseline-shift|text-decoration)\\s*(?:=\\s*[\"']|:)\\s*(?!none|normal|auto|baseline|horizontal-tb|lr|inherit|0)[\\w-]",
              "Its words are set in ways that are not known here (%s). Turn them into outlines to be sure of them."));

  private static final Pattern MIXING =
      Pattern.compile("mix-blend-mode\\s*(?:=\\s*[\"']|:)\\s*(?!normal|inherit)\\w");

  /** The quick library ends it where it can still be seen. */
  private static final String BLUR = "feGaussianBlur";

  private static final Set<String> GRADIENTS = Set.of("lineargradient", "radialgradient");

  private static final Set<String> REFERRING = Set.of("image", "use", "feimage");

  /** Of pictures that are written into the file. */
  private static final Pattern PIXELS = Pattern.compile("data:(?:;|image/(?!svg))");

  private final Set<String> outside = new LinkedHashSet<>();
  private boolean thinGroup;
  private boolean oddGradient;
  private int ofPixels;

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
    oddGradient |= isOddGradient(element);
    element.children().forEach(this::look);
  }

  private void lookAtReference(DomElement element) {
    String to = element.attribute("href", element.attribute("xlink:href", "")).strip();
    if (PIXELS.matcher(to).lookingAt()) {
      ofPixels++;
    }
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

  /** Of no stop or one: no paint at all, or a single colour. Or one that begins far outside. */
  private static boolean isOddGradient(DomElement element) {
    return GRADIENTS.contains(element.tagName().toLowerCase(Locale.ROOT))
        && (element.attribute("href", element.attribute("xlink:href", "")).isEmpty()
                && element.children().size() < 2
            || !beginsWithin(element));
  }

  /** Whether a round gradient begins within the circle that it ends at, as far as it is told. */
  private static boolean beginsWithin(DomElement gradient) {
    double across = length(gradient, "fx", "cx") - length(gradient, "cx", "cx");
    double down = length(gradient, "fy", "cy") - length(gradient, "cy", "cy");
    return across == 0 && down == 0 || Math.hypot(across, down) < length(gradient, "r", "r");
  }

  /** In units or shares of one; what is not told, or in other units, is in the middle. */
  private static double length(DomElement gradient, String name, String otherwise) {
    String told = gradient.attribute(name, gradient.attribute(otherwise, "")).strip();
    try {
      return told.endsWith("%")
          ? Double.parseDouble(told.substring(0, told.length() - 1)) / 100
          : Double.parseDouble(told);
    } catch (NumberFormatException e) {
      return 0.5;
    }
  }

  /** Whether the quick library would draw it otherwise than it is meant. */
  boolean needsTree() {
    return thinGroup
        || oddGradient
        || text.contains(BLUR)
        || QUICK.stream().anyMatch(gap -> gap.in(text).isPresent());
  }

  /**
   * @param tree whether it was drawn by the library for trees
   * @param mixing whether something was drawn to be mixed with what lies behind it
   * @param nothing whether nothing at all was drawn
   */
  List<String> notes(boolean tree, boolean mixing, boolean nothing) {
    List<String> notes = new ArrayList<>();
    if (thinGroup && !tree) {
      notes.add(
          "A group in it has an opacity of its own, which is given to each of its parts; where they overlap, they show through each other.");
    }
    if (mixing || MIXING.matcher(text).find()) {
      notes.add(ReaderNotes.MIXING);
    }
    Stream.concat((tree ? TREE : QUICK).stream(), BOTH.stream())
        .forEach(gap -> gap.in(text).ifPresent(notes::add));
    if (!outside.isEmpty()) {
      notes.add(
          Sentence.of(
              "It shows what lies outside its file (%s), which is not looked at; embed it and save again.",
              String.join(", ", outside)));
    }
    if (ofPixels > 0) {
      notes.add(
          Sentence.of(
              "It holds pictures made of pixels (%d); drawn larger than they are, they get soft, in each program in its own way.",
              ofPixels));
    }
    if (text.contains("<foreignObject") && !text.contains("<switch")) {
      notes.add("A part of it is written as a web page (foreignObject) and is left out.");
    }
    if (text.contains("<text")) {
      SET.forEach(gap -> gap.in(text).ifPresent(notes::add));
    }
    if (nothing) {
      notes.add(
          "Nothing of it can be seen: all of it is hidden, has no paint or is of a kind that is not drawn here.");
    }
    return notes;
  }
}
