package app.diaphan.core.overlay.copy;

import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Brings one piece of a copy to what the original has now, property by property: one that the copy
 * has otherwise than it was taken is its own and stays.
 */
final class PieceMerge {
  private final List<String> own = new ArrayList<>();

  /** What stayed the copy's own, in a few words each. */
  List<String> own() {
    return own.stream().distinct().toList();
  }

  /**
   * All but what is in a group, and but for the name and the lock, which are always the copy's.
   *
   * @param taken as it came from the original
   * @param copy as it is now; of the same kind
   * @param now as the original has it
   */
  Piece merged(Piece taken, Piece copy, Piece now) {
    if (copy instanceof TextPiece c && taken instanceof TextPiece t && now instanceof TextPiece n) {
      return text(t, c, n);
    }
    if (copy instanceof PlatePiece c
        && taken instanceof PlatePiece t
        && now instanceof PlatePiece n) {
      return plate(t, c, n);
    }
    if (copy instanceof PicturePiece c
        && taken instanceof PicturePiece t
        && now instanceof PicturePiece n) {
      return picture(t, c, n);
    }
    if (copy instanceof CodePiece c && taken instanceof CodePiece t && now instanceof CodePiece n) {
      return code(t, c, n);
    }
    if (copy instanceof GroupPiece c
        && taken instanceof GroupPiece t
        && now instanceof GroupPiece n) {
      return group(t, c, n);
    }
    own.add("what it is");
    return copy;
  }

  private <T> T either(String what, T taken, T copy, T now) {
    if (copy.equals(taken)) {
      return now;
    }
    own.add(what);
    return copy;
  }

  private boolean shown(Piece taken, Piece copy, Piece now) {
    return either(
        copy.shown() ? "that it is shown" : "that it is hidden",
        taken.shown(),
        copy.shown(),
        now.shown());
  }

  private TextPiece text(TextPiece taken, TextPiece copy, TextPiece now) {
    return new TextPiece(
        copy.id(),
        copy.name(),
        shown(taken, copy, now),
        copy.locked(),
        either("its place", taken.place(), copy.place(), now.place()),
        runs(taken, copy, now),
        setting(taken.setting(), copy.setting(), now.setting()),
        either("its box", taken.box(), copy.box(), now.box()),
        either("its paint", taken.paint(), copy.paint(), now.paint()),
        look(taken.look(), copy.look(), now.look()),
        either("what rows fill in", taken.slots(), copy.slots(), now.slots()));
  }

  /**
   * Words of the copy's own in the letters of the original, wherever one of the copy's runs is
   * known for one of the original's.
   */
  private List<Run> runs(TextPiece taken, TextPiece copy, TextPiece now) {
    int count = copy.runs().size();
    if (taken.runs().size() == count && now.runs().size() == count) {
      return IntStream.range(0, count)
          .mapToObj(i -> run(taken.runs().get(i), copy.runs().get(i), now.runs().get(i)))
          .toList();
    }
    if (taken.runs().equals(copy.runs())) {
      return now.runs();
    }
    boolean words = !taken.words().equals(copy.words());
    if (words) {
      own.add("its words");
    }
    if (letters(taken.runs()).equals(letters(copy.runs()))) {
      // The original's words fall into other stretches now; those of the copy are set as its first.
      return List.of(now.runs().getFirst().withWords(copy.words()));
    }
    if (!words) {
      own.add("its letters");
    }
    return copy.runs();
  }

  /** How words are set, once for each way. */
  private static List<Run> letters(List<Run> runs) {
    return runs.stream().map(run -> run.withWords("")).distinct().collect(Collectors.toList());
  }

  private Run run(Run taken, Run copy, Run now) {
    String words = either("its words", taken.words(), copy.words(), now.words());
    Run letters = either("its letters", family(taken), family(copy), family(now));
    double size = either("its size", taken.size(), copy.size(), now.size());
    double tracking = either("its tracking", taken.tracking(), copy.tracking(), now.tracking());
    Run.Ink ink = either("its ink", taken.ink(), copy.ink(), now.ink());
    return new Run(
        words,
        letters.family(),
        letters.weight(),
        letters.axes(),
        size,
        tracking,
        ink,
        letters.follows());
  }

  /** A run by its font alone. */
  private static Run family(Run run) {
    return new Run(
        "", run.family(), run.weight(), run.axes(), 100, 0, new Run.Ink.Shared(), run.follows());
  }

