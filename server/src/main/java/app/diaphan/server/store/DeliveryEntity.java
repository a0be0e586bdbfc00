package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

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
  private Instant startedAt;
  private Instant endedAt;

  protected DeliveryEntity() {}

  public DeliveryEntity(
      OverlayEntity overlay, String target, String fileName, String path, Instant startedAt) {
    overlayId = overlay.id();
    packageId = overlay.packageId();
    overlayName = overlay.name();
    revision = overlay.revision();
    this.target = target;
    this.fileName = fileName;
    this.path = path;
    this.startedAt = startedAt;
    state = State.RUNNING;
    sentence = "Being written.";
  }

  public void done(String inWords, String digest, String reportJson, Instant at) {
    state = State.DONE;
    sentence = inWords;
    sha256 = digest;
    report = reportJson;
    endedAt = at;
  }

  public void failed(String reason, Instant at) {
    state = State.FAILED;
    sentence = reason.length() > 2000 ? reason.substring(0, 2000) : reason;
    endedAt = at;
  }

  public Long id() {
    return id;
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
