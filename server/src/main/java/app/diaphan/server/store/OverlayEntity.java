package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.SQLRestriction;

/** An overlay as it was last saved. The revision rises by one with every save. */
@Entity
@Table(name = "overlay")
@SQLRestriction("deleted_at is null")
public class OverlayEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String name;
  @Lob private String document;
  @Version private int revision = 1;
  private Instant savedAt;

  /** Nothing for all that is there. */
  private Instant deletedAt;

  protected OverlayEntity() {}

  public OverlayEntity(Long packageId, String name, String document, Instant savedAt) {
    this.packageId = packageId;
    this.name = name;
    this.document = document;
    this.savedAt = savedAt;
  }

  public void save(String newName, String newDocument, Instant at) {
    name = newName;
    document = newDocument;
    savedAt = at;
  }

  public Long id() {
    return id;
  }

  public Long packageId() {
    return packageId;
  }

  public String name() {
    return name;
  }

  public String document() {
    return document;
  }

  public int revision() {
    return revision;
  }

  public Instant savedAt() {
    return savedAt;
  }
}
