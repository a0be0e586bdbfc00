package app.diaphan.server.store;

import app.diaphan.core.house.House;
import app.diaphan.server.json.DocumentJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** A brand, which packages follow. */
@Entity
@Table(name = "house")
public class HouseEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  @Lob private String document;
  private int revision;

  protected HouseEntity() {}

  public HouseEntity(House house) {
    keep(house);
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  /** How often it was changed. */
  public int revision() {
    return revision;
  }

  public House house() {
    return DocumentJson.read(document, House.class, "The saved house \"" + name + "\"")
        .withName(name);
  }

  public void keep(House house) {
    name = house.name();
    document = DocumentJson.writeKept(house);
    revision++;
  }
}
