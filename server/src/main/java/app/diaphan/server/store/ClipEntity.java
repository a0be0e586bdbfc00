package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** The moving picture that a backdrop's stills come from, as a WebM file. */
@Entity
@Table(name = "clip")
public class ClipEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String name;
  @Lob private byte[] content;

  protected ClipEntity() {}

  public ClipEntity(Long packageId, String name, byte[] content) {
    this.packageId = packageId;
    this.name = name;
    this.content = content;
  }

  public Long id() {
    return id;
  }

  /** That of the stills' clip. */
  public String name() {
    return name;
  }

  public byte[] content() {
    return content;
  }
}
