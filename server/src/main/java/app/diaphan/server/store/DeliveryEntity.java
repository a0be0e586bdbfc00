package app.diaphan.server.store;

import app.diaphan.core.deliver.Delivered;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
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
    FAILED
  }

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

  /** A look at the file that others are recognised by; there once it was asked for. */
  @Lob private byte[] pictureLook;

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
    endedAt = at;
  }

  public void failed(String reason, Instant at) {
    state = State.FAILED;
    sentence = reason.length() > 2000 ? reason.substring(0, 2000) : reason;
    endedAt = at;
  }

  public void keepLook(byte[] look) {
    pictureLook = look;
  }

  public Long id() {
    return id;
  }

  public Long overlayId() {
    return overlayId;
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

  public Optional<byte[]> pictureLook() {
    return Optional.ofNullable(pictureLook);
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
