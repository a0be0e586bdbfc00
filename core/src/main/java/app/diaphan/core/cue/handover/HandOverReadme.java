package app.diaphan.core.cue.handover;

import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueClip;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.Fit;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.time.TimeBase;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;

/** What a hand-over says of itself, in plain words for whoever edits the video. */
final class HandOverReadme {
  private HandOverReadme() {}

  static String of(
      CueList list,
      Function<StillId, HandedStill> stills,
      Collection<String> timeLines,
      List<String> notes) {
    CueClip clip = list.clip();
    TimeBase base = clip.base();
    List<String> lines = new ArrayList<>();
    lines.add(list.name());
    lines.add("");
    lines.add(
        Sentence.of(
            "%d %s on %d %s, for a video of %d × %d at %s,",
            list.cues().size(),
            list.cues().size() == 1 ? "cue" : "cues",
            list.lanes().size(),
            list.lanes().size() == 1 ? "lane" : "lanes",
            clip.width(),
            clip.height(),
            base.inWords()));
    lines.add(
        Sentence.of(
            "whose first picture is %s%s.",
            base.timecode(clip.start()),
            clip.name().isEmpty() ? "" : " (\"" + clip.name() + "\")"));
    lines.add("");
    lines.add("stills/            the pictures, with alpha: lay them over the video");
    lines.add("contact-sheet.pdf  every cue's picture with its times, to look at or print");
    for (String name : timeLines) {
      lines.add(Sentence.of("%-18s %s", name, kind(name)));
    }
    lines.add("");
    lines.add("How to begin: keep this folder as it is and open cues.otio, if your program reads");
    lines.add(
        "OpenTimelineIO. Links to the stills are relative to the folder. Else open cues.edl: it");
    lines.add(
        "is one video track; its sources are named in the comments, fades are dissolves from and");
    lines.add("to black. Lay that track over the video by the alpha of the stills.");
    lines.add("");
    lines.add(
        "A cue is seen from its in time up to, but without, its out time. A fade of 12 shows 12");
    lines.add("pictures on its way, the first one a thirteenth solid.");
    List<String> told = told(list, stills);
    if (!told.isEmpty()) {
      lines.add("");
      lines.add("Edit lists have no word for these; set them by hand:");
      lines.addAll(told);
    }
    if (!notes.isEmpty()) {
      lines.add("");
      lines.add("What you may wonder at:");
      notes.forEach(note -> lines.add("- " + note));
    }
    lines.add("");
    lines.add("Cues");
    lines.add("");
    for (Cue cue : list.cues()) {
      lines.add(
          Sentence.of(
              "%s  %s  lane %d  %s  (%s)",
              base.timecode(cue.from()),
              base.timecode(cue.end()),
              cue.lane(),
              stills.apply(cue.still()).label(),
              stills.apply(cue.still()).path()));
    }
    return String.join("\r\n", lines) + "\r\n";
  }

  private static List<String> told(CueList list, Function<StillId, HandedStill> stills) {
    List<String> told = new ArrayList<>();
    for (Cue cue : list.cues()) {
      List<String> parts = new ArrayList<>();
      if (CutListWriter.told(cue.coming())) {
        parts.add("comes by " + cue.coming().words(true));
      }
      if (CutListWriter.told(cue.going())) {
        parts.add("goes by " + cue.going().words(false));
      }
      if (cue.scrolls()) {
        parts.add(Sentence.of("scrolls upward at %s lines a second", cue.scroll()));
      }
      if (cue.fit() == Fit.FILL) {
        parts.add("is scaled to the clip");
      }
      if (!parts.isEmpty()) {
        told.add(
            Sentence.of(
                "- %s %s: %s",
                list.clip().base().timecode(cue.from()),
                stills.apply(cue.still()).label(),
                String.join(", ", parts)));
      }
    }
    return told;
  }

  private static String kind(String name) {
    if (name.endsWith(".otio")) {
      return "the time line as OpenTimelineIO";
    }
    if (name.endsWith(".edl")) {
      return "the same as an edit list (CMX 3600)"
          + (name.contains("-lane-") ? ", of a lane above" : "");
    }
    if (name.endsWith(".csv")) {
      return "the same as a table";
    }
    return name.endsWith(".vtt")
        ? "the names at their times as WebVTT"
        : "the names at their times as SubRip";
  }
}
