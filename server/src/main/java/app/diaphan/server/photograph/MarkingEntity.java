package app.diaphan.server.photograph;

import app.diaphan.server.json.DocumentJson;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** How a package's photographs are marked, kept with the package. */
@Entity
@Table(name = "photograph_marking")
public class MarkingEntity {
  @Id private Long packageId;
  @Lob private String document;

  protected MarkingEntity() {}

  MarkingEntity(Long packageId, MarkSettings settings) {
    this.packageId = packageId;
    document = DocumentJson.writeKept(settings);
  }

  MarkSettings settings() {
    return DocumentJson.read(document, MarkSettings.class, "How photographs are marked");
  }
}
