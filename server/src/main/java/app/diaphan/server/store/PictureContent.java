package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** The bytes of a picture file, kept once for all pictures that have them. */
@Entity
@Table(name = "picture_content")
public class PictureContent {
  @Id private String sha256;

  @Lob private byte[] content;

  protected PictureContent() {}

  PictureContent(String sha256, byte[] content) {
    this.sha256 = sha256;
    this.content = content;
  }

  public byte[] content() {
    return content;
  }
}
