package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;

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
}
