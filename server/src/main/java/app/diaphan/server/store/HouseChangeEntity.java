package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

/** A change of a house that touched something, kept so that it can be taken back. */
@Entity
@Table(name = "house_change")
public class HouseChangeEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long houseId;

  /** Of the package that went over to the house; nothing for a change of the house itself. */
  private Long packageId;

  private String said;
  @Lob private String document;
  private boolean undone;
  private Instant madeAt;

  protected HouseChangeEntity() {}

  public HouseChangeEntity(
      Long houseId, Optional<Long> packageId, String said, String document, Instant madeAt) {
    this.houseId = houseId;
    this.packageId = packageId.orElse(null);
    this.said = said;
    this.document = document;
    this.madeAt = madeAt;
  }

  public Long id() {
    return id;
  }

  public Long houseId() {
    return houseId;
  }

  public Optional<Long> packageId() {
    return Optional.ofNullable(packageId);
  }

  /** What was changed, in words. */
  public String said() {
    return said;
  }

  /** As JSON. */
  public String document() {
    return document;
  }

  public Instant madeAt() {
    return madeAt;
  }

  public void undone() {
    undone = true;
  }

  public void redone(String now) {
    undone = false;
    document = now;
  }
}