  private TextSetting setting(TextSetting taken, TextSetting copy, TextSetting now) {
    return new TextSetting(
        either("what its size measures", taken.sizedBy(), copy.sizedBy(), now.sizedBy()),
        either("its leading", taken.leading(), copy.leading(), now.leading()),
        either("its word spacing", taken.wordSpacing(), copy.wordSpacing(), now.wordSpacing()),
        either("its capitals", taken.capitals(), copy.capitals(), now.capitals()),
        either(
            "the forms of its letters", taken.letterforms(), copy.letterforms(), now.letterforms()),
        either("its alignment", taken.alignment(), copy.alignment(), now.alignment()),
        either("its hanging marks", taken.hanging(), copy.hanging(), now.hanging()));
  }

  private PlatePiece plate(PlatePiece taken, PlatePiece copy, PlatePiece now) {
    Size size =
        either(
            "its size",
            new Size(taken.width(), taken.height()),
            new Size(copy.width(), copy.height()),
            new Size(now.width(), now.height()));
    return new PlatePiece(
        copy.id(),
        copy.name(),
        shown(taken, copy, now),
        copy.locked(),
        either("its place", taken.place(), copy.place(), now.place()),
        either("its shape", taken.shape(), copy.shape(), now.shape()),
        size.width(),
        size.height(),
        either("what it backs", taken.backing(), copy.backing(), now.backing()),
        either("its paint", taken.paint(), copy.paint(), now.paint()),
        look(taken.look(), copy.look(), now.look()),
        either("what rows fill in", taken.slots(), copy.slots(), now.slots()));
  }

  private PicturePiece picture(PicturePiece taken, PicturePiece copy, PicturePiece now) {
    Shown shown =
        either(
            "its picture",
            new Shown(taken.picture(), taken.page()),
            new Shown(copy.picture(), copy.page()),
            new Shown(now.picture(), now.page()));
    Size size =
        either(
            "its size",
            new Size(taken.width(), taken.height()),
            new Size(copy.width(), copy.height()),
            new Size(now.width(), now.height()));
    return new PicturePiece(
        copy.id(),
        copy.name(),
        shown(taken, copy, now),
        copy.locked(),
        either("its place", taken.place(), copy.place(), now.place()),
        shown.picture(),
        shown.page(),
        either("its cut-out", taken.cutOut(), copy.cutOut(), now.cutOut()),
        either("its tint", taken.tint(), copy.tint(), now.tint()),
        either("its crop", taken.crop(), copy.crop(), now.crop()),
        either("its fit", taken.fit(), copy.fit(), now.fit()),
        size.width(),
        size.height(),
        look(taken.look(), copy.look(), now.look()),
        either("what rows fill in", taken.slots(), copy.slots(), now.slots()));
  }

  private CodePiece code(CodePiece taken, CodePiece copy, CodePiece now) {
    return new CodePiece(
        copy.id(),
        copy.name(),
        shown(taken, copy, now),
        copy.locked(),
        either("its place", taken.place(), copy.place(), now.place()),
        either("its words", taken.words(), copy.words(), now.words()),
        either("its correction", taken.correction(), copy.correction(), now.correction()),
        either("its size", taken.side(), copy.side(), now.side()),
        either("its rim", taken.rim(), copy.rim(), now.rim()),
        either("its ink", taken.ink(), copy.ink(), now.ink()),
        either("its paint", taken.paint(), copy.paint(), now.paint()),
        look(taken.look(), copy.look(), now.look()),
        either("what rows fill in", taken.slots(), copy.slots(), now.slots()));
  }

  private GroupPiece group(GroupPiece taken, GroupPiece copy, GroupPiece now) {
    return whole(taken, copy, now)
        .withShown(shown(taken, copy, now))
        .withPlace(either("its place", taken.place(), copy.place(), now.place()))
        .withScale(either("its scale", taken.scale(), copy.scale(), now.scale()));
  }

  /** What a copy as a whole has of its original: where it lies and how large is its own. */
  GroupPiece whole(GroupPiece taken, GroupPiece copy, GroupPiece now) {
    return copy.withLook(look(taken.look(), copy.look(), now.look()))
        .withFinishing(
            either(
                "what its finishes go round", taken.finishing(), copy.finishing(), now.finishing()))
        .withSlots(either("what rows fill in", taken.slots(), copy.slots(), now.slots()));
  }

  private Look look(Look taken, Look copy, Look now) {
    Look finished = either("its finishes", finishes(taken), finishes(copy), finishes(now));
    return finished
        .withFaceOpacity(
            either("its face opacity", taken.faceOpacity(), copy.faceOpacity(), now.faceOpacity()))
        .withOverallOpacity(
            either(
                "its opacity", taken.overallOpacity(), copy.overallOpacity(), now.overallOpacity()))
        .withPunch(either("whether it cuts", taken.punch(), copy.punch(), now.punch()));
  }

  /** A look by its finishes alone, and what they follow. */
  private static Look finishes(Look look) {
    return Look.PLAIN.withFinishes(look.finishes()).following(look.follows());
  }

  private record Size(double width, double height) {}

  private record Shown(String picture, int page) {}
}
