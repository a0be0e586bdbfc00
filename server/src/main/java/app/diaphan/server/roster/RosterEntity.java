package app.diaphan.server.roster;

import app.diaphan.core.roster.Roster;
import app.diaphan.server.json.DocumentJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A roster of a package; its rows are {@link RosterRowEntity}s. */
@Entity
@Table(name = "roster")
public class RosterEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String name;
  @Lob private String document;
  @Version private int revision = 1;

  protected RosterEntity() {}

  RosterEntity(Long packageId, Roster roster) {
    this.packageId = packageId;
    keep(roster);
  }

  final void keep(Roster roster) {
    name = roster.name();
    document = DocumentJson.writeKept(roster);
  }

  /** It knows its overlays by their ids. */
  public Roster roster() {
    return DocumentJson.read(document, Roster.class, "The saved roster \"" + name + "\"");
  }

  public Long id() {
    return id;
  }

  public Long packageId() {
    return packageId;
  }

  public int revision() {
    return revision;
  }
}
