package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** One still of a backdrop clip. Overlays are judged over it; it is never part of one. */
@Entity
@Table(name = "still")
public class StillEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String clip;
  private int position;
  @Lob private byte[] content;

  protected StillEntity() {}

  public StillEntity(Long packageId, String clip, int position, byte[] content) {
    this.packageId = packageId;
    this.clip = clip;
    this.position = position;
    this.content = content;
  }

  public Long id() {
    return id;
  }

  public String clip() {
    return clip;
  }

  public int position() {
    return position;
  }

  public byte[] content() {
    return content;
  }
}
