package app.diaphan.server.cue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.CueStill;
import app.diaphan.core.cue.Dealing;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.handover.HandOver;
import app.diaphan.core.cue.handover.HandOverFolder;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.marker.MarkerSheet;
import app.diaphan.core.deliver.FileName;
import app.diaphan.server.deliver.DeliveryFolder;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** What is done with whole cue lists: dealing, delivering what they show, handing over. */
@Service
public class CueWork {
  private final CueStills stills;
  private final RosterStore rosters;
  private final DeliveryService deliveries;
  private final DeliveryFolder folders;
  private final DrawingService drawings;

  CueWork(
      CueStills stills,
      RosterStore rosters,
      DeliveryService deliveries,
      DeliveryFolder folders,
      DrawingService drawings) {
    this.stills = stills;
    this.rosters = rosters;
    this.deliveries = deliveries;
    this.folders = folders;
    this.drawings = drawings;
  }

  /** Where the times come from that stills are dealt to. */
  public enum Times {
    MARKERS,
    /** The roster's own columns, such as "in" and "length". */
    COLUMNS
  }

  /**
   * @param roster 0 for the overlay as it is
   * @param inPlace whether what is on the lane already makes way
   */
  public record Deal(
      long overlay, long roster, String target, Times times, Dealing dealing, boolean inPlace) {}

  /** What would come of dealing. */
  public record Proposed(CueList list, List<String> notes) {}

  /**
   * @throws InvalidInput if there are no times to deal to
   */
  public Proposed deal(CueList list, Deal deal) {
    List<Dealing.Card> cards = stills.cards(deal.overlay(), deal.roster(), deal.target());
    List<Marker> markers = list.markers();
    List<String> notes = new ArrayList<>();
    if (deal.times() == Times.COLUMNS) {
      List<Timed> timed = timed(list, deal, cards, notes);
      cards = timed.stream().map(Timed::card).toList();
      markers = timed.stream().map(Timed::marker).toList();
    } else if (markers.isEmpty()) {
      throw new InvalidInput("The list has no markers to deal stills to; read some from a file.");
    }
    Dealing.Dealt dealt = deal.dealing().deal(cards, markers, list.clip(), list.nextId());
    notes.addAll(dealt.notes());
    List<Cue> cues = new ArrayList<>();
    for (Cue cue : list.cues()) {
      if (!deal.inPlace() || cue.lane() != deal.dealing().lane()) {
        cues.add(cue);
      }
    }
    cues.addAll(dealt.cues());
    return new Proposed(list.withCues(cues), notes);
  }

  private record Timed(Dealing.Card card, Marker marker) {}

  private List<Timed> timed(CueList list, Deal deal, List<Dealing.Card> cards, List<String> notes) {
    if (deal.roster() == 0) {
      throw new InvalidInput("Times in columns are a roster's; choose one.");
    }
    RosterEntity roster = rosters.get(deal.roster());
    List<RosterRowEntity> rows =
        rosters.rowsOf(deal.roster()).stream().filter(row -> !row.row().leftOut()).toList();
    List<Optional<Marker>> times =
        MarkerSheet.ofRows(
            roster.roster().columns(),
            rows.stream().map(row -> row.row().cells()).toList(),
            list.clip().base(),
            list.clip().start());
    List<Timed> timed = new ArrayList<>();
    for (int i = 0; i < cards.size(); i++) {
      if (times.get(i).isPresent()) {
        timed.add(new Timed(cards.get(i), times.get(i).get()));
      }
    }
    if (timed.isEmpty()) {
      throw new InvalidInput("No row of the roster says when.");
    }
    if (timed.size() < cards.size()) {
      notes.add(Sentence.of("Rows that say no time: %d.", cards.size() - timed.size()));
    }
    timed.sort(Comparator.comparingLong(one -> one.marker().at()));
    return timed;
  }

  /**
   * Starts delivering what a list shows and is not there as it is now.
   *
   * @return ids of runs
   * @throws InvalidInput if all is there
   */
  public List<Long> deliver(Long packageId, CueList list) {
    Set<StillId> wanted = new HashSet<>();
    stills
        .of(packageId, list)
        .forEach(
            (id, known) -> {
              CueStill.Standing standing = known.still().standing();
              if (standing != CueStill.Standing.DELIVERED && standing != CueStill.Standing.GONE) {
                wanted.add(id);
              }
            });
    if (wanted.isEmpty()) {
      throw new InvalidInput("Everything that the list shows is delivered as it is now.");
    }
    List<Long> runs = new ArrayList<>();
    for (RosterEntity roster : rosters.of(packageId)) {
      Set<Long> own = new HashSet<>();
      rosters.rowsOf(roster.id()).forEach(row -> own.add(row.id()));
      if (wanted.stream().anyMatch(id -> own.contains(id.row()))) {
        runs.add(
            deliveries
                .startRows(
                    roster,
                    (overlay, row, target) -> wanted.contains(new StillId(overlay, row, target)))
                .id());
      }
    }
    Map<String, List<Long>> overlays = new HashMap<>();
    wanted.stream()
        .filter(id -> id.row() == 0)
        .forEach(
            id ->
                overlays
                    .computeIfAbsent(id.target(), target -> new ArrayList<>())
                    .add(id.overlay()));
    overlays.forEach(
        (target, ids) ->
            runs.add(
                deliveries
                    .start(packageId, new DeliveryService.Order(ids, List.of(target), true))
                    .id()));
    return runs;
  }

  /** Everything for the editor; the time lines are written and read back. */
  public HandOver handOver(Long packageId, CueList list) {
    Map<StillId, CueStill> known = new HashMap<>();
    Map<StillId, HandOver.Still> files = new HashMap<>();
    stills
        .of(packageId, list)
        .forEach(
            (id, one) -> {
              known.put(id, one.still());
              if (one.still().there()) {
                files.put(id, one.handed());
              }
            });
    return new HandOver(list, known, files);
  }

  /** Where a list is handed over if nothing else is wanted: beside the package's files. */
  public Path folder(Long packageId, CueList list, String wanted) {
    Path folder = wanted.isBlank() ? folders.of(packageId) : folders.usable(wanted);
    return folder.resolve(FileName.from(list.name()));
  }

  /**
   * @param others stills of earlier hand-overs that no cue names
   */
  public record HandedOver(String folder, int files, List<String> notes, List<String> others) {}

  /**
   * @param wanted a whole path on this computer; empty for the package's own folder
   */
  public HandedOver handOver(Long packageId, CueList list, String wanted) {
    HandOver handOver = handOver(packageId, list);
    Path folder = folder(packageId, list, wanted);
    List<String> others = HandOverFolder.write(handOver, folder, drawings.rendererFor(packageId));
    return new HandedOver(folder.toString(), handOver.names().size(), handOver.notes(), others);
  }

  /** Writes the same into a zip file or the like. */
  public void handOver(Long packageId, HandOver handOver, HandOver.Destination destination)
      throws IOException {
    handOver.to(destination, drawings.rendererFor(packageId));
  }
}
