package app.diaphan.server.cue;

import app.diaphan.core.cue.CueList;
import app.diaphan.server.json.DocumentJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A cue list of a package. Its stills are known by the ids of overlays and of rows. */
@Entity
@Table(name = "cue_list")
public class CueListEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String name;
  @Lob private String document;
  @Version private int revision = 1;

  protected CueListEntity() {}

  CueListEntity(Long packageId, CueList list) {
    this.packageId = packageId;
    keep(list);
  }

  final void keep(CueList list) {
    name = list.name();
    document = DocumentJson.writeKept(list);
  }

  public CueList list() {
    return DocumentJson.read(document, CueList.class, "The saved cue list \"" + name + "\"");
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

  public int revision() {
    return revision;
  }
}
