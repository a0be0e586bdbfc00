package app.diaphan.server.store;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.json.DocumentJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** An overlay kept as a beginning for others, as it was when it was kept. */
@Entity
@Table(name = "starter")
public class StarterEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String name;
  @Lob private String document;

  protected StarterEntity() {}

  StarterEntity(Long packageId, String name, String document) {
    this.packageId = packageId;
    this.name = name;
    this.document = document;
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

  Overlay overlay() {
    return DocumentJson.read(document, Overlay.class, "The starter \"" + name + "\"");
  }
}
