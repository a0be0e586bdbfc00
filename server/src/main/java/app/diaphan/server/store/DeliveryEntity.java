package app.diaphan.server.store;

import app.diaphan.core.Names;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.FileEnd;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;

/** One file that was delivered, is being delivered or could not be. */
@Entity
@Table(name = "delivery")
public class DeliveryEntity {
  /** How far a delivery is. */
  public enum State {
    RUNNING,
    DONE,
    FAILED,
    /** The overlay was deleted before its turn came. */
    SKIPPED,
    /** The run or the process ended while it was being written. */
    BROKEN_OFF;

    /** Nothing as long as it is being written. */
    public Optional<FileEnd> end() {
      return switch (this) {
        case RUNNING -> Optional.empty();
        case DONE -> Optional.of(FileEnd.DELIVERED);
        case FAILED -> Optional.of(FileEnd.FAILED);
        case SKIPPED -> Optional.of(FileEnd.SKIPPED);
        case BROKEN_OFF -> Optional.of(FileEnd.BROKEN_OFF);
      };
    }
  }

  private static final int LONGEST_KEY = 200;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long overlayId;
  private Long packageId;

  /** Nothing for a delivery made before there were runs. */
  private Long runId;

  /** Of the overlay at its target within the run; files of one share it. */
  private int runPlace;

  private String targetName;

  /** A digest of all that decides the file. */
  private String madeFrom;

  /** Nothing for an overlay as it is. */
  private Long rosterRowId;

  private String rowKey;

  private String overlayName;
  private int revision;
  @Lob private String target;
  private String fileName;
  private String path;

  @Enumerated(EnumType.STRING)
  private State state;

  private String sentence;
  private String sha256;
  @Lob private String report;
  private String sideFile;

  /** What others are recognised by as this file; there once it was asked for. */
  @Lob
  @Column(name = "picture_look")
  private byte[] likeness;

  private int placeLeft;
  private int placeTop;

  private Instant startedAt;
  private Instant endedAt;

  protected DeliveryEntity() {}

  /**
   * @param runPlace within the run; all files of an overlay at a target share it
   * @param madeFrom a digest of all that decides the file
   */
  public DeliveryEntity(
      DeliveryRun run,
      int runPlace,
      OverlayEntity overlay,
      String targetName,
      String target,
      String madeFrom,
      String fileName,
      String path,
      Instant startedAt) {
    runId = run.id();
    this.runPlace = runPlace;
    overlayId = overlay.id();
    packageId = overlay.packageId();
    overlayName = overlay.name();
    revision = overlay.revision();
    this.targetName = targetName;
    this.target = target;
    this.madeFrom = madeFrom;
    this.fileName = fileName;
    this.path = path;
    this.startedAt = startedAt;
    state = State.RUNNING;
    sentence = "Being written.";
  }

  /** The file may have got another name than was planned. */
  public void done(Delivered delivered, String reportJson, Instant at) {
    state = State.DONE;
    fileName = delivered.file().getFileName().toString();
    path = delivered.file().toString();
    placeLeft = delivered.left();
    placeTop = delivered.top();
    sentence = delivered.inWords();
    sha256 = delivered.report().sha256();
    report = reportJson;
    sideFile = delivered.sideFile().map(Path::toString).orElse(null);
    endedAt = at;
  }

  /** The file that says where this one lies; nothing if there is none. */
  public Optional<String> sideFile() {
    return Optional.ofNullable(sideFile);
  }

  public int runPlace() {
    return runPlace;
  }

  /**
   * @param how FAILED, SKIPPED or BROKEN_OFF
   */
  public void ended(State how, String reason, Instant at) {
    state = how;
    sentence = Names.shortened(reason, 2000);
    endedAt = at;
  }

  /**
   * The overlay was filled with a row of a roster.
   *
   * @param key by which people know the row
   */
  public void ofRow(Long row, String key) {
    rosterRowId = row;
    rowKey = Names.shortened(key, LONGEST_KEY);
  }

  /** The overlay it was made from is no longer there. */
  public void overlayIsGone() {
    overlayId = null;
  }

  public void keepLikeness(byte[] made) {
    likeness = made;
  }

  public Long id() {
    return id;
  }

  /** Nothing for an overlay as it is, and once the row was deleted. */
  public Optional<Long> rosterRowId() {
    return Optional.ofNullable(rosterRowId);
  }

  /** Empty for an overlay as it is. */
  public String rowKey() {
    return rowKey == null ? "" : rowKey;
  }

  /** Nothing once the overlay was deleted. */
  public Optional<Long> overlayId() {
    return Optional.ofNullable(overlayId);
  }

  public Long packageId() {
    return packageId;
  }

  public Optional<Long> runId() {
    return Optional.ofNullable(runId);
  }

  /** Empty for a delivery made before targets had names. */
  public String targetName() {
    return targetName == null ? "" : targetName;
  }

  public Optional<String> madeFrom() {
    return Optional.ofNullable(madeFrom);
  }

  /** Digest of the file, in hex; nothing until it is done. */
  public Optional<String> sha256() {
    return Optional.ofNullable(sha256);
  }

  public Optional<byte[]> likeness() {
    return Optional.ofNullable(likeness);
  }

  public int revision() {
    return revision;
  }

  public String overlayName() {
    return overlayName;
  }

  public String target() {
    return target;
  }

  public String fileName() {
    return fileName;
  }

  public String path() {
    return path;
  }

  public State state() {
    return state;
  }

  /** Where the file lies on its frame, in pixels. */
  public int placeLeft() {
    return placeLeft;
  }

  public int placeTop() {
    return placeTop;
  }

  public String sentence() {
    return sentence;
  }

  public String report() {
    return report;
  }

  public Instant startedAt() {
    return startedAt;
  }
}
