package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;
import java.util.Optional;
import org.hibernate.annotations.SQLRestriction;

/** The graphics package of one programme. */
@Entity
@SQLRestriction("deleted_at is null")
public class GraphicsPackage {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  /** Nothing for a package that follows none. */
  private Long houseId;

  /** As JSON; nothing until they differ from what a package starts with. */
  @Lob private String targets;

  /** Kinds of checks, with commas between; nothing for none. */
  private String checksLeftOut;

  /** A chosen folder; nothing for the package's own. */
  private String deliveredTo;

  private Instant createdAt;

  /** Nothing for all that is there. */
  private Instant deletedAt;

  protected GraphicsPackage() {}

  public GraphicsPackage(String name, Instant createdAt) {
    this.name = name;
    this.createdAt = createdAt;
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  public void rename(String other) {
    name = other;
  }

  /** The house that it follows. */
  public Optional<Long> houseId() {
    return Optional.ofNullable(houseId);
  }

  public void follow(Optional<Long> house) {
    houseId = house.orElse(null);
  }

  public Optional<String> targets() {
    return Optional.ofNullable(targets);
  }

  public void keepTargets(String document) {
    targets = document;
  }

  public Optional<String> checksLeftOut() {
    return Optional.ofNullable(checksLeftOut);
  }

  public void leaveOutChecks(String kinds) {
    checksLeftOut = kinds;
  }

  public Optional<String> deliveredTo() {
    return Optional.ofNullable(deliveredTo).filter(folder -> !folder.isEmpty());
  }

  public void deliverTo(String folder) {
    deliveredTo = folder;
  }
}
