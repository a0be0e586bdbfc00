package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;
import java.util.Optional;

/** The graphics package of one programme. */
@Entity
public class GraphicsPackage {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  /** As JSON; nothing for a package made before there was a house style. */
  @Lob private String house;

  private Instant createdAt;

  protected GraphicsPackage() {}

  public GraphicsPackage(String name, Instant createdAt) {
    this.name = name;
    this.createdAt = createdAt;
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  public Optional<String> house() {
    return Optional.ofNullable(house);
  }

  public void keepHouse(String document) {
    house = document;
  }
}
