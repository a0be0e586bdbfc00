package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.util.Optional;

/** A picture of a package; its bytes are a {@link PictureContent}. */
@Entity
@Table(name = "picture")
public class PictureEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String name;
  private String format;
  private double width;
  private double height;
  private String sha256;

  /** The name of the house's mark or texture; empty for none. */
  private String follows;

  @Lob private String facts;

  protected PictureEntity() {}

  PictureEntity(Long packageId, String name) {
    this.packageId = packageId;
    this.name = name;
    follows = "";
  }

  /** The mark or texture of the house that it is always that of; empty for none. */
  public String follows() {
    return follows;
  }

  void follow(String other) {
    follows = other;
  }

  /**
   * @param facts a {@link PictureFacts} as JSON
   */
  void show(String format, double width, double height, String sha256, String facts) {
    this.format = format;
    this.width = width;
    this.height = height;
    this.sha256 = sha256;
    this.facts = facts;
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

  public String format() {
    return format;
  }

  public double width() {
    return width;
  }

  public double height() {
    return height;
  }

  public String sha256() {
    return sha256;
  }

  /** As JSON; nothing for a picture taken in by an older version. */
  Optional<String> facts() {
    return Optional.ofNullable(facts);
  }
}
