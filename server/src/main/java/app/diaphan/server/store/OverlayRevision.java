package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;
import java.util.Optional;

/** An overlay as it was at one save. */
@Entity
public class OverlayRevision {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long overlayId;
  private int number;
  @Lob private String document;
  private Instant savedAt;

  /** Given by the designer to find it again; mostly none. */
  private String name;

  protected OverlayRevision() {}

  public OverlayRevision(Long overlayId, int number, String document, Instant savedAt) {
    this.overlayId = overlayId;
    this.number = number;
    this.document = document;
    this.savedAt = savedAt;
  }

  public int number() {
    return number;
  }

  public String document() {
    return document;
  }

  public Instant savedAt() {
    return savedAt;
  }

  public Optional<String> name() {
    return Optional.ofNullable(name);
  }

  /** An empty name takes the name away. */
  public void rename(String given) {
    name = given.isBlank() ? null : given.strip();
  }
}
