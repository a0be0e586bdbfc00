package app.diaphan.server.store;

import jakarta.persistence.Basic;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** A picture of a package, as it was given. */
@Entity
@Table(name = "picture")
public class PictureEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String name;
  private String format;
  private int width;
  private int height;
  private String sha256;

  @Lob
  @Basic(fetch = FetchType.LAZY)
  private byte[] content;

  protected PictureEntity() {}

  public PictureEntity(
      Long packageId,
      String name,
      String format,
      int width,
      int height,
      String sha256,
      byte[] content) {
    this.packageId = packageId;
    this.name = name;
    this.format = format;
    this.width = width;
    this.height = height;
    this.sha256 = sha256;
    this.content = content;
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  public String format() {
    return format;
  }

  public int width() {
    return width;
  }

  public int height() {
    return height;
  }

  public String sha256() {
    return sha256;
  }

  public byte[] content() {
    return content;
  }
}
