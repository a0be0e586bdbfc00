package app.diaphan.server.bundle;

import app.diaphan.core.Require;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueClip;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.Fit;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.move.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A cue list of a bundle. Its stills are known by what the bundle calls them.
 *
 * @param readingSpeed in characters a second
 */
public record CueFile(
    String name, CueClip clip, double readingSpeed, List<Marker> markers, List<CueOfFile> cues) {

  /**
   * A still of a cue.
   *
   * @param overlay name of its file
   * @param roster name; empty for an overlay as it is
   * @param row of the roster's table, from 1; 0 for an overlay as it is
   */
  public record Still(String overlay, String roster, int row, String target) {
    public Still {
      Require.present(overlay, "The overlay of a cue");
      Require.present(roster, "The roster of a cue");
      Require.present(target, "The target of a cue");
    }
  }

  /** A cue as {@link Cue} has it. */
  public record CueOfFile(
      Still still,
      long from,
      long length,
      int lane,
      Move coming,
      Move going,
      double scroll,
      Fit fit) {}

  public CueFile {
    Require.present(markers, "The markers of a cue list");
    Require.present(cues, "The cues of a cue list");
    markers = List.copyOf(markers);
    cues = List.copyOf(cues);
    list(
        cues,
        still -> Optional.of(new StillId(1, still.row(), still.target())),
        name,
        clip,
        readingSpeed,
        markers); // So that a file that cannot be a list is refused when it is read.
  }

  /**
   * @param known what the bundle calls a still; a cue of one that it does not have is left out
   */
  public static CueFile of(CueList list, Function<StillId, Optional<Still>> known) {
    List<CueOfFile> cues = new ArrayList<>();
    for (Cue cue : list.cues()) {
      known
          .apply(cue.still())
          .ifPresent(
              still ->
                  cues.add(
                      new CueOfFile(
                          still,
                          cue.from(),
                          cue.length(),
                          cue.lane(),
                          cue.coming(),
                          cue.going(),
                          cue.scroll(),
                          cue.fit())));
    }
    return new CueFile(list.name(), list.clip(), list.readingSpeed(), list.markers(), cues);
  }

  /**
   * @param known the id of a still; a cue of one that is not there is left out
   */
  public CueList list(Function<Still, Optional<StillId>> known) {
    return list(cues, known, name, clip, readingSpeed, markers);
  }

  private static CueList list(
      List<CueOfFile> cues,
      Function<Still, Optional<StillId>> known,
      String name,
      CueClip clip,
      double readingSpeed,
      List<Marker> markers) {
    List<Cue> own = new ArrayList<>();
    for (CueOfFile cue : cues) {
      known
          .apply(cue.still())
          .ifPresent(
              still ->
                  own.add(
                      new Cue(
                          own.size() + 1,
                          still,
                          cue.from(),
                          cue.length(),
                          cue.lane(),
                          cue.coming(),
                          cue.going(),
                          cue.scroll(),
                          cue.fit())));
    }
    return new CueList(name, clip, readingSpeed, markers, own);
  }
}
