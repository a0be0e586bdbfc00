package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** The graphics package of one programme. */
@Entity
public class GraphicsPackage {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
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
}
