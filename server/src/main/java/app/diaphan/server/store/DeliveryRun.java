package app.diaphan.server.store;

import app.diaphan.core.deliver.RunEnd;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

/** Overlays that were delivered to targets in one go. */
@Entity
@Table(name = "delivery_run")
public class DeliveryRun {
  /** How far a run is. */
  public enum State {
    RUNNING,
    DONE,
    /** The designer called it off, or the process ended. */
    STOPPED
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;

  @Enumerated(EnumType.STRING)
  private State state;

  /** Nothing for a run of overlays as they are. */
  private Long rosterId;

  private int planned;
  private int delivered;
  private int failed;
  private int skipped;
  private int brokenOff;
  private String sentence;
  private Instant startedAt;
  private Instant endedAt;

  protected DeliveryRun() {}

  /**
   * @param planned how many overlays at how many targets, all counted
   */
  public DeliveryRun(Long packageId, int planned, Instant startedAt) {
    this.packageId = packageId;
    this.planned = planned;
    this.startedAt = startedAt;
    state = State.RUNNING;
    sentence = "Being delivered.";
  }

  /**
   * @param why what is said before the counts, a whole sentence; empty for nothing
   */
  public void ended(State how, RunEnd end, String why, Instant at) {
    state = how;
    delivered = end.delivered();
    failed = end.failed();
    skipped = end.skipped();
    brokenOff = end.brokenOff();
    sentence = why.isEmpty() ? end.inWords() : why + " " + end.inWords();
    endedAt = at;
  }

  public void ofRoster(Long roster) {
    rosterId = roster;
  }

  /** Nothing for a run of overlays as they are, and once the roster was deleted. */
  public Optional<Long> rosterId() {
    return Optional.ofNullable(rosterId);
  }

  /** Nothing is counted while it is running. */
  public RunEnd end() {
    return new RunEnd(delivered, failed, skipped, brokenOff);
  }

  public Long id() {
    return id;
  }

  public Long packageId() {
    return packageId;
  }

  public State state() {
    return state;
  }

  public int planned() {
    return planned;
  }

  public String sentence() {
    return sentence;
  }

  public Instant startedAt() {
    return startedAt;
  }
}
